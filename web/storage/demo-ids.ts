/** Ids of the demonstration builds: they use the demonstration's larder, never the person's own. */
export const DEMO_IDS: ReadonlySet<string> = new Set([
  'demo-badgers-head',
  'demo-donkey-with-panniers',
  'demo-ferry-sign',
  'demo-ferryman-otter',
  'demo-lily-and-reeds',
  'demo-mill-wheel',
  'demo-one-legged-heron',
  'demo-ribbed-gourd',
  'demo-savoy-cabbage',
  'demo-sixty-acorn-sweets',
  'demo-trial-acorn',
  'demo-two-millers',
  'demo-water-jug',
]);
