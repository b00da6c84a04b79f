import { groundOf } from '../../ground/index.ts';
import { rodStock } from '../../bones/index.ts';
import { formatLength, formatMass } from '../../quantity/index.ts';
import { sleevesOf } from '../../covers/index.ts';
import { BOARD, writeStepId, type Tier } from '../../record/index.ts';
import type { Link, Step } from '../types.ts';
import {
  colourOf,
  coverId,
  FINISH_ID,
  joinId,
  lower,
  order,
  PACK_ID,
  paced,
  standsBy,
  type Bench,
  type StepMaker,
} from './types.ts';

/** Minutes of the work on what stands under the figure. Common practice. */
const TAKES = { rod: 20, hole: 10, clamping: 10, setting: 10, post: 3, stick: 2, ribbon: 10, sleeve: 15 };

const SAWN = writeStepId({ task: 'mast' });
const CLAMPED = writeStepId({ task: 'mast', of: 'clamp' });
const setId = (of: string): string => writeStepId({ task: 'set', of });
const SET_CARD = setId('card');
const RIBBON_ID = writeStepId({ task: 'ribbon' });

/** The rod is cut and its boards are drilled away from food, and clamped in once the board is covered. */
function mastSteps(bench: Bench): { steps: Step[]; links: Link[] } {
  const { hardware } = bench.bones;
  const { mast, board } = bench.build;
  if (!hardware || !mast) return { steps: [], links: [] };
  const [cut, ...rest] = hardware.steps.map((s) => s.do);
  const drilled = hardware.lines.filter((l) => l.hole !== undefined || l.pocket !== undefined).length;
  const clampedFrom = rest.filter((s) => s.includes(': underside at '));
  return {
    steps: [
      {
        id: SAWN,
        kind: 'bones',
        title: `Cut the M${mast.thread} rod and drill its boards`,
        notes: [
          cut!,
          ...rest.filter((s) => !s.includes(': underside at ')),
          'Away from the food, with glasses on.',
        ],
        minutes: paced(bench, 'bones', TAKES.rod + TAKES.hole * drilled),
      },
      {
        id: CLAMPED,
        kind: 'bones',
        title: 'Clamp the rod in the board',
        notes: [...clampedFrom, 'Nuts tight: a rod that can turn leans.'],
        minutes: paced(bench, 'bones', TAKES.clamping),
      },
    ],
    links: [
      order(SAWN, board.cover ? coverId(BOARD) : CLAMPED, 'sawn and drilled before any paste is near'),
      ...(board.cover
        ? [order(coverId(BOARD), CLAMPED, 'the board is covered before the rod stands in it')]
        : []),
    ],
  };
}

/** The rod is sleeved once it stands in what is below, before what is raised closes it off. */
function sleeveSteps(bench: Bench): { steps: Step[]; links: Link[] } {
  const { build } = bench;
  const raised = [
    ...build.cake.tiers.map((t, k) => ({ id: t.id, below: build.cake.tiers[k - 1] })),
    { id: 'card', below: build.cake.tiers.at(-1) },
  ];
  const lines = new Map(
    bench.batches.flatMap((b) => b.lines.filter((l) => l.sleeve).map((l) => [l.piece, l.net.value] as const)),
  );
  const sleeves = sleevesOf(build);
  return {
    steps: sleeves.map((s) => ({
      id: coverId(s.id),
      kind: 'cover',
      title: `Sleeve the rod under the ${s.name.replace('Sleeve under the ', '')}`,
      notes: [
        `A strip ${formatLength(s.to - s.from)} wide of ${formatMass(lines.get(s.id) ?? 0)}, ${formatLength(s.wide)} across when it is round the rod. Close it at the back.`,
        'Film or a sealed tube on the rod first: steel is no food. Run nut and washer to their mark before you close over them.',
      ],
      ...colourOf(bench, s.sleeve.colour),
      minutes: paced(bench, 'cover', TAKES.sleeve),
    })),
    links: raised.flatMap(({ id, below }): Link[] =>
      sleeves.some((s) => s.id === `${id}-sleeve`)
        ? [
            order(
              below ? setId(below.id) : CLAMPED,
              coverId(`${id}-sleeve`),
              'the rod stands in what is below it before it is sleeved',
            ),
            order(
              coverId(`${id}-sleeve`),
              id === 'card' ? SET_CARD : setId(id),
              'the rod is sleeved before what is raised closes it off',
            ),
          ]
        : [],
    ),
  };
}

/** What goes on to what: each tier on the one below, the figure's own board last. */
function setSteps(bench: Bench): { steps: Step[]; links: Link[] } {
  const { build } = bench;
  const { tiers } = build.cake;
  const ready = (t: Tier): string => (t.cover ? coverId(t.id) : writeStepId({ task: 'coat', of: t.id }));
  const under = build.mast ? CLAMPED : build.board.cover ? coverId(BOARD) : undefined;
  const figure = build.pieces.filter((p) => p.seat.on === BOARD);
  const steps = tiers.map((t, k): Step => {
    const below = tiers[k - 1];
    const posts = below?.posts;
    return {
      id: setId(t.id),
      kind: 'cake',
      title: `Set the ${lower(t.name)} on the ${below ? lower(below.name) : 'board'}`,
      notes: [
        ...(posts
          ? [
              `First ${posts.number} posts, ${rodStock(posts.stock).name}, cut level with the top of the ${lower(below.name)}.`,
            ]
          : []),
        ...(t.gap ? [`${formatLength(t.gap)} up the rod, on its nut and washer.`] : []),
        ...(t.keepers
          ? [
              `${t.keepers.number} ${rodStock(t.keepers.stock).name} up through its board, ${formatLength(t.keepers.apart)} apart: it does not turn.`,
            ]
          : []),
        ...(t.stuck ? ['Stuck down with royal icing or melted chocolate: leave it until that grips.'] : []),
      ],
      minutes: paced(
        bench,
        'cake',
        TAKES.setting + TAKES.post * (posts?.number ?? 0) + TAKES.stick * (t.keepers?.number ?? 0),
      ),
    };
  });
  const links = tiers.flatMap((t, k): Link[] => [
    order(ready(t), setId(t.id), `the ${lower(t.name)} is finished before it is set down`),
    ...(k > 0
      ? [order(setId(tiers[k - 1]!.id), setId(t.id), 'from the board up')]
      : under
        ? [order(under, setId(t.id), 'what is under it is finished first')]
        : []),
  ]);
  const last = tiers.at(-1);
  const onto = last ? setId(last.id) : under;
  if (!build.card || !(last ?? build.mast))
    return {
      steps,
      links: [
        ...links,
        ...(onto ? figure.map((p) => order(onto, joinId(p.id), 'what is under it is finished first')) : []),
      ],
    };
  const threaded = (build.mast?.up ?? 0) > 0;
  return {
    steps: [
      ...steps,
      {
        id: SET_CARD,
        kind: 'cake',
        title: threaded
          ? `Set the figure’s board on the ${last ? lower(last.name) : 'rod'}`
          : `Lift the figure on its board on to the ${last ? lower(last.name) : 'rod'}`,
        notes: threaded
          ? ['Over the rod, level, on its nut and washer: the figure is threaded on from here.']
          : ['Two people where it is heavy; look that the board lies flat all round.'],
        minutes: paced(bench, 'cake', TAKES.setting + TAKES.post * (last?.posts?.number ?? 0)),
      },
    ],
    links: [
      ...links,
      ...(onto ? [order(onto, SET_CARD, 'what is under it is finished first')] : []),
      ...(threaded
        ? figure.map((p) =>
            order(SET_CARD, joinId(p.id), 'its board is on the rod before the figure is threaded on'),
          )
        : build.pieces.map((p) => order(standsBy(p), SET_CARD, 'the figure is whole before it is lifted'))),
      order(SET_CARD, FINISH_ID),
    ],
  };
}

const both = (a: ReturnType<StepMaker['make']>, b: ReturnType<StepMaker['make']>) => ({
  steps: [...a.steps, ...b.steps],
  links: [...a.links, ...b.links],
});

/** What stands under the figure: the rod sawn and clamped, tiers set on each other, the ribbon round the board. */
export const ground: StepMaker = {
  kind: 'bones',
  make: (bench) => {
    const { board } = bench.build;
    const mast = mastSteps(bench);
    const set = both(setSteps(bench), sleeveSteps(bench));
    const { ribbon } = board;
    if (!ribbon) return { steps: [...mast.steps, ...set.steps], links: [...mast.links, ...set.links] };
    const layer = groundOf(bench.build).layers.find((l) => l.kind === 'board')!;
    return {
      steps: [
        ...mast.steps,
        ...set.steps,
        {
          id: RIBBON_ID,
          kind: 'finish',
          title: 'Ribbon round the board',
          notes: [
            `${formatLength(ribbon.width)} wide, once round the ${lower(layer.name)} and a little over; glued at the edge, never pinned.`,
          ],
          minutes: paced(bench, 'finish', TAKES.ribbon),
        },
      ],
      links: [
        ...mast.links,
        ...set.links,
        ...(board.cover
          ? [order(coverId(BOARD), RIBBON_ID, 'the cover is trimmed before the ribbon goes on')]
          : []),
        order(RIBBON_ID, PACK_ID),
      ],
    };
  },
};
