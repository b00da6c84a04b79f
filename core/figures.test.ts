import { describe, expect, it } from 'vitest';
import { moveFigure, putBeside, tallFigure } from './edits/index.ts';
import { demoBuild, refusal, value } from './files/demo.testing.ts';
import { readBuild } from './files/index.ts';
import { figuresReport } from './figures.ts';
import { plan } from './plan.ts';

const pair = value(putBeside(demoBuild('donkey-with-panniers'), demoBuild('ribbed-gourd'))).build;

describe('several figures on one board', () => {
  it('are told from left to right, each as tall and as heavy as it was by itself', () => {
    const { figures, between, joints } = figuresReport(pair);
    expect(figures.map((f) => f.name)).toEqual(['Donkey with panniers', 'Ribbed gourd']);
    const alone = ['donkey-with-panniers', 'ribbed-gourd'].map((n) => plan(demoBuild(n)));
    figures.forEach((f, k) => {
      expect(f.tall.value).toBeCloseTo(alone[k]!.figure.height, 0);
      const weight = alone[k]!.bones.balance.mass.value;
      expect(Math.abs(f.weighs.value / weight - 1)).toBeLessThan(0.1);
    });
    expect(between).toHaveLength(1);
    expect(between[0]!.value).toBeCloseTo(20, 0);
    expect(joints).toEqual([]);
  });

  it('of one figure nothing is told', () => {
    expect(figuresReport(demoBuild('ferryman-otter')).figures).toEqual([]);
  });

  it('the two millers are two, and the sack between them is nobody’s', () => {
    const { figures } = figuresReport(demoBuild('two-millers'));
    expect(figures.map((f) => f.name)).toEqual(['Older miller', 'Younger miller']);
    expect(figures[0]!.tall.value).toBeGreaterThan(figures[1]!.tall.value);
    expect(figures.some((f) => f.pieces.includes('sack'))).toBe(false);
  });

  it('one is moved with its sticks and the other stays; everything that held still holds', () => {
    const moved = value(moveFigure(pair, 'Ribbed gourd', 40, -10));
    const [a, b] = [figuresReport(pair).figures, figuresReport(moved).figures];
    expect(b[1]!.left - a[1]!.left).toBeCloseTo(40, 1);
    expect(b[0]!.left).toBeCloseTo(a[0]!.left, 3);
    expect(readBuild(JSON.stringify(moved)).ok).toBe(true);
    expect(plan(moved).bones.clashes.filter((c) => c.verdict === 'fails')).toEqual([]);
  });

  it('one is made taller on its own place', () => {
    const taller = value(tallFigure(pair, 'Ribbed gourd', 160));
    const { figures } = figuresReport(taller);
    expect(figures[1]!.tall.value).toBeCloseTo(160, 0);
    expect(figures[0]!.tall.value).toBeCloseTo(figuresReport(pair).figures[0]!.tall.value, 6);
    expect(plan(taller).stands.hovers).toEqual([]);
    expect(refusal(tallFigure(pair, 'Nobody', 100))).toMatch(/no such figure/);
  });

  it('where they touch they are joined, and it is said once for each two pieces', () => {
    const gap = figuresReport(pair).between[0]!.value;
    const touching = value(moveFigure(pair, 'Ribbed gourd', -(gap + 4), 0));
    const { joints } = figuresReport(touching);
    expect(joints.length).toBeGreaterThan(0);
    expect(joints[0]!.says).toMatch(/are joined/);
    expect(new Set(joints.map((j) => j.pieces.join())).size).toBe(joints.length);
  });
});
