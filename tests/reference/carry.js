// Freezes the optimum of 30 random small carrying problems as the mixed-integer solver HiGHS finds it: which bodies and trailers to carry,
// where in every scenario the best pair carried counts, and bodies share parts of which there are few.
//
// Package: highs (HiGHS compiled to WebAssembly), at the version written into the file. Run: node tests/reference/carry.js
import highsLoader from 'highs'
import { readFileSync, writeFileSync } from 'node:fs'

const version = (name) => JSON.parse(readFileSync(`node_modules/${name}/package.json`, 'utf8')).version
// A plain linear congruential generator (Numerical Recipes), so that the problems are the same each time.
let state = 20261127
const random = () => (state = (1664525 * state + 1013904223) % 2 ** 32) / 2 ** 32
const whole = (least, most) => least + Math.floor((most - least + 1) * random())

function problem() {
  const [scenarios, bodies, trailers] = [whole(3, 8), whole(3, 7), whole(2, 5)]
  const weights = Array.from({ length: scenarios }, () => whole(1, 9))
  // The last column is a body without a trailer.
  const values = weights.map(() =>
    Array.from({ length: bodies }, () => Array.from({ length: trailers + 1 }, () => whole(0, 100) * 1000)),
  )
  const uses = Array.from({ length: bodies }, () => ({ [`head ${whole(1, 3)}`]: 1, [`skirt ${whole(1, 3)}`]: 1 }))
  const stock = Object.fromEntries(
    [1, 2, 3].flatMap((i) => [
      [`head ${i}`, whole(1, 2)],
      [`skirt ${i}`, whole(1, 2)],
    ]),
  )
  return { weights, values, uses, stock, lures: whole(1, 4), trailers: whole(0, 3) }
}

function asProgram({ weights, values, uses, stock, lures, trailers }) {
  const bodies = values[0].length
  const none = values[0][0].length - 1
  const objective = []
  const rows = []
  const binary = []
  const b = (i) => `y${i}`
  const t = (i) => `z${i}`
  for (let i = 0; i < bodies; i++) binary.push(b(i))
  for (let i = 0; i < none; i++) binary.push(t(i))
  weights.forEach((weight, s) => {
    const all = []
    for (let i = 0; i < bodies; i++)
      for (let j = 0; j <= none; j++) {
        const x = `x${s}_${i}_${j}`
        objective.push(`${weight * values[s][i][j]} ${x}`)
        rows.push(`${x} - ${b(i)} <= 0`)
        if (j < none) rows.push(`${x} - ${t(j)} <= 0`)
        all.push(x)
      }
    rows.push(`${all.join(' + ')} <= 1`)
  })
  rows.push(`${Array.from({ length: bodies }, (_, i) => b(i)).join(' + ')} <= ${lures}`)
  if (none > 0) rows.push(`${Array.from({ length: none }, (_, i) => t(i)).join(' + ')} <= ${trailers}`)
  for (const [part, count] of Object.entries(stock)) {
    const users = uses.flatMap((used, i) => (used[part] ? [b(i)] : []))
    if (users.length > 0) rows.push(`${users.join(' + ')} <= ${count}`)
  }
  return `Maximize\n obj: ${objective.join(' + ')}\nSubject To\n ${rows.map((row, i) => `c${i}: ${row}`).join('\n ')}\nBinary\n ${binary.join('\n ')}\nEnd\n`
}

const highs = await highsLoader()
const problems = Array.from({ length: 30 }, () => {
  const one = problem()
  const solved = highs.solve(asProgram(one))
  if (solved.Status !== 'Optimal') throw new Error(solved.Status)
  return { ...one, optimum: Math.round(solved.ObjectiveValue) }
})
writeFileSync(
  'tests/reference/data/carry.json',
  `${JSON.stringify({ made_by: `highs ${version('highs')}`, problems })}\n`,
)
