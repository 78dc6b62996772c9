// The whole chain of docs/model.md once more, written from that page alone: it reads its tables from there, and the color-matching
// functions from data/colormath.json. Scenes come as JSON on standard input, answers go to standard output.
//
// A scene: { tint, sky, elevation, visibility_in, depth_in, from, parts: [{ kind, hex, metal, fluorescent, opacity }] }
import { readFileSync } from 'node:fs'

const doc = readFileSync(new URL('../../docs/model.md', import.meta.url), 'utf8')
const cie = JSON.parse(readFileSync(new URL('./data/colormath.json', import.meta.url), 'utf8'))
const METERS_PER_INCH = 0.0254

/** Rows of the table in the page whose heading has these columns. */
function table(heading) {
  const lines = doc.split('\n')
  const at = lines.findIndex((line) => line.trim() === heading)
  const rows = []
  for (let i = at + 2; lines[i]?.startsWith('|'); i++)
    rows.push(
      lines[i]
        .split('|')
        .slice(1, -1)
        .map((cell) => cell.trim()),
    )
  if (at < 0 || rows.length === 0) throw new Error(`No table ${heading}`)
  return rows
}

const columns = table('| nm | S0 | S1 | S2 | a_w |').map((row) => row.map(Number))
const NM = columns.map((row) => row[0])
const S0 = columns.map((row) => row[1])
const S1 = columns.map((row) => row[2])
const S2 = columns.map((row) => row[3])
const PURE = columns.map((row) => row[4])
const curve = (name) => NM.map((nm) => cie[name][(nm - cie.start_nm) / cie.step_nm])
const [X, Y, Z] = ['x', 'y', 'z'].map(curve)
const SKIES = Object.fromEntries(
  table('| sky | T in K | lux at the zenith | share of direct sun |').map(([k, ...v]) => [k, v.map(Number)]),
)
const TINTS = Object.fromEntries(table('| tint | g | C | M |').map(([k, ...v]) => [k, v.map(Number)]))

const each = (f) => NM.map((nm, i) => f(nm, i))
const sum = (values) => values.reduce((a, b) => a + b, 0)
const dot = (a, b) => sum(a.map((v, i) => v * b[i]))

function daylight(T) {
  const x = -4.607e9 / T ** 3 + 2.9678e6 / T ** 2 + 0.09911e3 / T + 0.244063
  const y = -3 * x * x + 2.87 * x - 0.275
  const M = 0.0241 + 0.2562 * x - 0.7341 * y
  const three = (v) => Math.round(v * 1000) / 1000
  const M1 = three((-1.3515 - 1.7703 * x + 5.9114 * y) / M)
  const M2 = three((0.03 - 31.4424 * x + 30.0717 * y) / M)
  return each((_, i) => S0[i] + M1 * S1[i] + M2 * S2[i])
}

const lux = (E) => 683 * 10 * dot(E, Y)

function above(sky, elevation) {
  const [T, zenith, share] = SKIES[sky]
  const S = daylight(T)
  const wanted = sky === 'night' ? zenith : Math.max(0.1, zenith * Math.sin((elevation * Math.PI) / 180))
  const scale = wanted / lux(S)
  const mu = share > 0 ? Math.sqrt(1 - (Math.cos((elevation * Math.PI) / 180) / 1.333) ** 2) : 0.86
  return { E0: S.map((v) => v * scale), mu, share }
}

function water(tint, s, mu) {
  const [g, C, M] = TINTS[tint]
  const pigment = (nm) =>
    Math.exp(-(((nm - 440) / 35) ** 2)) +
    0.25 * Math.exp(-(((nm - 480) / 30) ** 2)) +
    0.45 * Math.exp(-(((nm - 675) / 14) ** 2)) +
    0.15 * Math.exp(-(((nm - 625) / 30) ** 2)) +
    0.08
  const a = each(
    (nm, i) =>
      PURE[i] +
      g * s * Math.exp(-0.014 * (nm - 440)) +
      0.0405 * (C * s) ** 0.8 * pigment(nm) +
      0.035 * M * s * Math.exp(-0.0123 * (nm - 443)),
  )
  const b = each(
    (nm) => 0.0022 * (nm / 500) ** -4.32 + 0.3 * (C * s) ** 0.62 * (550 / nm) + 0.5 * M * s * (550 / nm) ** 0.6,
  )
  const G = 0.425 * mu - 0.19
  return {
    a,
    b,
    c: each((_, i) => a[i] + b[i]),
    bb: b.map((v) => 0.018 * v),
    K: each((_, i) => Math.sqrt(a[i] ** 2 + G * a[i] * b[i]) / mu),
  }
}

function means(w, E0, visibility) {
  const weights = each((_, i) => Y[i] * E0[i] * Math.exp((-w.K[i] * visibility) / 2))
  return [dot(w.c, weights) / sum(weights), dot(w.K, weights) / sum(weights)]
}

/** Plain bisection. */
function solve(tint, light, visibility) {
  const shown = (s) => 8.7 / sum(means(water(tint, s, light.mu), light.E0, visibility))
  let low = 0
  let high = 1
  while (shown(high) > visibility) high *= 2
  for (let i = 0; i < 200; i++) {
    const middle = (low + high) / 2
    if (shown(middle) > visibility) low = middle
    else high = middle
  }
  return (low + high) / 2
}

// Color to reflectance: Gauss-Newton with damping on CIELAB under D65, from flat gray.
const D65 = daylight(6504)
const WHITE = [X, Y, Z].map((c) => dot(D65, c) / dot(D65, Y))
const sigmoid = (q) =>
  each((nm) => {
    const t = (nm - 550) / 150
    const v = (q[0] * t + q[1]) * t + q[2]
    return 0.5 + v / (2 * Math.sqrt(1 + v * v))
  })
const toLab = (xyz) => {
  const f = (v) => (v > (6 / 29) ** 3 ? Math.cbrt(v) : v / (3 * (6 / 29) ** 2) + 4 / 29)
  const [x, y, z] = xyz.map((v, i) => f(v / WHITE[i]))
  return [116 * y - 16, 500 * (x - y), 200 * (y - z)]
}
const labOfReflectance = (R) => toLab([X, Y, Z].map((c) => sum(R.map((r, i) => r * D65[i] * c[i])) / dot(D65, Y)))
function labOfHex(hex) {
  const [r, g, b] = [1, 3, 5]
    .map((i) => parseInt(hex.slice(i, i + 2), 16) / 255)
    .map((v) => (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4))
  return toLab([
    0.4124564 * r + 0.3575761 * g + 0.1804375 * b,
    0.2126729 * r + 0.7151522 * g + 0.072175 * b,
    0.0193339 * r + 0.119192 * g + 0.9503041 * b,
  ])
}
function solve3(m, v) {
  const a = m.map((row, i) => [...row, v[i]])
  for (let i = 0; i < 3; i++) {
    const pivot = a.slice(i).reduce((best, row, k) => (Math.abs(row[i]) > Math.abs(a[best][i]) ? i + k : best), i)
    ;[a[i], a[pivot]] = [a[pivot], a[i]]
    for (let j = 0; j < 3; j++) {
      if (j === i) continue
      const f = a[j][i] / a[i][i]
      for (let k = i; k < 4; k++) a[j][k] -= f * a[i][k]
    }
  }
  return a.map((row, i) => row[3] / row[i])
}
const fitted = new Map()
function reflectance(hex) {
  if (fitted.has(hex)) return fitted.get(hex)
  const target = labOfHex(hex)
  const miss = (q) => labOfReflectance(sigmoid(q)).map((v, i) => v - target[i])
  const size = (r) => sum(r.map((v) => v * v))
  let q = [0, 0, 0]
  let damping = 1e-3
  let r = miss(q)
  for (let step = 0; step < 400 && size(r) > 1e-16; step++) {
    const J = [0, 1, 2].map((k) => {
      const h = 1e-6 * Math.max(1, Math.abs(q[k]))
      const ahead = miss(q.map((v, i) => v + (i === k ? h : 0)))
      return ahead.map((v, i) => (v - r[i]) / h)
    })
    const normal = [0, 1, 2].map((i) =>
      [0, 1, 2].map((j) => dot(J[i], J[j]) + (i === j ? damping * (1 + dot(J[i], J[i])) : 0)),
    )
    const change = solve3(
      normal,
      J.map((column) => -dot(column, r)),
    )
    const next = q.map((v, i) => v + change[i])
    const there = miss(next)
    if (size(there) < size(r)) {
      ;[q, r] = [next, there]
      damping /= 3
    } else damping *= 4
  }
  const R = sigmoid(q)
  fitted.set(hex, R)
  return R
}

const ramp = (nm, from, low, to, high) => low + (high - low) * Math.min(1, Math.max(0, (nm - from) / (to - from)))
const METALS = {
  silver: each(() => 0.93),
  gold: each((nm) => ramp(nm, 480, 0.38, 560, 0.9)),
  copper: each((nm) => ramp(nm, 540, 0.5, 610, 0.92)),
}
const DYES = { chartreuse: [480, 525, 22, 0.35], orange: [540, 600, 22, 0.25] }

function pigment(peak) {
  const A = 62.7 + 1.834 * Math.exp((peak - 625) / 54.2)
  const a = 0.875 + 0.0268 * Math.exp((peak - 665) / 40.7)
  const centre = 216.7 + 0.287 * peak
  const width = 317 - 1.149 * peak + 0.00124 * peak ** 2
  return each((nm) => {
    const x = peak / nm
    const alpha =
      1 / (Math.exp(A * (a - x)) + Math.exp(20.85 * (0.9101 - x)) + Math.exp(-10.37 * (1.1123 - x)) + 0.5343)
    return alpha + 0.37 * Math.exp(-(((nm - centre) / width) ** 2))
  })
}
const [GREEN, RED, ROD] = [535, 614, 528].map(pigment)

/** The last distance at which a figure reaches a limit: walked in thin steps, then halved. */
function lastAt(of, limit, c) {
  const step = 0.05 / c
  let last = -1
  for (let i = 0; i <= 1000; i++) if (of(i * step) >= limit) last = i
  if (last < 0) return 0
  let [near, far] = [last * step, (last + 1) * step]
  for (let i = 0; i < 60; i++) {
    const middle = (near + far) / 2
    if (of(middle) >= limit) near = middle
    else far = middle
  }
  return near
}

function scene({ tint, sky, elevation, visibility_in, depth_in, from, parts }) {
  const light = above(sky, elevation)
  const visibility = visibility_in * METERS_PER_INCH
  const z = Math.min(depth_in, visibility_in) * METERS_PER_INCH
  const s = solve(tint, light, visibility)
  const w = water(tint, s, light.mu)
  const [c, K] = means(w, light.E0, visibility)
  const E = each((_, i) => light.E0[i] * Math.exp(-w.K[i] * z))
  const direct = each((_, i) => light.share * light.E0[i] * Math.exp((-(w.a[i] + 0.15 * w.b[i]) * z) / light.mu))
  const side = from === 'side'
  const background = each((_, i) => (side ? (E[i] / Math.PI) * (w.bb[i] / (w.a[i] + w.bb[i])) : E[i] / Math.PI))
  const face = each((_, i) => (side ? 0.4 * E[i] : Math.min(0.5, (0.33 * w.bb[i]) / w.a[i]) * E[i]))
  const colour = lux(E) >= 1

  const radiances = parts.map((part) => {
    if (part.kind === 'metal') {
      const rho = METALS[part.metal]
      const steady = each((_, i) => rho[i] * (0.5 * background[i] + (0.5 * face[i]) / Math.PI))
      return { steady, glint: each((_, i) => steady[i] + (rho[i] * 6 * direct[i]) / Math.PI) }
    }
    const R = reflectance(part.hex)
    const [cut, peak, width, yielded] = DYES[part.fluorescent] ?? [0, 500, 1, 0]
    const taken = sum(each((nm, i) => (nm < cut ? face[i] * 10 : 0)))
    const steady = each((nm, i) => {
      const glow =
        ((yielded * taken) / Math.PI / (width * Math.sqrt(2 * Math.PI))) * Math.exp(-0.5 * ((nm - peak) / width) ** 2)
      const own = (R[i] * face[i]) / Math.PI + glow
      return part.opacity * own + (1 - part.opacity) * background[i]
    })
    return { steady, glint: null }
  })
  const at = (L, r) => each((_, i) => L[i] * Math.exp(-w.c[i] * r) + background[i] * (1 - Math.exp(-w.c[i] * r)))
  const tone = (L) => (colour ? dot(L, GREEN) + dot(L, RED) : dot(L, ROD))
  const contrast = (L, r) => tone(at(L, r)) / tone(background) - 1
  const inches = (meters) => meters / METERS_PER_INCH
  const range = (L) => inches(lastAt((r) => Math.abs(contrast(L, r)), 0.05, c))
  const apart = (A, B, r) => {
    const [a, b] = [at(A, r), at(B, r)]
    const ratio = (L) => Math.log(dot(L, GREEN) / dot(L, RED))
    const byColour = colour ? Math.abs(ratio(a) - ratio(b)) / (0.07 * Math.SQRT2) : 0
    const byTone = Math.abs(Math.log(tone(a)) - Math.log(tone(b))) / 0.1
    return [byColour, byTone, Math.hypot(byColour, byTone)]
  }
  const [first, second] = radiances
  return {
    s,
    c,
    K,
    lux: lux(E),
    parts: radiances.map(({ steady, glint }) => ({
      contrast: contrast(steady, 0),
      range: range(steady),
      flash: glint && contrast(glint, 0),
      flashRange: glint && range(glint),
    })),
    pair: {
      colour: apart(first.steady, second.steady, 0)[0],
      tone: apart(first.steady, second.steady, 0)[1],
      farther: apart(first.steady, second.steady, 0.75 / c)[2],
      split: inches(lastAt((r) => apart(first.steady, second.steady, r)[2], 1, c)),
    },
  }
}

process.stdout.write(JSON.stringify(JSON.parse(readFileSync(0, 'utf8')).map(scene)))
