import WebSocket from 'ws';
import type { Browser } from '../tests/browser/driver.ts';

/** What a trace keeps of one thing that happened; times in microseconds, `tdur` of the processor alone. */
export interface TraceEvent {
  readonly name: string;
  readonly ph: string;
  readonly ts: number;
  readonly dur?: number;
  readonly tdur?: number;
  readonly pid: number;
  readonly tid: number;
}

/** Marks of the page, and the tasks of every thread. */
const CATEGORIES = ['blink.user_timing', 'disabled-by-default-devtools.timeline'];

interface Message {
  readonly id?: number;
  readonly method?: string;
  readonly params?: { readonly value?: readonly TraceEvent[] };
}

/**
 * Trace a whole browser through its own debugging protocol, until `end` is called.
 * @see https://chromedevtools.github.io/devtools-protocol/tot/Tracing/
 */
export async function startTrace(b: Browser): Promise<{ readonly end: () => Promise<TraceEvent[]> }> {
  const told = (await b.driver.getCapabilities()).get('goog:chromeOptions') as { debuggerAddress: string };
  const answer = await fetch(`http://${told.debuggerAddress}/json/version`);
  const { webSocketDebuggerUrl } = (await answer.json()) as { webSocketDebuggerUrl: string };
  const socket = new WebSocket(webSocketDebuggerUrl, { maxPayload: 2 ** 30 });
  const events: TraceEvent[] = [];
  let heard: (m: Message) => void = () => undefined;
  socket.on('message', (data: Buffer) => {
    const m = JSON.parse(data.toString()) as Message;
    if (m.method === 'Tracing.dataCollected') events.push(...(m.params?.value ?? []));
    heard(m);
  });
  /** Send a command and wait for what tells that it is done. */
  const send = (id: number, method: string, params: object, until: (m: Message) => boolean) =>
    new Promise<void>((resolve) => {
      heard = (m) => until(m) && resolve();
      socket.send(JSON.stringify({ id, method, params }));
    });
  await new Promise((resolve) => socket.once('open', resolve));
  const traceConfig = { recordMode: 'recordAsMuchAsPossible', includedCategories: CATEGORIES };
  await send(1, 'Tracing.start', { transferMode: 'ReportEvents', traceConfig }, (m) => m.id === 1);
  return {
    end: async () => {
      await send(2, 'Tracing.end', {}, (m) => m.method === 'Tracing.tracingComplete');
      socket.close();
      return events;
    },
  };
}
