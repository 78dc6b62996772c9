// Reads pairs of colours on standard input and answers with culori's CIELAB (D65) of the first and CIEDE2000 of the pair.
import { converter, differenceCiede2000 } from 'culori'
import { readFileSync } from 'node:fs'

const lab = converter('lab65')
const difference = differenceCiede2000()

const pairs = JSON.parse(readFileSync(0, 'utf8'))
const answers = pairs.map(([a, b]) => {
  const { l, a: green, b: blue } = lab(a)
  return { lab: [l, green, blue], de00: difference(a, b) }
})
process.stdout.write(JSON.stringify(answers))
