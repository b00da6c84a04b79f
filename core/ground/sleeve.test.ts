import { describe, expect, it } from 'vitest';
import { removeBlend, setCard, setTier, usualSleeve, withoutMast, withoutOnTier } from '../edits/index.ts';
import { value } from '../files/demo.testing.ts';
import { readBuild, writeBuild } from '../files/index.ts';
import { plan } from '../plan.ts';
import { blank, plainPiece } from '../record/blank.testing.ts';
import type { Build } from '../record/index.ts';
import { groundOf } from './index.ts';

/** A tier raised 100 mm on a rod of M10 that is sleeved, a ball on top. */
const sleeved = (across = 40, gap = 100): Build => ({
  ...blank,
  board: { ...blank.board, material: 'mdf', feet: 20 },
  colours: [...blank.colours, { id: 'stem', name: 'stem', hex: '#3f7a3a' }],
  blends: [...blank.blends, { id: 'firm', name: 'Firm', base: 'fondant', gumPaste: 0, powder: 1 }],
  pieces: [plainPiece('ball', { kind: 'ball', sizes: { diameter: 60, press: 0 } }, { sink: 2 })],
  mast: { thread: 10, base: 'large', raised: 'washer', up: 0 },
  cake: {
    ...blank.cake,
    tiers: [
      {
        id: 'raised',
        name: 'Raised tier',
        shape: 'round',
        width: 160,
        height: 80,
        stuck: true,
        gap,
        board: { kind: 'ply6', width: 150 },
        sleeve: { across, blend: 'firm', colour: 'stem' },
      },
    ],
  },
});

describe('paste round the rod in a gap', () => {
  it('weighs what a tube of that size weighs, and is in the batch of its colour', () => {
    const { paste, ground } = plan(sleeved());
    const batch = paste.find((b) => b.colour.id === 'stem')!;
    const rho = batch.blend.id === 'firm' ? batch.lines[0]!.net.value : NaN;
    const grams = ground.lines.find((l) => l.kind === 'sleeve')!.weighs!;
    const density = grams.from!.at(-1)!.value;
    expect(grams.value).toBeCloseTo((Math.PI / 4) * (4 ** 2 - 1) * 10 * density, 6);
    expect(rho).toBeCloseTo(grams.value, 9);
    expect(batch.mix.value).toBeGreaterThan(grams.value);
  });

  it('is made once the rod stands, and before what is raised closes it off', () => {
    const { steps, links } = plan(sleeved()).made;
    const step = steps.find((s) => s.id === 'cover:raised-sleeve')!;
    expect(step.title).toBe('Sleeve the rod under the raised tier');
    expect(links.some((l) => l.from === 'mast:clamp' && l.to === step.id)).toBe(true);
    expect(links.some((l) => l.from === step.id && l.to === 'set:raised')).toBe(true);
    expect(links.some((l) => l.from.startsWith('mix:') && l.to === step.id)).toBe(true);
  });

  it('fills its gap, and is told where it does not hide the nut', () => {
    const { fittings, says } = groundOf(sleeved());
    const [gap, sleeve] = ['gap', 'sleeve'].map((k) => fittings.find((f) => f.kind === k)!);
    expect([sleeve!.from, sleeve!.to]).toEqual([gap!.from, gap!.to]);
    expect(says.some((s) => s.includes('does not hide'))).toBe(false);
    expect(groundOf(sleeved(18)).says.some((s) => s.includes('does not hide'))).toBe(true);
    // the size it begins with hides the largest washer
    const usual = usualSleeve(sleeved()).across;
    expect(groundOf(sleeved(usual)).says.some((s) => s.includes('does not hide'))).toBe(false);
  });

  it('goes with its gap and with its rod, and no other way', () => {
    const of = (b: Build) => b.cake.tiers[0]!.sleeve;
    expect(of(withoutOnTier(sleeved(), 'raised', 'gap'))).toBeUndefined();
    expect(of(withoutOnTier(sleeved(), 'raised', 'sleeve'))).toBeUndefined();
    expect(withoutOnTier(sleeved(), 'raised', 'sleeve').cake.tiers[0]!.gap).toBe(100);
    expect(of(withoutMast(sleeved()))).toBeUndefined();
    const carded = value(
      setCard(sleeved(), { kind: 'ply6', width: 100, gap: 60, sleeve: usualSleeve(sleeved()) }),
    );
    expect(value(setCard(carded, { ...carded.card!, gap: 0 })).card).toEqual({ kind: 'ply6', width: 100 });
    expect(groundOf(carded).fittings.filter((f) => f.kind === 'sleeve')).toHaveLength(2);
  });

  it('is kept, and what it is made of cannot be taken away from under it', () => {
    expect(value(readBuild(writeBuild(sleeved()))).cake.tiers[0]!.sleeve).toEqual(
      sleeved().cake.tiers[0]!.sleeve,
    );
    expect(removeBlend(sleeved(), 'firm').ok).toBe(false);
    const lost = JSON.parse(writeBuild(sleeved())) as { cake: { tiers: { sleeve: { colour: string } }[] } };
    lost.cake.tiers[0]!.sleeve.colour = 'gone';
    const read = readBuild(JSON.stringify(lost));
    expect(read.ok ? '' : read.problem.text).toMatch(/sleeve/i);
  });

  it('no wider than can be made', () => {
    const wide = { ...usualSleeve(sleeved()), across: 500 };
    expect(setTier(sleeved(), 'raised', { sleeve: wide }).ok).toBe(false);
    expect(setCard(sleeved(), { kind: 'ply6', width: 100, gap: 60, sleeve: wide }).ok).toBe(false);
  });
});
