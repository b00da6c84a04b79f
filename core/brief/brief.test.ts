import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readBuild } from '../files/index.ts';
import { groundOf } from '../ground/index.ts';
import { plan } from '../plan.ts';
import { METRIC } from '../quantity/index.ts';
import { STARTS } from '../starts/index.ts';
import {
  BLANKS,
  boardSaid,
  buildSaid,
  notSaid,
  sayBlank,
  sayPhrase,
  sentenceSaid,
  withBlank,
  type BlankKey,
  type ReadingAt,
  type FigureSaid,
} from './index.ts';

/** Saturday the 28th of November, eight in the evening. */
const AT: ReadingAt = {
  now: Date.UTC(2026, 10, 28, 20, 0),
  zone: 'Europe/London',
  shown: METRIC,
  dayFirst: true,
};
const OTTER: FigureSaid = { start: 'sitting', varied: {} };

const value = (key: BlankKey, text: string, at: ReadingAt = AT, said: FigureSaid = OTTER): unknown => {
  const read = (
    BLANKS[key].read as (t: string, s: FigureSaid, a: ReadingAt) => { ok: boolean; value?: unknown }
  )(text, said, at);
  return read.ok ? read.value : undefined;
};
const problem = (key: BlankKey, text: string): string => {
  const read = BLANKS[key].read(text, OTTER, AT);
  return read.ok ? '' : read.problem.text;
};
const read = (said: FigureSaid, at: ReadingAt = AT): string =>
  sentenceSaid(said, at)
    .map((s) => ('text' in s ? s.text : s.words))
    .join('');

describe('sizes as people say them', () => {
  it.each([
    ['180', 180],
    ['180 mm', 180],
    ['18cm', 180],
    ['8 in', 203.2],
    ['8"', 203.2],
    ['7 1/2 in', 190.5],
    ['7½ in', 190.5],
    ['1 ft', 304.8],
  ])('%s is %s mm (an inch is 25.4 mm, international yard and pound agreement of 1959)', (text, mm) => {
    expect(value('size', text)).toBeCloseTo(mm, 6);
  });

  it('asks back where a bare number is no height in millimetres, and says the limits', () => {
    expect(problem('size', '12')).toBe('12 what? Say 12 cm or 12 in.');
    expect(problem('size', '900')).toContain('from 40 mm to 500 mm');
  });

  it('weighs sweets', () => {
    expect(value('size', '14 g', AT, { start: 'sweets', varied: {} })).toBe(14);
    expect(value('size', '1/2 oz', AT, { start: 'sweets', varied: {} })).toBeCloseTo(14.17, 2);
  });
});

describe('days as people say them', () => {
  it.each([
    ['tomorrow 5 pm', '2026-11-29T17:00'],
    ['Sat', '2026-12-05T12:00'],
    ['Sat 3', '2026-12-05T15:00'],
    ['sat 10am', '2026-12-05T10:00'],
    ['Sat week', '2026-12-12T12:00'],
    ['5 dec 15:00', '2026-12-05T15:00'],
    ['noon', '2026-11-29T12:00'],
    ['in two weeks', '2026-12-12T12:00'],
    ['tomorrow week 3pm', '2026-12-06T15:00'],
    ['5/12', '2026-12-05T12:00'],
  ])('%s', (text, due) => {
    expect(value('due', text)).toBe(due);
  });

  it('reads month and day the other way round where that is the custom', () => {
    expect(value('due', '12/5', { ...AT, dayFirst: false })).toBe('2026-12-05T12:00');
  });

  it('takes a day by its name for today only while its hour is ahead', () => {
    const morning = { ...AT, now: Date.UTC(2026, 10, 28, 8, 0) };
    expect(value('due', 'Sat 3 pm', morning)).toBe('2026-11-28T15:00');
    expect(value('due', 'Sat 3 pm')).toBe('2026-12-05T15:00');
  });

  it('refuses what is past, what is far ahead and what is no day', () => {
    expect(problem('due', 'yesterday')).toMatch(/is past/);
    expect(problem('due', '1 jan 2031')).toMatch(/is the year right/);
    expect(problem('due', 'when it suits')).toMatch(/no day that is understood/);
  });

  it('is always ahead of the present, whatever day is named', () => {
    const days = [
      'mon',
      'tuesday',
      'wed',
      'thursday',
      'fri',
      'sat',
      'sunday',
      'tomorrow',
      'in 3 days',
      'next week',
    ];
    fc.assert(
      fc.property(fc.constantFrom(...days), fc.integer({ min: 0, max: 6 * 24 }), (day, hours) => {
        const at = { ...AT, now: AT.now + hours * 3_600_000 };
        const due = value('due', `${day} 4 pm`, at) as string;
        expect(Date.parse(`${due}:00Z`)).toBeGreaterThan(at.now - 3_600_000);
      }),
    );
  });
});

describe('hours, rooms, eaters and bases as people say them', () => {
  it('evenings are seven to ten, every day', () => {
    expect(value('hours', 'evenings')).toEqual(
      [1, 2, 3, 4, 5, 6, 7].map((day) => ({ day, from: '19:00', to: '22:00' })),
    );
  });

  it('joins what is said with and, and leaves out what is not', () => {
    const hours = value('hours', 'evenings and Sat 10 to 4, not Thu') as {
      day: number;
      from: string;
      to: string;
    }[];
    expect(hours.filter((h) => h.day === 6)).toEqual([
      { day: 6, from: '10:00', to: '16:00' },
      { day: 6, from: '19:00', to: '22:00' },
    ]);
    expect(hours.some((h) => h.day === 4)).toBe(false);
    expect(value('hours', 'mon and wed 7 pm to 10 pm')).toEqual([
      { day: 1, from: '19:00', to: '22:00' },
      { day: 3, from: '19:00', to: '22:00' },
    ]);
    expect(value('hours', '8–11 pm')).toEqual(
      [1, 2, 3, 4, 5, 6, 7].map((day) => ({ day, from: '20:00', to: '23:00' })),
    );
    expect(problem('hours', 'whenever')).toMatch(/no working time/);
  });

  it('is read again as it is told', () => {
    for (const text of ['evenings', 'weekends', 'daytime', 'evenings, not Thu', 'Sat 10 to 4', 'nights'])
      expect(value('hours', BLANKS.hours.words(value('hours', text) as never, OTTER, AT))).toEqual(
        value('hours', text),
      );
  });

  it('knows kitchens by word and by figures', () => {
    expect(value('room', 'damp')).toEqual({ temperature: 19, humidity: 65, air: 0.1 });
    expect(value('room', 'damp, with a fan')).toMatchObject({ humidity: 65, air: 0.5 });
    expect(value('room', '70 F 64 %')).toEqual({ temperature: 21.1, humidity: 64, air: 0.1 });
    expect(problem('room', '120 %')).toMatch(/Humidity/);
  });

  it('knows who eats it and what they avoid', () => {
    expect(value('eaters', 'children, no nuts')).toEqual({ who: 'children', avoid: ['nuts'], fate: 'eaten' });
    expect(value('eaters', 'under 3')).toMatchObject({ who: 'under3' });
    expect(value('eaters', 'gluten-free, vegan adults')).toMatchObject({
      who: 'adults',
      avoid: ['wheat', 'animal'],
    });
    expect(value('eaters', 'kept as a keepsake')).toMatchObject({ fate: 'kept' });
    for (const { value: v, words } of BLANKS.eaters.choices(OTTER, AT))
      expect(value('eaters', words)).toEqual(v);
  });

  it('knows boards and cakes by their sizes', () => {
    expect(value('base', '8 in round cake')).toEqual({
      kind: 'cake',
      shape: 'round',
      width: 203.2,
      height: 100,
    });
    expect(value('base', 'cake 10 x 4 in')).toMatchObject({ width: 254, height: 101.6 });
    expect(value('base', '20 cm square board')).toEqual({ kind: 'board', shape: 'square', width: 200 });
    expect(problem('base', 'on a jar')).toMatch(/cannot be stood on/);
    expect(problem('base', 'a 3 m cake')).toMatch(/A cake is between/);
  });
});

describe('every blank', () => {
  const keys = Object.keys(BLANKS) as BlankKey[];

  it.each(keys)('%s reads its own choices again, and refuses nonsense with a sentence', (key) => {
    for (const start of STARTS) {
      const said: FigureSaid = { start: start.id, varied: {} };
      const blank = BLANKS[key] as (typeof BLANKS)['paste'];
      for (const c of blank.choices(said, AT)) {
        const back = blank.read(blank.words(c.value, said, AT), said, AT);
        expect(back.ok, `${key}: ${c.words}`).toBe(true);
      }
      const wrong = blank.read('qqq', said, AT);
      expect(wrong.ok ? '' : wrong.problem.text).toMatch(/^.+[.?]$/);
    }
  });

  it('never throws, whatever is typed into it', () => {
    fc.assert(
      fc.property(fc.constantFrom(...keys), fc.string({ maxLength: 40 }), (key, text) => {
        const found = sayBlank(OTTER, key, text, AT);
        return found.ok || found.problem.text.length > 0;
      }),
      { numRuns: 400 },
    );
  });
});

describe('a whole phrase', () => {
  it('fills the blanks it belongs to', () => {
    const said = sayPhrase(OTTER, '180 mm sitting animal tomorrow week 3pm evenings damp', AT);
    expect(said.ok && said.value).toMatchObject({
      start: 'sitting',
      size: 180,
      due: '2026-12-06T15:00',
      room: { humidity: 65 },
    });
    expect(said.ok && notSaid(said.value)).toEqual(['base', 'journey', 'eaters']);
  });

  it('is understood with all that dresses it', () => {
    const text =
      'a donkey, 8 in tall, in modelling chocolate, on a 10 in round cake by Sat 3 pm for children, no nuts, weekends in a hot kitchen';
    const said = sayPhrase(OTTER, text, AT);
    expect(said.ok && read(said.value)).toBe(
      'A four-legged animal, 203 mm tall, in modelling chocolate, light inside where it is thick, standing on a 254 mm round cake. Ready by Sat 5 Dec, 15:00, travels in a car, on a flat floor, for children, no nuts, and I work weekends in a hot kitchen.',
    );
  });

  it('changes nothing where a word of it is not understood', () => {
    const said = sayPhrase(OTTER, '180 mm otter gluvine', AT);
    expect(said.ok ? '' : said.problem.text).toMatch(/“gluvine” is not understood/);
  });

  it('may be typed into any blank', () => {
    const said = sayBlank(OTTER, 'paste', 'evenings damp', AT);
    expect(said.ok && said.value.room?.humidity).toBe(65);
  });
});

describe('the build that was said', () => {
  it('is a good build for every start, on a board and on a cake', () => {
    for (const start of STARTS)
      for (const base of [
        undefined,
        value('base', '10 in round cake', AT, { start: 'sitting', varied: {} }),
      ]) {
        if (base && !start.onCake) continue;
        const said: FigureSaid = {
          start: start.id,
          varied: {},
          due: '2026-12-05T15:00',
          ...(base ? { base: base as never } : {}),
        };
        const build = buildSaid(said, 'one', start.title, AT);
        expect(build.ok).toBe(true);
        if (build.ok) expect(readBuild(JSON.stringify(build.value)).ok, start.id).toBe(true);
      }
  });

  it('stands on its own board on the cake, and its sticks still hold', () => {
    const said: FigureSaid = {
      start: 'person',
      varied: {},
      base: { kind: 'cake', shape: 'round', width: 203.2, height: 100 },
    };
    const build = buildSaid(said, 'one', 'One', AT);
    if (!build.ok) throw new Error(build.problem.text);
    expect(groundOf(build.value).layers.map((l) => l.kind)).toContain('tier');
    expect(plan(build.value).bones.rods.filter((r) => r.verdict === 'fails')).toEqual([]);
  });

  it('says what was said, and takes the rest as usual', () => {
    const said: FigureSaid = { ...OTTER, size: 180, due: '2026-12-05T15:00' };
    const build = buildSaid(said, 'one', 'One', AT);
    expect(build.ok && build.value.brief.said).toEqual(['size', 'paste', 'due']);
    expect(build.ok && build.value.brief.eaters).toBeUndefined();
    expect(
      boardSaid({ ...OTTER, hours: [{ day: 1, from: '09:00', to: '12:00' }] }, 'b', 'B', AT).hours,
    ).toHaveLength(1);
  });

  it('takes back what the next start cannot have', () => {
    const said: FigureSaid = { ...OTTER, size: 180, inside: 'cake', varied: { head: 0.4 } };
    expect(withBlank(said, 'start', 'sweets')).toEqual({ start: 'sweets', varied: {} });
    expect(withBlank(said, 'start', 'person')).toEqual({ start: 'person', size: 180, varied: {} });
    expect(withBlank(said, 'size', undefined).size).toBeUndefined();
  });
});
