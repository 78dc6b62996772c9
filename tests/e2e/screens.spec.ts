import type { Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { plain, SCREENS } from '../../web/app/loadScreen'
import { CuttableNetwork } from '../network.js'
import { AXE, complaints, inTradeUnits, RULES, wear } from './audit'
import { faults } from './layout'
import {
  expect,
  fishASeason,
  SIZES,
  layBest,
  stock,
  stored,
  test,
  THEMES,
  watched,
  WOOD_SPINNERBAIT as READING,
} from './page'
import type { TestServer } from './server'
import { watchMoves } from './steady'

// Every screen with every fold and every tab, filled with what is awkward: nothing moves while it fills, nothing is cut off or too
// small for a thumb, and everybody can read it in every theme; on the phone, in the metric units that were chosen there.

/** How late an answer may come, ms. */
const LATE_MS = 300
const MOST_SHIFT = 0.02
/** The width of the smallest phone there is. */
const SMALL = 320
const LONG = 'The long narrow bay behind the second island past the old tamarack stand'
/** A choice of units is named by its units. */
const UNITS = 'Inches, ounces, °F'
const METRIC = { units: 'metric', theme: 'paper', schools: {} }
const TRIPS = (JSON.parse(readFileSync('demo/logbook.json', 'utf8')) as { trips: object[] }).trips

/** Everything stored that a screen can show, with names as long as they may be. */
async function fill(page: Page, server: TestServer): Promise<void> {
  if (server.knows('filled')) return server.recall('filled')
  await fishASeason(page, server)
  await page.request.put('/api/settings', { data: { units: 'us', theme: 'paper', schools: {} } })
  for (const trip of TRIPS) await page.request.post('/api/trips', { data: trip })
  await stock(page, 'demo/parts.csv')
  await layBest(page, READING)
  const water = (await (
    await page.request.post('/api/waters', { data: { name: LONG, tint: 'tannic', red_crawfish: true, note: LONG } })
  ).json()) as { id: string }
  await page.request.put('/api/current-reading', { data: { reading: READING, water_id: water.id } })
  await page.request.post('/api/readings', { data: { reading: READING, water_id: water.id, note: LONG } })
  const bench = (await (await page.request.get('/api/workbench')).json()) as { builds: { lure: string }[] }
  const build = bench.builds.find((one) => one.lure === 'spinnerbait')
  await page.request.post('/api/builds', { data: { name: LONG, note: LONG, build } })
  const trial = { a: build, b: { ...build, trailer: null, skirt: null }, block_min: 20 }
  await page.request.post('/api/trials', { data: { name: LONG, trial } })
  await page.request.post('/api/parts', {
    data: [
      { kind: 'trailer', name: LONG, colour: 'black', style: 'craw', length_in: 3.5, count: 4, box: LONG.slice(0, 60) },
    ],
  })
  server.remember('filled')
}

/** An outing: one that goes on with a lure tied on, one that has just begun, or one that is over. */
async function fish(page: Page, how: 'on' | 'begun' | 'over'): Promise<string> {
  const { builds } = await stored<{ builds: { lure: string; trailer: object }[] }>(page, '/api/workbench')
  const [build] = builds
  const started_at = `${new Date(Date.now() - 600_000).toISOString().slice(0, 19)}Z`
  const begun = await page.request.post('/api/outings', {
    data: {
      started_at,
      box: { lures: [build], trailers: [build?.trailer] },
      ended_at: how === 'over' ? `${new Date().toISOString().slice(0, 19)}Z` : null,
      stints: how === 'begun' ? [] : [{ started_at, build, reading: { ...READING, lure: 'any' } }],
    },
  })
  return ((await begun.json()) as { id: string }).id
}

/** What is practiced, each with a question made up anew. */
const LESSONS = ['lesson=tie', 'lesson=seeing', 'lesson=visibility', 'lesson=mistake', 'ladder=sets'].map(
  (one) => `/learned/practice?${one}`,
)

/** The addresses of a screen: without what may follow, and with each thing that can. */
async function addresses(page: Page, name: keyof typeof SCREENS): Promise<string[]> {
  const { path } = SCREENS[name]
  const first = async (list: string) => (await stored<{ id: string }[]>(page, list))[0]?.id ?? ''
  switch (path) {
    case '/':
      return ['/', '/?panel=answer']
    case '*':
      return ['/nowhere']
    case '/rules/:id?':
      return ['/rules']
    case '/tie/:tab?':
    case '/box/:tab?':
    case '/learned/:part?':
    case '/settings/:part?':
      await page.goto(`/#${plain(path)}`)
      await expect(page.getByRole('navigation', { name })).toBeVisible()
      return [
        ...(
          await page
            .getByRole('navigation', { name })
            .getByRole('link')
            .evaluateAll((links) => links.map((link) => (link.getAttribute('href') ?? '').slice(1)))
        ).filter((address) => address !== '/rules'),
        ...(name === 'Learned' ? LESSONS : []),
      ]
    case '/outing/:id':
      return ['/outing/new', `/outing/${await first('/api/outings')}`]
    case '/fish/:id?':
      // The next trip is what its own address shows: to plan it twice takes as long as all else.
      return ['/fish/all', '/fish']
    case '/trip-card/:id':
      return [`/trip-card/${await first('/api/trips')}`]
    case '/on-the-water/:id?':
      return [
        '/on-the-water',
        `/on-the-water/${await fish(page, 'begun')}`,
        `/on-the-water/${await fish(page, 'over')}`,
        `/on-the-water/${await fish(page, 'on')}`,
      ]
    default:
      return [plain(path)]
  }
}

/** Where the server answers so late at random. */
let line: Promise<CuttableNetwork> | undefined
async function late(server: TestServer): Promise<string> {
  line ??= new CuttableNetwork(server.port, LATE_MS).start()
  return `http://${(await line).host}`
}

for (const size of SIZES) {
  for (const name of Object.keys(SCREENS) as (keyof typeof SCREENS)[]) {
    const isPhone = size.name === 'phone'
    test(`${name} at ${size.name} size is steady, whole and readable @long`, async ({ contexts, page, server }) => {
      test.setTimeout(180_000)
      await fill(page, server)
      if (isPhone) await page.request.put('/api/settings', { headers: { 'If-Match': '*' }, data: METRIC })
      const names = isPhone ? (await stored<{ parts: { name: string }[] }>(page, '/api/parts.json')).parts : []
      const all = await addresses(page, name)
      const origin = await late(server)
      const context = await contexts.with({
        baseURL: origin,
        viewport: size,
        hasTouch: isPhone,
        isMobile: isPhone,
      })
      for (const address of all)
        await walk(await context.newPage(), address, size, [UNITS, ...names.map(({ name }) => name)])
      await contexts.clean(context, origin)
    })
  }
}

async function walk(page: Page, address: string, size: (typeof SIZES)[number], ownNames: string[]): Promise<void> {
  const quiet = watched(page)
  await watchMoves(page)
  const steady = async (when: string) => {
    await quiet()
    const { shift, controls } = await page.evaluate(() => window.kontrastMoved())
    expect.soft(controls, `${address} ${when}`).toEqual([])
    expect.soft(shift, `${address} ${when}`).toBeLessThanOrEqual(MOST_SHIFT)
    test.info().annotations.push({ type: 'shift', description: `${address} ${when}: ${shift.toFixed(4)}` })
  }
  const whole = async (when: string) => {
    if (size.name !== 'phone') {
      const over = () => document.documentElement.scrollWidth - document.documentElement.clientWidth
      expect.soft(await page.evaluate(over), `${address} ${when} is wider than the screen`).toBeLessThanOrEqual(0)
      return
    }
    expect.soft(await inTradeUnits(page, ownNames), `${address} ${when} in metric`).toEqual([])
    for (const width of [SMALL, size.width]) {
      await page.setViewportSize({ width, height: size.height })
      await quiet()
      expect.soft(await faults(page), `${address} ${when}, ${width} px`).toEqual([])
    }
    await page.evaluate(() => window.kontrastMoved())
  }

  await page.goto(`/#${address}`)
  await expect(page.locator('main[aria-label]')).toBeVisible()
  await steady('opened')
  await expect(page.getByRole('main')).not.toHaveText('')
  if (address === '/rules') {
    if (size.name !== 'phone') await whole('not searched')
    // The whole book is one entry over and over: a search leaves enough of it to read.
    await page.getByLabel('Search').fill('copper crawfish')
    await steady('searched')
  }
  const tabs = page.getByRole('main').getByRole('tab')
  for (let i = 0; i < (await tabs.count()); i++) {
    await tabs.nth(i).click()
    await steady(`tab ${i + 1}`)
    await whole(`tab ${i + 1}`)
  }
  // One after the other, as fast as they go: what comes late into one moves the next, and is seen.
  const folds = page.getByRole('main').locator('details:not([open]) > summary')
  while ((await folds.count()) > 0) await folds.first().click()
  await steady('unfolded')
  await whole('opened')

  await page.evaluate(AXE)
  // The whole screen at once: what the thumb bar covers now is scrolled out from under it.
  const height = await page.evaluate(() => document.documentElement.scrollHeight)
  await page.setViewportSize({ width: size.width, height: Math.max(size.height, height + 60) })
  await quiet()
  for (const theme of THEMES) {
    await page.evaluate(wear, theme)
    expect.soft(await complaints(page, RULES(theme)), `${address} in ${theme}`).toEqual([])
  }
}
