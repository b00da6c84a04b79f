import {
  AmbientLight,
  BoxGeometry,
  BufferAttribute,
  BufferGeometry,
  Color,
  CylinderGeometry,
  DirectionalLight,
  Group,
  HemisphereLight,
  Matrix4,
  Mesh,
  MeshStandardMaterial,
  Quaternion,
  Scene,
  Vector3,
} from 'three';
import { toCreasedNormals } from 'three/addons/utils/BufferGeometryUtils.js';
import { rodStock } from '@core/bones/index.ts';
import { place, placeRods, type Build, type Frame, type Instance } from '@core/figure/index.ts';
import { bodyMesh, type Body, type Mesh as Triangles } from '@core/solids/index.ts';

/** Edges sharper than this stay edges. */
const CREASE = Math.PI / 5;
const ROUND = 48;

/** Triangles as the drawing library wants them, smooth where they should be. */
export function geometryOf(mesh: Triangles, crease = CREASE): BufferGeometry {
  const g = new BufferGeometry();
  g.setAttribute('position', new BufferAttribute(Float32Array.from(mesh.points), 3));
  g.setIndex(new BufferAttribute(mesh.faces, 1));
  return toCreasedNormals(g, crease);
}

export const matrixOf = ({ origin, x, y, z }: Frame): Matrix4 =>
  new Matrix4().set(
    x[0], y[0], z[0], origin[0],
    x[1], y[1], z[1], origin[1],
    x[2], y[2], z[2], origin[2],
    0, 0, 0, 1,
  ); // prettier-ignore

const geometries = new WeakMap<Body, BufferGeometry>();

/** The outer skin of a body; remembered with it. */
function skinOf(body: Body): BufferGeometry {
  let g = geometries.get(body);
  if (!g) {
    const outer = body.type === 'stack' && body.core ? { ...body, core: undefined } : body;
    g = geometryOf(bodyMesh(outer, body.type === 'group' && body.parts.length > 12 ? 24 : ROUND));
    geometries.set(body, g);
  }
  return g;
}

export interface Look {
  /** See-through skins, cores and rods in plain view. */
  readonly seeThrough: boolean;
  readonly selected: string | undefined;
  /** Pieces not made yet at the playhead. */
  readonly hidden: ReadonlySet<string>;
}

function bodyOf(i: Instance, hex: string, look: Look): Mesh {
  const chosen = i.piece.id === look.selected;
  const material = new MeshStandardMaterial({
    color: new Color(hex),
    roughness: 0.85,
    transparent: look.seeThrough,
    opacity: look.seeThrough ? 0.42 : 1,
    depthWrite: !look.seeThrough,
    emissive: new Color(chosen ? '#1f5c46' : '#000000'),
    // enough to be found, little enough that the paste's colour can still be judged
    emissiveIntensity: chosen ? 0.22 : 0,
  });
  const mesh = new Mesh(skinOf(i.body), material);
  mesh.matrixAutoUpdate = false;
  mesh.matrix.copy(matrixOf(i.frame));
  mesh.userData.piece = i.piece.id;
  return mesh;
}

/** The board, every piece, and where they can be seen the cores and rods. Millimetres, z up. */
export function figureScene(build: Build, look: Look): Scene {
  const scene = new Scene();
  scene.add(new HemisphereLight('#ffffff', '#b9b2a6', 1.5), new AmbientLight('#ffffff', 0.55));
  const key = new DirectionalLight('#ffffff', 1.9);
  key.position.set(-0.6, -1.1, 1.5);
  scene.add(key);

  const { board } = build;
  const slab = new Mesh(
    board.shape === 'round'
      ? new CylinderGeometry(board.width / 2, board.width / 2, board.thickness, 72).rotateX(Math.PI / 2)
      : new BoxGeometry(board.width, board.width, board.thickness),
    new MeshStandardMaterial({ color: '#cfc8bb', roughness: 0.9 }),
  );
  slab.position.z = -board.thickness / 2;
  scene.add(slab);

  const hex = new Map(build.colours.map((c) => [c.id, c.hex]));
  const figure = new Group();
  for (const i of place(build)) {
    if (look.hidden.has(i.piece.id)) continue;
    figure.add(bodyOf(i, hex.get(i.piece.colour) ?? '#999999', look));
    const core = i.body.type === 'stack' ? i.body.core : undefined;
    if (look.seeThrough && core) {
      const inner = new Mesh(
        skinOf(core.body),
        new MeshStandardMaterial({ color: '#ffffff', roughness: 1, transparent: true, opacity: 0.55 }),
      );
      inner.matrixAutoUpdate = false;
      inner.matrix.copy(matrixOf(i.frame)).multiply(new Matrix4().makeTranslation(0, 0, core.up));
      figure.add(inner);
    }
  }
  scene.add(figure);

  for (const r of placeRods(build)) {
    if (look.hidden.has(r.rod.to.on)) continue;
    const from = new Vector3(...r.from);
    const to = new Vector3(...r.to);
    const along = to.clone().sub(from);
    const d = rodStock(r.rod.stock).section.diameter;
    const stick = new Mesh(
      new CylinderGeometry(d / 2, d / 2, along.length(), 16),
      new MeshStandardMaterial({ color: '#8a5a17', roughness: 0.7 }),
    );
    stick.position.copy(from).addScaledVector(along, 0.5);
    stick.quaternion.copy(new Quaternion().setFromUnitVectors(new Vector3(0, 1, 0), along.normalize()));
    scene.add(stick);
  }
  return scene;
}
