import { clamp } from '../../quantity/index.ts';
import { OVER_250 } from '../cautions.ts';
import { lumpOver } from '../lumps.ts';
import { ballForm, cutForm, ringForm, taperForm } from '../forms.ts';
import { aimed, Sketch } from '../sketch.ts';
import { sub, times, type Vec } from '../../solids/index.ts';
import { stickFor, widthAt } from '../sticks.ts';
import type { Start } from '../types.ts';

const PIN = [[100, 2], [150, 3], [Infinity, 4]] as const; // prettier-ignore

/** A rib goes so far round, from beside the stalk; the middle of such an arc lies so far aside of its box, in radii. */
const BOW = 128;
const LEAN = 102;
const ASIDE = (1 + Math.cos((BOW * Math.PI) / 180)) / 2;

/** Axes of an arc that goes down the side of a ball at a bearing. */
function meridian(bearing: number): { readonly up: Vec; readonly right: Vec } {
  const [a, b] = [(bearing * Math.PI) / 180, (LEAN * Math.PI) / 180];
  const side = (out: number, up: number): Vec => [out * Math.sin(a), -out * Math.cos(a), up];
  return { up: side(Math.sin(b), Math.cos(b)), right: side(Math.cos(b), -Math.sin(b)) };
}

/** A gourd: a covered ball with ribs laid over it, a stitched seam, a stalk, in a ring of moss so that it does not roll. */
export const coveredBall: Start = {
  id: 'covered-ball',
  name: 'covered ball with ribs and stitches',
  article: 'a',
  title: 'Ribbed gourd',
  words: ['ball', 'pumpkin', 'gourd', 'sphere', 'football', 'globe', 'bauble'],
  size: { kind: 'length', least: 40, usual: 150, most: 500 },
  sliders: [
    { key: 'ribs', label: 'Ribs', usual: 8, least: 4, most: 14, whole: true },
    { key: 'ring', label: 'Ring under it', usual: 0.62, least: 0.5, most: 0.72 },
  ],
  variants: [
    { key: 'seam', label: 'Stitched seam', options: [{ value: 'yes', label: 'with a seam' }, { value: 'no', label: 'without' }] },
  ], // prettier-ignore
  cake: true,
  onCake: true,
  make: (told) => {
    const H = told.size;
    const f = new Sketch(told, H < 50);
    const stalk = Math.max(8, 0.17 * H);
    const D = (H - stalk * 0.7) / 0.96;
    f.add(['nest', 'Ring of moss'], ringForm(f.num('ring') * D, Math.max(5, 0.1 * D)), {
      colour: 'moss-green',
      duty: 'carry',
      texture: 'stipple',
      seat: { sink: 0.4 },
    });
    const gourd = lumpOver(told, ballForm(D), { least: 50, cake: H <= 330 });
    f.add(['gourd', 'Gourd'], gourd, {
      colour: 'gourd-orange',
      duty: 'skin',
      hidden: 'under',
      seat: { sink: 0.04 * D },
    });
    const rib = Math.max(2.5, 0.055 * D);
    const ribs = Math.round(f.num('ribs'));
    const bow = D / 2 + rib * 0.2;
    for (let i = 0; i < ribs; i++) {
      const at = meridian((360 * i) / ribs + 180 / ribs);
      f.add([`rib-${i + 1}`, `Rib ${i + 1}`], { kind: 'bentRope', sizes: { diameter: rib, first: 0, second: 0, bend: bow, angle: BOW } }, {
        colour: 'gourd-orange', duty: 'skin', tolerance: 'equal', join: 'firm', propped: H > 300,
        seat: { on: 'gourd', at: sub([0, 0, D / 2], times(at.right, ASIDE * (bow + rib / 2))), ...aimed(at.up, at.right) },
      }); // prettier-ignore
    }
    if (f.choice('seam') === 'yes')
      f.add(
        ['seam', 'Stitched seam'],
        {
          kind: 'stitches',
          sizes: {
            length: Math.PI * D * 0.98,
            pitch: clamp(0.06 * D, 3, 9),
            thread: clamp(0.012 * D, 0.8, 2),
            stitch: clamp(0.045 * D, 2.2, 7),
          },
        },
        { colour: 'flour-sack', duty: 'thin', seat: { on: 'gourd', at: [0, 0, D / 2], how: 'wraps' } },
      );
    f.press(
      ['stalk', 'Stalk'],
      taperForm(Math.max(6, 0.16 * D), Math.max(4, 0.075 * D), stalk),
      'gourd',
      { from: [0, 0, D / 2], out: [0, 0, 1], look: [0.22, 0, 1], inside: stalk * 0.32 },
      { colour: 'moss-green', duty: 'carry', join: 'firm' },
    );
    const leaf = clamp(0.34 * D, 12, 80);
    f.press(
      ['leaf', 'Leaf'],
      cutForm(leaf * 0.8, leaf, clamp(0.012 * H, 1.4, 3), 'leaf'),
      'gourd',
      { from: [0, 0, D / 2], out: [0.25, -0.2, 1], look: [0.78, -0.6, 0.02], inside: leaf * 0.12 },
      {
        colour: 'reed-green',
        duty: 'thin',
        texture: 'veins',
        built: 'foam',
        propped: true,
        breaks: 10,
        glue: 'royalIcing',
        join: 'iced',
      },
    );
    const pin = stickFor(widthAt(H, PIN), D * 0.62 + 12);
    const half = Math.max(1.5 * pin.across, 0.09 * D);
    // above that its flat foot and its ring hold it
    if (H < 200 && gourd.core !== 'cake')
      f.rod(['pins', 'Into the board'], pin, ['board', [half, 0, -12]], ['gourd', [half, 0, D * 0.58]], {
        pair: true,
      });
    return f.made({ width: Math.max(110, 1.2 * D + 20) });
  },
  cautions: [OVER_250],
};
