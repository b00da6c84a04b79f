import { describe, expect, it } from 'vitest';
import { apartBy, labOf } from '../colour/index.ts';
import { setPots } from '../edits/index.ts';
import { demoBuild, value } from '../files/demo.testing.ts';
import { plan } from '../plan.ts';
import type { Build, Colour } from '../record/index.ts';
import { colouringOf, mixesFor } from './index.ts';
import { knownPots } from './mixes.ts';

const otter = demoBuild('ferryman-otter');
const batchOf = (build: Build, colour: string) => plan(build).paste.find((b) => b.colour.id === colour)!;
const asked = (base: string, hex: string) => ({
  blend: { id: 'b', name: 'B', base, gumPaste: 0, powder: 0 },
  colour: { id: 'c', name: 'wanted', hex },
});

describe('pots for the colour of a batch', () => {
  it('of every demonstration colour come near it, with drops that the batch then takes', () => {
    for (const batch of plan(otter).paste) {
      const { mixes, none } = mixesFor(otter, batch);
      if (none) continue;
      expect(mixes.length, batch.colour.name).toBeGreaterThan(0);
      expect(mixes[0]!.off, batch.colour.name).toBeLessThan(5);
      const build = value(setPots(otter, batch.colour.id, mixes[0]!.pots));
      const { pots } = colouringOf(batchOf(build, batch.colour.id));
      pots.forEach((p) => {
        const wanted = ((p.pot.per100 ?? 0) * batchOf(build, batch.colour.id).fresh.value) / 100;
        expect(p.dose.amount.value).toBeCloseTo(wanted, 3);
        expect(p.known).toBe('nothing');
      });
    }
  });

  it('are known by swatches of this person as soon as there are some', () => {
    const swatch: Colour = {
      id: 's',
      name: 'Trial',
      hex: '#c81e2d',
      pots: [
        {
          name: 'poppy red',
          kind: 'gel',
          depth: 'strong',
          took: { amount: 25, grams: 250, base: 'fondant' },
        },
      ],
    };
    const colours = [...otter.colours, swatch];
    const known = knownPots({ colours }, 'fondant').find((p) => p.name === 'poppy red')!;
    expect(known.swatches).toBe(1);
    // ten drops for 100 g give the swatch again
    const { mixes } = mixesFor({ colours }, asked('fondant', '#c81e2d'));
    const alone = mixes.find((m) => m.parts.length === 1)!;
    expect(alone.parts[0]!.name).toBe('poppy red');
    expect(alone.parts[0]!.drops).toBeCloseTo(10, 0);
    expect(apartBy(labOf(alone.hex)!, labOf('#c81e2d')!)).toBeLessThan(1);
    expect(alone.known).toMatch(/one swatch of yours/);
    expect(mixesFor(otter, asked('fondant', '#c81e2d')).mixes[0]!.known).toMatch(/names of the pots only/);
    // two pots in one lump tell nothing of either
    const two = { ...swatch, pots: [...swatch.pots!, { name: 'plum', kind: 'gel', depth: 'pale' } as const] };
    expect(knownPots({ colours: [two] }, 'fondant').every((p) => p.swatches === 0)).toBe(true);
  });

  it('are not told where none is needed, or none gets there; in chocolate they are oil', () => {
    expect(mixesFor(otter, asked('fondant', '#f4f2eb')).none).toMatch(/as it comes/);
    expect(mixesFor(otter, asked('chocolateDark', '#c81e2d')).none).toMatch(/brighter than.*no pot/);
    const [mix] = mixesFor(otter, asked('chocolateWhite', '#b88a3a')).mixes;
    expect(mix!.pots.every((p) => p.kind === 'oil')).toBe(true);
  });
});
