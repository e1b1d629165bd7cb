// Changes the code in one small way at a time and sees whether a test notices. Not part of the check: it takes long.
export default {
  testRunner: 'vitest',
  vitest: { configFile: 'mutants/vitest.config.ts' },
  mutate: ['core/{timing,needs,schedule}/*.ts', '!core/**/*.test.ts', '!core/**/index.ts'],
  // What is only said, and not computed with, is not changed.
  mutator: { excludedMutations: ['StringLiteral'] },
  coverageAnalysis: 'perTest',
  ignoreStatic: true,
  concurrency: 2,
  timeoutMS: 20_000,
  reporters: ['clear-text', 'json'],
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  jsonReporter: { fileName: '.check/mutants.json' },
  tempDirName: '.check/mutants',
};
