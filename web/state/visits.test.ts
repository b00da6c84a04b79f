import 'fake-indexeddb/auto';
import { afterEach, expect, it, vi } from 'vitest';
import { readSetting, writeSetting } from '../storage/settings.ts';

const fresh = async () => {
  vi.resetModules();
  return (await import('./visits.ts')).comesNew;
};
afterEach(() => vi.restoreAllMocks());

it('a lens is new three times, over pages, and each lens by itself', async () => {
  let comesNew = await fresh();
  expect([await comesNew('Cut'), await comesNew('Cut')]).toEqual([true, true]);
  await vi.waitFor(async () => expect(await readSetting('hint:Cut', 0)).toBe(2));
  comesNew = await fresh();
  expect([await comesNew('Cut'), await comesNew('Cut'), await comesNew('Days')]).toEqual([true, false, true]);
});

it('is counted once for each coming, however fast one follows another', async () => {
  const comesNew = await fresh();
  const all = await Promise.all(Array.from({ length: 5 }, () => comesNew('Paste')));
  expect(all.filter(Boolean)).toHaveLength(3);
});

it('what is known is not read again', async () => {
  await writeSetting('hint:Bones', 3);
  const comesNew = await fresh();
  expect(await comesNew('Bones')).toBe(false);
  await writeSetting('hint:Bones', 0);
  expect(await comesNew('Bones')).toBe(false);
});
