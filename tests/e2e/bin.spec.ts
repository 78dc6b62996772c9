import { writeFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { expect, open, test } from './page'

test.beforeEach(async ({ page }) => {
  await page.request.put('/api/settings', { data: { units: 'us', theme: 'paper', schools: {} } })
})

const rows = (page: Page) => page.getByRole('list', { name: 'Parts' }).getByRole('listitem')
const CRAW = { kind: 'trailer', name: 'Black craw', colour: 'black', style: 'craw', length_in: 3.5, count: 4 }

test('an empty bin teaches, and parts go in by Enter one after another', async ({ page }) => {
  await open(page, '#/box/list', 'Parts')
  await expect(page.getByText('You have no parts yet.')).toBeVisible()
  await page.getByRole('button', { name: 'Add a part' }).click()
  const name = page.getByLabel('Name', { exact: true })
  for (const word of ['One', 'Two', 'Three']) {
    await name.fill(word)
    await name.press('Enter')
    await expect(rows(page).filter({ hasText: word })).toBeVisible()
    await expect(name).toHaveValue('')
    await expect(page.getByLabel('Accent 1')).toBeHidden()
  }
})

test('a fault stands beside the part and nothing is lost', async ({ page }) => {
  await open(page, '#/box/list', 'Parts')
  await page.getByRole('button', { name: 'Add a part' }).click()
  await page.getByText('More about this part').click()
  await page.getByLabel('Length, in').fill('40')
  await page.getByLabel('Name', { exact: true }).fill('Too long')
  await page.getByLabel('Name', { exact: true }).press('Enter')
  await expect(page.getByRole('alert').filter({ hasText: 'at most 12 in' })).toBeVisible()
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Too long')
})

test('several are changed at once and the change is undone', async ({ page }) => {
  await page.request.post('/api/parts', { data: [CRAW, { ...CRAW, name: 'Second craw' }] })
  await open(page, '#/box/list', 'Parts')
  await page.getByLabel('Select Black craw').check()
  await page.getByLabel('Select Second craw').check()
  const bar = page.getByRole('form', { name: 'Change several' })
  await bar.getByLabel('Value').fill('Craws')
  await bar.getByRole('button', { name: 'Set for all' }).click()
  await expect(rows(page).filter({ hasText: 'Craws' })).toHaveCount(2)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(rows(page).filter({ hasText: 'Craws' })).toHaveCount(0)
})

test('a value that cannot be set for several is told, and nothing changes', async ({ page }) => {
  await page.request.post('/api/parts', { data: [CRAW] })
  await open(page, '#/box/list', 'Parts')
  await page.getByLabel('Select Black craw').check()
  const bar = page.getByRole('form', { name: 'Change several' })
  await bar.getByLabel('Field').selectOption('count')
  await bar.getByLabel('Value').fill('many')
  await bar.getByRole('button', { name: 'Set for all' }).click()
  await expect(page.getByText(/must be a whole number/)).toBeVisible()
  await expect(page.getByLabel('Select Black craw')).toBeChecked()
})

test('the second of two tabs is told, and may keep either', async ({ page, context }) => {
  await page.request.post('/api/parts', { data: [CRAW] })
  await open(page, '#/box/list', 'Parts')
  await page.getByRole('button', { name: /^Black craw/ }).click()
  const other = await context.newPage()
  await open(other, '#/box/list', 'Parts')
  await other.getByRole('button', { name: 'One more Black craw' }).click()
  await expect(other.getByText('Black craw: 5.')).toBeVisible()

  await page.getByLabel('Count').fill('9')
  await page.getByRole('button', { name: 'Save' }).click()
  const told = page.getByRole('dialog', { name: 'Changed in two places: Black craw' })
  await expect(told.getByRole('row', { name: 'Count' })).toContainText(/9\s*5/)
  await told.getByRole('button', { name: 'Overwrite with mine' }).click()
  await expect(told).toBeHidden()
  await expect
    .poll(
      async () =>
        ((await (await page.request.get('/api/parts')).json()) as { parts: { count: number }[] }).parts[0]?.count,
    )
    .toBe(9)
})

test('a part in hand goes on from what is stored: no conflict with oneself, none that never ends', async ({ page }) => {
  const [part] = (await (await page.request.post('/api/parts', { data: [CRAW] })).json()) as { id: string }[]
  await open(page, '#/box/list', 'Parts')
  await page.getByRole('button', { name: /^Black craw/ }).click()
  await page.getByRole('button', { name: 'One more Black craw' }).click()
  await expect(page.getByText('Black craw: 5.')).toBeVisible()
  const name = page.getByLabel('Name', { exact: true })
  await name.fill('Blackest craw')
  // Somebody else changes it too.
  const now = (await (await page.request.get(`/api/parts/${part?.id}`)).json()) as object
  await page.request.put('/api/parts', { data: [{ ...now, note: 'theirs' }] })
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(rows(page).filter({ hasText: 'Blackest craw' })).toBeVisible()
  await expect(name).toBeHidden()
  // What each alone has changed is there, and nobody was asked.
  expect(await (await page.request.get(`/api/parts/${part?.id}`)).json()).toMatchObject({
    name: 'Blackest craw',
    note: 'theirs',
    count: 5,
  })
})

test('a table is previewed line by line, mended, and taken in whole', async ({ page }, info) => {
  const file = info.outputPath('parts.csv')
  writeFileSync(file, 'kind,name,colour,style,length_in\ntrailer,Good,black,craw,3\ntrailer,Bad,plaid,craw,3\n')
  await open(page, '#/box/list', 'Parts')
  await page.getByRole('button', { name: 'Import' }).click()
  const panel = page.getByRole('region', { name: 'Import' })
  await panel.locator('input[type=file]').setInputFiles(file)
  await expect(panel).toContainText('line 3')
  await expect(panel).toContainText('is not a color')
  await expect(panel.getByRole('button', { name: 'Fix 1 rejected line first' })).toBeDisabled()
  writeFileSync(file, 'kind,name,colour,style,length_in\ntrailer,Good,black,craw,3\ntrailer,Better,white,craw,3\n')
  await panel.locator('input[type=file]').setInputFiles(file)
  await panel.getByRole('button', { name: 'Import 2' }).click()
  await expect(panel).toContainText('2 added, 0 changed')
  await expect(rows(page).filter({ hasText: 'Better' })).toBeVisible()
})

test('an import under way is canceled, and nothing of it stays', async ({ page }, info) => {
  const file = info.outputPath('many.csv')
  const lines = Array.from({ length: 8_000 }, (_, i) => `skirt,Many ${i},black`)
  writeFileSync(file, `kind,name,colour\n${lines.join('\n')}\n`)
  await open(page, '#/box/list', 'Parts')
  await page.getByRole('button', { name: 'Import' }).click()
  const panel = page.getByRole('region', { name: 'Import' })
  await panel.locator('input[type=file]').setInputFiles(file)
  await panel.getByRole('button', { name: 'Import 8000' }).click({ timeout: 40_000 })
  await panel.getByRole('button', { name: 'Cancel import' }).click({ timeout: 40_000 })
  await expect(panel).toContainText('Import canceled.')
  await expect
    .poll(async () => (await (await page.request.get('/api/parts.csv')).text()).includes('Many 1,'), {
      timeout: 20_000,
    })
    .toBe(false)
})

test('a table in another encoding is refused with a sentence', async ({ page }, info) => {
  const file = info.outputPath('latin.csv')
  writeFileSync(file, Buffer.from('kind,name\nskirt,Gr\xfcn\n', 'latin1'))
  await open(page, '#/box/list', 'Parts')
  await page.getByRole('button', { name: 'Import' }).click()
  await page.locator('input[type=file]').setInputFiles(file)
  await expect(page.getByRole('alert').filter({ hasText: 'not in UTF-8' })).toBeVisible()
})

test('five thousand parts are listed, filtered and scrolled', async ({ page }) => {
  const parts = Array.from({ length: 5000 }, (_, i) => ({ ...CRAW, name: `Craw number ${i}` }))
  await page.request.post('/api/parts', { data: parts })
  await open(page, '#/box/list', 'Parts')
  await expect(page.getByText('5,000 shown')).toBeVisible()
  // Only what is in view is on the page.
  expect(await rows(page).count()).toBeLessThan(60)
  await page.getByRole('list', { name: 'Parts' }).evaluate((list) => list.scrollTo(0, list.scrollHeight))
  await expect(rows(page).filter({ hasText: 'Craw number 999' }).first()).toBeVisible()
  await page.getByRole('searchbox', { name: 'Search' }).fill('number 4321')
  await expect(page.getByText('1 shown')).toBeVisible()
})

test.describe('a colour from a photo', () => {
  test('is read through the white card in it', async ({ page }) => {
    await open(page, '#/box/list', 'Parts')
    await page.getByRole('button', { name: 'Add a part' }).click()
    // A picture drawn here: paper on the left and a green pumpkin plastic on the right, under a yellowish lamp.
    const picture = await page.evaluate(async () => {
      const canvas = new OffscreenCanvas(400, 200)
      const context = canvas.getContext('2d')
      if (!context) throw new Error('no canvas')
      context.fillStyle = 'rgb(230, 205, 160)'
      context.fillRect(0, 0, 200, 200)
      context.fillStyle = 'rgb(80, 68, 28)'
      context.fillRect(200, 0, 200, 200)
      const bytes = new Uint8Array(await (await canvas.convertToBlob({ type: 'image/png' })).arrayBuffer())
      return [...bytes]
    })
    const form = page.getByRole('form', { name: 'New part' })
    await form
      .locator('input[type=file]')
      .setInputFiles({ name: 'p.png', mimeType: 'image/png', buffer: Buffer.from(picture) })
    const canvas = form.locator('canvas')
    await canvas.click({ position: { x: 60, y: 60 } })
    await canvas.click({ position: { x: 260, y: 60 } })
    await canvas.click({ position: { x: 300, y: 120 } })
    await expect(form).toContainText('nearest green pumpkin')
    await form.getByRole('button', { name: 'Use this color' }).click()
    await expect(form.getByLabel('Color', { exact: true })).toHaveValue(/^#/)
  })

  test('a picture that is none, and one far too large, are told so', async ({ page }) => {
    await open(page, '#/box/list', 'Parts')
    await page.getByRole('button', { name: 'Add a part' }).click()
    const input = page.getByRole('form', { name: 'New part' }).locator('input[type=file]')
    await input.setInputFiles({ name: 'p.png', mimeType: 'image/png', buffer: Buffer.from('no picture') })
    await expect(page.getByText('The browser cannot open this picture')).toBeVisible()
    await page.evaluate(() => {
      const field = document.querySelector<HTMLInputElement>('form input[type=file]')
      const transfer = new DataTransfer()
      transfer.items.add(new File([new Uint8Array(50_000_000)], 'huge.jpg', { type: 'image/jpeg' }))
      if (field) {
        field.files = transfer.files
        field.dispatchEvent(new Event('change', { bubbles: true }))
      }
    })
    await expect(page.getByText('The limit is 40 MB')).toBeVisible()
  })
})

test('without a colorimeter it says how to start one', async ({ page }) => {
  await open(page, '#/box/list', 'Parts')
  await page.getByRole('button', { name: 'Add a part' }).click()
  await page.getByRole('button', { name: 'Read the colorimeter' }).click()
  await expect(page.getByRole('alert').filter({ hasText: './kontrast colorimeter' })).toBeVisible()
})

/** A picture of a white card and a skirt of green pumpkin with a fifth of orange, under a yellowish lamp. */
function skirtUnderALamp(page: Page): Promise<string> {
  return page.evaluate(() => {
    const canvas = document.createElement('canvas')
    canvas.width = 600
    canvas.height = 400
    const context = canvas.getContext('2d')
    if (!context) return ''
    const fill = (colour: string, x: number, width: number) => {
      context.fillStyle = colour
      context.fillRect(x, 0, width, 400)
    }
    // Paper, #55512b and #e8641c, their light cut to 95, 75 and 45 in a hundred.
    fill('#eed3a8', 0, 200)
    for (let strand = 0; strand < 80; strand++) fill(strand % 5 === 0 ? '#e35711' : '#53471b', 200 + 5 * strand, 5)
    return canvas.toDataURL('image/png').split(',')[1] ?? ''
  })
}

test('a photo of a skirt yields its colors and their shares, each to be kept or dropped', async ({ page }) => {
  const skirt = { kind: 'skirt', name: 'Unknown skirt', colour: 'black', count: 4 }
  await page.request.post('/api/parts', { data: [skirt] })
  await open(page, '#/box/list', 'Parts')
  await page.getByRole('button', { name: /^Unknown skirt/ }).click()
  await expect(page.getByText('lay a white card, plain paper will do')).toBeVisible()
  const buffer = Buffer.from(await skirtUnderALamp(page), 'base64')
  const chosen = page.waitForEvent('filechooser')
  await page.getByText('Colors from a photo').click()
  await (await chosen).setFiles({ name: 'skirt.png', mimeType: 'image/png', buffer })
  const photo = page.getByLabel(/^The photo: tap the white card/)
  await photo.scrollIntoViewIfNeeded()
  const box = await photo.boundingBox()
  if (!box) throw new Error('There is no picture.')
  const at = (x: number, y: number) => [box.x + x * box.width, box.y + y * box.height] as const
  await page.mouse.click(...at(0.15, 0.5))
  await page.mouse.move(...at(0.4, 0.1))
  await page.mouse.down()
  await page.mouse.move(...at(0.95, 0.9))
  await page.mouse.up()
  const found = page.getByRole('group', { name: 'Colors found' })
  await expect(found.getByRole('checkbox')).toHaveCount(2)
  await expect(found.getByRole('checkbox', { name: /^Green pumpkin, (79|80|81) % of it/ })).toBeChecked()
  await expect(found.getByRole('checkbox', { name: /^Orange, (19|20|21) % of it/ })).toBeChecked()
  await found.getByRole('button', { name: 'Use these 2 colors' }).click()
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect
    .poll(async () => (await (await page.request.get('/api/parts')).json()) as { parts: object[] })
    .toMatchObject({
      parts: [{ colour: expect.stringMatching(/^#/), accents: [expect.stringMatching(/^#/)], accent_share: 'few' }],
    })
})
