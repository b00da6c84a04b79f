import { emptyBuild, type Build } from '@core/record/index.ts';

const two = (n: number) => String(n).padStart(2, '0');

/** A new build under a name nobody has yet, due in two weeks at three in the afternoon of this place. */
export function blankBuild(taken: readonly string[], now = new Date()): Build {
  const due = new Date(now);
  due.setDate(due.getDate() + 14);
  let name = 'New figure';
  for (let n = 2; taken.includes(name); n++) name = `New figure ${n}`;
  const build = emptyBuild(crypto.randomUUID(), name, {
    due: `${due.getFullYear()}-${two(due.getMonth() + 1)}-${two(due.getDate())}T15:00`,
    zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
  });
  // nobody was asked for any of it
  return { ...build, brief: { ...build.brief, said: [] } };
}
