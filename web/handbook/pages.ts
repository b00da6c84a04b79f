/** The handbook: one page for each lens, for keeping things safe, for words of the trade, for a host. */

/** A page, and what of it can be looked for by name. */
export interface HandbookPage {
  readonly id: string;
  readonly name: string;
  /** Words it has a heading for. */
  readonly words?: readonly string[];
}

export const HANDBOOK: readonly HandbookPage[] = [
  { id: 'shape', name: 'Shape' },
  { id: 'bones', name: 'Bones' },
  { id: 'paste', name: 'Paste' },
  { id: 'cut', name: 'Cut' },
  { id: 'days', name: 'Days' },
  { id: 'bench', name: 'Bench' },
  { id: 'handover', name: 'Handover' },
  { id: 'log', name: 'Log' },
  { id: 'keeping', name: 'Keeping it safe' },
  {
    id: 'words',
    name: 'Words',
    words: [
      'Firmness',
      'Verdict',
      'Window',
      'Odds',
      'Blend and batch',
      'Rod, seat, sleeve',
      'Hidden face',
      'Buried',
      'What the app does not know',
      'Units, clock and language',
    ],
  },
  { id: 'hosting', name: 'Putting it on a host' },
];

/** The name of a heading in an address. */
export const anchorOf = (heading: string): string =>
  heading
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');
