import { expose } from 'comlink';
import Module from 'manifold-3d';
import wasmUrl from 'manifold-3d/manifold.wasm?url';
import { MeshoptSimplifier } from 'meshoptimizer';
import { OBJLoader } from 'three/addons/loaders/OBJLoader.js';
import { STLLoader } from 'three/addons/loaders/STLLoader.js';
import type { BufferGeometry, Mesh as ThreeMesh } from 'three';
import { lookAtSolid, objTrouble } from '@core/files/index.ts';
import { place, type UnionMeasure } from '@core/figure/index.ts';
import { type Build } from '@core/record/index.ts';
import { fail, ok, type Result } from '@core/quantity/index.ts';
import {
  bodyMesh,
  checkMesh,
  guessUnit,
  keptSolid,
  measureMesh,
  placedMesh,
  uprighted,
  weld,
  type FileUnit,
  type Mesh,
  type MeshCheck,
  type SolidData,
  type UpAxis,
  type Vec,
} from '@core/solids/index.ts';

/** What the pieces fill together, and which could not be joined. */
export interface UnionReport extends UnionMeasure {
  /** Pieces whose surface could not be joined; counted apart only. */
  readonly left: readonly string[];
}

/** A solid as it was found in its file. */
export interface FoundSolid {
  readonly triangles: number;
  readonly size: Vec;
  readonly check: MeshCheck;
  readonly unit: FileUnit;
}

/** What of a solid is kept, with the size of its box in the file's own unit. */
export interface KeptSolid {
  readonly solid: SolidData;
  readonly size: readonly [number, number, number];
}

const ready = Module({ locateFile: () => wasmUrl }).then((m) => {
  m.setup();
  return m;
});

/** Faces a solid keeps in the build. */
const KEPT_FACES = 3000;
/** Corners of a circle in the union. */
const ROUND = 40;
const IN_ONE_GO = 12;

let found: { name: string; mesh: Mesh } | undefined;

async function thinned(mesh: Mesh): Promise<Mesh> {
  if (mesh.faces.length <= 3 * KEPT_FACES) return mesh;
  await MeshoptSimplifier.ready;
  const positions = Float32Array.from(mesh.points);
  const [faces] = MeshoptSimplifier.simplify(mesh.faces, positions, 3, 3 * KEPT_FACES, 1);
  const number = new Map<number, number>();
  const points: number[] = [];
  const renumbered = Uint32Array.from(faces, (f) => {
    let n = number.get(f);
    if (n === undefined) {
      number.set(f, (n = points.length / 3));
      points.push(mesh.points[3 * f]!, mesh.points[3 * f + 1]!, mesh.points[3 * f + 2]!);
    }
    return n;
  });
  return { points: Float64Array.from(points), faces: renumbered };
}

const cornersOf = (g: BufferGeometry): ArrayLike<number> => {
  const flat = g.index ? g.toNonIndexed() : g;
  return flat.getAttribute('position').array;
};

/** Thinner than this share of its length it is a sheet somebody drew, not a solid. */
const FLAT = 1e-4;

const api = {
  /** The true union of all pieces, telling how far it is. */
  async union(build: Build, progress: (share: number) => void): Promise<UnionReport> {
    const lib = await ready;
    const left = new Set<string>();
    let [apart, x, y, z] = [0, 0, 0, 0];
    let whole = lib.Manifold.union([]);
    const parts = place(build).flatMap((i) => {
      const body = i.body.type === 'stack' ? { ...i.body, core: undefined } : i.body;
      const bodies =
        body.type === 'group' ? body.parts.map((p) => ({ type: 'group', parts: [p] }) as const) : [body];
      return bodies.map((b) => ({ name: i.piece.name, mesh: placedMesh(bodyMesh(b, ROUND), i.frame) }));
    });
    let waiting: (typeof whole)[] = [];
    const join = () => {
      if (!waiting.length) return;
      const next = lib.Manifold.union([whole, ...waiting]);
      whole.delete();
      for (const w of waiting) w.delete();
      waiting = [];
      whole = next;
    };
    parts.forEach((part, n) => {
      const m = measureMesh(part.mesh);
      apart += m.volume;
      x += m.volume * m.centre[0];
      y += m.volume * m.centre[1];
      z += m.volume * m.centre[2];
      try {
        const mesh = new lib.Mesh({
          numProp: 3,
          vertProperties: Float32Array.from(part.mesh.points),
          triVerts: part.mesh.faces,
        });
        mesh.merge();
        waiting.push(new lib.Manifold(mesh));
      } catch {
        left.add(part.name);
      }
      if (waiting.length >= IN_ONE_GO) {
        join();
        whole.volume();
      }
      progress((n + 1) / (parts.length + 1));
    });
    join();
    const mesh = whole.getMesh();
    const stride = mesh.numProp;
    const points = new Float64Array((mesh.vertProperties.length / stride) * 3);
    for (let i = 0; i < points.length / 3; i++)
      for (let k = 0; k < 3; k++) points[3 * i + k] = mesh.vertProperties[i * stride + k]!;
    const joined = measureMesh({ points, faces: Uint32Array.from(mesh.triVerts) });
    whole.delete();
    const safe = apart || 1;
    return {
      apart,
      together: joined.volume,
      surface: joined.area,
      centreApart: [x / safe, y / safe, z / safe],
      centre: joined.centre,
      left: [...left],
    };
  },

  /** Read a file of triangles and keep it until it is taken or another is read. */
  read(name: string, buffer: ArrayBuffer): Result<FoundSolid> {
    found = undefined;
    const looked = lookAtSolid(name, new Uint8Array(buffer));
    if (!looked.ok) return looked;
    let soup: number[] | ArrayLike<number>;
    try {
      if (looked.value === 'obj') {
        const text = new TextDecoder().decode(buffer);
        const trouble = objTrouble(text);
        if (trouble) return fail(trouble);
        const all: number[] = [];
        new OBJLoader().parse(text).traverse((o) => {
          const { geometry } = o as ThreeMesh;
          if (geometry) for (const v of Array.from(cornersOf(geometry))) all.push(v);
        });
        soup = all;
      } else soup = cornersOf(new STLLoader().parse(buffer));
    } catch {
      return fail('The file cannot be read: it is damaged, or not what its name says.');
    }
    if (soup.length < 36) return fail('The file holds fewer than four triangles: that is no solid.');
    for (let i = 0; i < soup.length; i++)
      if (!Number.isFinite(soup[i])) return fail('The file has a corner that is not a number.');
    const mesh = weld(soup);
    if (mesh.faces.length < 12) return fail('The solid has no thickness: all its triangles fell flat.');
    const m = measureMesh(mesh);
    const size: Vec = [m.high[0] - m.low[0], m.high[1] - m.low[1], m.high[2] - m.low[2]];
    if (Math.min(...size) < FLAT * Math.max(...size))
      return fail('The solid is flat: it is a surface without thickness, and nothing to model.');
    found = { name: name.replace(/\.[^.]*$/, ''), mesh };
    return ok({
      triangles: mesh.faces.length / 3,
      size,
      check: checkMesh(mesh),
      unit: guessUnit(Math.max(...size)),
    });
  },

  /** What of the solid last read goes into the build; sizes in the file's own unit. */
  async keep(up: UpAxis): Promise<Result<KeptSolid>> {
    if (!found) return fail('Read the file once more.');
    const whole = uprighted(found.mesh, up);
    return ok(keptSolid(found.name, whole, await thinned(whole)));
  },
};

export type SolidsApi = typeof api;

expose(api);
