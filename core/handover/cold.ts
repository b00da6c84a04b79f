import { USUAL_WAY } from '../days/index.ts';
import { FILLINGS, materialOf } from '../pastes/index.ts';
import { given, reckon, total, type Minutes, type Reckoned } from '../quantity/index.ts';
import type { Build } from '../record/index.ts';
import { formBody } from '../solids/index.ts';

/** Something that warmth does harm to, for how long it is warm, and what to do about it. */
export interface ColdLine {
  readonly id: string;
  readonly what: string;
  /** As long as it is out of the cold. */
  readonly out: Reckoned<'min'>;
  /** As long as it may be, or as warm; absent where that hangs on the day. */
  readonly most: Reckoned | undefined;
  readonly verdict: 'holds' | 'tight' | 'fails';
  readonly says: string;
}

/**
 * Perishable food is out of the cold for two hours at the most before it goes back, and is eaten or thrown away after four.
 * Common practice of food hygiene, from memory; the law of the place and the recipe come first. Minutes.
 */
const BACK: Minutes = 120;
/** After so long it is thrown away, minutes; common practice of food hygiene, from memory. */
const AWAY: Minutes = 240;
/** From unloading until it is eaten, where nobody said, minutes. Estimate. */
const USUAL_STANDS: Minutes = 120;
/** This much cooler than where chocolate runs, °C, it is soft enough to lean. Estimate. */
const LEANS = 6;
/** Sugar that is carried from the cold into warm, damp air sweats from so many degrees of difference on. Estimate, °C. */
const SWEATS = 8;
/** A cooled car or box. Common practice, °C. */
const COOLED = 8;

/** What of the way is known, and what is taken where nobody said. */
export function wayOf({ handover, room }: Build): {
  readonly minutes: Reckoned<'min'>;
  readonly stands: Reckoned<'min'>;
  readonly air: number;
  readonly cooled: boolean;
} {
  const told = (name: string, x: number | undefined, usual: number) =>
    x === undefined ? given(name, usual, 'min', 'estimate') : given(name, x, 'min', 'yours');
  return {
    minutes: told('On the way', handover?.minutes, USUAL_WAY),
    stands: told('Stands until it is eaten', handover?.stands, USUAL_STANDS),
    air: handover?.air ?? room.temperature,
    cooled: handover?.cooled ?? false,
  };
}

/** Whether there is cake in a build, in the figure or under it. */
export const hasCake = (build: Build): boolean =>
  build.cake.tiers.length > 0 ||
  build.pieces.some((p) => {
    const body = formBody(p.form);
    return p.core === 'cake' && body.type === 'stack' && body.core !== undefined;
  });

/** Everything about a build that warmth harms. @param onSite minutes of fitting */
export function coldChain(build: Build, onSite: Minutes): ColdLine[] {
  const { minutes, stands, air, cooled } = wayOf(build);
  const fitting = given('Fitting it there', onSite, 'min');
  const out = total('Out of the cold', 'min', [...(cooled ? [] : [minutes]), fitting, stands]);
  const lines: ColdLine[] = [];
  if (hasCake(build)) {
    const { filling, coat } = build.cake;
    const names = [...new Set([FILLINGS[filling].name, FILLINGS[coat].name])].join(' and ');
    const verdict = out.value > AWAY ? 'fails' : out.value > BACK ? 'tight' : 'holds';
    lines.push({
      id: 'cake',
      what: `Cake with ${names}`,
      out,
      most: given('Out of the cold at the most', AWAY, 'min', 'common practice'),
      verdict,
      says:
        verdict === 'fails'
          ? 'It is out of the cold for longer than cake with cream may be: cool the way, or bring it later. The law of the place and your recipe come first.'
          : verdict === 'tight'
            ? 'It does not go back into the fridge after this: what is left over is thrown away. The law of the place and your recipe come first.'
            : 'It may go back into the fridge once, in a box. The law of the place and your recipe come first.',
    });
  }
  const runs = build.blends.flatMap((b) => {
    const { firming, name } = materialOf(b.base);
    return firming.by === 'cold' ? [{ name, at: firming.constants.melts }] : [];
  });
  const softest = runs.sort((a, b) => a.at - b.at)[0];
  if (softest) {
    const most = reckon(
      'Warmest it may get',
      '°C',
      'where it runs − so much before it leans',
      [
        given(`${softest.name} runs`, softest.at, '°C', 'estimate'),
        given('Leans already', LEANS, '°C less', 'estimate'),
      ],
      (a, b) => a - b,
    );
    const now = cooled ? COOLED : air;
    const verdict = now > most.value ? 'fails' : now > most.value - 2 ? 'tight' : 'holds';
    lines.push({
      id: 'chocolate',
      what: softest.name,
      out,
      most,
      verdict,
      says:
        verdict === 'holds'
          ? 'Never in the sun, not even behind glass; let it stand an hour before a light shines on it.'
          : 'The air on the way is as warm as it leans at: cool the car before it is loaded, and drive in the morning.',
    });
  }
  const dry = build.blends.some((b) => materialOf(b.base).firming.by !== 'cold');
  if (dry && (cooled || hasCake(build)) && air - COOLED >= SWEATS)
    lines.push({
      id: 'sweat',
      what: 'Sugar paste out of the cold',
      out,
      most: undefined,
      verdict: 'tight',
      says: 'It sweats as it warms, and colours run: leave the box closed until it is as warm as the room, and touch nothing that shines.',
    });
  return lines;
}
