import { fromBuild, type Build, type Saw, type Seen } from '../record/index.ts';
import { fail, ok, remembered, type Result } from '../quantity/index.ts';
import { firmingOf } from '../pastes/index.ts';
import { firmingFamily } from './band.ts';
import { learn, NOTHING_LEARNED, weightsOf, type Learned, type MarginLook } from './learned.ts';
import { marginOf, type Duty, type Load, type Question } from './margins.ts';
import { pasteLaw } from './paste-law.ts';
import type { Spell } from './sweep.ts';

/** What can be said of a piece at a glance, and what question it answers. */
export interface SawRecord {
  readonly id: Saw;
  readonly words: string;
  /** The question it answers; the one asked where nothing is said. */
  readonly question?: Question;
  readonly as: MarginLook['saw'];
}

export const SAW: readonly SawRecord[] = [
  { id: 'just', words: 'just firm now', as: 'just' },
  { id: 'yes', words: 'already firm when I looked', as: 'yes' },
  { id: 'not', words: 'not yet', as: 'not' },
  { id: 'cracked', words: 'it cracked when bent or marked', question: 'bend', as: 'yes' },
  { id: 'sagged', words: 'it sagged out of its pose', question: 'pose', as: 'not' },
  { id: 'squashed', words: 'it was squashed by what stood on it', question: 'bear', as: 'not' },
];

const dutyOf = (duty: Seen['duty']): Duty => {
  const { overhang, lean, bend, ...load } = duty;
  const carried =
    load.mass === undefined ? undefined : ({ ...load, braced: load.braced === 1 } as unknown as Load);
  return {
    ...(overhang === undefined ? {} : { overhang }),
    ...(lean === undefined ? {} : { lean }),
    ...(bend === undefined ? {} : { bend }),
    ...(carried ? { load: carried } : {}),
  };
};

/** A duty as plain numbers, to be kept with a look. */
export const plainDuty = ({ overhang, lean, bend, load }: Duty): Seen['duty'] => ({
  ...(overhang === undefined ? {} : { overhang }),
  ...(lean === undefined ? {} : { lean }),
  ...(bend === undefined ? {} : { bend }),
  ...(load ? { ...load, braced: load.braced ? 1 : 0 } : {}),
});

/** Spells as they are kept: hours, plain. */
export const plainSpells = (spells: readonly Spell[]): Seen['spells'] =>
  spells.map(({ until, air, wrapped }) => ({
    ...(Number.isFinite(until) ? { until: Number((until / 3600).toFixed(3)) } : {}),
    temperature: air.temperature,
    humidity: air.humidity,
    air: air.speed,
    ...(wrapped ? { wrapped } : {}),
  }));

/** A look ready to learn from, reckoned again from what was kept with it; undefined where nothing can be learned from it. */
export const lookFrom = remembered((seen: Seen): MarginLook | undefined => {
  const { paste, body, spells } = seen;
  const firming = firmingOf({ id: 'seen', name: '', ...paste } as Parameters<typeof firmingOf>[0]);
  const said = SAW.find((s) => s.id === seen.saw);
  if (firming.by !== 'drying' || !said) return undefined;
  const weights = weightsOf(paste);
  const air = spells.map((s): Spell => ({
    until: s.until === undefined ? Infinity : s.until * 3600,
    air: { temperature: s.temperature, humidity: s.humidity, speed: s.air },
    ...(s.wrapped ? { wrapped: s.wrapped } : {}),
  }));
  const history = firmingFamily(pasteLaw(firming.constants), body, air, weights).likely;
  const question = said.question ?? (seen.question as Question);
  const margin = marginOf(history, question, dutyOf(seen.duty));
  if (!margin) return undefined;
  return { id: seen.id, history, margin, question, weights, at: seen.minutes * 60, saw: said.as };
});

/** What a build’s looks taught, its own and those it took over. */
export const learnedOf = fromBuild(['log'], ({ log }): Learned =>
  log.length === 0 ? NOTHING_LEARNED : learn(worthLearning(log).flatMap((s) => lookFrom(s) ?? [])),
);

/** Of many looks of one kind the last ones say it all: each counts less the more there are, together never more than five. */
const MOST_ALIKE = 60;

/** The latest looks of each kind, in the order in which they were noted. */
function worthLearning(log: readonly Seen[]): Seen[] {
  const seen = new Map<string, number>();
  const kindOf = ({ question, paste }: Seen): string =>
    [question, paste.base, Math.round(paste.gumPaste / 10), Math.round(paste.powder * 4)].join();
  const kept = new Set(
    [...log]
      .sort((a, b) => b.at.localeCompare(a.at))
      .filter((s) => {
        const n = (seen.get(kindOf(s)) ?? 0) + 1;
        seen.set(kindOf(s), n);
        return n <= MOST_ALIKE;
      }),
  );
  return log.filter((s) => kept.has(s));
}

/** Note a look. */
export function note(build: Build, seen: Seen): Result<Build> {
  if (!(seen.minutes > 0)) return fail('It cannot be seen before it is shaped: check the time.', 'minutes');
  if (seen.minutes > 60 * 24 * 30) return fail('That is more than a month after it was shaped.', 'minutes');
  return ok({ ...build, log: [...build.log.filter((s) => s.id !== seen.id), seen] });
}

/** Forget a look again. */
export const forget = (build: Build, id: string): Build => ({
  ...build,
  log: build.log.filter((s) => s.id !== id),
});

/** Looks of other builds that this one has not learned from. */
export const seenElsewhere = (
  build: Pick<Build, 'log'>,
  others: readonly Pick<Build, 'log'>[],
): readonly Seen[] => {
  const known = new Set(build.log.map((s) => s.id));
  const found = new Map<string, Seen>();
  for (const o of others) for (const s of o.log) if (!known.has(s.id)) found.set(s.id, s);
  return [...found.values()];
};
