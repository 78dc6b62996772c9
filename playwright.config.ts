import { defineConfig } from '@playwright/test'
import { chromiumWith } from './tests/browser.js'
import { TestServer } from './tests/e2e/server'

/** One more than the machines that run them have cores: a test waits for a quarter of its time. */
const WORKERS = 3

export default defineConfig({
  testDir: 'tests/e2e',
  // What takes longest begins first, so that both workers end together.
  projects: [
    { name: 'long', grep: /@long/ },
    { name: 'the rest', grepInvert: /@long/ },
  ],
  outputDir: 'var/playwright',
  fullyParallel: true,
  retries: 0,
  workers: WORKERS,
  timeout: 90_000,
  // As long as a loaded machine takes for the costliest answer there is: what is waited for is told, never how long.
  expect: { timeout: 25_000 },
  reporter: [['list']],
  use: {
    actionTimeout: 25_000,
    viewport: { width: 1280, height: 800 },
    launchOptions: chromiumWith('--disable-gpu', '--process-per-site'),
  },
  webServer: Array.from({ length: WORKERS }, (_, worker) => new TestServer(worker).settings),
})
