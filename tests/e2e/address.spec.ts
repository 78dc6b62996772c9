import { expect, layBest, open, openFact, stock, SUMMER_JIG as READING, tap, test, unfold } from './page'

// An address is a screen with its reading, its build and its open panels; a change of screen is noticed by everybody.

test.beforeEach(async ({ page }) => {
  await page.request.put('/api/settings', { data: { units: 'us', theme: 'paper', schools: {} } })
  await page.request.put('/api/current-reading', { data: { reading: READING } })
})

test('the address is a link to the reading, which another opens and can take back', async ({ page, context }) => {
  await open(page, '#/?panel=answer', 'Jig')
  await tap(page, 'Shad', 'Forage')
  await expect(page).toHaveURL(/r\.forage=shad/)
  const link = page.url()
  await page.request.put('/api/current-reading', {
    data: { reading: { ...READING, lure: 'bladed_jig', forage: 'perch' } },
  })
  const other = await context.newPage()
  await other.goto(link)
  await expect(other.getByRole('heading', { name: /^Jig/ })).toBeVisible()
  await openFact(other, 'Forage')
  await expect(other.getByRole('radio', { name: 'Shad' })).toBeChecked()
  await other.getByRole('button', { name: 'Undo' }).click()
  await expect(other.getByRole('heading', { name: /^Bladed jig/ })).toBeVisible()
  await expect(other.getByRole('radio', { name: 'Perch' })).toBeChecked()
})

test('a page that is only loaded again has the newest reading, not the one of its address', async ({ page }) => {
  await open(page, '#/?panel=answer', 'Jig')
  await expect(page).toHaveURL(/r\.forage=crawfish/)
  await page.request.put('/api/current-reading', { data: { reading: { ...READING, forage: 'perch' } } })
  await page.reload()
  await openFact(page, 'Forage')
  await expect(page.getByRole('radio', { name: 'Perch' })).toBeChecked()
})

test('the address of the bench is a link to the build', async ({ page }) => {
  await stock(page, 'demo/parts.csv')
  await layBest(page, READING)
  await open(page, '#/tie', 'Build: jig')
  const skirt = page.getByRole('combobox', { name: 'Skirt', exact: true })
  await page.getByRole('button', { name: 'Skirt: next' }).click()
  const chosen = await skirt.inputValue()
  await expect(page).toHaveURL(new RegExp(`b\\.skirt=${chosen}`))
  const link = page.url()
  await page.getByRole('button', { name: 'Skirt: next' }).click()
  await expect(skirt).not.toHaveValue(chosen)
  await page.goto('about:blank')
  await page.goto(link)
  await expect(skirt).toHaveValue(chosen)
})

test('Back closes what was opened last, and then leaves the screen', async ({ page }) => {
  await open(page, '', 'What is the water like?')
  await page.getByRole('link', { name: 'Tie', exact: true }).click()
  await expect(page.getByRole('heading', { name: /^Build: / })).toBeVisible()
  await page.getByRole('link', { name: 'Water', exact: true }).click()
  const fish = page.getByRole('region', { name: 'How to fish it' })
  await unfold(page, 'How to fish it')
  await expect(fish).toContainText('Retrieve')
  await page.goBack()
  await expect(fish).toBeHidden()
  await page.goBack()
  await expect(page.getByRole('heading', { name: /^Build: / })).toBeVisible()
  await page.goBack()
  await expect(page.getByRole('heading', { name: 'What is the water like?' })).toBeVisible()
})

test('a screen sets the title and takes the focus, and Back finds the place again', async ({ page }) => {
  await open(page, '#/rules', 'Rules')
  await expect(page).toHaveTitle('Rules · Kontrast')
  await expect(page.getByRole('status').filter({ hasText: /\d of \d+ rules/ })).toBeVisible()
  await page.evaluate(() => scrollTo(0, 900))
  await page.waitForFunction(() => (history.state as { scrolled?: number } | null)?.scrolled === 900)
  // Not by a click of the mouse: the browser would scroll up to the link first, and that would be the place.
  await page.getByRole('link', { name: 'Learned' }).evaluate((link: HTMLElement) => link.click())
  await expect(page).toHaveTitle('Learned · Kontrast')
  await expect(page.getByRole('main', { name: 'Learned' })).toBeFocused()
  expect(await page.evaluate(() => scrollY)).toBe(0)
  await page.goBack()
  await expect(page).toHaveTitle('Rules · Kontrast')
  await expect.poll(() => page.evaluate(() => scrollY)).toBe(900)
})

test('an address that is none has a page that leads on', async ({ page }) => {
  await open(page, '#/no/such/page', 'There is no page here')
  await page.getByRole('link', { name: 'Go to the water' }).click()
  await expect(page.getByRole('heading', { name: 'What is the water like?' })).toBeVisible()
})

test('the skip link leads to the page it stands on', async ({ page }) => {
  await open(page, '#/settings', 'Settings')
  await page.keyboard.press('Tab')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('main')).toBeFocused()
  await expect(page.getByRole('heading', { name: 'Settings' })).toBeVisible()
})

test('? helps on every screen, and single keys can be switched off', async ({ page }) => {
  await open(page, '#/settings/waters', 'Saved readings')
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Help: Settings' })).toBeVisible()
  await page.keyboard.press('Escape')
  await page.getByRole('link', { name: 'Settings', exact: true }).click()
  await page.getByLabel('Single-key shortcuts').click()
  await page.getByRole('heading', { name: 'Settings', exact: true }).click()
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog')).toBeHidden()
  await page.getByRole('link', { name: 'Help' }).click()
  await expect(page.getByRole('region', { name: 'Water', exact: true })).toContainText('Describe the water')
})

test('until a theme is chosen the system’s own holds', async ({ page }) => {
  await page.request.put('/api/settings', { data: { units: 'us', theme: 'system' } })
  await page.emulateMedia({ colorScheme: 'dark' })
  await open(page, '#/settings', 'Settings')
  const ground = () => page.evaluate(() => getComputedStyle(document.documentElement).backgroundColor)
  const dark = await ground()
  await page.emulateMedia({ colorScheme: 'light' })
  expect(await ground()).not.toBe(dark)
  await tap(page, 'Lamp, at night')
  await expect.poll(ground).toBe(dark)
})
