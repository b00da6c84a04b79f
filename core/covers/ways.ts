import type { CoverWay } from '../record/index.ts';

/** A way to get paste over a core. */
export interface Way {
  readonly id: CoverWay;
  readonly name: string;
  /** Where it is good, and what it costs. */
  readonly hint: string;
  /** Where the sheet ends; a lump has none. */
  readonly ends?: 'board' | 'under';
  /** Of what tears it, it is drawn so much, per cent. */
  readonly drawn: number;
  /** Thickest it is worked to, per cent of what was rolled, whatever the paste would take. */
  readonly worked: number;
  /** Left over all round, mm. */
  readonly over: number;
  readonly overName: string;
  /** Minutes at the first, and for each square decimetre of skin. */
  readonly minutes: readonly [once: number, each: number];
  readonly order: readonly string[];
}

/**
 * A way more is an entry more. Shares and minutes: estimate; a tail of an inch, 20 mm at the foot, 10 to 15 turned under and a quarter of an hour for
 * a 4 inch ball: common practice.
 */
export const COVERINGS: Readonly<Record<CoverWay, Way>> = {
  gathered: {
    id: 'gathered',
    name: 'one round, gathered underneath',
    hint: 'No seam where anybody looks; more than half of the round comes off again.',
    ends: 'under',
    drawn: 50,
    worked: 1000,
    over: 25,
    overName: 'Tail that is cut off',
    minutes: [6, 2.5],
    order: [
      'Lay it on the top, stroke it down and out; turn it over, gather, squeeze, cut off, and again.',
      'Rub the wrinkles out with a little cornflour; stand it on its seam in a ring, not on a flat board.',
    ],
  },
  draped: {
    id: 'draped',
    name: 'draped, trimmed at the foot',
    hint: 'For what stands on its board; what lies over at the foot is cut off.',
    ends: 'board',
    drawn: 30,
    worked: 115,
    over: 20,
    overName: 'Over at the foot',
    minutes: [4, 0.8],
    order: ['Lay it on the top, open the pleats and stroke them down with a flat hand, trim at the foot.'],
  },
  tucked: {
    id: 'tucked',
    name: 'draped, turned under at the foot',
    hint: 'Nothing to trim: the hem is thinned and turned under. Wear the foot round, and carve it in by the coat.',
    ends: 'board',
    drawn: 30,
    worked: 115,
    over: 12,
    overName: 'Turned under',
    minutes: [5, 0.9],
    order: [
      'Wear the foot round to 6 mm or more, and carve it in by the thickness of the coat: the hem makes it wider by that.',
      'Lay the sheet on the top, open the pleats and stroke them down; thin its hem with a finger, turn it under with a blunt blade.',
    ],
  },
  panels: {
    id: 'panels',
    name: 'cut to fit, edge to edge',
    hint: 'Sharp edges and nothing gathered, for flat tops and straight sides; the panels have to be firm to lift.',
    drawn: 0,
    worked: 100,
    over: 0,
    overName: '',
    minutes: [0, 0],
    order: [
      'Let the panels rest ten minutes flat, so that they are lifted without stretching.',
      'Top and foot first, the side last: its cut edge at the hidden side, butted, rubbed with a warm finger.',
    ],
  },
  eased: {
    id: 'eased',
    name: 'a lump of its own, pressed round',
    hint: 'No seam and nothing left over; thick, and uneven by about a quarter.',
    drawn: 0,
    worked: 100,
    over: 0,
    overName: '',
    minutes: [3, 1.5],
    order: ['Press it out into a bowl, set the core in, ease the paste round and close it; roll it even.'],
  },
};
