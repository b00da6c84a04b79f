/** Ids of the demonstration builds: they use the demonstration's larder, never the person's own. */
export const DEMO_IDS: ReadonlySet<string> = new Set([
  'demo-ferryman-otter',
  'demo-heron-gilded-wet',
  'demo-heron-on-a-skewer',
  'demo-one-legged-heron',
  'demo-savoy-cabbage',
  'demo-sixty-acorn-sweets',
  'demo-trial-acorn',
]);
