import { expect, open, tap, test } from './page'

test('the settings changed in two pages: what each alone chose is kept, what both chose is asked', async ({
  page,
  context,
}) => {
  await page.request.put('/api/settings', { data: { units: 'us', theme: 'paper' } })
  await open(page, '#/settings', 'Settings')
  const other = await context.newPage()
  await open(other, '#/settings', 'Settings')
  await tap(other, 'Noon, in the sun')
  await expect(other.locator('html')).toHaveAttribute('data-theme', 'noon')

  // Another choice than the other page made: both are kept, and nobody is asked.
  await tap(page, 'Centimeters, grams, °C')
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'noon')
  await expect
    .poll(async () => (await page.request.get('/api/settings')).json())
    .toMatchObject({ units: 'metric', theme: 'noon' })

  // The same choice: both versions are shown, and one stays.
  await tap(page, 'Lamp, at night')
  await expect.poll(async () => (await (await page.request.get('/api/settings')).json()).theme as string).toBe('lamp')
  await tap(other, 'Paper, for daytime')
  const dialog = other.getByRole('dialog', { name: 'Changed in two places: your settings' })
  await expect(dialog.getByRole('row', { name: /Theme/ })).toContainText('paper')
  await expect(dialog.getByRole('row', { name: /Theme/ })).toContainText('lamp')
  await dialog.getByRole('button', { name: 'Keep theirs' }).click()
  await expect(other.locator('html')).toHaveAttribute('data-theme', 'lamp')
  expect(await (await page.request.get('/api/settings')).json()).toMatchObject({ units: 'metric', theme: 'lamp' })
  // From here on it is up to date and writes without asking.
  await tap(other, 'Noon, in the sun')
  await expect.poll(async () => (await (await page.request.get('/api/settings')).json()).theme as string).toBe('noon')
  await expect(dialog).toBeHidden()
  await other.close()
})

test('a water changed in two pages: what is here can be kept', async ({ page, context }) => {
  await page.request.post('/api/waters', { data: { name: 'Limestone quarry', tint: 'clay', red_crawfish: false } })
  await open(page, '#/settings/waters', 'Waters')
  await page.getByRole('button', { name: 'Change Limestone quarry' }).click()
  await page.getByRole('textbox', { name: 'Note' }).fill('Boat ramp at the north end')
  const other = await context.newPage()
  await open(other, '#/settings/waters', 'Waters')
  await other.getByRole('button', { name: 'Change Limestone quarry' }).click()
  await other.getByRole('textbox', { name: 'Note' }).fill('Ramp closed')
  await other.getByRole('button', { name: 'Save water' }).click()
  await expect(other.getByText('Ramp closed')).toBeVisible()
  await other.close()

  await page.getByRole('button', { name: 'Save water' }).click()
  const dialog = page.getByRole('dialog', { name: 'Changed in two places: Limestone quarry' })
  await expect(dialog).toContainText('Ramp closed')
  await dialog.getByRole('button', { name: 'Overwrite with mine' }).click()
  await expect(page.getByText('Boat ramp at the north end')).toBeVisible()
  await expect(page.getByText('Ramp closed')).toBeHidden()
})

test('quick taps in one page are no conflict', async ({ page }) => {
  await page.request.put('/api/settings', { data: { units: 'us', theme: 'paper' } })
  await open(page, '#/settings', 'Settings')
  for (const theme of [
    'Lamp, at night',
    'Noon, in the sun',
    'Paper, for daytime',
    'Lamp, at night',
    'Paper, for daytime',
  ]) {
    await tap(page, theme)
  }
  await expect.poll(async () => (await (await page.request.get('/api/settings')).json()).theme as string).toBe('paper')
  await expect(page.getByRole('dialog')).toBeHidden()
})
