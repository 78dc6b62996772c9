import { expect, open, test } from './page'

const READING = {
  lure: 'jig',
  visibility_in: 17,
  tint: 'green',
  sky: 'sun',
  wind: 'ripple',
  surface_f: 75,
  depth_ft: 3,
  season: 'summer',
  cover: 'open',
  cover_density: 'normal',
  forage: 'crawfish',
  red_crawfish: false,
  bite: 'normal',
  bass: 'largemouth',
}

test.beforeEach(async ({ page }) => {
  await page.request.put('/api/settings', { data: { units: 'us', theme: 'paper', schools: {} } })
  await page.request.put('/api/desk', { data: { reading: READING } })
})

test('near an edge it says what lies beyond and what to measure again', async ({ page }) => {
  await open(page, '#/advice', 'Jig')
  const near = page.getByRole('region', { name: 'Close to an edge' })
  await expect(near).toContainText('Let the lure down again')
  await expect(near).toContainText('Sight 17 in; above about 18 in')
  await expect(near).toContainText('Skirt base: black → green pumpkin')
})

test('one change to the reading marks the picks that it turned, and is taken back by one tap', async ({ page }) => {
  await open(page, '#/advice', 'Jig')
  const skirt = page.getByRole('region', { name: 'Skirt', exact: true })
  await expect(skirt).toContainText('Black')
  await page.getByLabel('Food').selectOption('shad')
  const changed = page.getByRole('region', { name: 'What changed' })
  await expect(changed).toContainText('Since food went from crawfish to shad')
  await expect(changed).toContainText('Skirt base: black → white')
  await expect(skirt).toContainText('Changed: skirt base was black')
  await page.getByRole('button', { name: 'Change it back' }).click()
  await expect(changed).toBeHidden()
  await expect(page.getByLabel('Food')).toHaveValue('crawfish')
})

test('a slider on its way is one change', async ({ page }) => {
  await open(page, '#/advice', 'Jig')
  const sight = page.getByRole('slider', { name: 'Sight' })
  await sight.focus()
  for (let i = 0; i < 6; i++) await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('region', { name: 'What changed' })).toContainText('Since sight went from 17 in to')
})

test('fish that follow and do not take get another trailer first', async ({ page }) => {
  await open(page, '#/advice', 'Jig')
  const next = page.getByRole('region', { name: 'When it turns out there' })
  await expect(next).toContainText('They follow and do not take')
  await expect(next.getByRole('listitem').filter({ hasText: 'from' }).nth(1)).toContainText('The trailer')
})

test('another school is drawn beside its pick, and one tap tries it', async ({ page }) => {
  await open(page, '#/advice', 'Jig')
  const schools = page.getByRole('region', { name: 'Where the schools part today' })
  await expect(schools.getByRole('img').first()).toBeVisible()
  await schools.getByRole('button', { name: 'Try it: Stay natural' }).click()
  await expect(page.getByRole('region', { name: 'What changed' })).toContainText('another school')
  await expect(page.getByRole('region', { name: 'Skirt', exact: true })).toContainText('Green pumpkin')
})

test('a reason leads to its rule, and the rule to a reading where it decides', async ({ page }) => {
  await open(page, '#/advice', 'Jig')
  const link = page
    .getByRole('region', { name: 'Skirt', exact: true })
    .getByRole('link', { name: /^The rule / })
    .first()
  const id = ((await link.getAttribute('aria-label')) ?? '').replace('The rule ', '')
  await link.click()
  await expect(page.getByRole('heading', { name: 'The rulebook' })).toBeVisible()
  const rule = page.locator(`[id="rule-${id}"]`)
  await expect(rule).toContainText('For skirt base: black')
  await expect(rule).toContainText('Meets in conflict')
  await rule.getByRole('button', { name: 'Open a reading where this decides' }).click()
  await expect(page.getByRole('region', { name: 'Skirt', exact: true })).toContainText('Black')
})

test('the book is searched by word, by lure and by school', async ({ page }) => {
  await open(page, '#/rules', 'The rulebook')
  const count = page.getByRole('status').filter({ hasText: 'rules' })
  await expect(count).toContainText(/(\d+) of \1 rules/)
  await page.getByLabel('Search').fill('copper crawfish')
  await expect(page.getByText('copper has their colour')).toBeVisible()
  await expect(page.getByText('Silver belongs to clear water')).toBeHidden()
  await page.getByLabel('Search').fill('')
  await page.getByLabel('School').selectOption({ label: 'A dull one and a gold one' })
  await expect(page.getByText('Silver belongs to clear water')).toBeHidden()
  await page.getByLabel('Search').fill('nosuchword')
  await expect(page.getByText('No rule has all of these words')).toBeVisible()
})

test('without lead the head is of another metal', async ({ page }) => {
  await open(page, '#/settings', 'Settings')
  await page.getByLabel('Lead-free only').click()
  await open(page, '#/advice', 'Jig')
  await expect(page.getByRole('region', { name: 'Head', exact: true })).toContainText(/tungsten|steel/)
})
