/**
 * The arrows of the house: web → contract → core, server → contract → core; in core each floor stands on
 * those before it. Circles are forbidden everywhere, for types too.
 */
const forbid = (name, from, to) => ({ name, severity: 'error', from: { path: from }, to: { path: to } });

/** Rooms of core, floor by floor from the ground: a room knows those of the floors under it, and itself. */
const floors = [
  ['identity', 'words', 'amounts', 'language'],
  ['larder'],
  ['techniques'],
  ['recipes'],
  ['class'],
  ['portions', 'scheduler', 'safety', 'dressing', 'cautions'],
  ['kitchen', 'kit', 'shopping', 'timeline', 'rehearsal', 'people'],
  ['plan', 'library'],
  ['questions', 'cards', 'labels'],
  ['formats'],
];

/** A room does not know the floors above it, nor its neighbours but where `floors` puts them together. */
const upwards = floors.slice(0, -1).map((rooms, index) => {
  const above = floors.slice(index + 1).flat();
  return forbid(
    `${rooms.join('-and-')}-know-no-floor-above`,
    `^core/src/(${rooms.join('|')})/`,
    `^core/src/(${above.join('|')})/`,
  );
});

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    forbid('core-imports-nothing-of-ours', '^core/', '^(contract|server|web|demo|e2e)/'),
    forbid('contract-imports-core-only', '^contract/', '^(server|web|demo|e2e)/'),
    forbid('web-and-server-are-apart', '^web/', '^(server|demo)/'),
    forbid('server-and-web-are-apart', '^server/', '^web/'),
    forbid('demo-is-data', '^demo/', '^(server|web)/'),
    // The pages of a class stand on `classes`, which plans it; what several pages show lives in `parts`.
    forbid(
      'pages-know-no-other-page',
      '^web/src/(?!parts/|api/|theme/|workers/)([^/]+)/',
      '^web/src/(?!parts/|api/|theme/|workers/|classes/|$1/)[^/]+/',
    ),
    forbid(
      'parts-know-no-page',
      '^web/src/(parts|api|theme|workers)/',
      '^web/src/(?!parts/|api/|theme/|workers/)[^/]+/',
    ),
    forbid('core-is-pure', '^core/src/', '^(react|react-dom|@nestjs|sequelize|node:)'),
    forbid('the-scheduler-knows-no-kitchen', '^core/src/scheduler/', '^core/src/(?!scheduler/|words/)'),
    ...upwards,
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(dist|core/src/tests|\\.test\\.tsx?$)' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'default'] },
  },
};
