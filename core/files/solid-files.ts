import { fail, ok, type Result } from '../quantity/index.ts';

/** Larger files of triangles are not read: 80 MB is a million and a half triangles. */
export const LARGEST_SOLID = 80_000_000;

export type SolidFormat = 'stl' | 'obj';

const readText = (bytes: Uint8Array, from: number, to: number): string => {
  let text = '';
  for (let i = from; i < Math.min(to, bytes.length); i++) text += String.fromCharCode(bytes[i]!);
  return text;
};

/** Triangles a binary STL says it has; undefined when its length is another. The word “solid” proves nothing. */
export function binaryStlTriangles(bytes: Uint8Array): number | undefined {
  if (bytes.length < 84) return undefined;
  const n = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength).getUint32(80, true);
  return 84 + 50 * n === bytes.length ? n : undefined;
}

/**
 * Look at a file of triangles before it is read in full.
 * @returns which format it is, or a sentence saying what is wrong with it
 */
export function lookAtSolid(name: string, bytes: Uint8Array): Result<SolidFormat> {
  if (bytes.length === 0) return fail('The file is empty.');
  if (bytes.length > LARGEST_SOLID)
    return fail('The file is larger than 80 MB: save it with fewer triangles first.');
  const ending = name.toLowerCase().split('.').at(-1);
  if (ending === 'obj') {
    const head = readText(bytes, 0, 200_000);
    return /^\s*v\s/m.test(head)
      ? ok('obj')
      : fail('This file has no corners in it: it is not an OBJ, or it breaks off.');
  }
  if (ending !== 'stl') return fail('Only STL and OBJ files of solids can be read.');
  const n = binaryStlTriangles(bytes);
  if (n === 0) return fail('The file holds no triangles.');
  if (n !== undefined) return ok('stl');
  const head = readText(bytes, 0, 2000);
  if (!/^\s*solid/i.test(head) || !/facet/i.test(head))
    return fail('This is neither a whole binary STL nor a readable one: was the download cut short?');
  return /endsolid/i.test(readText(bytes, bytes.length - 400, bytes.length))
    ? ok('stl')
    : fail('This STL breaks off before its end.');
}

/** Corners and faces of an OBJ name each other rightly? Read line by line, so that a broken face is told. */
export function objTrouble(text: string): string | undefined {
  let corners = 0;
  let faces = 0;
  let line = 0;
  for (const raw of text.split(/\r?\n/)) {
    line++;
    const parts = raw.trim().split(/\s+/);
    if (parts[0] === 'v') {
      if (parts.length < 4 || !parts.slice(1, 4).every((p) => Number.isFinite(Number(p))))
        return `Line ${line} has a corner that is not three numbers.`;
      corners++;
    } else if (parts[0] === 'f') {
      if (parts.length < 4) return `Line ${line} has a face with fewer than three corners.`;
      for (const p of parts.slice(1)) {
        const k = Number.parseInt(p, 10);
        const i = k < 0 ? corners + k : k - 1;
        if (!(i >= 0 && i < corners)) return `Line ${line} has a face that names a corner that is not there.`;
      }
      faces++;
    }
  }
  return faces > 0 ? undefined : 'The file holds no faces.';
}
