import { createServer } from 'node:http'
import { CuttableNetwork } from '../network.js'

/** A way to a port that is cut and mended by asking another one: POST /cut, POST /mend. Both on this machine's own address alone. */
const [port, to, control] = process.argv.slice(2).map(Number)
const network = await new CuttableNetwork(to).start(port)
createServer((request, answer) => {
  if (request.url === '/cut') network.cut()
  else network.mend()
  answer.end()
}).listen(control, '127.0.0.1')
