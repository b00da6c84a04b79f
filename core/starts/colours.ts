/** Colours of a village on a slow river; names are our own. */
const HEX = {
  'otter-brown': '#8a6750',
  cream: '#dcc6a2',
  'ink-brown': '#3b2c26',
  'scarf-red': '#b8423c',
  'lamp-yellow': '#e9c565',
  'iron-grey': '#6f7476',
  'ash-wood': '#b58d5c',
  'reed-green': '#6f8a4e',
  'mill-white': '#efe9dc',
  'flour-sack': '#d9cdb2',
  'donkey-grey': '#8d8680',
  'badger-black': '#2f2e2f',
  'gourd-orange': '#c8772f',
  'river-blue': '#5f8797',
  'miller-skin': '#dbb08c',
  'lily-white': '#f1ece0',
  'pollen-gold': '#c99a34',
  'moss-green': '#5d6b3c',
  'shirt-blue': '#5b7690',
  straw: '#d8bb74',
  'hair-brown': '#5b4030',
  'cheek-pink': '#d9917c',
} as const;

export type StartColour = keyof typeof HEX;

/** The colours of a figure, as a build has them. */
export const coloursFor = (ids: Iterable<string>) =>
  [...ids].map((id) => ({ id, name: id.replaceAll('-', ' '), hex: HEX[id as StartColour] }));
