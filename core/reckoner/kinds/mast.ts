import { addTier, setCard, setMast, setTier } from '../../edits/index.ts';
import { THREAD_SIZES, type ThreadSize } from '../../record/index.ts';
import { boardFor, num } from '../fields.ts';
import type { SmallQuestion } from '../types.ts';

const threadOf = (said: Readonly<Record<string, number | string>>): ThreadSize =>
  THREAD_SIZES.find((t) => `m${t}` === said.thread) ?? 8;

export const askMast: SmallQuestion = {
  id: 'mast',
  name: 'Length of a threaded rod',
  asks: 'How long is the rod through a board, a tier and a gap, with its nuts?',
  fields: [
    {
      key: 'thread',
      label: 'Thread',
      options: THREAD_SIZES.map((t) => ({ value: `m${t}`, label: `M${t}` })),
      usual: 'm8',
    },
    { key: 'feet', label: 'Feet', kind: 'length', usual: 22, least: 10, most: 100 },
    { key: 'board', label: 'Board thick', kind: 'length', usual: 12, least: 4, most: 40 },
    { key: 'tier', label: 'Tier high', kind: 'length', usual: 100, least: 20, most: 300 },
    { key: 'gap', label: 'Open above it', kind: 'length', usual: 80, least: 0, most: 500 },
  ],
  build: (said) => {
    const empty = boardFor(said);
    const board = {
      ...empty.board,
      material: 'mdf' as const,
      width: 300,
      thickness: num(said, 'board'),
      feet: num(said, 'feet'),
    };
    const tiered = addTier({ ...empty, board });
    const sized = setTier(tiered, tiered.cake.tiers[0]!.id, { height: num(said, 'tier'), width: 200 });
    if (!sized.ok) return sized;
    const masted = setMast(sized.value, { thread: threadOf(said), up: 0 });
    return masted.ok ? setCard(masted.value, { kind: 'ply6', width: 150, gap: num(said, 'gap') }) : masted;
  },
  answers: ({ bones }) => (bones.hardware ? [{ says: 'of rod to cut', figure: bones.hardware.rod }] : []),
  notes: ({ bones }) => {
    const marks = (bones.hardware?.lines ?? []).filter((l) => l.mark !== undefined && l.thick > 0);
    const told = marks.map((l) => `${l.name} at ${Math.round(l.mark!)} mm`);
    return told.length > 0
      ? [`Tape marks from the lower end: ${told.join(', ')}.`, ...(bones.hardware?.says ?? [])]
      : [];
  },
  makes: true,
};
