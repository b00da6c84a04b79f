/** What the browser says of the room it has, and whether it keeps what is here for good. */
export interface RoomKept {
  /** Bytes; undefined where the browser does not say. */
  readonly used: number | undefined;
  readonly most: number | undefined;
  /** It is kept until the person takes it away; undefined where the browser does not say. */
  readonly forGood: boolean | undefined;
}

const storage = (): StorageManager | undefined => (globalThis.navigator as Navigator | undefined)?.storage;

export async function roomKept(): Promise<RoomKept> {
  const s = storage();
  const [estimate, forGood] = await Promise.all([
    s?.estimate?.().catch(() => undefined),
    s?.persisted?.().catch(() => undefined),
  ]);
  return { used: estimate?.usage, most: estimate?.quota, forGood };
}

/** Ask the browser to keep it for good. @returns whether it does */
export const askForGood = async (): Promise<boolean> =>
  (await storage()
    ?.persist?.()
    .catch(() => false)) ?? false;
