import { execFileSync } from 'node:child_process'
import { existsSync } from 'node:fs'

/** The servers of the browser tests: one with a database of its own for each worker, on this machine and to the network over HTTPS. */
const PORT = 8431
const PHONE_PORT = 8441

export const PASS_PHRASE = 'tamarack lantern copper walleye'

export class TestServer {
  readonly port: number
  readonly phonePort: number
  readonly folder: string

  constructor(worker: number) {
    this.port = PORT + worker
    this.phonePort = PHONE_PORT + worker
    this.folder = `${import.meta.dirname}/../../var/e2e-${worker}`
  }

  get url(): string {
    return `http://127.0.0.1:${this.port}`
  }

  /** How Playwright starts it. Those after the first wait for it: it readies what they share. */
  get settings() {
    const wait = this.port === PORT ? '' : `until (exec 3<>/dev/tcp/127.0.0.1/${PORT}) 2> /dev/null; do sleep 1; done; `
    return {
      command: `bash -c '${wait}rm -rf ${this.folder}; mkdir -p ${this.folder}; echo "${PASS_PHRASE}" | exec ./kontrast serve --phone'`,
      env: {
        APP_ENV: 'prod',
        KONTRAST_PORT: `${this.port}`,
        KONTRAST_PHONE_PORT: `${this.phonePort}`,
        KONTRAST_LISTEN: '127.0.0.1',
        KONTRAST_NAMES: '127.0.0.1',
        KONTRAST_SERVING: `${this.folder}/serving`,
        KONTRAST_DB: this.database,
        KONTRAST_WORKERS: '2',
        // With no device and no service.
        KONTRAST_METER_PORT: '1',
        KONTRAST_PROBE: '127.0.0.1:1',
        KONTRAST_FORECAST_URL: 'http://127.0.0.1:1',
      },
      url: `${this.url}/`,
      reuseExistingServer: false,
      timeout: 180_000,
      stdout: 'ignore' as const,
      stderr: 'ignore' as const,
    }
  }

  /** Nothing is stored, as when it was started. */
  empty(): void {
    if (!this.knows('empty')) this.remember('empty')
    this.recall('empty')
  }

  /** Whether what is stored was remembered under this name. */
  knows(name: string): boolean {
    return existsSync(this.#file(name))
  }

  /** Remembers all that is stored, for later tests to start from. */
  remember(name: string): void {
    this.#copy(this.database, this.#file(name))
  }

  /** Everything is stored as it was when it was remembered. */
  recall(name: string): void {
    this.#copy(this.#file(name), this.database)
  }

  get database(): string {
    return `${this.folder}/kontrast.sqlite`
  }

  #file(name: string): string {
    return `${this.folder}/${name}.sqlite`
  }

  #copy(from: string, to: string): void {
    execFileSync('php', ['-n', '-d', 'extension=sqlite3', 'tests/e2e/database.php', from, to])
  }
}
