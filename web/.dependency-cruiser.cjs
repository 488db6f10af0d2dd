/**
 * Which part of the screens may know which. A feature knows the server's words (api), what screens share
 * (shared, theme) and nothing of its neighbours; the exceptions of today are listed, and only get fewer.
 */
const FEATURES =
  'apiary|apiaryyear|count|dose|gear|hours|pace|parameter|people|register|result|rulesheet|run|safekeeping|seasonplan|spacing|stock|today|year'

const NEIGHBOURS_OF_TODAY = [
  ['count', 'people'],
  ['dose', 'people'],
  ['pace', 'dose|hours'],
  ['people', 'hours'],
  ['result', 'count'],
  ['rulesheet', 'dose'],
  ['run', 'dose|people'],
  ['today', 'hours'],
]

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'the-api-stands-alone',
      severity: 'error',
      from: { path: '^src/api/' },
      to: { path: '^src/', pathNot: '^src/api/' },
    },
    {
      name: 'what-is-shared-knows-no-feature',
      comment: 'Today: words of doses and a look at hours.',
      severity: 'error',
      from: { path: '^src/(shared|theme)/', pathNot: '\\.spec\\.ts$' },
      to: { path: `^src/(${FEATURES})/`, pathNot: '^src/(dose|hours)/' },
    },
    ...NEIGHBOURS_OF_TODAY.map(([from, known]) => ({
      name: `${from}-knows-no-more-neighbours`,
      severity: 'error',
      from: { path: `^src/${from}/` },
      to: { path: `^src/(${FEATURES})/`, pathNot: `^src/(${from}|${known})/` },
    })),
    {
      name: 'features-do-not-know-each-other',
      severity: 'error',
      from: {
        path: `^src/(${FEATURES})/`,
        pathNot: `^src/(${NEIGHBOURS_OF_TODAY.map(([from]) => from).join('|')})/`,
      },
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
