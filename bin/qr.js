// Prints an address as a QR code, for a phone to read off the terminal.
import QRCode from 'qrcode'

process.stdout.write(await QRCode.toString(process.argv[2] ?? '', { type: 'utf8' }))
process.stdout.write('\n')
