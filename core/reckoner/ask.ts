import { plan } from '../plan.ts';
import { fail, ok, type Result } from '../quantity/index.ts';
import type { Build } from '../record/index.ts';
import type { Sayings, SmallAnswer, SmallField, SmallQuestion } from './types.ts';

/** A question answered: the figures, a word beside them, and the build they come from. */
interface Answered {
  readonly answers: readonly SmallAnswer[];
  readonly notes: readonly string[];
  readonly build: Build;
}

/** What a field takes of what was said: a number within its limits, one of its options, or as usual. */
function heard(field: SmallField, said: unknown): number | string {
  if ('options' in field) return field.options.some((o) => o.value === said) ? String(said) : field.usual;
  const value = said === undefined || said === '' ? NaN : Number(said);
  if (!Number.isFinite(value)) return field.usual;
  return Math.min(field.most, Math.max(field.least, value));
}

/** Everything a question has to know, from what was said of it in an address; as usual where nothing, or nothing of use, was. */
export const saidTo = (question: SmallQuestion, said: Readonly<Record<string, unknown>>): Sayings =>
  Object.fromEntries(question.fields.map((f) => [f.key, heard(f, said[f.key])]));

/** A board is so many times as wide as what stands on it, and no less than this, mm. Estimates. */
const [WIDER, LEAST] = [1.7, 60];

/** A board that suits the piece; one that was asked about stays. */
function onItsBoard(build: Build): Build {
  if (build.pieces.length === 0) return build;
  const { wide } = plan(build).figure;
  const width = Math.min(1500, Math.max(LEAST, Math.ceil((WIDER * wide.value) / 10) * 10));
  return { ...build, board: { ...build.board, width } };
}

/** The answer to a small question, out of the report of the build it makes. */
export function answered(question: SmallQuestion, said: Sayings): Result<Answered> {
  const made = question.build(said);
  if (!made.ok) return fail(made.problem.text);
  const build = onItsBoard(made.value);
  const report = plan(build);
  return ok({
    answers: question.answers(report, said),
    notes: question.notes?.(report, said) ?? [],
    build,
  });
}
