// @ts-check
import { connect, createServer } from 'node:net'

/** A way to a port of this machine that can be cut, and mended again: what runs over it breaks off, and nothing new gets through. */
export class CuttableNetwork {
  /** @type {Set<import('node:net').Socket>} */
  #open = new Set()
  #isCut = false
  #server

  /** @param {number} to */
  constructor(to) {
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
      onward.pipe(from)
    })
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
    const address = this.#server.address()
    return `https://127.0.0.1:${typeof address === 'object' ? address?.port : ''}`
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
