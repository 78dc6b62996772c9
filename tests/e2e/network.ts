import { connect, createServer, type AddressInfo, type Server, type Socket } from 'node:net'

/** A way to the server that can be cut, and mended again: what runs over it breaks off, and nothing new gets through. */
export class CuttableNetwork {
  #open = new Set<Socket>()
  #isCut = false
  #server: Server | null = null
  port = 0

  constructor(private readonly to: number) {}

  async start(): Promise<this> {
    this.#server = createServer((from) => {
      if (this.#isCut) {
        from.destroy()
        return
      }
      const onward = connect(this.to, '127.0.0.1')
      for (const socket of [from, onward]) {
        this.#open.add(socket)
        socket.on('error', () => socket.destroy())
        socket.on('close', () => this.#open.delete(socket))
      }
      from.pipe(onward)
      onward.pipe(from)
    })
    await new Promise<void>((listening) => this.#server?.listen(0, '127.0.0.1', listening))
    this.port = (this.#server.address() as AddressInfo).port
    return this
  }

  get url(): string {
    return `https://127.0.0.1:${this.port}`
  }

  cut(): void {
    this.#isCut = true
    for (const socket of this.#open) socket.destroy()
  }

  mend(): void {
    this.#isCut = false
  }

  stop(): void {
    this.cut()
    this.#server?.close()
  }
}
