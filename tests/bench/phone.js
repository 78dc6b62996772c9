import { compare } from './figures.js'
/**
 * How quick a phone is that is served over HTTPS, and with no signal: first with everything to load, then from what it keeps. Called by
 * ./kontrast bench with the address, the pass phrase, and what cuts the network and mends it (two addresses asked with POST).
 */
const [base, phrase, control] = process.argv.slice(2)
if (!base || !phrase || !control) throw new Error('Name the address, the pass phrase and the control of the network.')
const SLOWDOWN = 4
const GOALS = {
  'first.paint': { name: 'Over HTTPS: first paint', unit: 'ms', most: 1800 },
  'first.advice': { name: 'Over HTTPS: advice shown', unit: 'ms', most: 3500 },
  'kept.paint': { name: 'No signal: first paint', unit: 'ms', most: 1200 },
  'kept.advice': { name: 'No signal: advice shown', unit: 'ms', most: 2500 },
  'kept.note': { name: 'No signal: a note safe on disk and shown', unit: 'ms', most: 100 },
  'kept.size': { name: 'Kept for no signal', unit: 'kB', most: 3000 },
}
const ADVICE = 'button[aria-expanded] .font-bold'

async function measured(page, open) {
  const begun = Date.now()
  await open()
  await page.waitForSelector(ADVICE)
  const advice = Date.now() - begun
  const paint = await page.evaluate(() => performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? 0)
  return { paint, advice }
}

async function run(browser) {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    isMobile: true,
    hasTouch: true,
    ignoreHTTPSErrors: true,
  })
  const page = await context.newPage()
  await page.goto(`${base}/sign-in`)
  await page.fill('#pass-phrase', phrase)
  const cdp = await context.newCDPSession(page)
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: SLOWDOWN })
  const first = await measured(page, () => page.click('button'))
  for (let i = 0; i < 120; i++) {
    const isKept = await page.evaluate(
      async () =>
        (await (await caches.open('page')).keys()).length > 0 &&
        (await (await caches.open('answers')).keys()).length >= 15,
    )
    if (isKept) break
    await page.waitForTimeout(250)
  }
  const size = await page.evaluate(async () => (await navigator.storage.estimate()).usage / 1000)
  await fetch(`${control}/cut`, { method: 'POST' })
  const kept = await measured(page, () => page.reload())
  await page.goto(`${base}/#/on-the-water`)
  await page.getByRole('button', { name: 'Start an outing' }).click()
  await page.getByRole('button', { name: 'Not now' }).click()
  await page.getByRole('button', { name: 'Tie on a lure' }).click()
  await page.getByRole('region', { name: 'From the box' }).getByRole('button').first().click()
  await page.getByRole('button', { name: 'Bite', exact: true }).waitFor()
  const note = await page.evaluate(async () => {
    const button = [...document.querySelectorAll('button')].find((one) => one.textContent === 'Bite')
    const begun = performance.now()
    button.click()
    while (!document.querySelector('section[aria-label="Last note"]')) await new Promise(requestAnimationFrame)
    return performance.now() - begun
  })
  await fetch(`${control}/mend`, { method: 'POST' })
  await context.close()
  return {
    'first.paint': first.paint,
    'first.advice': first.advice,
    'kept.paint': kept.paint,
    'kept.advice': kept.advice,
    'kept.note': note,
    'kept.size': size,
  }
}

await compare(`On a phone ${SLOWDOWN} times slower than this machine, served over HTTPS`, GOALS, run, [
  '--ignore-certificate-errors',
])
