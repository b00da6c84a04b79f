import { measuredElsewhere } from '@core/bones/index.ts';
import { pacesFrom } from '@core/days/index.ts';
import { seenElsewhere } from '@core/firming/index.ts';
import { setPaces } from '@core/edits/index.ts';
import { type Build } from '@core/record/index.ts';
import { ownTimesOf } from '@core/own-times.ts';

/** A new build starts from what was seen, measured and timed in the others. */
export const knowing = (build: Build, others: readonly Build[]): Build =>
  setPaces(
    { ...build, log: seenElsewhere(build, others), measured: measuredElsewhere(build, others) },
    pacesFrom(ownTimesOf(others)),
  );
