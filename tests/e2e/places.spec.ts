import type { Page } from '@playwright/test'
import { SCREENS } from '../../web/app/loadScreen'
import { movedTo } from '../../web/app/moved'
import { expect, layBest, open, stock, test, WOOD_SPINNERBAIT as READING } from './page'

// Five places and a gear: how little stands on them, and how near the answer is. The figures are those that the layout was drawn to.

const MOST = { routes: 12, controls: 50, tabStops: 30, phoneHeight: 1500, keysToReason: 5, tapsToAdvice: 5 }

test.beforeEach(async ({ page }) => {
  await page.request.put('/api/settings', { data: { units: 'us', theme: 'paper', schools: {} } })
  await page.request.put('/api/current-reading', { data: { reading: READING } })
})

const CONTROLS = 'a[href], button, input, select, textarea, summary, [role=slider]'

test('five places lead through the program, and a gear to the rest of it', async ({ page }) => {
  await stock(page, 'demo/parts.csv')
  await layBest(page, READING)
  await open(page, '', 'What is the water like?')
  const places = page.getByRole('navigation', { name: 'Places' })
  await expect(places.getByRole('link')).toHaveText(['Water', 'Tie', 'Box', 'Fish', 'Learned'])
  for (const name of ['Tie', 'Box', 'Fish', 'Learned', 'Water']) {
    await places.getByRole('link', { name }).click()
    await expect(page.getByRole('main', { name })).toBeVisible()
    await expect(places.getByRole('link', { name })).toHaveAttribute('aria-current', 'page')
  }
  await page.getByRole('link', { name: 'Settings and more' }).click()
  await expect(page.getByRole('navigation', { name: 'Settings' }).getByRole('link')).toHaveText([
    'Settings',
    'Approaches',
    'Rules',
    'Waters',
    'Backup',
    'Phones',
    'Help',
  ])
  expect(Object.values(SCREENS).filter(({ path }) => path !== '*').length).toBeLessThanOrEqual(MOST.routes)
})

test('an address from before the places leads to where that is now', async ({ page }) => {
  await stock(page, 'demo/parts.csv')
  await layBest(page, READING)
  for (const [old, heading] of [
    ['#/advice?panel=fish', 'How to fish it'],
    ['#/bench', 'Build: spinnerbait'],
    ['#/bench?panel=saved', 'Saved builds'],
    ['#/build-sheet', 'Build sheet: spinnerbait'],
    ['#/batch', 'Batch build'],
    ['#/parts', '112 kinds of part, 872 pieces'],
    ['#/trips', 'Trips'],
    ['#/logbook/analysis', 'What your notes show'],
    ['#/logbook/readings', 'Saved readings'],
  ] as const) {
    await page.goto(`/${old}`)
    await expect(page.getByRole('heading', { name: heading }).first(), old).toBeVisible()
    expect(movedTo(new URL(page.url()).hash)).toBeNull()
  }
  // And with the program open already.
  await page.evaluate(() => (location.hash = '#/bench'))
  await expect(page.getByRole('heading', { name: 'Build: spinnerbait' })).toBeVisible()
})

test('the water and its answer stand beside each other, and little else', async ({ page }) => {
  await open(page, '', 'What is the water like?')
  const answer = page.getByRole('region', { name: 'What to tie' })
  await expect(answer.getByRole('button', { name: 'Tie this' })).toBeInViewport({ ratio: 1 })
  await expect(page.locator('[aria-label^="In the hand"]')).toBeVisible()
  await expect(page.getByRole('toolbar', { name: 'More about the water' })).toBeInViewport({ ratio: 1 })
  const { controls, stops } = await page.evaluate((selector) => {
    const shown = [...document.querySelectorAll<HTMLElement>(selector)].filter(
      (one) => one.checkVisibility() && !one.matches(':disabled'),
    )
    // Of the radio buttons of a group only one is a stop, as of the buttons of a toolbar.
    const groups = new Set<string>()
    const stops = shown.filter((one) => {
      if (one.tabIndex < 0) return false
      if (!(one instanceof HTMLInputElement) || one.type !== 'radio') return true
      return groups.has(one.name) ? false : groups.add(one.name)
    })
    return { controls: shown.length, stops: stops.length }
  }, CONTROLS)
  test.info().annotations.push({ type: 'figures', description: `${controls} controls, ${stops} stops of Tab` })
  expect(controls).toBeLessThanOrEqual(MOST.controls)
  expect(stops).toBeLessThanOrEqual(MOST.tabStops)
})

test('from the top of the page the first reason is a few keys away', async ({ page }) => {
  await open(page, '', 'What is the water like?')
  const first = page.getByRole('group', { name: 'Picks' }).getByRole('button').first()
  await expect(first).toBeVisible()
  let keys = 0
  const press = async (key: string) => {
    keys++
    await page.keyboard.press(key)
  }
  await press('Tab')
  await expect(page.getByRole('link', { name: 'Skip to the answer' })).toBeFocused()
  await press('Enter')
  const isThere = () => first.evaluate((one) => one === document.activeElement)
  while (keys < 2 * MOST.keysToReason && !(await isThere())) await press('Tab')
  await expect(first).toBeFocused()
  await expect(first).toHaveAccessibleDescription(/.{20}/)
  expect(keys).toBeLessThanOrEqual(MOST.keysToReason)
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })

  const isUnderThumb = (page: Page) =>
    page.getByRole('navigation', { name: 'Places' }).evaluate((one) => one.getBoundingClientRect().bottom - innerHeight)

  test('the water is a page and a half, with its answer in a strip that opens', async ({ page }) => {
    await open(page, '', 'What is the water like?')
    await expect(page.getByRole('group', { name: 'Cover', exact: true })).toBeAttached()
    const height = await page.evaluate(() => document.documentElement.scrollHeight)
    test.info().annotations.push({ type: 'figures', description: `${height} px` })
    expect(height).toBeLessThanOrEqual(MOST.phoneHeight)
    expect(Math.abs(await isUnderThumb(page))).toBeLessThan(1)
    const strip = page.getByRole('button', { name: /^Advice:/ })
    await strip.tap()
    await expect(page.getByRole('group', { name: 'Picks' })).toBeVisible()
    await expect(page.getByRole('group', { name: 'Cover', exact: true })).toBeHidden()
    await page.getByRole('button', { name: 'Back to the water' }).tap()
    await expect(page.getByRole('group', { name: 'Tint' })).toBeVisible()
    await strip.tap()
    await expect(page.getByRole('group', { name: 'Picks' })).toBeVisible()
    await page.goBack()
    await expect(page.getByRole('group', { name: 'Tint' })).toBeVisible()
  })

  test('a named water has its first advice in five taps', async ({ page }) => {
    const water = { name: 'Brickyard pond', tint: 'clay', red_crawfish: false, note: '' }
    await page.request.post('/api/waters', { data: water })
    await open(page, '', 'What is the water like?')
    let taps = 0
    // The list of waters opens with one tap, and the water is another.
    taps += 2
    await page.getByRole('combobox', { name: 'Water' }).selectOption('Brickyard pond')
    taps++
    const stick = page.locator('.slider').filter({ has: page.getByRole('slider', { name: 'Visibility' }) })
    const box = await stick.boundingBox()
    await page.touchscreen.tap((box?.x ?? 0) + (box?.width ?? 0) * Math.sqrt(12 / 240), (box?.y ?? 0) + 40)
    taps++
    await page.getByRole('radio', { name: 'Overcast' }).tap()
    taps++
    await page.getByRole('button', { name: /^Advice:/ }).tap()
    await expect(page.getByRole('group', { name: 'Picks' })).toBeVisible()
    expect(taps).toBeLessThanOrEqual(MOST.tapsToAdvice)
  })

  test('on the water a fish with its length is two taps, and so is another trailer, without scrolling', async ({
    page,
  }) => {
    const trailer = (colour: string) => ({
      kind: 'trailer',
      name: `${colour} craw`,
      colour,
      style: 'craw',
      length_in: 3,
    })
    const build = {
      lure: 'jig',
      head: { kind: 'head', name: 'Jig head', colour: 'black', weight_oz: 0.375, lures: ['jig'] },
      skirt: { kind: 'skirt', name: 'Black skirt', colour: 'black' },
      trailer: trailer('black'),
    }
    const started_at = `${new Date(Date.now() - 600_000).toISOString().slice(0, 19)}Z`
    const begun = await page.request.post('/api/outings', {
      data: {
        started_at,
        box: { lures: [build], trailers: [build.trailer, trailer('blue')] },
        stints: [{ started_at, build, reading: { ...READING, lure: 'any' } }],
      },
    })
    const { id } = (await begun.json()) as { id: string }
    await page.goto(`/#/on-the-water/${id}`)
    const landed = page.getByRole('button', { name: 'Landed', exact: true })
    // The four big buttons lie under the thumb, every other place is one tap away, and so is the way out.
    for (const name of ['Follow', 'Bite', 'Lost', 'Landed', 'End the outing'])
      await expect(page.getByRole('button', { name, exact: true })).toBeInViewport({ ratio: 1 })
    await expect(page.getByRole('navigation', { name: 'Places' }).getByRole('link')).toHaveCount(5)
    await landed.tap()
    await page.getByRole('button', { name: '17 in' }).tap()
    await expect(page.getByRole('region', { name: 'Last note' })).toContainText('17 in')
    await page.getByRole('button', { name: 'Change trailer' }).tap()
    const blue = page.getByRole('button', { name: /Blue craw/i }).first()
    await expect(blue).toBeInViewport()
    await blue.tap()
    await expect(page.getByRole('region', { name: 'Tied on' })).toContainText(/blue craw/i)
    expect(await page.evaluate(() => scrollY)).toBe(0)
  })
})
