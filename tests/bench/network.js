import { createServer as listen } from 'node:http'
import { connect, createServer } from 'node:net'
/** A way to a port that can be cut and mended by asking another one: POST /cut, POST /mend. Both on this machine's own address alone. */
const [port, to, control] = process.argv.slice(2).map(Number)
const open = new Set()
let isCut = false
createServer((from) => {
  if (isCut) return void from.destroy()
  const onward = connect(to, '127.0.0.1')
  for (const socket of [from, onward]) {
    open.add(socket)
    socket.on('error', () => socket.destroy())
    socket.on('close', () => open.delete(socket))
  }
  from.pipe(onward)
  onward.pipe(from)
}).listen(port, '127.0.0.1')
listen((request, answer) => {
  isCut = request.url === '/cut'
  if (isCut) for (const socket of open) socket.destroy()
  answer.end()
}).listen(control, '127.0.0.1')
