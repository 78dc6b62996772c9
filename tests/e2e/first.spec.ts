import { expect, open, openFact, SIZES, stored, SUMMER_JIG, tap, test } from './page'

test.describe('with a reading and no parts', () => {
  test.beforeEach(async ({ page }) => {
    await page.request.put('/api/settings', { data: { units: 'us', theme: 'paper', schools: {} } })
    await page.request.put('/api/current-reading', { data: { reading: SUMMER_JIG } })
  })

  for (const { name, width, height } of SIZES) {
    test(`from no parts at all to a build sheet and a list of what to buy, at the ${name}`, async ({ page }) => {
      await page.setViewportSize({ width, height })
      await open(page, '#/', 'What is the water like?')
      await tap(page, 'Rain')
      await page.getByRole('link', { name: 'Tie', exact: true }).click()
      await page.getByRole('link', { name: 'Build sheet' }).click()
      await expect(page.getByRole('heading', { name: 'Build sheet: jig' })).toBeVisible()
      await expect(page.getByText('(not owned)').first()).toBeVisible()
      const buy = page.getByRole('region', { name: 'What to buy' })
      await expect(buy.getByRole('listitem')).toHaveCount(3)
      await buy.getByRole('button', { name: 'I have all of them now' }).click()
      await expect(buy).toBeHidden()
      const { parts } = (await (await page.request.get('/api/parts')).json()) as { parts: unknown[] }
      expect(parts).toHaveLength(3)
      await page.getByRole('button', { name: 'Undo' }).click()
      await expect(buy.getByRole('listitem')).toHaveCount(3)
    })
  }

  test('the bench opens with the advised build, and each slot says what is not owned', async ({ page }) => {
    await page.request.post('/api/parts', {
      data: [{ kind: 'trailer', name: 'White worm', colour: 'white', style: 'ringworm', length_in: 5, count: 1 }],
    })
    await open(page, '#/tie', 'Build: jig')
    const trailer = page.getByRole('group', { name: 'Trailer', exact: true })
    await expect(trailer.getByText('Not owned')).toBeVisible()
    await expect(page.locator('[data-score]')).toBeVisible()
    await trailer.getByRole('combobox').selectOption({ label: 'White worm' })
    await expect(trailer.getByText('Not owned')).toBeHidden()
    const advised = trailer.getByRole('option', { name: /^As advised, not owned/ })
    await expect(advised).toHaveCount(1)
    await trailer.getByRole('combobox').selectOption('advised')
    await expect(trailer.getByText('Not owned')).toBeVisible()
  })

  test('a generic part is given a price, and the sheet counts it', async ({ page }) => {
    await open(page, '#/tie', 'Build: jig')
    await page.getByRole('button', { name: 'Head: edit' }).click()
    await page.getByLabel('Cost of one').fill('1.5')
    await page.getByRole('button', { name: 'Done' }).click()
    await page.getByRole('link', { name: 'Build sheet' }).click()
    await expect(page.getByText(/\$1\.50, without the price of/)).toBeVisible()
  })

  test('what to buy covers the saved readings', async ({ page }) => {
    await page.request.post('/api/readings', {
      data: { reading: { ...SUMMER_JIG, lure: 'spinnerbait', visibility_in: 8 }, note: '' },
    })
    await open(page, '#/box/buy', 'What to buy')
    const region = page.getByRole('region', { name: 'For this reading and your saved ones' })
    await region.getByRole('button', { name: /^List what \d+ readings would need$/ }).click()
    await expect(region.getByText(/used in \d+ of \d+ readings/).first()).toBeVisible()
    await expect(region.getByText('spinnerbait head').first()).toBeVisible()
    const file = page.waitForEvent('download')
    await region.getByRole('button', { name: 'Shopping list (CSV)' }).click()
    expect((await file).suggestedFilename()).toBe('kontrast-to-buy.csv')
  })

  test('a starter set is one tap, and one tap takes it back', async ({ page }) => {
    await open(page, '#/box/list', 'Parts')
    await page.getByRole('button', { name: /^Add 16 pieces: Four jigs/ }).click()
    await expect(
      page.getByRole('list', { name: 'Parts' }).getByText('Black with blue living rubber skirt').first(),
    ).toBeVisible()
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByText('You have no parts yet.')).toBeVisible()
  })

  test('parts are written as lines, read before they are stored, and kept while half written', async ({ page }) => {
    await open(page, '#/box/list', 'Parts')
    await page.getByRole('button', { name: 'Add from text' }).click()
    const box = page.getByLabel('One part on each line')
    await box.fill('12 green pumpkin craw 3.5 in\nsomething odd')
    const read = page.getByRole('list', { name: 'What was understood' })
    await expect(read).toContainText('12 × 3.5 in craw, green pumpkin')
    await expect(read).toContainText('Line 2: Say what it is')
    await expect(page.getByRole('button', { name: 'Settle 1 line first' })).toBeDisabled()
    await page.getByRole('link', { name: 'Tie', exact: true }).click()
    await page.getByRole('link', { name: 'Box', exact: true }).click()
    // In the box the way in stands open.
    await expect(box).toHaveValue(/something odd/)
    await box.fill('12 green pumpkin craw 3.5 in\na blue skirt')
    await expect(read).toContainText('not said, taken as: silicone')
    await page.getByRole('button', { name: 'Add 2 parts' }).click()
    await expect(page.getByRole('heading', { name: '2 kinds of part, 13 pieces' })).toBeVisible()
    await expect(box).toHaveValue('')
  })

  test('a word nobody knows is asked for, remembered, and the list goes in once each line is settled', async ({
    page,
  }) => {
    await open(page, '#/box/list', 'Parts')
    await page.getByRole('button', { name: 'Add from text' }).click()
    const box = page.getByLabel('One part on each line')
    await box.fill('Skirts:\nokie x2\nblk/blu x3\n3 sparkly black craws 4"\nsplit pins')
    const read = page.getByRole('list', { name: 'What was understood' })
    await expect(page.getByRole('button', { name: 'Settle 3 lines first' })).toBeDisabled()
    await read.getByRole('combobox', { name: '“okie” means' }).selectOption('green_pumpkin')
    await read.getByRole('combobox', { name: 'with' }).selectOption('chartreuse')
    await page.getByRole('button', { name: 'Remember what “okie” means' }).click()
    await expect(read).toContainText('2 × Skirt, okie')
    await expect(page.getByText('Your names (1)')).toBeVisible()
    await read.getByRole('group', { name: 'Line 4' }).getByRole('button', { name: 'Says nothing' }).click()
    await expect(read).toContainText('“sparkly” says nothing here.')
    await page.getByRole('button', { name: 'Leave line 5 out' }).click()
    await page.getByRole('button', { name: 'Add 3 parts' }).click()
    await expect(page.getByRole('list', { name: 'Parts' })).toContainText('Skirt, okie')
    await page.getByText('Your names (1)').click()
    await page.getByRole('button', { name: 'Forget “okie”' }).click()
    await expect(page.getByText('Your names')).toBeHidden()
    await page.getByRole('status').filter({ hasText: 'is forgotten' }).getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByText('Your names (1)')).toBeVisible()
  })

  test('the short form asks four things, and unfolds where something further down is wrong', async ({ page }) => {
    await open(page, '#/box/list', 'Parts')
    await page.getByRole('button', { name: 'Add a part' }).click()
    const form = page.getByRole('form', { name: 'New part' })
    await expect(form.getByRole('combobox', { name: 'Type' })).toBeVisible()
    for (const label of ['Name', 'Color', 'Count']) await expect(form.getByLabel(label, { exact: true })).toBeVisible()
    await expect(form.getByLabel('Length, in')).toBeHidden()
    await form.getByText('More about this part').click()
    await form.getByLabel('Length, in').fill('40')
    await form.getByText('More about this part').click()
    await form.getByLabel('Name', { exact: true }).fill('Too long')
    await form.getByLabel('Name', { exact: true }).press('Enter')
    await expect(form.getByLabel('Length, in')).toBeVisible()
    await expect(page.getByRole('alert').filter({ hasText: 'at most 12 in' })).toBeVisible()
  })

  test('a figure that is not everyday says what it means', async ({ page }) => {
    await open(page, '#/tie?panel=figures', 'Build: jig')
    for (const [word, meaning] of [
      ['Contrast', 'How much brighter or darker a part is'],
      ['Color, brightness', 'smallest difference a bass can just see'],
      ['Separate to', 'the two blend into one'],
      ['of 100', 'It does not predict a catch.'],
    ] as const) {
      const button = page.getByRole('button', { name: `${word}: what it means` })
      await button.scrollIntoViewIfNeeded()
      await button.click()
      await expect(page.getByText(meaning)).toBeVisible()
      await page.keyboard.press('Escape')
      await expect(page.getByText(meaning)).toBeHidden()
    }
  })

  test('the guide to measuring visibility leads to the reading and back', async ({ page }) => {
    await open(page, '#/', 'What is the water like?')
    await openFact(page, 'More')
    await page.getByRole('link', { name: 'How to measure visibility' }).click()
    await expect(page.getByRole('heading', { name: 'How to measure visibility' })).toBeVisible()
    await expect(page.getByRole('img', { name: /just visible at 24 in/ })).toBeVisible()
    await page.getByRole('link', { name: 'Enter your visibility' }).click()
    await expect(page.getByRole('heading', { name: 'What is the water like?' })).toBeVisible()
  })
})

test('an empty logbook leads on, and somebody new is welcomed once', async ({ page }) => {
  await open(page, '#/settings/waters', 'Saved readings')
  await expect(page.getByRole('button', { name: 'Add your first water' })).toBeVisible()
  await page.getByRole('link', { name: 'Take a reading' }).click()
  const welcome = page.getByRole('region', { name: 'Welcome to Kontrast' })
  await expect(welcome).toBeVisible()
  await welcome.getByRole('button', { name: 'Start' }).click()
  await expect(welcome).toBeHidden()
  await tap(page, 'Overcast')
  await expect
    .poll(async () => (await stored<{ reading: { sky: string } } | null>(page, '/api/current-reading'))?.reading.sky)
    .toBe('overcast')
  await page.reload()
  await expect(page.getByRole('heading', { name: 'What is the water like?' })).toBeVisible()
  await expect(welcome).toBeHidden()
})

test('what is new is said once after an upgrade, and help says which version it is', async ({ page }) => {
  // The page as another release of the program would send it.
  await page.route('**/', async (route) => {
    const answer = await route.fetch()
    const release = {
      version: '1.1',
      commit: 'abc',
      date: '2026-11-30',
      news: ['Blades first.', 'A chart.', 'A package.'],
    }
    const body = (await answer.text()).replace(/"release":\{[^}]*\}/, `"release":${JSON.stringify(release)}`)
    await route.fulfill({ response: answer, body })
  })
  await page.addInitScript(() => {
    if (localStorage.getItem('kontrast-release') === null) localStorage.setItem('kontrast-release', '1.0')
  })
  await open(page, '#/', 'What is the water like?')
  const news = page.getByRole('region', { name: 'What is new' })
  await expect(news.getByRole('listitem')).toHaveText(['Blades first.', 'A chart.', 'A package.'])
  await news.getByRole('button', { name: 'Close' }).click()
  await expect(news).toBeHidden()
  await page.reload()
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await expect(news).toBeHidden()
  await page.goto('/#/settings/help')
  await expect(page.getByText('Kontrast 1.1, 2026-11-30.')).toBeVisible()
})
