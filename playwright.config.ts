import { defineConfig } from '@playwright/test'

const PORT = 8431
/** One server and one database a worker, so that two tests at a time never meet. */
const WORKERS = 2

/** Those after the first wait for it: it readies what they share. */
function server(worker: number) {
  const wait = worker === 0 ? '' : `until (exec 3<>/dev/tcp/127.0.0.1/${PORT}) 2> /dev/null; do sleep 1; done; `
  const database = `${import.meta.dirname}/var/e2e-${worker}.sqlite`
  return {
    command: `bash -c '${wait}rm -f ${database}*; exec ./kontrast serve'`,
    env: {
      KONTRAST_PORT: `${PORT + worker}`,
      KONTRAST_METER_PORT: '1',
      KONTRAST_PROBE: '127.0.0.1:1',
      KONTRAST_FORECAST_URL: 'http://127.0.0.1:1',
      KONTRAST_DB: database,
      APP_ENV: 'prod',
    },
    url: `http://127.0.0.1:${PORT + worker}/`,
    reuseExistingServer: false,
    timeout: 120_000,
    stdout: 'ignore' as const,
    stderr: 'ignore' as const,
  }
}

export default defineConfig({
  testDir: 'tests/e2e',
  outputDir: 'var/playwright',
  workers: WORKERS,
  timeout: 60_000,
  expect: { timeout: 10_000 },
  reporter: [['list']],
  use: {
    actionTimeout: 10_000,
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
  metadata: { port: PORT },
  webServer: Array.from({ length: WORKERS }, (_, worker) => server(worker)),
})
