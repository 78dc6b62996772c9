import { readFileSync } from 'node:fs'
import { expect, open, test, unfold, WOOD_SPINNERBAIT } from './page'

test.beforeEach(async ({ page }) => {
  await page.request.put('/api/settings', { data: { units: 'us', theme: 'paper', schools: {} } })
  await page.request.put('/api/current-reading', { data: { reading: { ...WOOD_SPINNERBAIT, lure: 'bladed_jig' } } })
})

test('the chart of a water is drawn by sky and by forage, and goes out as a drawing and as a table', async ({
  page,
}) => {
  await open(page, '#/chart', 'Bladed jig, bluegill')
  const table = page.getByRole('table', { name: /^What to tie/ })
  await expect(table.getByRole('columnheader', { name: /Stained now, 22 in/ })).toBeVisible()
  await expect(table.getByRole('rowheader')).toHaveText(['Sun', 'Overcast', 'Low sun'])
  await expect(table.getByRole('row').nth(1).getByRole('cell').nth(2)).toContainText('gold')
  const [drawing] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Download the drawing (SVG)' }).click(),
  ])
  const svg = readFileSync(await drawing.path(), 'utf8')
  // Read by the browser's own parser.
  const drawn = await page.evaluate((text) => {
    const read = new DOMParser().parseFromString(text, 'image/svg+xml')
    return { wrong: read.querySelectorAll('parsererror').length, lures: read.querySelectorAll('svg > svg').length }
  }, svg)
  expect(drawn).toEqual({ wrong: 0, lures: 15 })
  const [csv] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Download the table (CSV)' }).click(),
  ])
  expect(
    readFileSync(await csv.path(), 'utf8')
      .trim()
      .split('\n'),
  ).toHaveLength(16)

  const [png] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Download the picture (PNG)' }).click(),
  ])
  expect(
    readFileSync(await png.path())
      .subarray(1, 4)
      .toString(),
  ).toBe('PNG')

  await page.getByRole('radio', { name: 'Shad, sunfish, crawfish' }).check()
  await expect(table.getByRole('rowheader')).toHaveText(['Shad', 'Bluegill', 'Crawfish'])
  await expect(page.getByText(/^In this water, 22 in:/)).toContainText('the skirt')
})

test('a water that is known has a chart of its own, and shows what its fish have not seen', async ({ page }) => {
  const water: { id: string } = await (
    await page.request.post('/api/waters', {
      data: { name: 'Kiln pond', tint: 'clay', red_crawfish: false, forage: 'bluegill', note: '' },
    })
  ).json()
  for (const [day, visibility_in] of [10, 14, 18, 22, 30].entries()) {
    const taken_at = `2026-05-0${day + 1}T09:00:00Z`
    const data = { taken_at, water_id: water.id, reading: { ...WOOD_SPINNERBAIT, visibility_in } }
    expect((await page.request.post('/api/readings', { data })).status()).toBe(201)
  }
  const reading = { ...WOOD_SPINNERBAIT, lure: 'bladed_jig' }
  await page.request.put('/api/current-reading', { data: { reading, water_id: water.id } })
  await open(page, '#/chart', 'Bladed jig, bluegill')
  await page.getByRole('radio', { name: 'This water’s own' }).check()
  await expect(page.getByRole('columnheader')).toHaveText(['Low 12 in', 'Usual 18 in', 'High 27 in'])

  await open(page, '#/?panel=answer', 'Bladed jig')
  await unfold(page, 'Show them something different')
  const different = page.getByRole('region', { name: 'Show them something different', exact: true })
  await expect(different.getByText('Your log has no lure from this water yet.')).toBeVisible()
  await expect(different.getByRole('listitem').first()).toContainText('→')
})

test('a friend gets why in five sentences, a picture, and a page that needs no program', async ({ page, context }) => {
  await open(page, '#/?panel=answer', 'Bladed jig')
  await unfold(page, 'Tell a friend why')
  const tell = page.getByRole('region', { name: 'Tell a friend why', exact: true })
  await expect(tell.getByText(/^The water: 22 in of visibility/)).toBeVisible()
  const [picture] = await Promise.all([
    page.waitForEvent('download'),
    tell.getByRole('button', { name: 'Picture with the picks' }).click(),
  ])
  expect(
    readFileSync(await picture.path())
      .subarray(1, 4)
      .toString(),
  ).toBe('PNG')
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    tell.getByRole('button', { name: 'Page for a friend (HTML)' }).click(),
  ])
  const html = readFileSync(await file.path(), 'utf8')
  expect(html.length).toBeLessThan(300_000)
  const friend = await context.newPage()
  await friend.setContent(html)
  await expect(friend.getByRole('heading', { name: /^Bladed jig/ })).toBeVisible()
  await expect(friend.getByRole('rowheader', { name: 'Blade', exact: true })).toBeVisible()
  await expect(friend.locator('svg').first()).toBeVisible()
  await friend.close()
})
