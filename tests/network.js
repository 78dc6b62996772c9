// @ts-check
import { readFileSync } from 'node:fs'
import { createServer as createTlsServer, request } from 'node:https'
import { connect, createServer } from 'node:net'

/**
 * A way to a port of this machine that can be cut, and mended again: what runs over it breaks off, and nothing new gets through. Answers
 * may be held back at random.
 */
export class CuttableNetwork {
  /** @type {Set<import('node:net').Socket>} */
  #open = new Set()
  #isCut = false
  /** The longest an answer is held back, ms. */
  #lateMs = 0
  #server

  /**
   * @param {number} to
   * @param {number} lateMs
   */
  constructor(to, lateMs = 0) {
    this.#lateMs = lateMs
    this.#server = createServer((from) => {
      if (this.#isCut) {
        from.destroy()
        return
      }
      const onward = connect(to, '127.0.0.1')
      for (const socket of [from, onward]) {
        this.#open.add(socket)
        socket.on('error', () => socket.destroy())
        socket.on('close', () => this.#open.delete(socket))
      }
      from.pipe(onward)
      if (this.#lateMs === 0) onward.pipe(from)
      else this.#holdBack(onward, from)
    })
  }

  /**
   * In the order in which they came, for a long one comes in pieces.
   *
   * @param {import('node:net').Socket} from
   * @param {import('node:net').Socket} to
   */
  #holdBack(from, to) {
    /** @type {Promise<void>} */
    let before = Promise.resolve()
    const inTurn = (/** @type {() => void} */ what) => {
      const late = new Promise((done) => setTimeout(done, Math.random() * this.#lateMs))
      before = before.then(() => late).then(what)
    }
    from.on('data', (answer) => inTurn(() => void (to.destroyed || to.write(answer))))
    from.on('end', () => inTurn(() => void to.end()))
  }

  /**
   * @param {number} port one that is free where none is named
   * @returns {Promise<this>}
   */
  async start(port = 0) {
    await new Promise((listening) => this.#server.listen(port, '127.0.0.1', () => listening(undefined)))
    return this
  }

  get url() {
    return `https://${this.host}`
  }

  get host() {
    const address = this.#server.address()
    return `127.0.0.1:${typeof address === 'object' ? address?.port : ''}`
  }

  cut() {
    this.#isCut = true
    for (const socket of this.#open) socket.destroy()
  }

  mend() {
    this.#isCut = false
  }

  stop() {
    this.cut()
    this.#server.close()
  }
}

/** A way to a server over HTTPS that adds to a file of it, once there is something to add: as after an update of the server. */
export class ChangedNetwork {
  #server
  /** What is sent behind the file. */
  added = ''

  /**
   * @param {number} to
   * @param {string} path the file that is changed
   * @param {string} tls the folder with the certificate and key of the server
   */
  constructor(to, path, tls) {
    const own = { cert: readFileSync(`${tls}/served.crt`), key: readFileSync(`${tls}/served.key`) }
    this.#server = createTlsServer(own, (asked, answer) => {
      const isChanged = asked.url === path
      const onward = request(
        {
          host: '127.0.0.1',
          port: to,
          path: asked.url,
          method: asked.method,
          rejectUnauthorized: false,
          headers: isChanged ? { host: asked.headers.host, cookie: asked.headers.cookie ?? '' } : asked.headers,
        },
        (came) => {
          const { 'content-length': length, ...rest } = came.headers
          answer.writeHead(came.statusCode ?? 502, isChanged || !length ? rest : came.headers)
          came.on('data', (piece) => answer.write(piece))
          came.on('end', () => answer.end(isChanged ? this.added : ''))
        },
      )
      onward.on('error', () => answer.destroy())
      asked.pipe(onward)
    })
  }

  /** @returns {Promise<number>} the port it listens on */
  async start() {
    await new Promise((listening) => this.#server.listen(0, '127.0.0.1', () => listening(undefined)))
    const address = this.#server.address()
    return typeof address === 'object' ? (address?.port ?? 0) : 0
  }

  stop() {
    this.#server.closeAllConnections()
    this.#server.close()
  }
}
