const RANDOM = 10

/** An id made on this device, so that sending it again changes nothing; later ones sort behind (UUID version 7, RFC 9562). */
export function newId(now = Date.now()): string {
  const bytes = crypto.getRandomValues(new Uint8Array(RANDOM))
  const random = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('')
  const time = now.toString(16).padStart(12, '0')
  return `${time.slice(0, 8)}-${time.slice(8)}-7${random.slice(0, 3)}-8${random.slice(3, 6)}-${random.slice(6, 18)}`
}
