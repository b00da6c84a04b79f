import type { FigureSaid } from '@core/brief/index.ts';
import { begunAgain, setBrief, setEaters, setHours, setRoom } from '@core/edits/index.ts';
import type { Build, Change } from '@core/record/index.ts';

/** A build made again, from what it learned and with nothing done; what was said of the new one replaces what it had. */
export function likeEarlier(earlier: Build, said: FigureSaid, own: Pick<Build, 'id' | 'name'>): Build {
  let now: Build = begunAgain({ ...earlier, ...own });
  const take = (change: Change): void => {
    if (change.ok) now = change.value;
  };
  if (said.due !== undefined) take(setBrief(now, { due: said.due }));
  if (said.journey !== undefined) take(setBrief(now, { journey: said.journey }));
  if (said.eaters !== undefined) now = setEaters(now, said.eaters);
  if (said.hours !== undefined) take(setHours(now, said.hours));
  if (said.room !== undefined) take(setRoom(now, said.room));
  return now;
}
