import { fail, isDay, isZone, ok, type Minutes, type Result } from '../quantity/index.ts';
import { checkBlend, type Blend } from '../pastes/index.ts';
import type { Board, Brief, Build, Colour, DateHours, Hours, PartsOf, Practice, Room } from './build.ts';

/** A change of a build: the new build, or a sentence saying why not. */
export type Change = Result<Build>;

/** Longest name of anything, letters. */
export const LONGEST_NAME = 120;
/** Longest id, as the file format has it. */
const LONGEST_ID = 60;

/** What is wrong with a name, in a sentence; undefined when it will do. */
export const nameTrouble = (name: string, what: string): string | undefined =>
  !name.trim()
    ? `${what} needs a name.`
    : name.length > LONGEST_NAME
      ? `A name has ${LONGEST_NAME} letters at the most.`
      : undefined;

/** A name that can be kept, made from one that was read or put together. */
export const keptName = (name: string, otherwise: string): string =>
  name.trim().slice(0, LONGEST_NAME).trim() || otherwise;

/** Everything that shares its ids with the pieces. */
export const standing = (build: PartsOf<'pieces' | 'cake'>): readonly { readonly id: string }[] => [
  ...build.pieces,
  ...build.cake.tiers,
];

/**
 * A name turned into a readable id that is not taken: `Left arm` → `left-arm`, then `left-arm-2`; as long as ids may be.
 * @param taken everything that shares its ids with it
 */
export function freshId(name: string, taken: readonly { readonly id: string }[]): string {
  const stem =
    name
      .toLowerCase()
      .normalize('NFKD')
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+/, '')
      // room for the number of a double
      .slice(0, LONGEST_ID - 6)
      .replace(/-+$/, '') || 'piece';
  const has = (id: string) => id === 'board' || taken.some((t) => t.id === id);
  if (!has(stem)) return stem;
  let n = 2;
  while (has(`${stem}-${n}`)) n++;
  return `${stem}-${n}`;
}

export const replaced = <T extends { readonly id: string }>(
  list: readonly T[],
  id: string,
  next: (x: T) => T,
): T[] => list.map((x) => (x.id === id ? next(x) : x));

export function rename(build: Build, name: string): Change {
  const wrong = nameTrouble(name, 'A build');
  return wrong === undefined ? ok({ ...build, name: name.trim() }) : fail(wrong, 'name');
}

export function setBrief(build: Build, patch: Partial<Brief>): Change {
  const brief = { ...build.brief, ...patch };
  if (!/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/.test(brief.due))
    return fail('The due time needs a date and a time.', 'due');
  if (brief.zone !== build.brief.zone && !isZone(brief.zone))
    return fail(`There is no time zone “${brief.zone.slice(0, 60)}” here.`, 'zone');
  if (brief.note.length > 4000) return fail('A note has 4000 letters at the most.', 'note');
  return ok({ ...build, brief });
}

export function setRoom(build: Build, patch: Partial<Room>): Change {
  const room = { ...build.room, ...patch };
  if (!(room.temperature >= 5 && room.temperature <= 40))
    return fail('A room to work in lies between 5 and 40 °C.', 'temperature');
  if (!(room.humidity >= 5 && room.humidity <= 95))
    return fail(
      `Humidity has to lie between 5 and 95 %: is the sensor wet or empty? The last one known, ${build.room.humidity} %, still counts.`,
      'humidity',
    );
  if (!(room.air >= 0.02 && room.air <= 3))
    return fail('Air speed has to lie between 0.02 and 3 metres a second.', 'air');
  return ok({ ...build, room });
}

/** Other air from ten in the evening to eight in the morning; with nothing said the night is as the day. */
export function setNight(build: Build, night: Room['night']): Change {
  const { night: _night, ...room } = build.room;
  if (!night) return ok({ ...build, room });
  if (!(night.temperature >= 0 && night.temperature <= 40))
    return fail('A room at night lies between 0 and 40 °C.', 'temperature');
  if (!(night.humidity >= 5 && night.humidity <= 95))
    return fail('Humidity at night has to lie between 5 and 95 %.', 'humidity');
  return ok({ ...build, room: { ...room, night } });
}

export function setBoard(build: Build, patch: Partial<Board>): Change {
  const board = { ...build.board, ...patch };
  if (!(board.width >= 20 && board.width <= 1500))
    return fail('A board is between 20 and 1500 mm wide.', 'width');
  if (!(board.thickness >= 1 && board.thickness <= 60))
    return fail('A board is between 1 and 60 mm thick.', 'thickness');
  return ok({ ...build, board });
}

export function setPractice(build: Build, patch: Partial<Practice>): Change {
  const practice = { ...build.practice, ...patch };
  if (!(practice.spare >= 0 && practice.spare <= 100))
    return fail('Spare has to lie between 0 and 100 %.', 'spare');
  if (!(practice.powderBulk >= 0.2 && practice.powderBulk <= 1.2))
    return fail('A millilitre of powder weighs between 0.2 and 1.2 g.', 'powderBulk');
  if (!(practice.spoon >= 1 && practice.spoon <= 25))
    return fail('A teaspoon holds between 1 and 25 ml.', 'spoon');
  if (!(practice.smallestBatch >= 0 && practice.smallestBatch <= 500))
    return fail('The least one kneads lies between nothing and 500 g.', 'smallestBatch');
  if (!(practice.pace >= 0.3 && practice.pace <= 4))
    return fail('Pace has to lie between 0.3 and 4.', 'pace');
  return ok({ ...build, practice });
}

const minutesOf = (clock: string): number => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3, 5));

/** Weekly hours in order, or a sentence; stretches have to end after they begin. */
export function checkedHours(hours: readonly Hours[]): Result<Hours[]> {
  for (const h of hours) {
    if (!/^([01]\d|2[0-3]):[0-5]\d$/.test(h.from) || !/^([01]\d|2[0-3]):[0-5]\d$/.test(h.to))
      return fail('Working hours are typed as 19:00.', 'hours');
    if (minutesOf(h.to) <= minutesOf(h.from))
      return fail('Working hours have to end after they begin.', 'hours');
  }
  return ok([...hours].sort((a, b) => a.day - b.day || a.from.localeCompare(b.from)));
}

/** Set the working week. */
export function setHours(build: Build, hours: readonly Hours[]): Change {
  const checked = checkedHours(hours);
  return checked.ok ? ok({ ...build, hours: checked.value }) : checked;
}

export function addBlend(build: Build, blend: Omit<Blend, 'id'>): Result<{ build: Build; id: string }> {
  const id = freshId(blend.name, build.blends);
  const checked = checkBlend({ ...blend, id });
  if (!checked.ok) return checked;
  return ok({ build: { ...build, blends: [...build.blends, checked.value] }, id });
}

export function setColour(build: Build, id: string, patch: Partial<Colour>): Change {
  if (patch.hex !== undefined && !/^#[0-9a-f]{6}$/i.test(patch.hex))
    return fail('A colour is written as #8b6a4f.', 'hex');
  const wrong = patch.name === undefined ? undefined : nameTrouble(patch.name, 'A colour');
  if (wrong !== undefined) return fail(wrong, 'name');
  return ok({ ...build, colours: replaced(build.colours, id, (c) => ({ ...c, ...patch, id })) });
}

export function addColour(build: Build, name: string, hex: string): { build: Build; id: string } {
  const id = freshId(name, build.colours);
  const colour = { id, name: keptName(name, 'Colour'), hex };
  return { build: { ...build, colours: [...build.colours, colour] }, id };
}

/** Hours of a date that differs from its weekday, or a day off; with nothing said it is like its weekday again. */
export function setDate(build: Build, date: string, hours: Omit<DateHours, 'date'> | undefined): Change {
  if (!isDay(date)) return fail(`${date} is no day.`, 'date');
  const { dates = [], ...rest } = build;
  const kept = dates.filter((d) => d.date !== date);
  if (hours?.from !== undefined && hours.to !== undefined && minutesOf(hours.to) <= minutesOf(hours.from))
    return fail('Working hours have to end after they begin.', 'hours');
  const next = hours === undefined ? kept : [...kept, { date, ...hours }];
  next.sort((a, b) => a.date.localeCompare(b.date));
  return ok(next.length > 0 ? { ...rest, dates: next } : rest);
}

/**
 * Tick a step off, or take the tick back.
 * @param also steps that are done in one with it
 */
export function tick(
  build: Build,
  step: string,
  at: string | undefined,
  also: readonly string[] = [],
): Build {
  const ids = [step, ...also];
  const rest = build.bench.done.filter((d) => !ids.includes(d.step));
  const now = at === undefined ? [] : ids.map((id) => ({ step: id, at }));
  return { ...build, bench: { ...build.bench, done: [...rest, ...now] } };
}

/**
 * Minutes a mixed batch has still to rest; nought when it is ready.
 * @returns undefined when it has not been mixed
 */
export function restLeft(build: Build, step: string, rest: Minutes, now: Date): Minutes | undefined {
  const done = build.bench.done.find((d) => d.step === step);
  if (!done) return undefined;
  return Math.max(0, rest - (now.getTime() - Date.parse(done.at)) / 60_000);
}
