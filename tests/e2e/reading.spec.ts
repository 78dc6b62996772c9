import { expect, open, openFact, stored, tap, test, unfold } from './page'

test('an empty program starts with a reading and already has an advice', async ({ page }) => {
  await open(page, '', 'What is the water like?')
  const answer = page.getByRole('region', { name: 'What to tie' })
  await expect(answer).toContainText('Bladed jig')
  // Nobody has said anything of a water: what is shown is an example.
  await expect(answer.getByRole('heading', { level: 2 })).toContainText('Example:')
  await tap(page, 'Overcast')
  await expect(answer.getByRole('heading', { level: 2 })).not.toContainText('Example:')
})

test('from a reading to an advice and back, nothing typed', async ({ page }) => {
  await open(page, '', 'What is the water like?')
  await tap(page, 'Spinnerbait')
  await tap(page, 'Shad', 'Forage')
  await tap(page, 'Overcast')
  await expect(page.getByRole('heading', { name: /^Spinnerbait/ })).toBeVisible()
  await expect(page.getByRole('img', { name: /Spinnerbait drawn to scale/ }).first()).toBeVisible()
  await expect(page.getByRole('region', { name: 'Skirt', exact: true })).toContainText(/white/i)
  await page.getByRole('link', { name: 'Box' }).click()
  await page.getByRole('link', { name: 'Water', exact: true }).click()
  await expect(page.getByRole('radio', { name: 'Spinnerbait' })).toBeChecked()
})

test('the advice follows the reading without a button', async ({ page }) => {
  await open(page, '', 'What is the water like?')
  const glance = page.getByRole('region', { name: 'What to tie' })
  await tap(page, 'Bladed jig')
  await tap(page, 'Crawfish', 'Forage')
  const stick = page.getByRole('slider', { name: 'Visibility' })
  await stick.focus()
  await stick.press('Home')
  for (let i = 0; i < 10; i++) await stick.press('ArrowRight')
  await expect(page.getByLabel('Visibility, inches')).toHaveValue('10')
  await expect(glance).toContainText('Black with blue')
  await stick.press('End')
  await expect(glance).toContainText('Green pumpkin')
})

test('a tap on the stick lands where the mark is', async ({ page }) => {
  await open(page, '', 'What is the water like?')
  const stick = page.getByRole('slider', { name: 'Visibility' })
  const box = await stick.boundingBox()
  if (!box) throw new Error('The stick is not on the page.')
  // 60 in of 240 in stands half way along: the marks follow the square root.
  await page.mouse.click(box.x + box.width * 0.5, box.y + 40)
  await expect(stick).toHaveAttribute('aria-valuetext', /^5 ft/)
})

test('the last reading is where you start', async ({ page }) => {
  await open(page, '', 'What is the water like?')
  await tap(page, 'Storm')
  await expect
    .poll(async () => (await stored<{ reading: { sky: string } } | null>(page, '/api/current-reading'))?.reading.sky)
    .toBe('storm')
  await page.reload()
  await expect(page.getByRole('radio', { name: 'Storm' })).toBeChecked()
  await expect(page.getByText(/Storm: do not go out/).first()).toBeVisible()
})

test('a reading goes by keyboard alone', async ({ page }) => {
  await open(page, '', 'What is the water like?')
  await page.getByRole('radio', { name: 'Storm' }).focus()
  await page.keyboard.press('ArrowLeft')
  await expect(page.getByRole('radio', { name: 'Rain' })).toBeChecked()
  await page.getByRole('radio', { name: 'Tea' }).focus()
  await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('radio', { name: 'Clay' })).toBeChecked()
})

test('a reading is saved, opened again, compared with another, deleted and restored', async ({ page }) => {
  await open(page, '', 'What is the water like?')
  await tap(page, 'Jig')
  await page.getByRole('button', { name: 'Save reading' }).click()
  await expect(page.getByText('Reading saved.')).toBeVisible()
  await tap(page, 'Swim jig')
  await tap(page, 'Bluegill', 'Forage')
  await page.getByRole('button', { name: 'Save reading' }).click()
  await expect(page.getByText('Reading saved.')).toHaveCount(1)

  await page.getByRole('link', { name: 'Settings and more' }).click()
  await page.getByRole('link', { name: 'Waters' }).click()
  const rows = page.getByRole('region', { name: 'Saved readings' }).getByRole('listitem')
  await expect(rows).toHaveCount(2)
  await rows.nth(0).getByRole('checkbox').check()
  await rows.nth(1).getByRole('checkbox').check()
  await expect(page.getByRole('region', { name: 'Compared' })).toContainText('Swim jig')

  await rows
    .nth(0)
    .getByRole('button', { name: /^Delete/ })
    .click()
  await expect(rows).toHaveCount(1)
  await page.getByRole('button', { name: 'Undo' }).last().click()
  await expect(rows).toHaveCount(2)

  await rows.nth(1).getByRole('button', { name: /^Open/ }).click()
  await expect(page.getByRole('radio', { name: 'Jig', exact: true })).toBeChecked()
})

test('a water is named, and a reading at it starts from what is usual there', async ({ page }) => {
  await open(page, '#/settings/waters', 'Waters')
  await page.getByRole('button', { name: 'Add a water' }).click()
  await page.getByRole('button', { name: 'Save water' }).click()
  await expect(page.getByText('A water needs a name.')).toBeVisible()
  await page.getByRole('textbox', { name: 'Name' }).fill('Brickyard pond')
  await tap(page, 'Clay')
  await tap(page, 'Crawfish')
  await page.getByRole('button', { name: 'Save water' }).click()
  await expect(page.getByRole('region', { name: 'Waters' })).toContainText('Brickyard pond')

  await page.getByRole('link', { name: 'Water', exact: true }).click()
  await tap(page, 'Green')
  await page.getByRole('combobox', { name: 'Water' }).selectOption('Brickyard pond')
  await expect(page.getByRole('radio', { name: 'Clay' })).toBeChecked()
  await openFact(page, 'Forage')
  await expect(page.getByRole('radio', { name: 'Crawfish', exact: true })).toBeChecked()
})

test('units are switched and kept', async ({ page }) => {
  await open(page, '#/settings', 'Settings')
  await tap(page, 'Centimeters, grams, °C')
  await expect.poll(async () => (await stored<{ units: string }>(page, '/api/settings')).units).toBe('metric')
  await page.getByRole('link', { name: 'Water', exact: true }).click()
  await expect(page.getByRole('slider', { name: 'Visibility' })).toHaveAttribute('aria-valuetext', /(cm|m),/)
  await page.reload()
  await expect(page.getByRole('slider', { name: 'Visibility' })).toHaveAttribute('aria-valuetext', /(cm|m),/)
})

test('another school is tried from the advice', async ({ page }) => {
  await open(page, '', 'What is the water like?')
  await tap(page, 'Bladed jig')
  await tap(page, 'Bluegill', 'Forage')
  const stick = page.getByRole('slider', { name: 'Visibility' })
  await stick.press('Home')
  for (let i = 0; i < 12; i++) await stick.press('ArrowRight')
  await expect(page.getByRole('region', { name: 'Skirt with trailer' })).toContainText('Contrast')
  await unfold(page, 'Where anglers disagree')
  await page.getByRole('button', { name: 'Try it: Always one color' }).click()
  await expect(page.getByRole('region', { name: 'Skirt with trailer' })).toContainText('Match')
})
