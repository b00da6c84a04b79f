import {
  AmbientLight,
  ArrowHelper,
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
  PlaneGeometry,
  Scene,
  ShadowMaterial,
  SphereGeometry,
  Vector3,
  type Object3D,
} from 'three';
import { toCreasedNormals } from 'three/addons/utils/BufferGeometryUtils.js';
import { everyRod, placedDiscs, rodStock, type SeenBones } from '@core/bones/index.ts';
import { extent, legsOf, drawnOf, placeRods, type Instance, type Line } from '@core/figure/index.ts';
import { type Frame, bodyMesh, type Body, type Mesh as Triangles } from '@core/solids/index.ts';
import { groundOf, type Layer } from '@core/ground/index.ts';
import { type Build } from '@core/record/index.ts';
import type { PaintedFace } from '@core/finish/index.ts';
import { surfaceOf, type Surface } from '../drawing/surface.ts';
import { paintedSkin } from './painted-skin.ts';
import { pasteMaterial } from './paste-material.ts';
import { groundFill, hexOf } from '../ground/ground-fill.ts';
import { letterAt } from './letters.ts';

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

export interface SceneLook {
  /** See-through skins, cores and rods in plain view. */
  readonly seeThrough: boolean;
  readonly selected: string | undefined;
  /** Pieces not made yet at the playhead. */
  readonly hidden: ReadonlySet<string>;
  /** Finished faces by piece; as it is mixed when absent. */
  readonly painted?: ReadonlyMap<string, PaintedFace> | undefined;
  /** What the rods bear, where that is looked at, and the rod that is selected. */
  readonly bones?: SeenBones | undefined;
  readonly rod?: string | undefined;
}

const ROD = '#8a5a17';
const FAILS = '#b3243f';
const INK = '#1d2422';

function bodyOf(i: Instance, surface: Surface, look: SceneLook): Mesh {
  const chosen = i.piece.id === look.selected;
  const face = look.painted?.get(i.piece.id);
  const material = pasteMaterial(face?.sheen ? { ...surface, sheen: face.sheen } : surface);
  const coated = face !== undefined && face.coats.length > 0;
  material.setValues({
    transparent: look.seeThrough,
    opacity: look.seeThrough ? 0.42 : 1,
    depthWrite: !look.seeThrough,
    emissive: new Color(chosen ? '#1f5c46' : '#000000'),
    // enough to be found, little enough that the paste's colour can still be judged
    emissiveIntensity: chosen ? 0.22 : 0,
    // every corner has its own
    ...(coated ? { color: new Color('#ffffff'), vertexColors: true } : {}),
  });
  const skin = skinOf(i.body);
  const mesh = new Mesh(coated ? paintedSkin(skin, i.frame, surface.fill, face) : skin, material);
  mesh.userData.ownShape = coated;
  mesh.castShadow = mesh.receiveShadow = !look.seeThrough;
  mesh.matrixAutoUpdate = false;
  mesh.matrix.copy(matrixOf(i.frame));
  mesh.userData.piece = i.piece.id;
  return mesh;
}

/** How far round the figure light and shadow reach, mm. */
function roomOf(build: Build): { readonly wide: number; readonly table: number } {
  const e = extent(build);
  const { layers, table } = groundOf(build);
  const across = Math.max(...layers.map((l) => l.width));
  return { wide: Math.max(e.top, e.right - e.left, e.back - e.front, across) * 0.9 + 20, table };
}

/** Fine enough that an edge of a shadow is soft and not in steps, points of its map. */
const SHADOW_MAP = 1024;

/** The lamp, with a shadow map that just holds the figure. */
function lampFor(build: Build): DirectionalLight {
  const { wide } = roomOf(build);
  const lamp = new DirectionalLight('#fff6ea', 2.3);
  lamp.position.set(-0.75 * wide, -1.2 * wide, 1.7 * wide);
  lamp.castShadow = true;
  lamp.shadow.mapSize.set(SHADOW_MAP, SHADOW_MAP);
  lamp.shadow.radius = 5;
  lamp.shadow.normalBias = wide / 400;
  Object.assign(lamp.shadow.camera, {
    left: -wide,
    right: wide,
    top: wide,
    bottom: -wide,
    near: wide * 0.1,
    far: wide * 5,
  });
  return lamp;
}

/** The table: nothing of it is seen but the shadow. */
function shadowFloor(build: Build): Mesh {
  const { wide, table } = roomOf(build);
  const floor = new Mesh(new PlaneGeometry(wide * 6, wide * 6), new ShadowMaterial({ opacity: 0.2 }));
  floor.position.z = table - 0.2;
  floor.receiveShadow = true;
  return floor;
}

const STEEL = '#88928e';

/** What stands under the figure: boards, tiers, nuts and the rod through them. */
function groundMeshes(build: Build): Group {
  const ground = groundOf(build);
  const out = new Group();
  const put = (shape: Layer['shape'], wide: number, from: number, to: number, color: string) => {
    const body = new Mesh(
      shape === 'round'
        ? new CylinderGeometry(wide / 2, wide / 2, to - from, 72).rotateX(Math.PI / 2)
        : new BoxGeometry(wide, wide, to - from),
      new MeshStandardMaterial({ color, roughness: 0.9 }),
    );
    body.position.z = (from + to) / 2;
    body.castShadow = body.receiveShadow = true;
    out.add(body);
  };
  for (const l of ground.layers) put(l.shape, l.width, l.from, l.to, groundFill(build, l));
  for (const f of ground.fittings)
    if (f.kind !== 'gap' && f.kind !== 'feet')
      put('round', f.wide, f.from, f.to, f.sleeve ? hexOf(build, f.sleeve.colour) : STEEL);
  // in the figure it is one of its rods
  if (ground.rod) put('round', ground.rod.mast.thread, ground.rod.from, Math.min(0, ground.rod.to), STEEL);
  return out;
}

/** The board, every piece, and where they can be seen the cores and rods. Millimetres, z up. */
export function figureScene(build: Build, look: SceneLook): Scene {
  const scene = new Scene();
  // soft light from the sky, and one lamp at the upper left in front that throws the shadow
  scene.add(new HemisphereLight('#ffffff', '#a99d8c', 1.35), new AmbientLight('#ffffff', 0.62));
  scene.add(lampFor(build), groundMeshes(build), shadowFloor(build));

  const figure = new Group();
  for (const i of drawnOf(build)) {
    if (look.hidden.has(i.piece.id)) continue;
    figure.add(bodyOf(i, surfaceOf(build, i.piece), look));
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

  const spot = Math.max(6, LETTER * (look.bones?.balance.point[2] ?? 0));
  for (const r of placeRods(build)) {
    if (look.hidden.has(r.rod.to.on)) continue;
    const report = (look.bones ? everyRod(look.bones) : []).find((x) => x.rod.id === r.rod.id);
    const fails = report?.verdict === 'fails';
    const material = new MeshStandardMaterial({ color: fails ? FAILS : ROD, roughness: 0.7 });
    const d = rodStock(r.rod.stock).section.diameter;
    for (const stick of sticksOf(r.line, d / 2, material)) scene.add(stick);
    if (report) scene.add(letterAt(report.letter, middleOf(r.line), spot, fails ? FAILS : INK));
  }
  if (look.seeThrough)
    for (const d of placedDiscs(build)) {
      if (look.hidden.has(d.piece)) continue;
      const plate = new Mesh(
        new CylinderGeometry(d.radius, d.radius, d.thick, 48),
        new MeshStandardMaterial({ color: ROD, roughness: 0.9 }),
      );
      plate.position.set(...d.at);
      plate.quaternion.setFromUnitVectors(new Vector3(0, 1, 0), new Vector3(...d.facing));
      scene.add(plate);
    }
  if (look.bones) scene.add(...loadsOf(look.bones, look.rod));
  return scene;
}

/** A bent line as sticks from place to place, round at its bends. */
function sticksOf(line: Line, radius: number, material: MeshStandardMaterial): Mesh[] {
  const legs = legsOf(line).filter((leg) => leg.length > 0);
  return legs.flatMap((leg, k) => {
    const along = new Vector3(...leg.along);
    const stick = new Mesh(new CylinderGeometry(radius, radius, leg.length, 16), material);
    stick.position.set(...leg.from).addScaledVector(along, leg.length / 2);
    stick.quaternion.setFromUnitVectors(new Vector3(0, 1, 0), along);
    if (k === 0) return [stick];
    const bend = new Mesh(new SphereGeometry(radius, 16, 12), material);
    bend.position.set(...leg.from);
    return [stick, bend];
  });
}

/** Width of a rod's letter against the height of the balance point. */
const LETTER = 0.14;

/** The place half way along a line. */
function middleOf(line: Line): Vector3 {
  const legs = legsOf(line);
  let left = legs.reduce((sum, leg) => sum + leg.length, 0) / 2;
  for (const leg of legs) {
    if (left <= leg.length) return new Vector3(...leg.from).addScaledVector(new Vector3(...leg.along), left);
    left -= leg.length;
  }
  return new Vector3(...line[0]!);
}

/** Longest arrow of a push, share of the figure’s height. */
const LONGEST = 0.28;

/** Balance point with its plumb line, and for the selected rod what pushes on it and how it bends. */
function loadsOf(bones: SeenBones, rodId: string | undefined): Object3D[] {
  const { point } = bones.balance;
  const ink = new MeshStandardMaterial({ color: INK, roughness: 0.6 });
  const size = Math.max(2, point[2] / 40);
  const ball = new Mesh(new SphereGeometry(size, 20, 14), ink);
  ball.position.set(...point);
  const found: Object3D[] = [ball, ...sticksOf([point, [point[0], point[1], 0]], size / 6, ink)];
  const rod = everyRod(bones).find((r) => r.rod.id === rodId);
  if (rod?.load) {
    const { at, down, sideways } = rod.load;
    const long = (Math.max(60, 2 * point[2]) * LONGEST) / Math.max(down, sideways, 1e-9);
    const arrow = (way: Vector3, force: number) => {
      const length = force * long;
      return new ArrowHelper(
        way,
        new Vector3(...at),
        length,
        INK,
        Math.min(length * 0.4, 4 * size),
        2 * size,
      );
    };
    found.push(arrow(new Vector3(0, 0, -1), down));
    if (sideways > 0.02 * down) found.push(arrow(new Vector3(1, 0, 0), sideways));
  }
  const bent = rod?.droop?.bent.shape;
  if (bent) found.push(...sticksOf(bent, size / 4, ink));
  return found;
}
