import { readFileSync } from 'node:fs'
import { expect, layBest, open, stock, test, WOOD_SPINNERBAIT as READING } from './page'

test.beforeEach(async ({ page }) => {
  await page.request.put('/api/settings', { data: { units: 'us', theme: 'paper', schools: {} } })
  await page.request.put('/api/current-reading', { data: { reading: READING } })
  await stock(page, 'demo/parts.csv')
  await layBest(page, READING)
})

test('the sheet of the build on the bench has its steps in order, each with its caution', async ({ page }) => {
  await open(page, '#/tie/sheet', 'Build sheet: spinnerbait')
  const steps = page.getByRole('main').getByRole('listitem')
  await expect(steps.first()).toContainText('1. Lay out the parts')
  await expect(steps.first()).toContainText('eye protection')
  await expect(steps.filter({ hasText: 'Form the end loop' })).toContainText('away from you')
  await expect(steps.filter({ hasText: 'Trim the skirt' })).toContainText(/cut them \d.* in behind the collar/)
})

test('it prints on one page, A4 and Letter', async ({ page }) => {
  await open(page, '#/tie/sheet', 'Build sheet: spinnerbait')
  await expect(page.getByText('Final check')).toBeVisible()
  for (const format of ['A4', 'Letter']) {
    const pdf = (await page.pdf({ format })).toString('latin1')
    expect(pdf.match(/\/Type\s*\/Page\b(?!s)/g)?.length, format).toBe(1)
  }
})

test('step by step: space goes on, and the place is kept when the page is closed', async ({ page }) => {
  await open(page, '#/tie/sheet', 'Build sheet: spinnerbait')
  await page.getByRole('button', { name: 'Build step by step' }).click()
  const list = page.getByRole('dialog', { name: 'Checklist' })
  await expect(list).toContainText('Step 1 of')
  await page.keyboard.press('Space')
  await page.keyboard.press('Space')
  await expect(list).toContainText('Step 3 of')
  await page.reload()
  await page.getByRole('button', { name: 'Build step by step' }).click()
  await expect(list).toContainText('Step 3 of')
  // The page under it is out of reach until it is closed.
  for (let i = 0; i < 6; i++) {
    await page.keyboard.press('Tab')
    const isInside = () => document.activeElement === document.body || !!document.activeElement?.closest('dialog')
    expect(await page.evaluate(isInside)).toBe(true)
  }
  await page.keyboard.press('Escape')
  await expect(list).toBeHidden()
  await expect(page.getByRole('button', { name: 'Build step by step' })).toBeFocused()
  await page.getByRole('button', { name: 'Build step by step' }).click()
  await page.getByRole('button', { name: 'Close' }).click()
  await expect(list).toBeHidden()
})

test('the reel and the price are reckoned with', async ({ page }) => {
  await open(page, '#/tie/sheet', 'Build sheet: spinnerbait')
  await page.getByLabel('Gear ratio, to 1').fill('7.1')
  await page.getByLabel('Gear ratio, to 1').press('Tab')
  await page.getByLabel('Spool diameter, in').fill('1.5')
  await page.getByLabel('Spool diameter, in').press('Tab')
  await page.getByLabel('Price if bought').fill('9')
  await page.getByLabel('Price if bought').press('Tab')
  // 7.1 turns · π · 1.5 in = 33.5 in.
  await expect(page.getByRole('main')).toContainText('34 in per turn of the handle')
  await expect(page.getByRole('main')).toContainText('bought: $9.00')
})

test('the drawing is saved as SVG, a build given away as JSON and taken in again', async ({ page }, info) => {
  await open(page, '#/tie/sheet', 'Build sheet: spinnerbait')
  const saved = async (button: string) => {
    const download = page.waitForEvent('download')
    await page.getByRole('button', { name: button }).click()
    const file = info.outputPath((await download).suggestedFilename())
    await (await download).saveAs(file)
    return file
  }
  expect(readFileSync(await saved('Drawing (SVG)'), 'utf8')).toMatch(
    /^<\?xml[^]*<svg[^>]*xmlns="http:\/\/www.w3.org\/2000\/svg"/,
  )
  const build = await saved('Share build (JSON)')
  await page.locator('input[type=file]').setInputFiles(build)
  const taken = page.getByRole('region', { name: 'An imported build' })
  await expect(taken).toContainText('Spinnerbait drawn to scale')
  await taken.getByRole('button', { name: 'Open in Tie' }).click()
  await expect(taken).toBeHidden()
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from('{"lure": "jig"') })
  await expect(page.getByRole('alert').filter({ hasText: 'not JSON' })).toBeVisible()
})

test('a batch draws its parts from the bin, and is undone', async ({ page }) => {
  await open(page, '#/tie/batch', 'Batch build')
  await page.getByLabel('spinnerbait in hand').fill('2')
  const uses = page.getByRole('region', { name: 'What it uses' })
  await expect(uses).toContainText('beads, brass')
  await expect(page.getByRole('region', { name: /In this order/ })).toContainText('Put the skirt on, 2')
  await uses.getByRole('button', { name: 'Mark as built and take parts from stock' }).click()
  const made = page.getByRole('region', { name: 'Built so far' })
  await expect(made).toContainText('2 × spinnerbait in hand')
  await made.getByRole('button', { name: /^Undo/ }).first().click()
  await expect(made).toBeHidden()
  await page.getByLabel('spinnerbait in hand').fill('60')
  await expect(uses.getByRole('button', { name: /missing/ })).toBeDisabled()
  await expect(uses.getByRole('button', { name: 'Shopping list (CSV)' })).toBeVisible()
})

test('a backup is told before it replaces anything', async ({ page }) => {
  await open(page, '#/settings/backup', 'Backup')
  const backup = await (await page.request.get('/api/backup')).body()
  await page.locator('input[type=file]').setInputFiles({ name: 'b.json', mimeType: 'application/json', buffer: backup })
  await expect(page.getByText(/b.json holds .* 112 parts/)).toBeVisible()
  await page.getByRole('button', { name: 'Replace everything' }).click()
  await expect(page.getByText(/Restored: .* 112 parts/)).toBeVisible({ timeout: 40_000 })
})
