// Quantiles and probabilities of @stdlib, frozen for the tests of core/Statistics. Run with the packages installed:
// npm install --no-save @stdlib/stats-base-dists-gamma-quantile @stdlib/stats-base-dists-beta-cdf @stdlib/stats-base-dists-normal-cdf
import { writeFileSync } from 'node:fs'
import { createRequire } from 'node:module'

const require = createRequire(process.env.STDLIB_AT ?? import.meta.url)
const gammaQuantile = require('@stdlib/stats-base-dists-gamma-quantile')
const betaCdf = require('@stdlib/stats-base-dists-beta-cdf')
const normalCdf = require('@stdlib/stats-base-dists-normal-cdf')

const gamma = []
for (const shape of [0.5, 1, 1.5, 2.5, 7.5, 40.5, 300.5])
  for (const rate of [1, 3.5, 61])
    for (const chance of [0.001, 0.1, 0.5, 0.9, 0.999])
      gamma.push({ shape, rate, chance, quantile: gammaQuantile(chance, shape, rate) })
const beta = []
for (const a of [0.5, 1.5, 8.5, 120.5])
  for (const b of [0.5, 3.5, 40.5])
    for (const x of [0.01, 0.2, 0.5, 0.7, 0.99]) beta.push({ a, b, x, chance: betaCdf(x, a, b) })
const normal = [-3, -1.28, -0.2, 0, 0.7, 1.96, 4].map((z) => ({ z, chance: normalCdf(z, 0, 1) }))
writeFileSync(new URL('data/statistics.json', import.meta.url), `${JSON.stringify({ gamma, beta, normal }, null, 1)}\n`)
