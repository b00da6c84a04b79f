import {
  BRIEF_KEYS,
  boardRecord,
  briefRecord,
  colourRecord,
  freshId,
  MOST_POTS,
  hoursRecord,
  keptName,
  nameTrouble,
  nightRecord,
  practiceRecord,
  replaced,
  roomRecord,
  type BriefKey,
  type Board,
  type Brief,
  type Build,
  type Colour,
  type Eaters,
  type Pot,
  type Practice,
  type Room,
  type Change,
  type DateHours,
  type Hours,
} from '../record/index.ts';
import {
  fail,
  isDay,
  isWritten,
  isZone,
  ok,
  inLimits,
  type Minutes,
  type Result,
} from '../quantity/index.ts';
import { checkBlend, type Blend } from '../pastes/index.ts';

/** Another name for the build. */
export function rename(build: Build, name: string): Change {
  const wrong = nameTrouble(name, 'A build');
  return wrong === undefined ? ok({ ...build, name: name.trim() }) : fail(wrong, 'name');
}

/** Mark parts of the brief as said: they are no longer taken as usual. */
export function withSaid(build: Build, ...keys: readonly BriefKey[]): Build {
  const { said } = build.brief;
  if (said === undefined || keys.every((key) => said.includes(key))) return build;
  const all = BRIEF_KEYS.filter((key) => said.includes(key) || keys.includes(key));
  return { ...build, brief: { ...build.brief, said: all } };
}

/** Who eats it; nobody said where nothing is given. */
export function setEaters(build: Build, eaters: Eaters | undefined): Build {
  const { eaters: _eaters, ...brief } = build.brief;
  return withSaid({ ...build, brief: eaters ? { ...brief, eaters } : brief }, 'eaters');
}

/** Change the brief; refused without a date and a time, in a zone there is not, or with an endless note. */
export function setBrief(build: Build, patch: Partial<Brief>): Change {
  const brief = { ...build.brief, ...patch };
  if (!isWritten(briefRecord.properties.due, brief.due))
    return fail('The due time needs a date and a time.', 'due');
  if (brief.zone !== build.brief.zone && !isZone(brief.zone))
    return fail(`There is no time zone “${brief.zone.slice(0, 60)}” here.`, 'zone');
  const longest = briefRecord.properties.note.maxLength ?? Infinity;
  if (brief.note.length > longest) return fail(`A note has ${longest} letters at the most.`, 'note');
  const now = { ...build, brief };
  return ok(withSaid(now, ...BRIEF_KEYS.filter((key) => key in patch)));
}

/** Change the air of the room; refused outside the record, the last one known stays. */
export function setRoom(build: Build, patch: Partial<Room>): Change {
  const room = inLimits(
    roomRecord,
    { ...build.room, ...patch },
    {
      temperature: (least, most) => `A room to work in lies between ${least} and ${most} °C.`,
      humidity: (least, most) =>
        `Humidity has to lie between ${least} and ${most} %: is the sensor wet or empty? The last one known, ${build.room.humidity} %, still counts.`,
      air: (least, most) => `Air speed has to lie between ${least} and ${most} metres a second.`,
    },
  );
  return room.ok ? ok(withSaid({ ...build, room: room.value }, 'room')) : room;
}

/** Other air from ten in the evening to eight in the morning; with nothing said the night is as the day. */
export function setNight(build: Build, night: Room['night']): Change {
  const { night: _night, ...room } = build.room;
  if (!night) return ok({ ...build, room });
  const asked = inLimits(nightRecord, night, {
    temperature: (least, most) => `A room at night lies between ${least} and ${most} °C.`,
    humidity: (least, most) => `Humidity at night has to lie between ${least} and ${most} %.`,
  });
  return asked.ok ? ok({ ...build, room: { ...room, night } }) : asked;
}

/** Change the board; refused outside the record. */
export function setBoard(build: Build, patch: Partial<Board>): Change {
  const board = inLimits(
    boardRecord,
    { ...build.board, ...patch },
    {
      width: (least, most) => `A board is between ${least} and ${most} mm wide.`,
      thickness: (least, most) => `A board is between ${least} and ${most} mm thick.`,
      feet: (_, most) => `Feet are between nothing and ${most} mm high.`,
    },
  );
  return board.ok ? ok(withSaid({ ...build, board: board.value }, 'base')) : board;
}

/** Change how this person works; refused outside the record. */
export function setPractice(build: Build, patch: Partial<Practice>): Change {
  const practice = inLimits(
    practiceRecord,
    { ...build.practice, ...patch },
    {
      spare: (least, most) => `Spare has to lie between ${least} and ${most} %.`,
      powderBulk: (least, most) => `A millilitre of powder weighs between ${least} and ${most} g.`,
      spoon: (least, most) => `A teaspoon holds between ${least} and ${most} ml.`,
      smallestBatch: (_, most) => `The least one kneads lies between nothing and ${most} g.`,
      pace: (least, most) => `Pace has to lie between ${least} and ${most}.`,
    },
  );
  return practice.ok ? ok({ ...build, practice: practice.value }) : practice;
}

const minutesOf = (clock: string): number => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3, 5));

/** Weekly hours in order, or a sentence; stretches have to end after they begin. */
export function checkedHours(hours: readonly Hours[]): Result<Hours[]> {
  for (const h of hours) {
    const { from, to } = hoursRecord.properties;
    if (!isWritten(from, h.from) || !isWritten(to, h.to))
      return fail('Working hours are typed as 19:00.', 'hours');
    if (minutesOf(h.to) <= minutesOf(h.from))
      return fail('Working hours have to end after they begin.', 'hours');
  }
  return ok([...hours].sort((a, b) => a.day - b.day || a.from.localeCompare(b.from)));
}

/** Set the working week. */
export function setHours(build: Build, hours: readonly Hours[]): Change {
  const checked = checkedHours(hours);
  return checked.ok ? ok(withSaid({ ...build, hours: checked.value }, 'hours')) : checked;
}

/** Put a blend in, under an id made from its name; refused where it cannot be mixed. */
export function addBlend(build: Build, blend: Omit<Blend, 'id'>): Result<{ build: Build; id: string }> {
  const id = freshId(blend.name, build.blends);
  const checked = checkBlend({ ...blend, id });
  if (!checked.ok) return checked;
  return ok({ build: { ...build, blends: [...build.blends, checked.value] }, id });
}

/** Change a colour: its name, or its `#rrggbb`. */
export function setColour(build: Build, id: string, patch: Partial<Colour>): Change {
  if (patch.hex !== undefined && !isWritten(colourRecord.properties.hex, patch.hex))
    return fail('A colour is written as #8b6a4f.', 'hex');
  const wrong = patch.name === undefined ? undefined : nameTrouble(patch.name, 'A colour');
  if (wrong !== undefined) return fail(wrong, 'name');
  return ok({ ...build, colours: replaced(build.colours, id, (c) => ({ ...c, ...patch, id })) });
}

/** What a colour is coloured with; nothing where it is not said. */
export function setPots(build: Build, id: string, pots: readonly Pot[]): Change {
  if (pots.length > MOST_POTS) return fail(`A colour is mixed from ${MOST_POTS} pots at most.`, 'pots');
  for (const pot of pots) {
    const wrong = nameTrouble(pot.name, 'A pot');
    if (wrong !== undefined) return fail(wrong, 'pots');
    const { took } = pot;
    if (took && !(took.amount >= 0.01 && took.amount <= 10_000))
      return fail('It takes at least a hundredth of a gram of colour, or a drop.', 'took');
    if (took && !(took.grams >= 1)) return fail('Say how much paste that went into.', 'took');
  }
  const kept = pots.map((p) => ({ ...p, name: p.name.trim() }));
  return ok({
    ...build,
    colours: replaced(build.colours, id, ({ pots: _was, ...c }) =>
      kept.length > 0 ? { ...c, pots: kept } : c,
    ),
  });
}

/** Put a colour in, under an id made from its name. */
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
