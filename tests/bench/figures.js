import { chromium } from 'playwright-core'
import { chromiumWith } from '../browser.js'

/** How often each figure is measured. */
const RUNS = Number(process.env.RUNS ?? 5)

const median = (values) => values.sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0

/** Measures again and again in one browser, and prints the median of each figure beside its goal. */
export async function compare(heading, goals, measure, flags = []) {
  const browser = await chromium.launch(chromiumWith(...flags))
  const all = {}
  for (let i = 0; i < RUNS; i++)
    for (const [name, value] of Object.entries(await measure(browser))) (all[name] ??= []).push(value)
  await browser.close()
  console.log(`\n${heading}; medians of ${RUNS}\n`)
  for (const [key, goal] of Object.entries(goals)) {
    const value = median(all[key] ?? [])
    const figure = value < 1 ? value.toFixed(3) : value.toFixed(0)
    const verdict = value <= goal.most ? 'met' : 'MISSED'
    console.log(
      `${goal.name.padEnd(52)} ${figure.padStart(8)} ${goal.unit.padEnd(3)} goal ${String(goal.most).padStart(5)}   ${verdict}`,
    )
  }
}
