import { clamp } from '../../quantity/index.ts';
import { BOAT, SIGN } from '../outlines.ts';
import { boardUnder } from '../people.ts';
import { blockForm, cutForm } from '../forms.ts';
import { Sketch } from '../sketch.ts';
import { limbRound, stickFor, widthAt } from '../sticks.ts';
import type { Start } from '../types.ts';

const STAKE = [[90, 2], [180, 3], [300, 4], [360, 6], [Infinity, 8]] as const; // prettier-ignore

/** A sign cut from a sheet, on two stakes in a bank, or lying. */
export const plaque: Start = {
  id: 'plaque',
  name: 'cut-out plaque',
  article: 'a',
  title: 'Ferry sign',
  words: ['plaque', 'sign', 'topper', 'cutout', 'cut out', 'name', 'number'],
  size: { kind: 'length', least: 40, usual: 120, most: 500 },
  sliders: [{ key: 'wide', label: 'Width', usual: 1.25, least: 0.8, most: 1.5 }],
  variants: [
    { key: 'stands', label: 'It', options: [{ value: 'stands', label: 'stands' }, { value: 'lies', label: 'lies' }] },
  ], // prettier-ignore
  onCake: true,
  make: (told) => {
    const H = told.size;
    const f = new Sketch(told, H < 60);
    const stands = f.choice('stands') === 'stands';
    const wide = f.num('wide') * H;
    const stake = stickFor(widthAt(H, STAKE), 0.66 * H + 12);
    const thick = stands ? Math.max(5, limbRound(stake.across)) : clamp(0.02 * H, 3, 6);
    const sheet = cutForm(wide, H, thick, SIGN);
    const wood = { colour: 'ash-wood', texture: 'wood', built: 'foam' } as const;
    if (stands) {
      f.add(['plaque', 'Sign'], sheet, { ...wood, duty: 'carry', hidden: 'back', seat: { sink: 0.3 } });
      for (const [id, y] of [
        ['front', -1],
        ['back', 1],
      ] as const) {
        // prettier-ignore
        const deep = Math.max(10, thick * 1.5);
        f.add(
          [`${id}-bank`, id === 'front' ? 'Bank before it' : 'Bank behind it'],
          blockForm(wide * (id === 'front' ? 0.62 : 0.84), deep, Math.max(6, 0.08 * H), 2.5),
          {
            colour: 'moss-green',
            duty: 'carry',
            texture: 'stipple',
            seat: {
              at: [(id === 'front' ? -0.06 : 0.02) * wide, y * (thick * 0.5 + deep * 0.5 - 0.8), 0],
              sink: 0.3,
            },
          },
        );
      }
      f.rod(
        ['stakes', 'Stake'],
        stake,
        ['board', [wide * 0.28, 0, -12]],
        ['plaque', [wide * 0.28, 0, 0.66 * H]],
        { pair: true },
      );
    } else
      f.add(['plaque', 'Sign'], sheet, {
        ...wood,
        duty: 'thin',
        hidden: 'under',
        seat: { at: [0, -H / 2, thick / 2 - 0.2], tip: -90 },
      });
    const raised = Math.max(1.5, 0.2 * thick);
    f.add(['boat', 'Boat on the sign'], cutForm(0.46 * wide, 0.44 * H, raised, BOAT), {
      colour: 'mill-white',
      duty: 'thin',
      hidden: 'back',
      built: 'foam',
      seat: { on: 'plaque', at: [0, -thick / 2 - raised / 2 + 0.3, 0.3 * H] },
    });
    f.add(['water', 'Water on the sign'], cutForm(0.74 * wide, 0.1 * H, raised, 'rectangle'), {
      colour: 'river-blue',
      duty: 'thin',
      hidden: 'back',
      built: 'foam',
      seat: { on: 'plaque', at: [0, -thick / 2 - raised / 2 + 0.3, 0.18 * H] },
    });
    return f.made({
      width: Math.max(110, (stands ? 1.08 * wide : 1.25 * Math.hypot(wide, H)) + 20),
      ...boardUnder(H),
    });
  },
  cautions: [
    { says: 'It softens on buttercream: put it on late.', when: ({ varied }) => varied.stands === 'lies' },
  ],
};
