import {
  CAUTIONS,
  comesBefore,
  FACE_WORDS,
  finishOf,
  inFinishOrder,
  finishNamed,
  FINISHES,
} from '../../finish/index.ts';
import { materialOf } from '../../pastes/index.ts';
import { given, ok } from '../../quantity/index.ts';
import { boardFor, num, PASTE, ROOM } from '../fields.ts';
import type { SmallAnswer, SmallQuestion } from '../types.ts';

const OPTIONS = inFinishOrder(FINISHES.map((technique) => ({ technique }))).map(({ technique }) => ({
  value: technique.id,
  label: technique.name,
}));

/** The air over a face of a usual size, which rests at the humidity of its paste. */
function airOver(said: Readonly<Record<string, number | string>>) {
  const { firming } = materialOf(String(said.paste));
  const build = boardFor(said);
  return {
    temperature: num(said, 'warm'),
    humidity: num(said, 'damp') / 100,
    speed: build.room.air,
    across: num(said, 'across'),
    rests: firming.by === 'drying' ? firming.constants.balance : 0.9,
  };
}

export const askFinish: SmallQuestion = {
  id: 'finish',
  name: 'Dust, paint or glaze a face',
  asks: 'What does a finish take, and when may it be touched?',
  fields: [
    { key: 'technique', label: 'Finish', options: OPTIONS, usual: 'paint' },
    {
      key: 'amount',
      label: 'How much: cm², marks, or cm of line',
      kind: 'count',
      usual: 60,
      least: 1,
      most: 5000,
    },
    { key: 'coats', label: 'Coats', kind: 'count', usual: 1, least: 1, most: 6 },
    { key: 'across', label: 'The face, across', kind: 'length', usual: 40, least: 2, most: 300 },
    PASTE,
    ...ROOM,
  ],
  build: (said) => ok(boardFor(said)),
  answers: (_, said) => {
    const technique = finishNamed(String(said.technique));
    const { minutes, takes, waits } = finishOf(
      technique,
      num(said, 'amount'),
      Math.round(num(said, 'coats')),
      airOver(said),
    );
    const out: SmallAnswer[] = [{ says: 'of work', figure: minutes }];
    if (takes) out.push({ says: 'of it are used', figure: takes });
    if (waits)
      out.push(
        { says: 'until the next coat', figure: waits.next },
        { says: 'until it may be touched', figure: waits.touch },
        { says: 'until it may be lifted', figure: waits.lift },
      );
    else out.push({ says: 'to wait: nothing dries', figure: given('To wait', 0, 'min', 'common practice') });
    return out;
  },
  notes: (_, said) => {
    const technique = finishNamed(String(said.technique));
    const before = FINISHES.filter((t) => comesBefore(t, technique)).at(-1);
    const chocolate = materialOf(String(said.paste)).chocolate;
    return [
      `The face has to be ${FACE_WORDS[technique.asks]}. With ${technique.tool}.`,
      ...(technique.guard ? [technique.guard] : []),
      ...(before ? [`After any ${before.name}: ${comesBefore(before, technique)!}.`] : []),
      ...(chocolate && technique.film && technique.film.spirit < 0.3
        ? ['Water beads on chocolate: take spirit, oil or butter colours, or dust.']
        : []),
      ...(technique.parts ? ['Leave seats bare: glue does not hold on it.'] : []),
      ...(technique.closes ? ['What lies under it dries slower from then on.'] : []),
      ...(technique.caution ? [CAUTIONS[technique.caution]] : []),
    ];
  },
  makes: false,
};
