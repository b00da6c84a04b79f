import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { needsOf } from './needs.ts';
import { demoBuild, value } from '../files/demo.testing.ts';
import { plan } from '../plan.ts';
import { readStores, storesFrom } from '../stores-file.ts';
import { checkItem, readSize, sameSize, shoppingList, type Need, type StockItem } from './index.ts';

describe('the size of a core or a board as people name it', () => {
  it.each([
    ['Foam core, ball 60 mm', { shape: 'ball', sizes: [60] }],
    ['foam ball 2.5 in', { shape: 'ball', sizes: [63.5] }],
    ['Foam core, 60 × 80 × 40 mm', { shape: 'block', sizes: [80, 60, 40] }],
    ['block 6 x 8 x 4 cm', { shape: 'block', sizes: [80, 60, 40] }],
    ['Round board 240 mm, drum', { shape: 'round', sizes: [240], made: 'drum' }],
    ['Square board 10 in, mdf', { shape: 'square', sizes: [254], made: 'mdf' }],
    ['Disc of card, 40 mm across', { shape: 'disc', sizes: [40], made: 'card' }],
  ])('%s', (words, size) => {
    const read = readSize(words)!;
    expect(read).toMatchObject({ ...size, sizes: expect.anything() as number[] });
    read.sizes.forEach((x, i) => expect(x).toBeCloseTo(size.sizes[i]!, 6));
  });
  it('words that name none name none', () => {
    for (const words of ['Foam', 'some boards', '40 mm']) expect(readSize(words), words).toBeUndefined();
  });
  it('what is named otherwise is the same thing, another size is another thing', () => {
    const board = readSize('Round board 240 mm, drum');
    expect(sameSize(readSize('my 24 cm drum board'), board)).toBe(true);
    expect(sameSize(readSize('24 cm board'), board)).toBe(true);
    expect(sameSize(readSize('24 cm mdf board'), board)).toBe(false);
    expect(sameSize(readSize('25 cm drum board'), board)).toBe(false);
    expect(sameSize(undefined, board)).toBe(false);
  });
});

describe('what is on the shelf against what is needed', () => {
  const item = (name: string, ingredient: string): StockItem =>
    value(checkItem({ id: name, ingredient, name, amount: 1, note: '' }));
  it('goes by size, however it is called', () => {
    const otter = demoBuild('ferryman-otter');
    const { paste, bones, cake } = plan(otter);
    const need = needsOf(otter, paste, bones, cake).find((n) => n.id === 'board')!;
    expect(need.size).toEqual({ shape: 'round', sizes: [otter.board.width], made: otter.board.material });
    const short = (name: string, n: Need = need) =>
      shoppingList([n], { items: [item(name, 'board')], packs: {}, pastes: [], book: [] }, '2026-12-01')[0]!
        .short.value;
    expect(short(`my ${otter.board.width / 10} cm ${otter.board.material} board`)).toBe(0);
    expect(short(`${otter.board.width + 20} mm round board`)).toBe(1);
    // a name that is the same word for word but says another size is another board
    expect(short('board')).toBe(1);
  });
});

describe('stores of version 1', () => {
  it('still open, and their cores and boards get their sizes', () => {
    const text = readFileSync(
      new URL('../files/examples/stores-v1.spindle-stores.json', import.meta.url),
      'utf8',
    );
    const old = JSON.parse(text) as { version: number; items: StockItem[] };
    expect(old.version).toBe(1);
    const named = { id: 'foam-60', ingredient: 'foam', name: 'Foam core, ball 60 mm', amount: 2, note: '' };
    const read = value(storesFrom({ ...old, items: [...old.items, named] }));
    expect(read.items.at(-1)!.size).toEqual({ shape: 'ball', sizes: [60] });
    expect(read.items.slice(0, -1).map(({ size: _size, ...i }) => i)).toEqual(old.items);
    expect(readStores(text).ok).toBe(true);
  });
});
