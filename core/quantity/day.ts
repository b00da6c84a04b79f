/** A day of the calendar as it is written everywhere, `YYYY-MM-DD`. */
export type Day = string;

/** Whether there is such a day: no thirtieth of February. */
export function isDay(text: string): boolean {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return false;
  const at = new Date(`${text}T00:00:00Z`);
  return !Number.isNaN(at.getTime()) && at.toISOString().startsWith(text);
}

/** So many days later. @throws RangeError when the day is none: check it first */
export function addDays(day: Day, days: number): Day {
  if (!isDay(day)) throw new RangeError(`${day} is no day`);
  return new Date(Date.parse(`${day}T00:00:00Z`) + Math.round(days) * 86_400_000).toISOString().slice(0, 10);
}

/** Whole days from one to the other. */
export const daysBetween = (from: Day, to: Day): number =>
  Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / 86_400_000);

/** The first of several days. */
export const earliest = (days: readonly Day[]): Day | undefined => [...days].sort()[0];
