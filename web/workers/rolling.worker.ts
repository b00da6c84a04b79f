import { expose } from 'comlink';
import { rollCopy } from '../storage/rolling.ts';

const api = {
  /** Make a copy of everything where it is time; a hand that models meanwhile feels nothing of it. */
  roll: (now: number): Promise<boolean> => rollCopy(now),
};

export type RollingApi = typeof api;

expose(api);
