// Freezes 1,000 random pairs of colors as culori and colorjs.io see them: CIELAB under D65, CIEDE2000, XYZ, full CAT16 adaptation to
// D65 from a random light, and the degree of adaptation of CIECAM16 at 1,000 random luminances.
//
// Packages: culori and colorjs.io, at the versions written into the file. Run: node tests/reference/colour-libraries.js
import { converter, differenceCiede2000 } from 'culori'
import Color from 'colorjs.io'
import adapt from 'colorjs.io/src/adapt.js'
import { environment } from 'colorjs.io/src/spaces/cam16.js'
import 'colorjs.io/src/CATs.js'
import { readFileSync, writeFileSync } from 'node:fs'

const version = (name) => JSON.parse(readFileSync(`node_modules/${name}/package.json`, 'utf8')).version
// A plain linear congruential generator (Numerical Recipes), so that the colors are the same each time.
let state = 20261125
const random = () => (state = (1664525 * state + 1013904223) % 2 ** 32) / 2 ** 32
const hex = () =>
  `#${Array.from({ length: 3 }, () =>
    Math.floor(256 * random())
      .toString(16)
      .padStart(2, '0'),
  ).join('')}`
const lab = converter('lab65')
const xyz = converter('xyz65')
const de00 = differenceCiede2000()
const round = (values) => values.map((v) => Math.round(v * 1e7) / 1e7)

const D65 = [0.3127 / 0.329, 1, (1 - 0.3127 - 0.329) / 0.329]
// CAT16 (Li et al. 2017) in full, by colorjs.io's own adaptation.
const adapted = (white, colour) => adapt(white, D65, colour, { method: 'CAT16' })

// D of CIECAM16 in a dim surround, out of what colorjs.io's cam16 makes of the long response of illuminant A: 1 + D·(Y/L − 1).
const LAMP = [1.0985, 1, 0.3558]
const LONG = 0.401288 * LAMP[0] + 0.650173 * LAMP[1] - 0.051461 * LAMP[2]
const degree = (luminance) => (environment(LAMP, luminance, 20, 'dim', false).dRgb[0] - 1) / (1 / LONG - 1)

const pairs = Array.from({ length: 1000 }, () => {
  const [a, b] = [hex(), hex()]
  const c = lab(a)
  const x = xyz(a)
  const other = new Color(a)
  const white = [0.8 + 0.3 * random(), 1, 0.5 + 0.8 * random()]
  const colour = [random(), random(), random()]
  return {
    a,
    b,
    culori: { lab: round([c.l, c.a, c.b]), xyz: round([x.x, x.y, x.z]), de00: round([de00(a, b)])[0] },
    colorjs: {
      lab: round([...other.to('lab-d65').coords]),
      xyz: round([...other.to('xyz-d65').coords]),
      // Its CIEDE2000 takes CIELAB under D50; given the D65 numbers as they are, it is the formula alone that is compared.
      de00: round([
        new Color('lab', [...other.to('lab-d65').coords]).deltaE2000(
          new Color('lab', [...new Color(b).to('lab-d65').coords]),
        ),
      ])[0],
    },
    cat16: { white: round(white), colour: round(colour), adapted: round(adapted(round(white), round(colour))) },
  }
})
// What is beyond sRGB, as a wide screen has it.
const wide = Array.from({ length: 200 }, () => {
  const light = [1.4 * random() - 0.2, 1.4 * random() - 0.2, 1.4 * random() - 0.2]
  return [light, [...new Color('srgb-linear', light).to('p3-linear').coords]]
})
const degrees = Array.from({ length: 1000 }, () => {
  const luminance = 10 ** (7 * random() - 3)
  return [luminance, degree(luminance)]
})
writeFileSync(
  'tests/reference/data/colours.json',
  `${JSON.stringify({
    packages: { culori: version('culori'), 'colorjs.io': version('colorjs.io') },
    made_by: 'tests/reference/colour-libraries.js',
    pairs,
    degrees,
    wide,
  })}\n`,
)
