import { add, times, unit, type Vec } from '../../solids/index.ts';
import { OVER_250, STICKS_AND_CHILDREN } from '../cautions.ts';
import { eyesOn, FACE_SLIDERS } from '../face.ts';
import { lumpOver } from '../lumps.ts';
import { boardUnder } from '../people.ts';
import { ballForm, dropForm, eggForm, pebbleForm, taperForm } from '../forms.ts';
import { aimed, Sketch } from '../sketch.ts';
import { COVER, limbRound, stickFor, widthAt } from '../sticks.ts';
import type { Start } from '../types.ts';

/** Widths of sticks by height, mm. Estimates: tried until they hold at every height. */
const LEG = [[110, 2], [150, 3], [220, 4], [330, 6], [380, 8], [460, 10], [Infinity, 12]] as const; // prettier-ignore
const NECK = [[120, 2], [200, 3], [300, 4], [400, 6], [480, 8], [Infinity, 10]] as const; // prettier-ignore

/** A bird that leans forward on two thin legs: an egg with its point behind, a head over the breast. */
export const bird: Start = {
  id: 'bird',
  name: 'bird on two legs',
  article: 'a',
  title: 'Reed bird',
  words: ['bird', 'robin', 'hen', 'duck', 'chick', 'penguin', 'owl', 'wren'],
  size: { kind: 'length', least: 40, usual: 150, most: 500 },
  sliders: [
    { key: 'legs', label: 'Legs', usual: 0.37, least: 0.3, most: 0.42 },
    { key: 'head', label: 'Head', usual: 0.24, least: 0.2, most: 0.28 },
    { key: 'chubby', label: 'How stout', usual: 1, least: 0.9, most: 1.12 },
    ...FACE_SLIDERS(0.56, 0.66),
  ],
  variants: [
    { key: 'coat', label: 'Feathers', options: [{ value: 'none', label: 'smooth' }, { value: 'feathers', label: 'marked' }] },
  ], // prettier-ignore
  onCake: true,
  make: (told) => {
    const H = told.size;
    const f = new Sketch(told, H <= 60);
    const texture = f.choice('coat') === 'feathers' ? 'feathers' : 'none';
    const blue = { colour: 'river-blue', texture } as const;
    const heavy = told.inside === 'solid' ? 1.3 : 1;
    const stick = stickFor(widthAt(H * heavy, LEG), 0);
    const pin = stickFor(widthAt(H * heavy, NECK), 0);
    const legWide = Math.max(limbRound(stick.across), 0.04 * H);
    const D = f.num('head') * H;
    const legs = f.num('legs') * H;
    const half = Math.max(1.4 * pin.across, pin.across / 2 + 1.3);
    const bodyWide = Math.max(0.37 * H * f.num('chubby'), 2 * legWide + 5);
    const bodyLong = 0.58 * H;
    const lean: Vec = unit([0, 0.86, -0.51]);
    const legX = Math.max(legWide * 0.5 + 0.8, bodyWide * 0.16);
    const toe = Math.max(legWide, 0.055 * H);
    f.add(['toes', 'Toes'], dropForm(toe, Math.max(legWide * 2, 0.17 * H)), {
      colour: 'pollen-gold',
      duty: 'carry',
      pair: true,
      seat: { at: [legX, legWide * 0.6, toe / 2 - 0.4], tip: 90 },
    });
    f.add(
      ['legs', 'Legs'],
      { kind: 'rope', sizes: { diameter: legWide, length: Math.max(legs, legWide) } },
      {
        colour: 'pollen-gold',
        duty: 'carry',
        pair: true,
        tolerance: 'equal',
        seat: { at: [legX, 0, 0], sink: 0.4 },
      },
    );
    // its middle stands over the legs
    const middle: Vec = [0, 0, legs + bodyWide * 0.3];
    f.add(['body', 'Body'], lumpOver(told, eggForm(bodyWide, bodyLong)), {
      ...blue,
      hidden: 'under',
      seat: { at: add(middle, times(lean, -0.42 * bodyLong)), ...aimed(lean) },
    });
    const pinY = -0.22 * bodyLong;
    const neckWide = Math.max(0.16 * H, (2 * half + pin.across + 2 * COVER) / 0.78);
    const neckFrom = middle[2] - bodyWide * 0.05;
    const neckLong = Math.max(H - D * 0.62 - neckFrom, neckWide * 1.5);
    f.add(['neck', 'Neck'], taperForm(neckWide * 1.3, neckWide * 0.8, neckLong), {
      ...blue,
      seat: { on: 'body', at: f.inside('body', [0, pinY, neckFrom]), ...aimed(f.toward('body', [0, 0, 1])) },
    });
    const headAt: Vec = [0, pinY - 0.03 * H, H - D];
    f.add(['head', 'Head'], lumpOver(told, ballForm(D)), {
      ...blue,
      seat: { on: 'neck', at: f.inside('neck', headAt), ...aimed(f.toward('neck', [0, 0, 1])) },
    });
    const beak = Math.max(4, 0.3 * D);
    f.press(
      ['beak', 'Beak'],
      dropForm(beak, Math.max(8, 0.62 * D)),
      'head',
      { from: [0, 0, D * 0.46], out: [0, -1, -0.06], inside: Math.max(2, 0.16 * D) },
      { colour: 'pollen-gold', duty: 'carry', propped: H > 300 },
    );
    eyesOn(f, 'head', 'eyes', { wide: D, tall: D, eyes: 0.56, spacing: 0.66, size: 0.13 });
    const wing = Math.max(3.2, 0.05 * H);
    f.spot(
      ['wings', 'Wings'],
      pebbleForm(wing * 1.6, bodyWide * 0.62, bodyLong * 0.74),
      'body',
      { from: [0, 0.06 * bodyWide, bodyLong * 0.52], out: [1, 0.1, 0], within: 0.42 },
      { colour: 'iron-grey', duty: 'thin', pair: true, texture, seat: { lean: -7 } },
    );
    const fan = Math.max(3.2, 0.034 * H);
    const tailLong = Math.max(10, 0.3 * H);
    f.press(
      ['tail', 'Tail'],
      pebbleForm(Math.max(8, 0.15 * H), fan * 1.5, tailLong),
      'body',
      { from: [0, 0, bodyLong * 0.6], out: [0, 0.12, 1], look: [0, 0.3, 0.95], inside: tailLong * 0.4 },
      { colour: 'iron-grey', duty: 'thin', texture, propped: true },
    );
    if (H >= 200) {
      const pull = stickFor(H < 300 ? 2 : H < 430 ? 3 : 4, 0);
      for (const [key, x] of H < 300
        ? ([['', 0]] as const)
        : ([
            ['', 0.035],
            ['-2', -0.035],
          ] as const))
        // prettier-ignore
        f.rod([`tail-stick${key}`, 'Tail'], stickFor(pull.across, tailLong * 1.06), ['tail', [x * H, 0, -tailLong * 0.5]], ['tail', [x * H, 0, tailLong * 0.56]]);
    }
    // the sticks of the legs end in the body under the pins of the head
    const up = middle[2] - bodyWide * 0.02;
    f.rodIn(
      ['leg-sticks', 'Leg'],
      stickFor(stick.across, up + 12),
      ['board', [legX, 0, -12]],
      ['body', [legX, 0, up]],
      { pair: true },
    );
    const foot = middle[2] - bodyWide * (H < 60 ? 0.12 : 0.3);
    f.twoIn(
      ['neck-pins', 'Head'],
      stickFor(pin.across, H - 0.24 * D - foot),
      ['body', [0, pinY, foot]],
      ['head', [0, pinY, H - 0.24 * D]],
      half,
    );
    return f.made({ width: Math.max(120, 0.95 * H), ...boardUnder(H) });
  },
  cautions: [STICKS_AND_CHILDREN, OVER_250],
};
