import { type ChildProcess, spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

/** The program as it is served, on a free port of this machine, with a database of its own in a folder that goes with it. */
export class Served {
  private constructor(
    readonly origin: string,
    private readonly process: ChildProcess,
    private readonly folder: string,
  ) {}

  static async start(): Promise<Served> {
    const folder = mkdtempSync(join(tmpdir(), 'kontrast-served-'))
    const port = await freePort()
    const origin = `http://127.0.0.1:${port}`
    const process_ = spawn('./kontrast', ['serve'], {
      env: {
        ...process.env,
        APP_ENV: 'prod',
        KONTRAST_PORT: String(port),
        KONTRAST_METER_PORT: '1',
        KONTRAST_DB: join(folder, 'k.sqlite'),
      },
      stdio: 'ignore',
    })
    for (let i = 0; i < 600; i++) {
      const up = await fetch(`${origin}/api/settings`).then(
        (answer) => answer.ok,
        () => false,
      )
      if (up) return new Served(origin, process_, folder)
      await new Promise((done) => setTimeout(done, 100))
    }
    throw new Error('The program did not come up.')
  }

  async stop(): Promise<void> {
    const ended = new Promise((done) => this.process.once('exit', done))
    this.process.kill('SIGTERM')
    await ended
    rmSync(this.folder, { recursive: true })
  }
}

function freePort(): Promise<number> {
  return new Promise((done) => {
    const socket = createServer().listen(0, '127.0.0.1', () => {
      const { port } = socket.address() as { port: number }
      socket.close(() => done(port))
    })
  })
}
