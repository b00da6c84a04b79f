import { clamp } from '../../quantity/index.ts';
import { unit, type Vec } from '../../solids/index.ts';
import { lumpOver } from '../lumps.ts';
import { ballForm, cutForm, dropForm, taperForm } from '../forms.ts';
import { aimed, Sketch, type End } from '../sketch.ts';
import { COVER, limbRound, stickFor, widthAt, wireFor } from '../sticks.ts';
import type { Start } from '../types.ts';

const STEM = [[300, 3], [420, 4], [Infinity, 6]] as const; // prettier-ignore

/** A lily on its stem out of a bank, with reed leaves beside it. */
export const flowers: Start = {
  id: 'flowers',
  name: 'flower with leaves',
  article: 'a',
  title: 'Lily and reeds',
  words: ['flower', 'flowers', 'lily', 'rose', 'leaves', 'petals', 'spray'],
  size: { kind: 'length', least: 40, usual: 150, most: 500 },
  sliders: [
    { key: 'petals', label: 'Petals', usual: 6, least: 3, most: 9, whole: true },
    { key: 'open', label: 'Open', usual: 42, least: 15, most: 65 },
    { key: 'reeds', label: 'Reed leaves', usual: 4, least: 0, most: 6, whole: true },
  ],
  variants: [],
  onCake: true,
  make: (told) => {
    const H = told.size;
    const f = new Sketch(told, H < 60);
    // one stick lets the flower turn; from 120 mm on two stand in the stem
    const twin = H >= 120;
    const pick = twin
      ? stickFor(widthAt(H, STEM), 0.86 * H + 12)
      : H < 100
        ? wireFor(H)
        : stickFor(2, 0.86 * H + 12);
    const thick = twin ? 2 * pick.across + 2.4 + 2 * COVER : limbRound(pick.across);
    const petal = clamp(0.34 * H, 13, 110);
    const wide = Math.max(38, 0.46 * H);
    const tall = Math.max(14, 0.13 * H);
    f.add(
      ['mound', 'Bank'],
      lumpOver(
        told,
        { kind: 'dome', sizes: { diameter: wide, height: tall } },
        { inside: 'usual', least: 24, coat: Math.max(4, 0.015 * H), under: false },
      ),
      { colour: 'moss-green', duty: 'carry', texture: 'stipple' },
    );
    const open = f.num('open');
    const stem = Math.max(
      H - petal * Math.cos((open * Math.PI) / 180) - tall * 0.9 + 2 - 0.028 * H,
      thick + 1,
    );
    f.add(
      ['stem', 'Stem'],
      { kind: 'rope', sizes: { diameter: thick, length: stem } },
      { colour: 'reed-green', duty: 'carry', seat: { on: 'mound', at: [0, 0, tall - 2.5] } },
    );
    const cup = Math.max(thick + 1, 0.28 * petal);
    f.add(['cup', 'Heart of the lily'], dropForm(cup, Math.max(cup * 1.3, 0.42 * petal)), {
      colour: 'reed-green',
      duty: 'carry',
      built: 'there',
      seat: { on: 'stem', at: [0, 0, stem - 1.5] },
    });
    const petals = Math.round(f.num('petals'));
    for (let i = 0; i < petals; i++) {
      const a = (i / petals) * 2 * Math.PI;
      const tilt = ((open + (i % 2 ? 10 : 0)) * Math.PI) / 180;
      const look: Vec = [Math.sin(a) * Math.sin(tilt), -Math.cos(a) * Math.sin(tilt), Math.cos(tilt)];
      const r = cup * 0.2;
      f.add(
        [`petal-${i + 1}`, `Petal ${i + 1}`],
        cutForm(petal * 0.5, petal, clamp(0.014 * petal, 0.9, 1.5), 'leaf'),
        {
          colour: i % 2 ? 'lily-white' : 'mill-white',
          duty: 'thin',
          texture: 'veins',
          breaks: 15,
          built: 'foam',
          propped: true,
          glue: 'royalIcing',
          join: 'iced',
          seat: {
            on: 'cup',
            at: [r * Math.sin(a), -r * Math.cos(a), cup * 0.35],
            ...aimed(look, [Math.cos(a), Math.sin(a), 0]),
            how: 'set',
            sink: 1.5,
          },
        },
      );
    }
    const stamen = Math.max(3, 0.03 * H);
    for (let i = 0; i < 3; i++) {
      const a = i * 2.1 + 0.4;
      f.press(
        [`stamen-${i + 1}`, `Stamen ${i + 1}`],
        taperForm(stamen, stamen * 0.8, Math.max(0.2 * petal + cup * 0.5, stamen * 1.5)),
        'cup',
        { from: [0, 0, cup * 0.5], out: [0.34 * Math.sin(a), -0.34 * Math.cos(a), 1], inside: cup * 0.4 },
        { colour: 'pollen-gold', duty: 'thin', built: 'foam', breaks: 15, glue: 'royalIcing', join: 'iced' },
      );
    }
    const reeds = Math.round(f.num('reeds'));
    for (let i = 0; i < reeds; i++) {
      const side = i % 2 ? -1 : 1;
      const far = 0.2 + 0.1 * Math.floor(i / 2);
      const long = Math.max((0.66 - 0.14 * Math.floor(i / 2) - (i % 2) * 0.07) * H, 11);
      const look: Vec = unit([side * (0.1 + 0.09 * Math.floor(i / 2)), i % 2 ? 0.04 : -0.05, 1]);
      f.add(
        [`reed-${i + 1}`, `Reed leaf ${i + 1}`],
        cutForm(Math.max(5, 0.06 * H), long, clamp(0.009 * H, 1.4, 3.4), 'leaf'),
        {
          colour: 'reed-green',
          duty: 'thin',
          texture: 'veins',
          breaks: 20,
          built: 'foam',
          propped: true,
          glue: 'royalIcing',
          join: 'iced',
          seat: {
            on: 'mound',
            at: [side * wide * far, 2 + 2 * i, tall * 0.62],
            ...aimed(look),
            how: 'set',
            sink: Math.min(6, tall * 0.45),
          },
        },
      );
    }
    const bud = Math.max(5, 0.07 * H);
    f.add(['drops', 'Pebbles'], ballForm(bud), {
      colour: 'iron-grey',
      pair: true,
      join: 'firm',
      seat: { on: 'mound', at: [wide * 0.2, -wide * 0.27, tall * 0.42] },
    });
    // the flower is held by the sticks that end in its heart
    const end: End = twin ? ['cup', [0, 0, cup * 0.6]] : ['stem', [0, 0, Math.max(stem - 4, stem * 0.6)]];
    if (twin) f.two(['stem-sticks', 'Stem'], pick, ['board', [0, 0, -12]], end, pick.across / 2 + 1.15);
    else f.rod(['stem-stick', 'Stem'], pick, ['board', [0, 0, -12]], end);
    return f.made({ width: Math.max(110, wide + 1.5 * petal + 20) });
  },
  cautions: [
    { says: 'Petals with a wire in them are not eaten.' },
    { says: 'A real flower beside them has to be one that may lie on food.' },
  ],
};
