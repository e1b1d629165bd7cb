import { defineConfig } from 'vitest/config';
import { BaseSequencer, type TestSpecification } from 'vitest/node';

// Tests run far from UTC, so that a time taken in the wrong zone is seen.
process.env.TZ = 'Pacific/Auckland';

/** The files that take longest begin first, so that at the end no core waits for the last of them. */
const LONGEST =
  /\/(suggest|paths|walk|leadable|answers|process|storm|paper|views|schedule|lead-others|judge)\.test\.ts$/;

class LongestFirst extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const later = ({ moduleId }: TestSpecification): number => (LONGEST.test(moduleId) ? 0 : 1);
    return (await super.sort(files)).sort((a, b) => later(a) - later(b));
  }
}

export default defineConfig({
  test: {
    sequence: { sequencer: LongestFirst },
    // What one run of the tests has read and stripped of its types, the next run of the same check finds.
    experimental: { fsModuleCache: true, fsModuleCachePath: '.check/modules' },
    // The core is what Kotabi computes with: how much of it the tests come through is printed by the check.
    coverage: {
      provider: 'v8',
      include: ['core/**/*.ts'],
      exclude: ['core/**/*.test.ts', 'core/testing/**', 'core/**/*.d.ts'],
      reporter: ['json-summary'],
      reportOnFailure: true,
      reportsDirectory: '.check/coverage',
      thresholds: { lines: 95, branches: 90 },
    },
    projects: [
      {
        test: {
          name: 'core',
          include: ['core/**/*.test.ts'],
          // No test is about how fast the machine is.
          testTimeout: 180_000,
          hookTimeout: 180_000,
          maxWorkers: 2,
          // The core keeps nothing between calls, so that its files need not be loaded anew for each test file.
          isolate: false,
        },
      },
      {
        test: {
          // Server and interface lean on the same core: together they load it once a worker.
          name: 'around',
          isolate: false,
          include: ['server/**/*.test.ts', 'web/**/*.test.{ts,tsx}'],
          globalSetup: 'server/test/setup.ts',
          // Programs are started and killed, databases filled: it takes long while something else keeps the cores busy.
          testTimeout: 180_000,
          hookTimeout: 180_000,
          expect: { poll: { timeout: 30_000, interval: 20 } },
          // A server that starts or ends leaves a core idle for moments.
          maxWorkers: 3,
        },
      },
      {
        test: {
          name: 'e2e',
          include: ['e2e/**/*.test.ts'],
          globalSetup: 'e2e/setup.ts',
          // The server is run as it was built.
          server: { deps: { external: [/server.dist/] } },
          testTimeout: 180_000,
          hookTimeout: 180_000,
          // Three files at a time, each with one browser for all the files it comes to: two leave the cores idle while they wait.
          maxWorkers: 3,
          isolate: false,
          // A screen follows a key a moment later, and later still on a loaded machine.
          expect: { poll: { timeout: 30_000, interval: 50 } },
          sequence: { groupOrder: 1 },
        },
      },
    ],
  },
});
