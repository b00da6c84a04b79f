/**
 * The arrows of the house, checked: web and server read the core, the core reads nothing outside itself, and inside
 * the core each room reads only rooms above it in this list.
 */
const ROOMS = [
  'quantity',
  'colour',
  'pastes',
  'solids',
  'record',
  'ground',
  'covers',
  'figure',
  'contacts',
  'reach',
  'paste-list',
  'edits',
  'bones',
  'firming',
  'finish',
  'joins',
  'cutting',
  'templates',
  'days',
  'trouble',
  'bench',
  'handover',
  'stores',
  'files',
];

const downwards = ROOMS.flatMap((room, i) => {
  const below = ROOMS.slice(i + 1);
  return below.length
    ? [
        {
          name: `${room}-reads-only-what-is-above-it`,
          severity: 'error',
          from: { path: `^core/${room}/`, pathNot: '\\.(test|testing)\\.ts$' },
          to: { path: `^core/(${below.join('|')})/|^core/[a-z-]+\\.ts` },
        },
      ]
    : [];
});

/** Inside the bones: pure mechanics, then stock, what rods run through, who carries whom, how rods cross joints, what holds, tiers, mends. */
const BONES = ['mechanics', 'stock', 'runs', 'carried', 'paths', 'joints', 'tiers', 'mends'];
const inTheBones = BONES.slice(0, -1).map((room, i) => ({
  name: `bones-${room}-read-only-what-is-above-them`,
  severity: 'error',
  from: { path: `^core/bones/${room}/`, pathNot: '\\.(test|testing)\\.ts$' },
  to: { path: `^core/bones/(${BONES.slice(i + 1).join('|')})/|^core/bones/[a-z-]+\\.ts` },
}));

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    ...downwards,
    ...inTheBones,
    {
      name: 'core-reads-only-itself',
      severity: 'error',
      from: { path: '^core/', pathNot: '\\.(test|testing)\\.ts$|^core/checks/' },
      to: { path: '^(web|server|tools|tests|demo)/' },
    },
    {
      name: 'core-uses-no-interface-library',
      severity: 'error',
      from: { path: '^core/', pathNot: '\\.(test|testing)\\.ts$|^core/checks/' },
      to: { path: 'node_modules/(vue|pinia|ant-design-vue|dexie|express|comlink|@vueuse|@lucide)' },
    },
    {
      name: 'web-and-server-apart',
      severity: 'error',
      from: { path: '^web/' },
      to: { path: '^(server|tools|tests)/' },
    },
    {
      name: 'server-leaves-screens-alone',
      severity: 'error',
      from: { path: '^server/' },
      to: { path: '^web/' },
    },
    {
      name: 'the-reference-solver-is-for-tests',
      severity: 'error',
      from: { path: '^(web|server|core)/', pathNot: '\\.(test|testing)\\.ts$|^core/checks/' },
      to: { path: '^core/firming/reference\\.ts$|\\.testing\\.ts$' },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'rooms-are-entered-by-their-face',
      severity: 'error',
      from: {
        path: '^(web|server|tools)/',
        pathNot: '\\.test\\.ts$|^tools/(generate-validators|bench)\\.ts$',
      },
      to: { path: '^core/[a-z-]+/(?!index\\.ts)' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { extensions: ['.ts', '.vue', '.mjs', '.js', '.json'] },
  },
};
