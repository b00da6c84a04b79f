/** Whether a file is an archive, by its first bytes (PKWARE APPNOTE 4.3.7). */
export async function isArchive(file: Blob): Promise<boolean> {
  const [p, k] = new Uint8Array(await file.slice(0, 2).arrayBuffer());
  return p === 0x50 && k === 0x4b;
}
