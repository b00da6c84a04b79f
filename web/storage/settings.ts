import { db, type SpindleDb } from './db.ts';

export async function readSetting<T>(key: string, otherwise: T, store: SpindleDb = db): Promise<T> {
  const found = await store.settings.get(key);
  return found === undefined ? otherwise : (found.value as T);
}

export async function writeSetting(key: string, value: unknown, store: SpindleDb = db): Promise<void> {
  await store.settings.put({ key, value });
}
