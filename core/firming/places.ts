import type { Build, Piece, RestPlace, Room } from '../record/index.ts';
import type { Air, Spell } from './sweep.ts';

/** Somewhere a piece may lie while it firms. */
export interface PlaceRecord {
  readonly name: string;
  /** What it does, in a few words. */
  readonly does: string;
  /** The air there, from the air of the room. */
  readonly air: (room: Room) => Air;
  readonly wrapped: boolean;
}

const inRoom = (room: Room): Air => ({
  temperature: room.temperature,
  humidity: room.humidity / 100,
  speed: room.air,
});

/** Places of a workshop. Air of fridge, freezer and drying box: estimates; look at a sensor where there is one. */
export const PLACES: Readonly<Record<RestPlace, PlaceRecord>> = {
  room: { name: 'in the room', does: 'as the room is', air: inRoom, wrapped: false },
  fan: {
    name: 'before a fan',
    does: 'moving air skins it sooner and does little for its middle',
    air: (room) => ({ ...inRoom(room), speed: Math.max(room.air, 1) }),
    wrapped: false,
  },
  box: {
    name: 'in a drying box',
    does: 'warm and dry: quick to dry, soft while it is warm',
    air: () => ({ temperature: 30, humidity: 0.3, speed: 0.4 }),
    wrapped: false,
  },
  fridge: {
    name: 'in the fridge',
    does: 'chocolate sets; sugar paste stiffens by cold, dries little and sweats when it comes out',
    air: () => ({ temperature: 4, humidity: 0.6, speed: 0.3 }),
    wrapped: false,
  },
  freezer: {
    name: 'in the freezer',
    does: 'stiff by cold, dries hardly at all and sweats when it comes out',
    air: () => ({ temperature: -18, humidity: 0.7, speed: 0.2 }),
    wrapped: false,
  },
  bag: {
    name: 'in a bag',
    does: 'stays soft: hardly anything evaporates',
    air: inRoom,
    wrapped: true,
  },
};

/** Minutes since midnight. */
const minutesOf = (clock: string): number => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));
const NIGHT_FROM = 22 * 60;
const NIGHT_TO = 8 * 60;
const DAY = 1440;
/** Nights followed one by one; after them the mean of day and night stands for the rest. */
const NIGHTS = 3;

/** When work usually begins: the middle one of the hours given; seven in the evening where none are. */
export function usualStart(build: Pick<Build, 'hours'>): number {
  const starts = build.hours.map((h) => minutesOf(h.from)).sort((a, b) => a - b);
  return starts[Math.floor(starts.length / 2)] ?? 19 * 60;
}

/**
 * The air a piece lies in from the moment it is shaped: where it is put first, then the room, by day and by night where
 * the nights are said to differ.
 */
export function spellsOf(build: Pick<Build, 'room' | 'hours'>, rests: Piece['rests'] = []): readonly Spell[] {
  const { room } = build;
  const day: Spell = { until: Infinity, air: inRoom(room) };
  const spells: Spell[] = [];
  let at = 0;
  for (const { place, hours } of rests) {
    at += hours * 3600;
    const { air, wrapped } = PLACES[place];
    spells.push({ until: at, air: air(room), ...(wrapped ? { wrapped } : {}) });
  }
  if (!room.night) return [...spells, day];
  const dark: Air = { ...day.air, temperature: room.night.temperature, humidity: room.night.humidity / 100 };
  const start = usualStart(build);
  let now = start + at / 60;
  for (let nights = 0; nights < NIGHTS;) {
    const clock = now % DAY;
    const isNight = clock >= NIGHT_FROM || clock < NIGHT_TO;
    const change = isNight ? (clock < NIGHT_TO ? NIGHT_TO : NIGHT_TO + DAY) : NIGHT_FROM;
    now += change - clock;
    spells.push({ until: (now - start) * 60, air: isNight ? dark : day.air });
    if (isNight) nights++;
  }
  const share = (NIGHT_TO + DAY - NIGHT_FROM) / DAY;
  const mean: Air = {
    temperature: dark.temperature * share + day.air.temperature * (1 - share),
    humidity: dark.humidity * share + day.air.humidity * (1 - share),
    speed: day.air.speed,
  };
  return [...spells, { until: Infinity, air: mean }];
}
