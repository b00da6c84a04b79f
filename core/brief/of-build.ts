import { toHeight } from '../bones/index.ts';
import { setBrief, setEaters, setHours, setRoom, withSaid } from '../edits/index.ts';
import { groundOf } from '../ground/index.ts';
import { pasteName } from '../pastes/index.ts';
import {
  fail,
  formatLength,
  listed,
  ok,
  parseQuantity,
  type Mm,
  type Result,
  lower,
} from '../quantity/index.ts';
import type { BriefKey, Build, Change } from '../record/index.ts';
import { BLANKS } from './sentence.ts';
import type { Choice, ReadingAt, FigureSaid } from './types.ts';

/** A blank of the brief of a build. */
export interface BriefBlank {
  readonly key: BriefKey;
  readonly label: string;
  readonly words: string;
  readonly state: 'said' | 'usual' | 'open';
  readonly example: string;
  readonly choices: readonly Choice<unknown>[];
  /** Where it is changed, when not here: under Paste, or under Shape. */
  readonly under?: 'paste' | 'shape';
}
export type BriefStretch = { readonly text: string } | BriefBlank;

/** The blanks that are typed here know nothing of a start. */
const NO_START: FigureSaid = { start: '', varied: {} };

/** What a figure stands on, in words. */
function standsOn(build: Build, { shown }: ReadingAt): string {
  const tiers = groundOf(build).layers.filter((l) => l.kind === 'tier');
  const wide = (mm: Mm) => formatLength(mm, shown);
  const board = `a ${wide(build.board.width)} ${build.board.shape} board`;
  if (tiers.length === 0) return board;
  if (tiers.length > 1) return `${tiers.length} tiers on ${board}`;
  return `a ${wide(tiers[0]!.width)} cake on ${board}`;
}

/** Whether something of the brief was said; of a build that never asked, all of it was. */
const wasSaid = ({ brief }: Build, key: BriefKey): boolean =>
  brief.said === undefined || brief.said.includes(key);

/**
 * The brief of a build as the sentence it began with. What was never said is told as taken for usual.
 * @param height finished height, mm
 */
export function briefOf(build: Build, height: Mm, at: ReadingAt): BriefStretch[] {
  const { brief } = build;
  const text = (words: string): BriefStretch => ({ text: words });
  const typed = (
    key: 'due' | 'journey' | 'eaters' | 'hours' | 'room',
    words: string | undefined,
  ): BriefBlank => {
    const blank = BLANKS[key];
    return {
      key,
      label: blank.label,
      words: words ?? 'whom?',
      state: words === undefined ? 'open' : wasSaid(build, key) ? 'said' : 'usual',
      example: blank.example,
      choices: blank.choices(NO_START, at),
    };
  };
  const fixed = (key: BriefKey, label: string, words: string, under: 'paste' | 'shape'): BriefBlank => ({
    key,
    label,
    words,
    state: wasSaid(build, key) ? 'said' : 'usual',
    example: '',
    choices: [],
    under,
  });
  const used = build.blends.filter((b) => build.pieces.some((p) => p.blend === b.id));
  const pastes = [...new Set((used.length > 0 ? used : build.blends).map(pasteName))];
  return [
    text(`${build.name}, `),
    {
      key: 'size',
      label: 'How tall',
      words: formatLength(height, at.shown),
      state: wasSaid(build, 'size') ? 'said' : 'usual',
      example: BLANKS.size.example,
      choices: [],
    },
    text(' tall, in '),
    fixed('paste', 'Paste', listed(pastes.map((p) => lower(p))), 'paste'),
    text(', standing on '),
    fixed('base', 'Stands on', standsOn(build, at), 'shape'),
    text('. Ready by '),
    typed('due', BLANKS.due.words(brief.due, NO_START, at)),
    text(', travels '),
    typed('journey', BLANKS.journey.words(brief.journey, NO_START, at)),
    text(', for '),
    typed('eaters', brief.eaters && BLANKS.eaters.words(brief.eaters, NO_START, at)),
    text(', and I work '),
    typed('hours', BLANKS.hours.words(build.hours, NO_START, at)),
    text(' in '),
    typed('room', BLANKS.room.words(build.room, NO_START, at)),
    text('.'),
  ];
}

/** The whole figure made as tall as was typed. */
function sayHeight(build: Build, text: string, { shown }: ReadingAt): Change {
  const read = parseQuantity('length', text.replace(/\b(tall|high)\b/gi, ''), shown.length);
  if (!read.ok) return read;
  const made = toHeight(build, read.value);
  return made.ok ? ok(withSaid(made.value.build, 'size')) : made;
}

/** Something typed into a blank of the brief: the build with it, or why it is not understood. */
export function sayInBrief(build: Build, key: BriefKey, text: string, at: ReadingAt): Change {
  const and = <T>(read: Result<T>, then: (value: T) => Change): Change => (read.ok ? then(read.value) : read);
  switch (key) {
    case 'size':
      return sayHeight(build, text, at);
    case 'due':
      return and(BLANKS.due.read(text, NO_START, at), (due) => setBrief(build, { due }));
    case 'journey':
      return and(BLANKS.journey.read(text, NO_START, at), (journey) => setBrief(build, { journey }));
    case 'eaters':
      return and(BLANKS.eaters.read(text, NO_START, at), (eaters) => ok(setEaters(build, eaters)));
    case 'hours':
      return and(BLANKS.hours.read(text, NO_START, at), (hours) => setHours(build, hours));
    case 'room':
      return and(BLANKS.room.read(text, NO_START, at), (room) => setRoom(build, room));
    default:
      return fail('That is changed where it is made.');
  }
}

/** What is taken as usual in a brief, and nobody confirmed. */
export const notConfirmed = (build: Build): BriefKey[] =>
  build.brief.said === undefined
    ? []
    : (['size', 'base', 'due', 'journey', 'eaters', 'hours', 'room'] as const).filter(
        (key) => !wasSaid(build, key),
      );
