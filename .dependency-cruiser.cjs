/** Dependencies point one way; see docs/architecture.md. */

/** Features of the application: each may use those before it, so that none is in a circle. */
const FEATURES = [
  'glossary',
  'accounts',
  'kitchen',
  'bottles',
  'people',
  'drinker',
  'measures',
  'practice',
  'drink',
  'check',
  'drinks',
  'stores',
  'logbook',
  'make',
  'plan',
  'today',
  'shell',
];

const only = (from, allowed) => ({
  name: `${from}-knows-only-${allowed.join('-and-') || 'itself'}`,
  severity: 'error',
  from: { path: `^${from}/src` },
  to: { path: '^(core|contract|cli|server|app|e2e)/', pathNot: `^(${[from, ...allowed].join('|')})/` },
});

module.exports = {
  forbidden: [
    only('core', []),
    only('contract', ['core']),
    only('cli', ['core', 'contract']),
    only('server', ['core', 'contract']),
    only('app', ['core', 'contract']),
    {
      name: 'e2e-drives-from-outside',
      severity: 'error',
      from: { path: '^e2e/' },
      to: { path: '^(core|contract|cli|server|app)/' },
    },
    {
      name: 'core-is-pure',
      comment:
        'Pure libraries only, listed in docs/decisions/004-libraries-of-core.md; no input or output of any kind.',
      severity: 'error',
      from: { path: '^core/src' },
      to: {
        dependencyTypes: ['npm', 'core', 'npm-dev', 'npm-no-pkg'],
        pathNot: 'node_modules/(dequal|entities|fastest-levenshtein|htmlparser2|papaparse|pure-rand)/',
      },
    },
    {
      name: 'folders-of-core-by-their-index',
      comment: 'Each folder of core has a small surface, its index.ts; other folders use nothing else of it.',
      severity: 'error',
      from: { path: '^core/src/([^/]+)/' },
      to: { path: '^core/src/[^/]+/.+', pathNot: ['^core/src/$1/', '^core/src/[^/]+/index\\.ts$'] },
    },
    {
      name: 'services-know-no-fastify',
      severity: 'error',
      from: { path: '^server/src/.*-(?:service|store)\\.ts$' },
      to: { path: 'node_modules/@?fastify' },
    },
    {
      name: 'routes-know-no-sequelize',
      severity: 'error',
      from: { path: '^server/src/.*/routes\\.ts$' },
      to: { path: 'node_modules/sequelize' },
    },
    {
      name: 'interface-knows-no-feature',
      severity: 'error',
      from: { path: '^app/src/ui' },
      to: { path: '^app/src/(features|domain|state|app)' },
    },
    {
      name: 'state-knows-no-domain',
      comment: 'Ways to keep and to send are the same for whatever is kept and sent.',
      severity: 'error',
      from: { path: '^app/src/state' },
      to: { path: '^app/src/(features|domain|app)' },
    },
    {
      name: 'domain-knows-no-feature',
      comment: 'What several features need; it draws nothing.',
      severity: 'error',
      from: { path: '^app/src/domain' },
      to: { path: '^app/src/(features|ui|app)' },
    },
    {
      name: 'features-have-a-place',
      comment: 'A new feature stands in FEATURES above.',
      severity: 'error',
      from: { path: '^app/src/features/', pathNot: `^app/src/features/(${FEATURES.join('|')})/` },
      to: {},
    },
    ...FEATURES.map((feature, index) => ({
      name: `${feature}-uses-no-later-feature`,
      comment: 'See FEATURES above. What two features need of each other belongs in app/src/domain.',
      severity: 'error',
      from: { path: `^app/src/features/${feature}/` },
      to: { path: '^app/src/features/', pathNot: `^app/src/features/(${FEATURES.slice(0, index + 1).join('|')})/` },
    })),
    {
      name: 'no-circles',
      severity: 'error',
      from: { path: '^(core|contract|cli|server|app)/src' },
      to: { circular: true },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(test|dist|\\.build|\\.expo)/' },
    tsPreCompilationDeps: true,
    combinedDependencies: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default'],
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.cjs'],
    },
  },
};
