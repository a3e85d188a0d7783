import { defineConfig } from '@playwright/test';
import { launchOptions } from './chromium';

/** Address of the one real server, on a database of its own, which the test command has started and ends. */
const baseURL = process.env.E2E_URL;
if (!baseURL)
  throw new Error('E2E_URL is not set: run the tests with `npm test -- browser`, which starts a server for them.');

const TABLETS = [
  ['tablet', 1024, 768],
  ['tablet upright', 768, 1024],
] as const;

export default defineConfig({
  testDir: './tests',
  outputDir: './test-results',
  fullyParallel: true,
  workers: 2,
  retries: 0,
  timeout: 120_000,
  expect: { timeout: 15_000 },
  reporter: [['list']],
  use: {
    baseURL,
    // Traces cost a third of the time: `npm test -- browser --trace on` makes them for what has failed.
    trace: 'off',
    screenshot: 'only-on-failure',
    // What a service worker answers cannot be held back by a test; those about a dead network let it in.
    serviceWorkers: 'block',
    launchOptions: launchOptions('quick'),
  },
  projects: [
    {
      name: 'phone',
      use: { viewport: { width: 390, height: 844 }, hasTouch: true },
      // Nothing stands beside anything where there is no room.
      testIgnore: ['beside.spec.ts'],
    },
    {
      name: 'wide',
      use: { viewport: { width: 1280, height: 800 } },
      // Whole servers are started and whole recipes typed in once: neither is a matter of width. No keyboard takes room.
      testIgnore: [
        'start.spec.ts',
        'stranger.spec.ts',
        'two-servers.spec.ts',
        'backup.spec.ts',
        'jobs.spec.ts',
        'edit.spec.ts',
      ],
    },
    // A tablet does what phones and wide screens do; what its widths could break is how things stand.
    ...TABLETS.map(([name, width, height]) => ({
      name,
      use: { viewport: { width, height }, hasTouch: true },
      testMatch: ['shell.spec.ts'],
      // By night nothing differs but the colours, which are the same on every width.
      metadata: { onlyByDay: true },
      grep: /nothing stands in the way|cut off/,
    })),
  ],
});
