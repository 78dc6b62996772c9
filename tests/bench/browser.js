import { compare } from './figures.js'
/**
 * How quick the screens are on a slow phone, each figure the median of five beside its goal. Called by ./kontrast bench with the address of
 * a server that has the demo data.
 */
const [base] = process.argv.slice(2)
if (!base) throw new Error('Name the address of the server.')
const PHONE = { width: 390, height: 844 }
const LAPTOP = { width: 1280, height: 800 }
const SLOWDOWN = 4
/** 1.6 Mbit/s down, 150 ms delay. */
const NETWORK = { offline: false, latency: 150, downloadThroughput: 200_000, uploadThroughput: 93_750 }
const DRAG_MOVES = 60
const GOALS = {
  'reading.paint': { name: 'Reading: first paint', unit: 'ms', most: 1200 },
  'reading.advice': { name: 'Reading: advice shown', unit: 'ms', most: 2500 },
  'reading.js': { name: 'Reading: JavaScript, compressed', unit: 'kB', most: 70 },
  'reading.css': { name: 'Reading: CSS, compressed', unit: 'kB', most: 15 },
  'reading.blocked': { name: 'Reading: main thread blocked', unit: 'ms', most: 500 },
  'reading.shift': { name: 'Reading: layout shift', unit: '', most: 0.02 },
  'advice.shown': { name: 'Advice: shown', unit: 'ms', most: 3500 },
  'advice.blocked': { name: 'Advice: main thread blocked', unit: 'ms', most: 500 },
  'advice.shift': { name: 'Advice: layout shift', unit: '', most: 0.02 },
  'bench.shown': { name: 'Bench: shown', unit: 'ms', most: 4500 },
  'bench.blocked': { name: 'Bench: main thread blocked', unit: 'ms', most: 500 },
  'bench.shift': { name: 'Bench: layout shift', unit: '', most: 0.02 },
  'bench.arrow': { name: 'Bench: arrow key to picture and figures', unit: 'ms', most: 100 },
  'bench.plots': { name: 'Bench: arrow key to plots', unit: 'ms', most: 100 },
  'drag.task': { name: 'Advice: longest task while visibility is dragged', unit: 'ms', most: 100 },
  'look.frame': { name: 'In the water: main thread a step of the distance', unit: 'ms', most: 16 },
  'play.script': { name: 'In the water, moving: script a frame', unit: 'ms', most: 4 },
  'play.cores': { name: 'In the water, moving on a laptop: share of a core', unit: '%', most: 10 },
  'drag.requests': { name: `Advice: requests in a drag of ${DRAG_MOVES} moves`, unit: '', most: 30 },
}
/** Watches what the browser itself tells of a page, from before it begins. */
function watch() {
  const seen = { blocked: 0, longest: 0, shift: 0 }
  Object.assign(window, { seen })
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries()) {
      seen.blocked += Math.max(0, entry.duration - 50)
      seen.longest = Math.max(seen.longest, entry.duration)
    }
  }).observe({ type: 'longtask', buffered: true })
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries()) {
      if (!entry.hadRecentInput) seen.shift += entry.value
    }
  }).observe({ type: 'layout-shift', buffered: true })
}
const seen = (page) => page.evaluate(() => window.seen)
async function opened(browser, size, slow) {
  const context = await browser.newContext({ viewport: size, isMobile: size === PHONE, hasTouch: size === PHONE })
  const page = await context.newPage()
  await page.addInitScript(watch)
  const cdp = await context.newCDPSession(page)
  if (slow) {
    await cdp.send('Network.enable')
    await cdp.send('Network.emulateNetworkConditions', NETWORK)
    await cdp.send('Emulation.setCPUThrottlingRate', { rate: SLOWDOWN })
  }
  return { page, cdp }
}
/** Milliseconds from the start of the page until something is there, by the page's own clock. */
async function shownAt(page, selector) {
  const handle = await page.waitForFunction(
    (wanted) => (document.querySelector(wanted) ? performance.now() : null),
    selector,
    { polling: 'raf', timeout: 60_000 },
  )
  return Number(await handle.jsonValue())
}
async function screen(browser, name, hash, selector) {
  const { page, cdp } = await opened(browser, PHONE, true)
  const bytes = { js: 0, css: 0 }
  const urls = new Map()
  cdp.on('Network.responseReceived', ({ requestId, response }) => urls.set(requestId, response.url))
  cdp.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    const kind = /\.(js|css)$/.exec(urls.get(requestId) ?? '')?.[1]
    if (kind === 'js' || kind === 'css') bytes[kind] += encodedDataLength / 1000
  })
  await page.goto(`${base}/${hash}`, { waitUntil: 'commit' })
  const shown = await shownAt(page, selector)
  const paint = await page.evaluate(() => performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? 0)
  await page.waitForLoadState('networkidle')
  await page.waitForTimeout(1000)
  const { blocked, shift } = await seen(page)
  await page.context().close()
  return {
    [`${name}.paint`]: paint,
    [`${name}.${name === 'reading' ? 'advice' : 'shown'}`]: shown,
    [`${name}.js`]: bytes.js,
    [`${name}.css`]: bytes.css,
    [`${name}.blocked`]: blocked,
    [`${name}.shift`]: shift,
  }
}
/** From a key press to the paint after the wanted part of the page has changed. */
async function keyTo(page, key, selector, part) {
  await page.evaluate(
    ([wanted, what]) => {
      const read = () => {
        const element = document.querySelector(wanted ?? '')
        return what === 'text' ? element?.textContent : element?.innerHTML
      }
      const before = read()
      Object.assign(window, {
        took: new Promise((done) => {
          addEventListener(
            'keydown',
            () => {
              const began = performance.now()
              const look = () => {
                if (read() === before) requestAnimationFrame(look)
                else requestAnimationFrame(() => done(performance.now() - began))
              }
              look()
            },
            { once: true, capture: true },
          )
        }),
      })
    },
    [selector, part],
  )
  await page.keyboard.press(key)
  return page.evaluate(() => window.took)
}
async function arrows(browser) {
  const { page } = await opened(browser, LAPTOP, false)
  await page.goto(`${base}/#/tie`)
  const score = '[data-score]'
  await page.waitForSelector(score)
  await page.getByRole('heading', { level: 1 }).click()
  // The first step is where looking ahead begins.
  await page.keyboard.press('ArrowRight')
  await page.waitForTimeout(1500)
  const arrow = await keyTo(page, 'ArrowRight', score, 'text')
  await page.getByRole('tab', { name: 'How far each part is visible' }).click()
  await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight))
  await page.waitForSelector('[data-plot="parts"] path')
  // The keys are the tabs' own until something else is chosen.
  await page.getByRole('heading', { level: 1 }).click()
  await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight))
  await page.waitForTimeout(1500)
  const plots = await keyTo(page, 'ArrowRight', '[data-plot="parts"]', 'html')
  await page.context().close()
  return { 'bench.arrow': arrow, 'bench.plots': plots }
}
async function drag(browser) {
  const { page } = await opened(browser, LAPTOP, false)
  await page.goto(`${base}/#/`)
  await page.waitForSelector('section[aria-labelledby="part-skirt"]')
  await page.waitForLoadState('networkidle')
  const box = await page
    .locator('.slider')
    .filter({ has: page.getByRole('slider', { name: 'Visibility' }) })
    .boundingBox()
  if (!box) throw new Error('The slider is not on the page.')
  let requests = 0
  page.on('request', (request) => {
    if (request.url().includes('/api/')) requests++
  })
  await page.evaluate(() => Object.assign(window.seen, { longest: 0 }))
  const y = box.y + box.height / 2
  await page.mouse.move(box.x + 5, y)
  await page.mouse.down()
  for (let i = 1; i <= DRAG_MOVES; i++) {
    await page.mouse.move(box.x + 5 + ((box.width - 10) * i) / DRAG_MOVES, y)
    await page.waitForTimeout(16)
  }
  await page.mouse.up()
  await page.waitForLoadState('networkidle')
  await page.waitForTimeout(500)
  const { longest } = await seen(page)
  await page.context().close()
  return { 'drag.task': longest, 'drag.requests': requests }
}
/** What the main thread has done so far: seconds in all, and of script. */
async function worked(cdp) {
  const { metrics } = await cdp.send('Performance.getMetrics')
  const metric = (name) => metrics.find((one) => one.name === name)?.value ?? 0
  return { all: metric('TaskDuration'), script: metric('ScriptDuration') }
}

async function inTheWater(browser, size, slow) {
  const { page, cdp } = await opened(browser, size, slow)
  await cdp.send('Performance.enable')
  await page.goto(`${base}/#/tie`)
  await page.waitForSelector('[data-score]')
  await page.waitForLoadState('networkidle')
  await page.getByRole('button', { name: 'Play', exact: true }).scrollIntoViewIfNeeded()
  await page.waitForTimeout(1500)
  return { page, cdp }
}

/** The distance is moved a step every frame, as by a thumb that drags it. */
async function distance(browser) {
  const { page, cdp } = await inTheWater(browser, PHONE, true)
  const before = await worked(cdp)
  const frames = await page.evaluate(
    (moves) =>
      new Promise((done) => {
        const slider = [...document.querySelectorAll('input[type=range]')].find(
          (one) => one.getAttribute('aria-label') === 'Distance',
        )
        let i = 0
        const step = () => {
          if (i === moves) return done(i)
          slider.value = String(++i % 30)
          slider.dispatchEvent(new Event('input', { bubbles: true }))
          requestAnimationFrame(step)
        }
        requestAnimationFrame(step)
      }),
    DRAG_MOVES,
  )
  const after = await worked(cdp)
  await page.context().close()
  return { 'look.frame': (1000 * (after.all - before.all)) / frames }
}

const PLAYED_MS = 4000
const playsOf = async (page) => {
  await page.getByRole('button', { name: 'Play', exact: true }).click()
  await page.waitForFunction(() => document.getAnimations().length > 4)
  await page.waitForTimeout(500)
}

async function playing(browser) {
  const phone = await inTheWater(browser, PHONE, true)
  await playsOf(phone.page)
  const before = await worked(phone.cdp)
  const frames = phone.page.evaluate(
    (during) =>
      new Promise((done) => {
        let frames = 0
        const until = performance.now() + during
        const count = () => (performance.now() < until ? (frames++, requestAnimationFrame(count)) : done(frames))
        requestAnimationFrame(count)
      }),
    PLAYED_MS,
  )
  const shown = Number(await frames)
  const after = await worked(phone.cdp)
  await phone.page.context().close()
  const laptop = await inTheWater(browser, LAPTOP, false)
  await playsOf(laptop.page)
  const system = await browser.newBrowserCDPSession()
  const cpu = async () => {
    const { processInfo } = await system.send('SystemInfo.getProcessInfo')
    return processInfo.reduce((sum, one) => sum + one.cpuTime, 0)
  }
  const from = await cpu()
  await laptop.page.waitForTimeout(PLAYED_MS)
  const spent = (await cpu()) - from
  await laptop.page.context().close()
  return {
    'play.script': (1000 * (after.script - before.script)) / Math.max(1, shown),
    'play.cores': (100 * spent) / (PLAYED_MS / 1000),
  }
}

await compare(
  `In the browser: a phone ${SLOWDOWN} times slower than this machine, 1.6 Mbit/s, 150 ms delay`,
  GOALS,
  async (browser) => ({
    ...(await screen(browser, 'reading', '#/', 'button[aria-expanded] .font-bold')),
    ...(await screen(browser, 'advice', '#/?panel=answer', 'section[aria-labelledby="part-skirt"]')),
    ...(await screen(browser, 'bench', '#/tie', '[data-score]')),
    ...(await arrows(browser)),
    ...(await drag(browser)),
    ...(await distance(browser)),
    ...(await playing(browser)),
  }),
)
