import { effectScope } from 'vue';
import { beforeEach, expect, it, vi } from 'vitest';
import { demoBuild } from '@core/files/demo.testing.ts';
import type { ShelfState } from '@core/shelf-state.ts';

interface Asked {
  readonly id: string;
  readonly sought: boolean;
  readonly give: (state?: ShelfState) => void;
  readonly fail: () => void;
}
const asked: Asked[] = [];
vi.mock('../workers/client.ts', () => ({
  shelfStateJob: ({ id }: { id: string }, _now: number, sought: boolean) => {
    let give: (state?: ShelfState) => void = () => undefined;
    let fail = () => undefined as void;
    const result = new Promise<ShelfState | undefined>((resolve, reject) => {
      give = resolve;
      fail = () => reject(new Error('broke'));
    });
    asked.push({ id, sought, give, fail });
    return { result, cancel: () => give(undefined) };
  },
}));

const otter = demoBuild('ferryman-otter');
const build = (id: string) => ({ build: { ...otter, id }, revision: 1 });
const state = (
  sought: boolean,
  startBy: string | undefined = sought ? 'Mon 19:35' : 'Mon 19:40',
): ShelfState => ({
  done: 0,
  next: 1,
  steps: 9,
  wrong: undefined,
  startBy,
  noPlan: startBy ? undefined : 'no plan',
  late: false,
  sought,
});
const turn = () => new Promise((resolve) => setTimeout(resolve, 5));

let shelf: ReturnType<typeof import('./states.ts').useStates>;
beforeEach(async () => {
  vi.resetModules();
  asked.length = 0;
  const { useStates } = await import('./states.ts');
  vi.spyOn(console, 'warn').mockImplementation(() => undefined);
  shelf = effectScope().run(useStates)!;
});
const asks = () => asked.map((a) => `${a.id} ${a.sought ? 'sought' : 'first'}`);
async function answer(of?: ShelfState): Promise<void> {
  const last = asked.at(-1)!;
  last.give(of ?? state(last.sought));
  await turn();
}

it('tells the first answer of each, and then what each start comes to; one that has no start is not sought', async () => {
  shelf.look([build('a'), build('b'), build('c')]);
  await turn();
  await answer();
  await answer({ ...state(false), startBy: undefined });
  await answer();
  expect(shelf.states.get('a')!.startBy).toBe('Mon 19:40');
  await answer();
  await answer();
  expect(asks()).toEqual(['a first', 'b first', 'c first', 'a sought', 'c sought']);
  expect(shelf.states.get('a')!.startBy).toBe('Mon 19:35');
  // what is known is told at once, and nothing is asked again
  shelf.look([build('a'), build('c')]);
  await turn();
  expect(asked).toHaveLength(5);
});

it('lets one that nothing is known of go before a long search, which is taken up again', async () => {
  shelf.look([build('a')]);
  await turn();
  await answer();
  expect(asks().at(-1)).toBe('a sought');
  shelf.look([build('a'), build('new')]);
  await turn();
  expect(asks().at(-1)).toBe('new first');
  await answer();
  await answer();
  expect(asks()).toEqual(['a first', 'a sought', 'new first', 'a sought', 'new sought']);
});

it('goes on past one that cannot be looked at, and does not ask for it for ever', async () => {
  shelf.look([build('a'), build('b')]);
  await turn();
  asked.at(-1)!.fail();
  await turn();
  await answer();
  await answer();
  expect(asks()).toEqual(['a first', 'b first', 'b sought']);
  expect(shelf.states.has('a')).toBe(false);
});
