import { depthOf } from './colour/index.ts';
import { everyRod, type SeenBones, type SeenRod } from './bones/index.ts';
import { ALL_DONE, PLAN_RUNS, toldStart, toldTime, type DaysReport } from './days/index.ts';
import type { FigureReport } from './figure-report.ts';
import { colouringOf, potsInAll, type Batch } from './paste-list/index.ts';
import type { PasteSums } from './paste-sums.ts';
import {
  formatLength,
  formatMass,
  formatTime,
  inWords,
  listed,
  METRIC,
  tellOdds,
  type Shown,
  capital,
  lower,
} from './quantity/index.ts';
import type { HandoverCard, TravelReport } from './handover/index.ts';
import type { Unheld } from './stands.ts';
import type { Rolled } from './covers/index.ts';
import type { Carving, Template } from './templates/index.ts';

/**
 * The one thing that is said first where a build is looked at: what needs doing, or that nothing does. It says nothing that
 * the report does not stand by.
 */
export interface FirstWord {
  /** One sentence. */
  readonly says: string;
  /** Why, or what comes next. */
  readonly more?: string | undefined;
  readonly how: 'fails' | 'tight' | 'fine';
  /** The rod or piece it is about. */
  readonly rod?: string;
  readonly piece?: string;
}

const theName = (r: SeenRod): string => r.rod.name.toLowerCase();
const are = (r: SeenRod, one: string, many: string): string => (r.rod.pair ? many : one);

/** What it is, until something about it asks for trouble. */
export function firstOfShape(figure: FigureReport, shown: Shown = METRIC): FirstWord {
  const [warning] = figure.warnings;
  if (figure.pieces.length === 0)
    return { how: 'fine', says: 'Nothing stands on the board yet.', more: 'Add the first piece.' };
  if (warning) {
    const more = figure.warnings.length - 1;
    return {
      how: 'tight',
      says: warning,
      ...(more ? { more: `${capital(inWords(more))} more like it below.` } : {}),
    };
  }
  const n = figure.number.value;
  return {
    how: 'fine',
    says: `${formatLength(Math.round(figure.height), shown)} tall, ${formatMass(figure.paste.value, shown)} of paste in ${n === 1 ? 'one piece' : `${n} pieces`}.`,
  };
}

/** Whether it holds: the worst rod, what hovers or goes over, or the nearest to its limit. @param hovers what nothing carries, once that was looked at */
export function firstOfBones(
  bones: SeenBones,
  hovers: readonly Pick<Unheld, 'piece' | 'text'>[] = [],
): FirstWord {
  const rods = everyRod(bones);
  const fails = rods.filter((r) => r.verdict === 'fails');
  const [worst] = fails;
  if (worst && fails.length === 1)
    return {
      how: 'fails',
      says: `The ${theName(worst)} won’t hold.`,
      more: worst.worst && `${capital(worst.worst.situation)}, ${lower(worst.worst.text)}`,
      rod: worst.rod.id,
    };
  if (worst)
    return {
      how: 'fails',
      says: `${capital(inWords(fails.length))} rods won’t hold: ${fails.map((r) => r.letter).join(', ')}.`,
      more:
        worst.worst &&
        `The ${theName(worst)} first. ${capital(worst.worst.situation)}, ${lower(worst.worst.text)}`,
      rod: worst.rod.id,
    };
  const [hover] = hovers;
  if (hover) return { how: 'fails', says: hover.text, piece: hover.piece };
  if (!bones.anchored && bones.figureTips.check.verdict === 'fails')
    return { how: 'fails', says: 'It does not stand on its own feet.', more: bones.figureTips.check.text };
  if (bones.boardTips.check.verdict === 'fails')
    return { how: 'fails', says: 'It goes over, board and all.', more: bones.boardTips.check.text };
  if (bones.slides.verdict === 'fails')
    return { how: 'fails', says: 'It slides on its way.', more: bones.slides.text };
  const tight = rods
    .filter((r) => r.verdict === 'tight')
    .sort((a, b) => (b.worst?.use.value ?? 0) - (a.worst?.use.value ?? 0));
  const [near] = tight;
  if (near)
    return {
      how: 'tight',
      says: `Every rod holds; the ${theName(near)} ${are(near, 'is', 'are')} the nearest to giving way.`,
      more: near.worst && `${capital(near.worst.situation)}, ${lower(near.worst.text)}`,
      rod: near.rod.id,
    };
  if (rods.length === 0) return { how: 'fine', says: 'There are no rods in it yet.' };
  return {
    how: 'fine',
    says: rods.length === 1 ? 'Its rod holds.' : `All ${inWords(rods.length)} rods hold.`,
  };
}

/** What there is to mix. */
export function firstOfPaste(sums: PasteSums, shown: Shown = METRIC): FirstWord {
  const { batches, mix } = sums;
  if (batches === 0) return { how: 'fine', says: 'There is nothing to mix yet.' };
  return {
    how: 'fine',
    says: `${batches === 1 ? 'One batch' : `${capital(inWords(batches))} batches`} to mix, ${formatMass(mix.value, shown)} in all.`,
  };
}

/** What the batches are coloured with. */
export function firstOfColours(batches: readonly Batch[]): FirstWord {
  const colours = new Map(batches.map((b) => [b.colour.id, b.colour]));
  const bare = [...colours.values()].filter((c) => !c.pots && depthOf(c.hex));
  const wrong = batches.flatMap((b) => colouringOf(b).says.map((says) => ({ says, name: b.colour.name })))[0];
  const pots = potsInAll(batches);
  const drawn = pots.length === 1 ? 'one pot' : `${inWords(pots.length)} pots`;
  const says =
    pots.length === 0
      ? 'Nothing is said of the colours yet.'
      : `${capital(inWords(colours.size))} ${colours.size === 1 ? 'colour' : 'colours'} from ${drawn}.`;
  if (wrong) return { how: 'tight', says, more: `${capital(wrong.name)}: ${lower(wrong.says)}` };
  return {
    how: 'fine',
    says,
    more: bare.length > 0 ? `Say which pot colours the ${listed(bare.map((c) => c.name))}.` : undefined,
  };
}

/** When it has to be begun or gone on with, and how sure that is. */
export function firstOfDays(days: DaysReport | undefined, begun: boolean): FirstWord {
  if (!days) return { how: 'fine', says: 'The days are being planned.' };
  const { plan, origin, trouble } = days;
  if (!plan || !origin) {
    if (trouble.includes(ALL_DONE)) return { how: 'fine', says: 'Everything is done.' };
    return { how: 'fails', says: trouble[0] ?? 'There is no plan yet.' };
  }
  const odds = `${capital(tellOdds(plan.chance, PLAN_RUNS))} to be on time`;
  const hands = `${formatTime(plan.handsOn)} of work in ${plan.sessions.length === 1 ? 'one session' : `${inWords(plan.sessions.length)} sessions`}`;
  if (plan.lateBy > 0)
    return {
      how: 'fails',
      says: `It comes ${formatTime(plan.lateBy)} too late.`,
      more: `${odds}; ${hands}.`,
    };
  const [next] = plan.sessions;
  const told = toldStart(origin, plan.startBy);
  return {
    how: plan.spare > 0 || begun ? 'fine' : 'tight',
    says: begun ? `Go on by ${told}.` : `Start by ${told}.`,
    more: `${odds}; ${hands}${next ? `, the first to ${toldTime(origin, next.to)}` : ''}; ${formatTime(plan.spare)} to spare at the end.`,
  };
}

/** How this kitchen differs by less than this is not told, per cent. */
const ALIKE = 1;

/**
 * What was learned.
 * @param looks how many were noted, and `aside` how many of them fit nothing and were set aside
 * @param theta how much slower pastes firm here, logarithm of the ratio
 */
export function firstOfLog(looks: number, aside: number, theta: number): FirstWord {
  if (looks > 0 && aside >= looks)
    return {
      how: 'fine',
      says: 'Nothing could be learned yet.',
      more: 'No check fits what is known of paste.',
    };
  if (looks === 0) return { how: 'fine', says: 'Nothing has been learned yet.' };
  const slower = Math.round((Math.exp(theta) - 1) * 100);
  const noted = looks === 1 ? 'One check was noted.' : `${capital(inWords(looks))} checks were noted.`;
  if (Math.abs(slower) < ALIKE)
    return { how: 'fine', says: 'Paste firms here as the tables say.', more: noted };
  return {
    how: 'fine',
    says: `Paste firms ${Math.abs(slower)} % ${slower > 0 ? 'slower' : 'faster'} in this kitchen.`,
    more: noted,
  };
}

/** Covers: what is rolled, and what is wrong with it. */
export function firstOfCovers(rolled: readonly Rolled[], shown: Shown = METRIC): FirstWord {
  if (rolled.length === 0) return { how: 'fine', says: 'Nothing here is covered.' };
  const wrong = rolled.find((r) => r.kind === 'core' && r.over.sheet && r.over.says.length > 0);
  const rounds = rolled.flatMap((r) =>
    r.kind === 'core' ? (r.over.sheet?.round.value ?? []) : r.plain.roll.value,
  );
  const widest = rounds.reduce((a, b) => Math.max(a, b), 0);
  const count = `${capital(inWords(rolled.length))} ${rolled.length === 1 ? 'cover' : 'covers'}`;
  const says =
    widest > 0
      ? `${count}, ${rolled.length === 1 ? 'from' : 'the largest from'} a sheet of ${formatLength(widest, shown)}.`
      : `${count}, nothing to roll.`;
  if (!wrong || wrong.kind !== 'core') return { how: 'fine', says };
  return { how: 'tight', says, more: `${wrong.name}: ${lower(wrong.over.says[0]!)}`, piece: wrong.id };
}

/** Carving: how many layers, and what comes off them. */
export function firstOfCarving(carvings: readonly Carving[], shown: Shown = METRIC): FirstWord {
  const layers = carvings.flatMap((c) => c.layers);
  if (layers.length === 0) return { how: 'fine', says: 'Nothing here is carved from cake.' };
  const grams = layers.reduce((sum, l) => sum + l.waste.value, 0);
  const says = `${capital(inWords(layers.length))} ${layers.length === 1 ? 'layer' : 'layers'} to carve, ${formatMass(grams, shown)} come off.`;
  const wrong = carvings.find((c) => c.layers.some((l) => l.warns.length > 0));
  const bad = wrong?.layers.find((l) => l.warns.length > 0);
  if (!wrong || !bad) return { how: 'fine', says };
  return {
    how: 'tight',
    says,
    more: `${wrong.name}, layer ${bad.number}: ${lower(bad.warns[0]!)}`,
    piece: wrong.piece,
  };
}

/** Counts: what is counted, not what. */
export const firstOfCounts = (): FirstWord => ({
  how: 'fine',
  says: 'Counts that come out even.',
});

/** What there is to print, and what of it asks for a thought first. @param templates undefined until they were found */
export function firstOfCut(
  templates: readonly Template[] | undefined,
  pages: number,
  paper: string,
): FirstWord {
  if (!templates) return { how: 'fine', says: 'Drawing the templates…' };
  if (templates.length === 0)
    return {
      how: 'fine',
      says: 'Nothing here is cut by a paper.',
      more: 'Choose a piece to print it from the front, the side and the top.',
    };
  if (pages === 0)
    return {
      how: 'fine',
      says: `${capital(inWords(templates.length))} ${templates.length === 1 ? 'template' : 'templates'}, none of them on a page.`,
    };
  const asks = templates.find((t) => t.notes.length > 0);
  const says = `${capital(inWords(templates.length))} ${templates.length === 1 ? 'template' : 'templates'} on ${inWords(pages)} ${pages === 1 ? 'page' : 'pages'} of ${paper}, at true size.`;
  return asks
    ? { how: 'tight', says, more: `${asks.name}: ${lower(asks.notes[0]!)}`, piece: asks.pieces[0]! }
    : { how: 'fine', says };
}

/** The way out of the kitchen: what gives way on it, what warmth harms, or how it travels. */
export function firstOfHandover(
  { asked, cold, parcels, way }: Pick<TravelReport, 'asked' | 'cold' | 'parcels' | 'way'>,
  { open, number }: HandoverCard,
  better: TravelReport['better'] = [],
  shown: Shown = METRIC,
): FirstWord {
  const gone = asked.find((a) => a.check.verdict === 'fails');
  if (gone)
    return {
      how: 'fails',
      says: `${gone.of} won’t hold ${gone.check.situation}.`,
      more: better[0]?.says ?? gone.check.text,
    };
  const warm = cold.find((c) => c.verdict === 'fails');
  if (warm) return { how: 'fails', says: `${warm.what}: too warm for too long.`, more: warm.says };
  const [board] = parcels;
  const n = parcels.length;
  const box = board!.box.map((b) => formatLength(Math.ceil(b.value), shown)).join(' × ');
  const left =
    number.value === 0
      ? 'Nothing in it is anything but food.'
      : open.length === 0
        ? `All ${number.value} things that are no food are counted.`
        : `${number.value} things in it are no food; ${open.length === 1 ? 'one line' : `${inWords(open.length)} lines`} of the card not counted yet.`;
  const tight = asked.some((a) => a.check.verdict === 'tight') || cold.some((c) => c.verdict === 'tight');
  return {
    how: tight ? 'tight' : 'fine',
    says: `${n === 1 ? 'It travels as one' : `It travels in ${inWords(n)} boxes`}, ${way}: ${box} inside, ${formatMass(board!.weighs.value, shown)}.`,
    more: left,
  };
}
