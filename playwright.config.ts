import { defineConfig } from '@playwright/test'
import { chromiumWith } from './tests/browser.js'
import { PASS_PHRASE } from './tests/e2e/passPhrase'

const PORT = 8431
/** Served to the network over HTTPS, for what needs a service worker and a sign-in. */
const PHONE_PORT = 8439
/** One server and one database a worker, so that two tests at a time never meet. */
const WORKERS = 2

/** With no device and no service. */
const ALONE = {
  APP_ENV: 'prod',
  KONTRAST_METER_PORT: '1',
  KONTRAST_PROBE: '127.0.0.1:1',
  KONTRAST_FORECAST_URL: 'http://127.0.0.1:1',
}

/** Those after the first wait for it: it readies what they share. */
function server(worker: number) {
  const wait = worker === 0 ? '' : `until (exec 3<>/dev/tcp/127.0.0.1/${PORT}) 2> /dev/null; do sleep 1; done; `
  const database = `${import.meta.dirname}/var/e2e-${worker}.sqlite`
  return {
    command: `bash -c '${wait}rm -f ${database}*; exec ./kontrast serve'`,
    env: {
      KONTRAST_PORT: `${PORT + worker}`,
      KONTRAST_DB: database,
      ...ALONE,
    },
    url: `http://127.0.0.1:${PORT + worker}/`,
    reuseExistingServer: false,
    timeout: 120_000,
    stdout: 'ignore' as const,
    stderr: 'ignore' as const,
  }
}

/** Served as a phone reaches it, on this machine's own address alone. */
function phoneServer() {
  const local = PORT + WORKERS
  const folder = `${import.meta.dirname}/var/e2e-phone`
  return {
    command:
      `bash -c 'until (exec 3<>/dev/tcp/127.0.0.1/${PORT}) 2> /dev/null; do sleep 1; done; rm -rf ${folder}; mkdir -p ${folder}; ` +
      `echo "${PASS_PHRASE}" | exec ./kontrast serve --phone'`,
    env: {
      KONTRAST_PORT: `${local}`,
      KONTRAST_PHONE_PORT: `${PHONE_PORT}`,
      KONTRAST_LISTEN: '127.0.0.1',
      KONTRAST_NAMES: '127.0.0.1',
      KONTRAST_SERVING: `${folder}/serving`,
      KONTRAST_DB: `${folder}/kontrast.sqlite`,
      ...ALONE,
    },
    url: `http://127.0.0.1:${local}/`,
    reuseExistingServer: false,
    timeout: 180_000,
    stdout: 'ignore' as const,
    stderr: 'ignore' as const,
  }
}

export default defineConfig({
  testDir: 'tests/e2e',
  // What takes longest begins first, so that both workers end together.
  projects: [
    { name: 'with no signal', testMatch: 'offline.spec.ts' },
    { name: 'every screen', testMatch: ['access.spec.ts', 'phone.spec.ts'] },
    { name: 'the rest', testIgnore: ['offline.spec.ts', 'access.spec.ts', 'phone.spec.ts'] },
  ],
  outputDir: 'var/playwright',
  workers: WORKERS,
  timeout: 60_000,
  expect: { timeout: 10_000 },
  reporter: [['list']],
  use: {
    actionTimeout: 10_000,
    viewport: { width: 1280, height: 800 },
    launchOptions: chromiumWith('--disable-gpu'),
  },
  metadata: { port: PORT, phonePort: PHONE_PORT, localPort: PORT + WORKERS },
  webServer: [...Array.from({ length: WORKERS }, (_, worker) => server(worker)), phoneServer()],
})
