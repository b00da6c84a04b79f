import { firm } from './kinds/firm.ts';
import { hung } from './kinds/hung.ts';
import { iced } from './kinds/iced.ts';
import { loose } from './kinds/loose.ts';
import { posed } from './kinds/posed.ts';
import { pressed } from './kinds/pressed.ts';
import { laidRound } from './kinds/round.ts';
import { slid } from './kinds/slid.ts';
import { socket } from './kinds/socket.ts';
import { stood } from './kinds/stood.ts';
import { threadedOn } from './kinds/threaded.ts';
import type { JoinKindId } from '../record/index.ts';
import type { JoinKind } from './types.ts';

/** Every kind of join, by its id. */
export const JOINS: Readonly<Record<JoinKindId, JoinKind>> = {
  stood,
  pressed,
  posed,
  socket,
  round: laidRound,
  slid,
  firm,
  iced,
  hung,
  loose,
  threaded: threadedOn,
};
