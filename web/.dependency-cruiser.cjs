/** The page's arrows: a capability uses only itself, the draft, shared and units; pages in app compose. */
const capabilities = 'call|clock|course|deck|devices|log|rig|spread|strikes|water|weights'
module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'capabilities-stand-alone',
      severity: 'error',
      // What the deck shows is the day's facts, and a course is drawn on the water: they alone use another.
      from: { path: `^src/(${capabilities})/`, pathNot: '^src/(deck|course)/' },
      to: { path: `^src/(${capabilities}|app)/`, pathNot: '^src/$1/' },
    },
    {
      name: 'deck-stands-on-strikes',
      severity: 'error',
      from: { path: '^src/deck/' },
      to: { path: `^src/(${capabilities}|app)/`, pathNot: '^src/(deck|strikes)/' },
    },
    {
      name: 'course-stands-on-water',
      severity: 'error',
      from: { path: '^src/course/' },
      to: { path: `^src/(${capabilities}|app)/`, pathNot: '^src/(course|water)/' },
    },
    {
      name: 'shared-knows-no-capability',
      severity: 'error',
      from: { path: '^src/(shared|units)/' },
      to: { path: `^src/(${capabilities}|app)/` },
    },
    {
      name: 'draft-stands-on-shared',
      severity: 'error',
      from: { path: '^src/draft/' },
      to: { path: `^src/(${capabilities}|app)/` },
    },
    {
      name: 'shared-knows-no-draft',
      severity: 'error',
      from: { path: '^src/(shared|units)/' },
      to: { path: '^src/draft/' },
    },
    {
      name: 'units-stand-alone',
      severity: 'error',
      from: { path: '^src/units/' },
      to: { path: '^src/', pathNot: '^src/units/' },
    },
    {
      name: 'models-without-react',
      severity: 'error',
      from: { path: 'model\\.ts$' },
      to: { path: '^(react|react-dom)$|\\.tsx$' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
  },
}
