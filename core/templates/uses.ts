import type { Mm } from '../quantity/index.ts';
import type { TemplateUse } from '../record/index.ts';

/** What a template is for: that decides how far from the line it is drawn. */
export interface Purpose {
  readonly id: TemplateUse;
  readonly name: string;
  /** How far outside of the line it is, mm; from what lies over the cake, and how thick the paste is. */
  readonly by: (of: { readonly over: Mm; readonly thick: Mm }) => Mm;
  /** What is written on the page. */
  readonly says: (of: { readonly over: Mm; readonly thick: Mm }) => string;
}

/** A knife that follows a paper leaves its line outside; common practice, mm. */
const CUT = 1;
const mm = (x: Mm): string => `${Math.round(x * 10) / 10} mm`;

/** A use more is an entry more. */
export const USES: Readonly<Record<TemplateUse, Purpose>> = {
  cut: {
    id: 'cut',
    name: 'cut out of a sheet',
    by: () => CUT,
    says: () => 'cut 1 mm outside the line',
  },
  drawn: {
    id: 'drawn',
    name: 'inlay, window as drawn',
    by: () => 0,
    says: () => 'window as drawn, nothing added',
  },
  carve: {
    id: 'carve',
    name: 'carve the cake',
    by: ({ over }) => -over,
    says: ({ over }) => `carve to here, ${mm(over)} in`,
  },
  recess: {
    id: 'recess',
    name: 'recess in the cake',
    // floor and face take the same coats: its depth stays, its sides close
    by: ({ over }) => over,
    says: ({ over }) =>
      over > 0 ? `cut it ${mm(over)} wider all round: the coats close it by that` : 'recess as drawn',
  },
  lining: {
    id: 'lining',
    name: 'lining round it',
    by: ({ thick }) => thick,
    says: ({ thick }) => `lining, ${mm(thick)} out all round`,
  },
  wrap: {
    id: 'wrap',
    name: 'wrapped, as long as the way round',
    by: () => 0,
    says: () => 'stretched lengthwise to the way round it',
  },
  prick: {
    id: 'prick',
    name: 'pricked through on the coat',
    by: () => 0,
    says: () => 'as drawn: lay it on the coat and prick along the line',
  },
  transfer: {
    id: 'transfer',
    name: 'pencil-down transfer',
    by: () => 0,
    says: () => 'mirrored: laid pencil side down it comes out as drawn',
  },
  none: { id: 'none', name: 'no paper', by: () => 0, says: () => '' },
};
