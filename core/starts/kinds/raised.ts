import { clamp } from '../../quantity/index.ts';
import { STICKS_AND_CHILDREN } from '../cautions.ts';
import { eyesOn } from '../face.ts';
import { lumpOver } from '../lumps.ts';
import { ballForm, blockForm, coneForm, pebbleForm, taperForm } from '../forms.ts';
import { Sketch } from '../sketch.ts';
import { COVER, stickFor, type Stick } from '../sticks.ts';
import type { Start } from '../types.ts';

/** A wheel held up by a mast, a miller in a barrel round it; threaded rod from 150 mm on, with two keepers so that the wheel cannot turn. */
export const raised: Start = {
  id: 'raised',
  name: 'raised tier with a figure round the rod',
  article: 'a',
  title: 'Mill wheel',
  words: ['raised', 'raised tier', 'gravity', 'floating', 'tier', 'umbrella', 'mill'],
  size: { kind: 'length', least: 60, usual: 250, most: 500 },
  sliders: [
    { key: 'gap', label: 'Open height', usual: 0.54, least: 0.44, most: 0.6 },
    { key: 'wheel', label: 'Width of the wheel', usual: 0.72, least: 0.55, most: 0.85 },
  ],
  variants: [],
  onCake: false,
  make: (told) => {
    const H = told.size;
    const f = new Sketch(told, H < 80);
    const gap = f.num('gap') * H;
    const wide = f.num('wheel') * H;
    const hub = Math.max(6, 0.2 * wide);
    const tall = H - gap - hub * 0.4 + 0.7;
    const big = H >= 150;
    const mast: Stick = big
      ? { id: H < 320 ? 'm8' : 'm10', across: H < 320 ? 8 : 10 }
      : stickFor(H < 90 ? 4 : 6, H + 12);
    // the barrel stands round the mast, the miller looks out of it, his cap under the wheel
    const keg = Math.max(mast.across + 2 * COVER + 2, 0.36 * H);
    const kegTall = gap * 0.5;
    f.add(
      ['barrel', 'Barrel round the rod'],
      lumpOver(told, coneForm(keg, keg * 0.94, kegTall), { least: 70 }),
      {
        colour: 'ash-wood',
        duty: 'carry',
        texture: 'wood',
        hidden: 'back',
      },
    );
    for (const [id, at] of [
      ['lower', 0.16],
      ['upper', 0.5],
    ] as const) {
      // prettier-ignore
      const rope = Math.max(2.6, 0.018 * H);
      const across = keg * (1 - 0.06 * at) - rope * 0.24;
      f.add(
        [`${id}-hoop`, `Hoop, ${id}`],
        { kind: 'ring', sizes: { across, rope } },
        { colour: 'iron-grey', duty: 'thin', join: 'firm', seat: { on: 'barrel', at: [0, 0, kegTall * at] } },
      );
    }
    const keeper = stickFor(H < 200 ? 4 : 6, gap + 16 + tall * 0.7);
    const aside = mast.across / 2 + keeper.across / 2 + 2.4;
    const room = big ? 2 * aside + keeper.across : mast.across;
    const head = Math.max((room + 2 * COVER + 1) / 0.8, 0.27 * H);
    const headTall = gap * 0.58;
    const sunk = 0.12 * headTall;
    f.add(['miller', 'Head of the miller'], pebbleForm(head, head * 0.96, headTall), {
      colour: 'miller-skin',
      duty: 'carry',
      hidden: 'back',
      seat: { on: 'barrel', at: [0, 0, kegTall - sunk] },
    });
    const cap = gap - kegTall + sunk - 0.76 * headTall;
    f.add(['cap', 'Cap of the miller'], coneForm(head * 0.98, head * 1.16, cap), {
      colour: 'shirt-blue',
      duty: 'carry',
      hidden: 'under',
      seat: { on: 'miller', at: [0, 0, 0.76 * headTall] },
    });
    eyesOn(f, 'miller', 'eyes', {
      wide: head,
      tall: headTall,
      eyes: 0.52,
      spacing: 0.36,
      size: 0.1,
      join: 'firm',
    });
    const nose = Math.max(2, 0.2 * head);
    f.spot(
      ['nose', 'Nose'],
      pebbleForm(nose, nose, nose * 0.9),
      'miller',
      { from: [0, 0, 0.42 * headTall], out: [0, -1, 0], within: 0.36 },
      { colour: 'cheek-pink', join: 'firm' },
    );
    f.press(
      ['beard', 'Moustache'],
      pebbleForm(0.34 * head, Math.max(3, 0.14 * head), Math.max(3, 0.13 * headTall)),
      'miller',
      { from: [0.11 * head, 0, 0.27 * headTall], out: [0, -1, 0], look: [0.2, 0, 1], inside: 0 },
      { colour: 'mill-white', pair: true, join: 'firm' },
    );
    const arm = Math.max(4.2, 0.055 * H);
    f.press(
      ['arms', 'Arms'],
      taperForm(arm * 1.15, arm, Math.max(0.16 * H, arm * 1.6)),
      'barrel',
      { from: [0, 0, kegTall * 0.98], out: [0.86, -0.5, 0], look: [0.12, -0.5, -0.86], inside: arm * 0.5 },
      { colour: 'shirt-blue', pair: true },
    );
    f.add(['hands', 'Hands'], ballForm(arm * 1.1), {
      colour: 'miller-skin',
      seat: { on: 'arms', at: [0, 0, Math.max(0.16 * H, arm * 1.6) - arm * 0.8] },
    });
    // the wheel over a light core; its own board is part of the stack
    const wheelAt = gap - 0.3;
    const inside = told.inside === 'solid' && H < 150 ? 'solid' : 'usual';
    const what = lumpOver(told, coneForm(wide, wide, tall), {
      inside,
      least: 35,
      coat: clamp(0.02 * H, 4, 6),
    });
    f.add(['wheel', 'Mill wheel'], what, {
      colour: 'ash-wood',
      duty: what.core ? 'skin' : 'carry',
      texture: 'wood',
      hidden: 'under',
      seat: { at: [0, 0, wheelAt] },
    });
    const paddle = Math.max(5, 0.08 * H);
    for (let i = 0; i < 8; i++) {
      const a = ((i * 45 + 22.5) * Math.PI) / 180;
      f.press(
        [`paddle-${i + 1}`, `Paddle ${i + 1}`],
        blockForm(Math.max(3.2, 0.022 * H), tall * 0.8, paddle, 1),
        'wheel',
        { from: [0, 0, tall / 2], out: [Math.sin(a), -Math.cos(a), 0], inside: paddle * 0.55 },
        { colour: 'hair-brown', duty: 'carry', tolerance: 'equal', join: 'firm' },
      );
    }
    f.add(
      ['hub', 'Hub'],
      { kind: 'dome', sizes: { diameter: hub, height: hub * 0.4 } },
      { colour: 'iron-grey', duty: 'thin', seat: { on: 'wheel', at: [0, 0, tall - 0.4] } },
    );
    f.rod(['mast', 'Mast'], mast, ['board', [0, 0, -12]], ['wheel', [0, 0, tall * 0.8]], { sleeved: big });
    if (big)
      f.rod(
        ['keepers', 'So that it cannot turn'],
        keeper,
        ['board', [aside, 0, -12]],
        ['wheel', [aside, 0, tall * 0.7]],
        { pair: true },
      );
    return f.made({ width: Math.max(1.2 * H, 140), material: 'mdf' });
  },
  cautions: [
    {
      says: 'Steel and MDF are not food: sleeve the rod, wipe it clean of oil, keep the paste off the board’s edge.',
    },
    { says: 'Over four kilograms two people lift it.', when: ({ size }) => size > 400 },
    STICKS_AND_CHILDREN,
  ],
};
