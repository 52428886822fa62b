import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './support/chromium';

/** A browser that has seen the cars of the demo: its sweeps are made once, not by each of two hundred browsers. */
export const KEPT = 'node_modules/.cache/kept-sweeps.json';

const port = Number(process.env.E2E_PORT ?? 4197);

/** Drives the built application in Debian's Chromium; each run has a database of its own, filled with the demo. */
export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results',
  fullyParallel: true,
  workers: 2,
  // One test sends 50 MB, one searches remedies, while a neighbour works; and a machine may stand still for a minute.
  timeout: 600_000,
  expect: { timeout: 120_000 },
  forbidOnly: !!process.env.CI,
  reporter: process.env.CI ? 'line' : 'list',
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    timezoneId: 'UTC',
    actionTimeout: 120_000,
    // Nothing fades while it is looked at; Stance plays the wheel with all its motion.
    contextOptions: { reducedMotion: 'reduce' },
    // Recording makes every test a third slower; TRACE=1 keeps it for those that fail.
    trace: process.env.TRACE ? 'retain-on-failure' : 'off',
    launchOptions: CHROMIUM,
  },
  projects: [
    { name: 'kept', testMatch: 'kept.setup.ts' },
    { name: 'stations', dependencies: ['kept'], use: { storageState: KEPT } },
  ],
  webServer: {
    command: 'node scripts/serve-fresh.mjs',
    url: `http://127.0.0.1:${port}/`,
    env: { PORT: String(port), SCOVAL_LOG: 'error' },
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
    stdout: 'pipe',
  },
});
