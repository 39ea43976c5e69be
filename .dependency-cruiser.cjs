/**
 * The arrows of the house: web → contract → core, server → contract → core; in core the calculators stand on
 * amounts, larder and recipes, plan on top.
 */
const forbid = (name, from, to) => ({ name, severity: 'error', from: { path: from }, to: { path: to } });

module.exports = {
  forbidden: [
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    forbid('core-imports-nothing-of-ours', '^core/', '^(contract|server|web|demo|e2e)/'),
    forbid('contract-imports-core-only', '^contract/', '^(server|web|demo|e2e)/'),
    forbid('web-and-server-are-apart', '^web/', '^(server|demo)/'),
    forbid('server-and-web-are-apart', '^server/', '^web/'),
    forbid('demo-is-data', '^demo/', '^(server|web)/'),
    forbid('amounts-is-the-ground-floor', '^core/src/amounts/', '^core/src/(?!amounts/)'),
    forbid('larder-stands-on-amounts', '^core/src/larder/', '^core/src/(?!amounts/|larder/)'),
    forbid(
      'recipes-stand-on-larder',
      '^core/src/recipes/',
      '^core/src/(?!amounts/|larder/|recipes/|techniques/)',
    ),
    forbid('core-is-pure', '^core/src/', '^(react|react-dom|@nestjs|sequelize|node:)'),
    {
      name: 'plan-is-on-top',
      severity: 'error',
      from: { path: '^core/src/(?!plan/|index)' },
      to: { path: '^core/src/plan/', dependencyTypesNot: ['type-only'] },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(dist|\\.test\\.tsx?$)' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'default'] },
  },
};
