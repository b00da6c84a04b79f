import { readSetting, writeSetting } from '../storage/settings.ts';

/** The first few times somebody comes to a lens a word is said beside the book; then it leaves. */
const FEW = 3;

/** How often each lens was come to, as far as it was asked for here: what the browser keeps is read once. */
const visits = new Map<string, Promise<number>>();

/** Somebody comes to a lens. Is it still new to them? No, where the browser keeps nothing. */
export async function comesNew(lens: string): Promise<boolean> {
  const key = `hint:${lens}`;
  const before = visits.get(key) ?? readSetting(key, 0).catch(() => FEW);
  visits.set(
    key,
    before.then((times) => times + 1),
  );
  const times = await before;
  if (times >= FEW) return false;
  void writeSetting(key, times + 1).catch(() => undefined);
  return true;
}
