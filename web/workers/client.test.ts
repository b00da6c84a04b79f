import { expose } from 'comlink';
import { afterEach, describe, expect, it } from 'vitest';
import { JobRunner } from './client.ts';

const api = {
  add: (a: number, b: number) => a + b,
  forever: () => new Promise<number>(() => undefined),
};

/** A worker that lives in this thread, behind a real message channel. */
const open: MessageChannel[] = [];
let ended = 0;
let started = 0;
function worker(): Worker {
  const channel = new MessageChannel();
  open.push(channel);
  expose(api, channel.port2);
  started++;
  return Object.assign(channel.port1, {
    terminate: () => {
      ended++;
      channel.port1.close();
    },
  }) as unknown as Worker;
}
afterEach(() => {
  for (const c of open.splice(0)) {
    c.port1.close();
    c.port2.close();
  }
  ended = started = 0;
});

describe('a worker for one kind of work', () => {
  it('ends its worker when it is told to, and starts another for the next job', async () => {
    const runner = new JobRunner<typeof api>(worker);
    await runner.run((a) => a.add(2, 3)).result;
    runner.end();
    runner.end();
    expect(await runner.run((a) => a.add(4, 5)).result).toBe(9);
    expect([started, ended]).toEqual([2, 1]);
  });

  it('gives results and keeps its worker', async () => {
    const runner = new JobRunner<typeof api>(worker);
    expect(await runner.run((a) => a.add(2, 3)).result).toBe(5);
    expect(await runner.run((a) => a.add(4, 5)).result).toBe(9);
    expect(started).toBe(1);
  });

  it('ends the worker when work is given up, and starts a fresh one for the next', async () => {
    const runner = new JobRunner<typeof api>(worker);
    const job = runner.run((a) => a.forever());
    job.cancel();
    expect(await job.result).toBeUndefined();
    expect(ended).toBe(1);
    expect(await runner.run((a) => a.add(1, 1)).result).toBe(2);
    expect(started).toBe(2);
  });

  it('a worker that breaks is ended and forgotten: the next job gets a fresh one', async () => {
    const runner = new JobRunner<typeof api>(worker);
    const job = runner.run((a) => a.forever());
    const broken = open.at(-1)!.port1;
    broken.dispatchEvent(Object.assign(new Event('error'), { message: 'out of memory' }));
    await expect(job.result).rejects.toThrow(/out of memory/);
    expect(ended).toBe(1);
    // it was over: giving it up is nothing
    job.cancel();
    expect(ended).toBe(1);
    expect(await runner.run((a) => a.add(1, 2)).result).toBe(3);
    expect(started).toBe(2);
  });

  it('a worker that cannot be started fails its job, and the next is tried again', async () => {
    let down = true;
    const runner = new JobRunner<typeof api>(() => {
      if (down) throw new Error('no more workers');
      return worker();
    });
    await expect(runner.run((a) => a.add(1, 2)).result).rejects.toThrow(/no more workers/);
    down = false;
    expect(await runner.run((a) => a.add(1, 2)).result).toBe(3);
  });

  it('does nothing when finished work is given up', async () => {
    const runner = new JobRunner<typeof api>(worker);
    const job = runner.run((a) => a.add(1, 1));
    await job.result;
    job.cancel();
    expect(ended).toBe(0);
  });
});
