import { defineConfig } from '@playwright/test'

const PORT = 8431

export default defineConfig({
  testDir: 'tests/e2e',
  outputDir: 'var/playwright',
  workers: 1,
  timeout: 30_000,
  reporter: [['list']],
  use: {
    actionTimeout: 5_000,
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-quic',
        '--disable-sync',
        '--no-first-run',
      ],
    },
  },
  webServer: {
    command: 'rm -f var/e2e.sqlite*; exec ./kontrast serve',
    env: {
      KONTRAST_PORT: `${PORT}`,
      KONTRAST_METER_PORT: '1',
      KONTRAST_DB: `${import.meta.dirname}/var/e2e.sqlite`,
      APP_ENV: 'prod',
    },
    url: `http://127.0.0.1:${PORT}/`,
    reuseExistingServer: false,
    timeout: 60_000,
    stdout: 'ignore',
    stderr: 'ignore',
  },
})
