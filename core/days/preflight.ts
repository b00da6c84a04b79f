import { readStepId, wholeOf, type Build } from '../record/index.ts';
import { listed } from '../quantity/index.ts';
import { burials, closesOff } from './burial.ts';
import { BONES_ID, joinId, PACK_ID } from './steps/types.ts';
import { shapedBy } from './steps/index.ts';
import type { Link, Step } from './types.ts';

/** Something to be sure of before a step that cannot be undone. */
export interface Preflight {
  readonly text: string;
  /** A step that answers it, and whether that is ticked off. */
  readonly step?: string;
  readonly done: boolean;
}

/**
 * What has to be so before a step that cannot be undone: every step on what it covers is done, rods are cut, and what
 * goes out of reach has been looked at.
 * @returns nothing for a step that can be done again
 */
export function preflight(
  build: Build,
  { steps, links }: { readonly steps: readonly Step[]; readonly links: readonly Link[] },
  step: Step,
): Preflight[] {
  const ticked = new Set(build.bench.done.map((d) => d.step));
  const lines: Preflight[] = [];
  const about = (id: string, text: string) => {
    if (steps.some((s) => s.id === id)) lines.push({ text, step: id, done: ticked.has(id) });
  };
  if (step.id === PACK_ID) {
    // what is fitted there comes after the way
    const later = new Set(links.flatMap((l) => (l.from === PACK_ID ? [l.to] : [])));
    for (const s of steps)
      if (s.id !== PACK_ID && !later.has(s.id) && !ticked.has(s.id))
        lines.push({ text: `${s.title} is done`, step: s.id, done: false });
    lines.push({ text: 'Needles, pins and loose sticks are counted', done: false });
    return lines;
  }
  lines.push(...cannotBeUndone(build, step).map((text) => ({ text, done: false })));
  if (step.kind !== 'join' || step.piece === undefined || wholeOf(step.id) !== joinId(step.piece))
    return lines;
  const covered = burials(build).filter((b) => b.by === step.piece);
  for (const b of covered) {
    const piece = build.pieces.find((p) => p.id === b.piece)!;
    about(
      shapedBy(piece),
      `the ${b.name.toLowerCase()} ${piece.pair || piece.count > 1 ? 'are' : 'is'} shaped and textured`,
    );
  }
  for (const own of build.steps.own)
    if (links.some((l) => l.from === own.id && l.to === step.id))
      about(own.id, `“${own.title}” is done: after this it is out of reach`);
  if (lines.length > 0 || closesOff(build, step.piece).length > 0)
    about(BONES_ID, 'the rods are cut to length');
  const closed = closesOff(build, step.piece);
  if (closed.length > 0) lines.push({ text: `Nothing is left to do on ${listed(closed)}`, done: false });
  return lines;
}

/** What to be sure of before the knife, the saw and the cover, whatever the figure. Common practice. */
function cannotBeUndone(build: Build, step: Step): string[] {
  const { tiers } = build.cake;
  if (step.kind === 'bones')
    return [
      'each length is measured twice, at the piece itself',
      'the ends are deburred and the sleeves are to hand',
    ];
  const ref = readStepId(step.id);
  if (ref?.task === 'carve')
    return [
      'the cake is cold right through and stands on its own board',
      'the templates are pinned and their height is marked',
    ];
  if (ref?.task === 'coat')
    return ['crumbs are brushed off and the carved shape was looked at from all sides'];
  if (ref?.task === 'cover') {
    const tier = tiers.find((t) => t.id === ref.of);
    return [
      'the coat is cold and just tacky, edges are sharp',
      'the paste is rolled out wide enough',
      ...(tier?.posts ? ['posts and their marks are cut and ready'] : []),
    ];
  }
  if (step.piece !== undefined && step.kind === 'shape') {
    const piece = build.pieces.find((p) => p.id === step.piece);
    if (piece?.core === 'cake' && piece.form.coat)
      return ['the coat of the cake is cold: once the paste is on it nothing under it can be mended'];
  }
  return [];
}
