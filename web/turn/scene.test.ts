import { Box3, Mesh, Sprite, Vector3, type Object3D } from 'three';
import { describe, expect, it, vi } from 'vitest';
import { demoBuild } from '@core/files/demo.testing.ts';
import { extent, place } from '@core/figure/index.ts';
import { plan } from '@core/plan.ts';
import { paintedFacesOf } from '../drawing/surface.ts';
import { coatAt } from './painted-skin.ts';
import type { SceneLook } from './scene.ts';

// a canvas to write letters on is there only in a browser
vi.mock('./letters.ts', () => ({
  letterAt: (letter: string, at: Vector3) => {
    const spot = new Sprite();
    spot.position.copy(at);
    spot.userData.letter = letter;
    return spot;
  },
}));
const { figureScene } = await import('./scene.ts');

const heron = demoBuild('one-legged-heron');
const plain: SceneLook = {
  seeThrough: false,
  selected: undefined,
  hidden: new Set(),
  bones: undefined,
} as SceneLook;
const all = (o: Object3D): Object3D[] => [o, ...o.children.flatMap(all)];
const lettered = (o: Object3D) =>
  all(o).filter((x): x is Sprite => x instanceof Sprite && typeof x.userData.letter === 'string');
const pieces = (o: Object3D) =>
  all(o).filter((x): x is Mesh => x instanceof Mesh && typeof x.userData.piece === 'string');

describe('the figure in the round', () => {
  it('has a body for every piece where it stands, as wide and tall as it is reckoned', () => {
    const scene = figureScene(heron, plain);
    const found = pieces(scene);
    expect(found).toHaveLength(place(heron).length);
    const box = new Box3();
    for (const m of found) {
      m.updateMatrixWorld(true);
      box.expandByObject(m, true);
    }
    const e = extent(heron);
    expect(box.max.z).toBeCloseTo(e.top, 0);
    expect(box.min.x).toBeCloseTo(e.left, 0);
    expect(box.max.x).toBeCloseTo(e.right, 0);
  });

  it('leaves out what is hidden, with the rods that end in it', () => {
    const some = figureScene(heron, { ...plain, hidden: new Set(['body']) });
    expect(pieces(some).some((m) => m.userData.piece === 'body')).toBe(false);
    expect(all(some).length).toBeLessThan(all(figureScene(heron, plain)).length);
  });

  it('is coloured corner by corner where it is finished, and shares its shape with the plain one', () => {
    const otter = demoBuild('ferryman-otter');
    const painted = paintedFacesOf(otter);
    const of = (look: SceneLook) =>
      pieces(figureScene(otter, look)).find((m) => m.userData.piece === 'body')!;
    const [bare, done] = [of(plain), of({ ...plain, painted })];
    expect(bare.geometry.getAttribute('color')).toBeUndefined();
    expect(done.geometry.getAttribute('position')).toBe(bare.geometry.getAttribute('position'));
    const colours = done.geometry.getAttribute('color');
    const light = Array.from({ length: colours.count }, (_, k) => colours.getX(k));
    // dust on its rims, the paste in its middle
    expect(Math.min(...light)).toBeLessThan(Math.max(...light) - 0.02);
    expect(paintedFacesOf(otter, new Set()).size).toBe(0);
  });

  it('has nothing of a side on the other one', () => {
    const coat = { as: 'cover', colour: '#ff0000', strength: 0.8, side: 'front' } as const;
    expect(coatAt(coat, [0, -1, 0], [0, 0, 0])).toBeCloseTo(0.8, 6);
    expect(coatAt(coat, [0, 1, 0], [0, 0, 0])).toBe(0);
    expect(coatAt({ ...coat, side: 'all' }, [0, 1, 0], [0, 0, 0])).toBeCloseTo(0.8, 6);
    expect(coatAt({ ...coat, as: 'rim' }, [0, -1, 0], [0.2, 0.1, 0])).toBe(0);
    expect(coatAt({ ...coat, as: 'rim' }, [0, -1, 0], [1, 0, 0])).toBeCloseTo(0.8, 6);
    expect(coatAt({ ...coat, as: 'marks' }, [0, -1, 0], [0, 0, 0])).toBe(0);
  });

  it('stands on all that is under it: tiers, boards and the steel of a rod', () => {
    const tier = {
      id: 't',
      name: 'T',
      shape: 'round',
      width: 200,
      height: 90,
      gap: 60,
      stuck: false,
    } as const;
    const raised = {
      ...heron,
      mast: { thread: 10, base: 'large', raised: 'large', up: 0 } as const,
      cake: { ...heron.cake, tiers: [{ ...tier, board: { kind: 'card', width: 150 } as const }] },
    };
    const bare = (b: typeof heron) =>
      all(figureScene(b, plain)).filter(
        (x): x is Mesh => x instanceof Mesh && x.userData.piece === undefined,
      );
    // tier, its card, six nuts and washers, and the rod
    expect(bare(raised).length - bare(heron).length).toBe(9);
    const lowest = Math.min(...bare(raised).map((m) => new Box3().setFromObject(m).min.z));
    expect(lowest).toBeLessThan(-150);
  });

  it('letters each rod half way along it where rods are looked at, and nowhere else', () => {
    const { bones } = plan(heron);
    const scene = figureScene(heron, { ...plain, seeThrough: true, bones });
    const letters = lettered(scene);
    expect(letters.map((s) => s.userData.letter as string).sort()).toEqual(
      bones.rods.map((r) => r.letter).sort(),
    );
    expect(lettered(figureScene(heron, plain))).toEqual([]);
    for (const s of letters) {
      expect(s.position.z).toBeGreaterThan(-heron.board.thickness);
      expect(s.position.z).toBeLessThan(extent(heron).top);
    }
  });

  it('shows the balance point, and for the rod that is chosen what pushes on it', () => {
    const { bones } = plan(heron);
    const without = all(figureScene(heron, { ...plain, bones })).length;
    const chosen = all(figureScene(heron, { ...plain, bones, rod: bones.rods[0]!.rod.id })).length;
    expect(chosen).toBeGreaterThan(without);
    const [x, y, z] = bones.balance.point;
    expect(
      all(figureScene(heron, { ...plain, bones })).some(
        (o) => o.position.distanceTo(new Vector3(x, y, z)) < 1e-6 && o instanceof Mesh,
      ),
    ).toBe(true);
  });
});
