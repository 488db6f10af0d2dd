/**
 * Which part of the screens may know which. A feature knows the server's words (api), what screens share
 * (shared, theme) and nothing of its neighbours.
 */
const FEATURES =
  'apiary|apiaryyear|count|dose|gear|hive|hours|pace|parameter|people|register|result|rulesheet|run|safekeeping|seasonplan|spacing|stock|today|year'

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'the-api-stands-alone',
      severity: 'error',
      from: { path: '^src/api/' },
      to: { path: '^src/', pathNot: '^src/(api|words)/' },
    },
    {
      name: 'what-is-shared-knows-no-feature',
      severity: 'error',
      from: { path: '^src/(shared|theme)/', pathNot: '\\.spec\\.ts$' },
      to: { path: `^src/(${FEATURES})/` },
    },
    {
      name: 'features-do-not-know-each-other',
      severity: 'error',
      from: { path: `^src/(${FEATURES})/` },
      to: { path: `^src/(${FEATURES})/`, pathNot: '^src/$1/' },
    },
    {
      name: 'no-page-knows-a-test',
      severity: 'error',
      from: { pathNot: '\\.spec\\.ts$|/fixtures\\.ts$' },
      to: { path: '\\.spec\\.ts$' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { extensions: ['.ts', '.vue', '.js'] },
  },
}
