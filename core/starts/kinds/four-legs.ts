import { clamp } from '../../quantity/index.ts';
import { length as lengthOf, sub, times, unit, type Vec } from '../../solids/index.ts';
import { OVER_250, STICKS_AND_CHILDREN } from '../cautions.ts';
import { FACE_SLIDERS, LEAST_DOT } from '../face.ts';
import { lumpOver } from '../lumps.ts';
import { boardUnder } from '../people.ts';
import { ballForm, blockForm, coneForm, eggForm, pebbleForm, taperForm } from '../forms.ts';
import { aimed, Sketch } from '../sketch.ts';
import { COVER, limbRound, stickFor, widthAt } from '../sticks.ts';
import type { Start } from '../types.ts';

/** Widths of sticks by height, mm: legs, and the neck into the head. Estimates: tried until they hold at every height. */
const LEG = [[110, 2], [170, 3], [230, 4], [330, 6], [430, 8], [480, 10], [Infinity, 12]] as const; // prettier-ignore
const NECK = [[100, 2], [160, 3], [230, 4], [330, 6], [430, 8], [Infinity, 10]] as const; // prettier-ignore
const ACROSS = [[100, 2], [240, 3], [Infinity, 4]] as const; // prettier-ignore

/** A donkey: four legs on hooves, a neck that goes up and forward, a long head, two panniers on sticks through its back. */
export const fourLegs: Start = {
  id: 'four-legs',
  name: 'four-legged animal',
  article: 'a',
  title: 'Donkey with panniers',
  words: ['donkey', 'horse', 'pony', 'cow', 'dog', 'sheep', 'deer', 'four legs', 'quadruped'],
  size: { kind: 'length', least: 40, usual: 150, most: 500 },
  sliders: [
    { key: 'legs', label: 'Legs', usual: 0.37, least: 0.33, most: 0.43 },
    { key: 'head', label: 'Head', usual: 0.31, least: 0.26, most: 0.35 },
    { key: 'chubby', label: 'How stout', usual: 1, least: 0.9, most: 1.12 },
    ...FACE_SLIDERS(0.6, 0.7).filter(({ key }) => key === 'features'),
  ],
  variants: [
    { key: 'carries', label: 'On its back', options: [{ value: 'panniers', label: 'two panniers' }, { value: 'nothing', label: 'nothing' }] },
  ], // prettier-ignore
  onCake: true,
  make: (told) => {
    const H = told.size;
    const f = new Sketch(told, H <= 90);
    const grey = { colour: 'donkey-grey' } as const;
    const heavy = told.inside === 'solid' ? 1.3 : 1;
    const stick = stickFor(widthAt(H * heavy, LEG), 0);
    const legWide = Math.max(limbRound(stick.across), 0.078 * H);
    const chubby = f.num('chubby');
    const wide = Math.max(2 * legWide + 9.5, 0.31 * H * chubby);
    const long = Math.max(0.6 * H, 4 * legWide);
    const deep = 0.32 * H * chubby;
    const hoof = Math.max(4, 0.05 * H);
    const legs = Math.max(f.num('legs') * H, hoof * 0.7 + legWide * 1.46);
    const sunk = 0.13 * H;
    const bodyAt = legs - sunk;
    const legsX = wide / 2 - legWide * 0.72;
    const legsY = long * 0.29;
    const rope = legs - hoof * 0.7;
    for (const [id, name, y] of [
      ['front', 'Front', -legsY],
      ['back', 'Back', legsY],
    ] as const) {
      // prettier-ignore
      f.add([`${id}-hooves`, `${name} hooves`], coneForm(legWide * 1.12, legWide, hoof), { colour: 'ink-brown', duty: 'carry', pair: true, tolerance: 'equal', hidden: 'under', seat: { at: [legsX, y, 0], sink: 0.2 } });
      f.add(
        [`${id}-legs`, `${name} legs`],
        taperForm(legWide, legWide * (id === 'back' ? 1.45 : 1.25), rope),
        {
          ...grey,
          duty: 'carry',
          tolerance: 'equal',
          seat: { on: `${id}-hooves`, at: [0, 0, hoof * 0.7] },
        },
      );
    }
    f.add(['body', 'Body'], lumpOver(told, pebbleForm(wide, long, deep)), {
      ...grey,
      hidden: 'under',
      seat: { at: [0, 0, bodyAt] },
    });
    const up = bodyAt + deep * (H < 60 ? 0.46 : 0.62);
    const legStick = stickFor(stick.across, up + 12);
    for (const [id, y] of [
      ['front', -legsY],
      ['back', legsY],
    ] as const)
      // prettier-ignore
      f.rodIn([`${id}-sticks`, 'Leg'], legStick, ['board', [legsX, y, -12]], ['body', [legsX, y, up]], { pair: true });

    // the neck, up and forward; the head lies on it, its blunt end behind
    const pin = stickFor(widthAt(H * heavy, NECK), 0);
    const neckWide = Math.max(0.175 * H, (2 * pin.across + 2.4 + 2 * COVER) / 0.8);
    const headLong = f.num('head') * H;
    const headWide = 0.55 * headLong;
    const ear = Math.min(0.2 * H, 70);
    const from: Vec = [0, -long * 0.27, bodyAt + deep * 0.58];
    const to: Vec = [0, -long * 0.45, Math.max(from[2] + neckWide, H * 0.99 - ear * 0.72 - headWide * 0.55)];
    const neckLong = lengthOf(sub(to, from));
    const along = unit(sub(to, from));
    f.add(
      ['neck', 'Neck'],
      taperForm(neckWide, neckWide * 0.8, Math.max(neckLong + neckWide * 0.3, neckWide + 1)),
      { ...grey, duty: 'carry', seat: { on: 'body', at: f.inside('body', from), ...aimed(along) } },
    );
    const mane = Math.max(3, 0.035 * H);
    f.add(['mane', 'Mane'], pebbleForm(mane, mane * 2, neckLong * 1.02), {
      colour: 'ink-brown',
      duty: 'thin',
      seat: { on: 'neck', at: [0, neckWide * 0.42, neckWide * 0.22] },
    });
    const gaze: Vec = unit([0, -0.9, -0.42]);
    f.add(['head', 'Head'], lumpOver(told, eggForm(headWide, headLong), { least: 40 }), {
      ...grey,
      seat: {
        on: 'neck',
        at: f.inside('neck', sub(to, times(gaze, headLong * 0.3))),
        ...aimed(f.toward('neck', gaze)),
      },
    });
    // in the head's frame z runs to the muzzle and y up
    const nose = { width: headWide * 0.78, depth: headWide * 0.74, height: headLong * 0.36 };
    f.add(['muzzle', 'Muzzle'], pebbleForm(nose.width, nose.depth, nose.height), {
      colour: 'cream',
      seat: { on: 'head', at: [0, -0.02 * headWide, headLong - nose.height * 0.72] },
    });
    const nostril = Math.max(LEAST_DOT, 0.07 * headWide);
    f.spot(
      ['nostrils', 'Nostrils'],
      ballForm(nostril),
      'muzzle',
      { from: [0, 0, nose.height / 2], out: [0.42, 0.35, 0.8] },
      { colour: 'ink-brown', pair: true, tolerance: 'equal' },
    );
    const eye = Math.max(LEAST_DOT, 0.15 * headWide * f.num('features'));
    f.spot(
      ['eyes', 'Eyes'],
      ballForm(eye),
      'head',
      { from: [0, 0, headLong * 0.44], out: [0.8, 0.6, 0] },
      { colour: 'ink-brown', pair: true, tolerance: 'equal' },
    );
    f.press(
      ['ears', 'Ears'],
      pebbleForm(Math.max(5, 0.072 * H), Math.max(2.6, 0.032 * H), ear),
      'head',
      { from: [0, 0, headLong * 0.24], out: [0.55, 0.84, -0.1], look: [0.34, 0.86, -0.36], inside: 0.05 * H },
      {
        ...grey,
        duty: 'thin',
        pair: true,
        breaks: 10,
        propped: true,
        ...(H >= 250 ? { glue: 'royalIcing' as const } : {}),
      },
    );
    const tuft = Math.max(4, 0.05 * H);
    f.press(
      ['tail', 'Tail'],
      taperForm(Math.max(3.4, 0.032 * H), Math.max(3, 0.026 * H), Math.max(0.26 * H, 7)),
      'body',
      { from: [0, 0, deep * 0.62], out: [0, 1, 0.05], look: [0.04, 0.34, -0.94], inside: 0.02 * H + 1 },
      { ...grey, propped: true },
    );
    f.add(['tuft', 'Tuft'], eggForm(tuft, tuft * 1.8), {
      colour: 'ink-brown',
      propped: true,
      seat: { on: 'tail', at: [0, 0, Math.max(0.26 * H, 7) - tuft * 0.5] },
    });
    const half = clamp(0.9 * pin.across, pin.across / 2 + 1.2, neckWide * 0.4 - pin.across / 2 - 1);
    const deepIn = deep * (H < 60 ? 0.1 : H < 100 ? 0.3 : 0.53 - (heavy > 1 ? 0.07 : 0));
    f.two(
      ['neck-pins', 'Neck'],
      stickFor(pin.across, neckLong + deepIn + headWide * 0.42),
      ['neck', [0, 0, -deepIn]],
      ['neck', [0, 0, neckLong + headWide * 0.32]],
      Math.max(half, pin.across / 2 + 1.15),
    );
    if (f.choice('carries') === 'panniers') {
      const pan = {
        width: Math.max(7, 0.12 * H),
        depth: Math.max(10, 0.25 * H),
        height: Math.max(9, 0.19 * H),
      };
      const y = 0.05 * H;
      f.add(
        ['panniers', 'Panniers'],
        lumpOver(told, blockForm(pan.width, pan.depth, pan.height, 0.25 * pan.width), {
          inside: 'usual',
          least: 24,
          coat: Math.max(3.2, 0.012 * H),
        }),
        {
          colour: 'straw',
          texture: 'wood',
          pair: true,
          tolerance: 'equal',
          hidden: 'left',
          seat: { on: 'body', at: [wide / 2 + pan.width * 0.3, y, deep * 0.5 - pan.height * 0.45] },
        },
      );
      const apple = Math.max(4, 0.062 * H);
      f.add(['apples', 'Apples'], ballForm(apple), {
        colour: 'scarf-red',
        pair: false,
        seat: { on: 'panniers', at: [0, -pan.depth * 0.2, pan.height - apple * 0.3] },
      });
      f.add(['apples-2', 'More apples'], ballForm(apple), {
        colour: 'reed-green',
        seat: { on: 'panniers', at: [0, pan.depth * 0.14, pan.height - apple * 0.3] },
      });
      const across = stickFor(widthAt(H, ACROSS), wide + pan.width);
      const reach = wide / 2 + pan.width * 0.62;
      for (const [key, at] of [
        ['', -0.2],
        ['-2', 0.2],
      ] as const)
        // prettier-ignore
        f.rod([`pannier-stick${key}`, 'Across, panniers'], across, ['body', [-reach, y + at * pan.depth, deep * 0.5]], ['body', [reach, y + at * pan.depth, deep * 0.5]]);
    }
    return f.made({ width: Math.max(130, 1.15 * H), ...boardUnder(H) });
  },
  cautions: [STICKS_AND_CHILDREN, OVER_250],
};
