import type { Mm } from '../quantity/index.ts';
import type { Profile } from './profile.ts';
import type { Sheet } from './sheet.ts';
import type { Takes } from './takes.ts';
import type { Way } from './ways.ts';

/** A belly that hangs out further than this over its foot leaves the sheet hanging free below it. Estimate, mm. */
const HANGS: Mm = 10;

/** Rounded up to half a millimetre. */
const toRoll = (x: Mm): string => (Math.ceil(x * 2) / 2).toFixed(1);

/** What is wrong with a sheet, in words. */
export function troublesOf({ thinnest }: Sheet, t: Mm, way: Way, takes: Takes, { under }: Profile): string[] {
  const says: string[] = [];
  if (takes.hides > thinnest.value)
    says.push(
      `Rolled to ${t} mm its top ends at ${thinnest.value.toFixed(1)} mm and shows what is under it: roll ${toRoll((takes.hides * t) / thinnest.value)} mm or more.`,
    );
  if (way.ends === 'board' && under > HANGS)
    says.push(
      `Below the widest place it goes in by ${Math.round(under)} mm: the sheet hangs free there, press it in or gather it under.`,
    );
  return says;
}
