import type { Weight } from '@core/figure/index.ts';
import { formatReckoned, isWeighed, type Shown } from '@core/quantity/index.ts';
import type { FirmState } from '@core/firming/index.ts';
import { everyRod, type SeenBones } from '@core/bones/index.ts';

/** What is said of a piece that is pointed at: its name and weight, and how it is just now. */
export interface PieceSaid {
  readonly name: string;
  readonly more: string;
}

const VERDICTS = { fails: 'won’t hold', tight: 'is tight', holds: 'holds', idle: '' } as const;

/** Rods that end in a piece, and how they do. */
function rodsSaid(bones: SeenBones, id: string): string {
  const said = everyRod(bones).flatMap((r) =>
    r.rod.to.on === id && VERDICTS[r.verdict] ? [`rod ${r.letter} ${VERDICTS[r.verdict]}`] : [],
  );
  return said.join(', ');
}

/** What a piece is called, how many there are of it and what one weighs. */
export interface Spoken {
  readonly name: string;
  readonly number: number;
  readonly weight: Weight;
}

/**
 * A piece in a few words, for who points at it and who cannot see it.
 * @param state how firm it is at the playhead, where that is looked at
 * @param bones what its rods do, where that is looked at
 */
export function saidOf(
  id: string,
  { name, number, weight }: Spoken,
  {
    state,
    bones,
    shown,
  }: { state?: FirmState | 'unmade' | undefined; bones: SeenBones | undefined; shown: Shown },
): PieceSaid {
  const grams = isWeighed(weight.paste.value)
    ? formatReckoned(weight.paste, shown)
    : `${formatReckoned(weight.ball, shown)} ball`;
  const more = [state === 'unmade' ? 'not made yet' : state, bones ? rodsSaid(bones, id) : ''];
  return {
    name: `${name} · ${number > 1 ? `${number} of ${grams}` : grams}`,
    more: more.filter(Boolean).join(' · '),
  };
}
