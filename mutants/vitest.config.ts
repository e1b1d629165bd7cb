import { defineConfig } from 'vitest/config';

process.env.TZ = 'Pacific/Auckland';

// The tests that stand beside what is changed: those are the ones that have to notice.
export default defineConfig({
  test: {
    // Changed code runs slower than what it was made from.
    testTimeout: 60_000,
    include: ['core/{timing,needs,schedule}/*.test.ts'],
  },
});
