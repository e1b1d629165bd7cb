// What may lean on what: arrows point down only, and never in a circle.
module.exports = {
  forbidden: [
    { name: 'no-circle', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-stands-alone',
      severity: 'error',
      from: { path: '^core/' },
      to: { path: '^(web|server|e2e|bench)/' },
    },
    {
      name: 'web-not-server',
      severity: 'error',
      from: { path: '^web/' },
      to: { path: '^(server|e2e|bench)/' },
    },
    {
      name: 'server-not-web',
      severity: 'error',
      from: { path: '^server/' },
      to: { path: '^(web|e2e|bench)/' },
    },
    {
      name: 'timing-alone',
      comment: 'Timing a break needs neither the library, the review nor the solver.',
      severity: 'error',
      from: { path: '^core/timing/', pathNot: '\\.test\\.ts$' },
      to: { path: '^core/(library|moves|review|solver|suggest|fit)/' },
    },
    {
      name: 'leading-is-light',
      comment: 'Leading has a page of its own, without the component kit and the query client.',
      severity: 'error',
      from: { path: '^web/lead/' },
      to: { path: '^node_modules/(antd|@tanstack|react-router)/', reachable: true },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)dist/' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
  },
};
