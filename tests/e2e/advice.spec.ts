import { expect, open, SUMMER_JIG as READING, tap, test, unfold } from './page'

test.beforeEach(async ({ page }) => {
  await page.request.put('/api/settings', { data: { units: 'us', theme: 'paper', schools: {} } })
  await page.request.put('/api/current-reading', { data: { reading: READING } })
})

test('near an edge it says what lies beyond and what to measure again', async ({ page }) => {
  await open(page, '#/?panel=answer', 'Jig')
  await unfold(page, 'Close calls')
  const near = page.getByRole('region', { name: 'Close calls' })
  await expect(near).toContainText('Measure the visibility again')
  await expect(near).toContainText('Visibility 17 in; above about 18 in')
  await expect(near).toContainText('Skirt base: black → green pumpkin')
})

test('one change to the reading marks the picks that it turned, and is taken back by one tap', async ({ page }) => {
  await open(page, '#/?panel=answer', 'Jig')
  const skirt = page.getByRole('region', { name: 'Skirt', exact: true })
  await expect(skirt).toContainText('Black')
  await tap(page, 'Shad', 'Forage')
  const changed = page.getByRole('region', { name: 'What changed' })
  await expect(changed).toContainText('Since forage went from crawfish to shad')
  await expect(changed).toContainText(/\d picks change/)
  await expect(skirt).toContainText('White')
  await expect(skirt).toContainText('was Black')
  await page.getByRole('button', { name: 'Change it back' }).click()
  await expect(changed).toBeHidden()
  await expect(page.getByRole('radio', { name: 'Crawfish' })).toBeChecked()
  await expect(skirt).not.toContainText('was Black')
})

test('a slider on its way is one change', async ({ page }) => {
  await open(page, '#/?panel=answer', 'Jig')
  const sight = page.getByRole('slider', { name: 'Visibility' })
  await sight.focus()
  for (let i = 0; i < 6; i++) await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('region', { name: 'What changed' })).toContainText('Since visibility went from 17 in to')
})

test('fish that follow and do not take get another trailer first', async ({ page }) => {
  await open(page, '#/?panel=answer', 'Jig')
  await unfold(page, 'If conditions change')
  const next = page.getByRole('region', { name: 'If conditions change' })
  await expect(next).toContainText('They follow but won’t bite')
  await expect(next.getByRole('listitem').filter({ hasText: 'from' }).nth(1)).toContainText('The trailer')
})

test('another school is drawn beside its pick, and one tap tries it', async ({ page }) => {
  await open(page, '#/?panel=answer', 'Jig')
  await unfold(page, 'Where anglers disagree')
  const schools = page.getByRole('region', { name: 'Where anglers disagree' })
  await expect(schools.getByRole('img').first()).toBeVisible()
  await schools.getByRole('button', { name: 'Try it: Natural colors' }).click()
  await expect(page.getByRole('region', { name: 'What changed' })).toContainText('another approach')
  await expect(page.getByRole('region', { name: 'Skirt', exact: true })).toContainText('Green pumpkin')
})

test('a reason leads to its rule, and the rule to a reading where it decides', async ({ page }) => {
  await open(page, '#/?panel=answer', 'Jig')
  const skirt = page.getByRole('region', { name: 'Skirt', exact: true })
  await skirt.getByRole('button', { name: 'More about the skirt' }).click()
  await skirt
    .getByRole('button', { name: /^Facts behind this/ })
    .first()
    .press('Enter')
  const link = page.getByRole('link', { name: /^Open the rule / })
  const id = ((await link.textContent()) ?? '').replace('Open the rule ', '').trim()
  await link.click()
  await expect(page.getByRole('heading', { name: 'Rules' })).toBeVisible()
  const rule = page.locator(`[id="rule-${id}"]`)
  await expect(rule).toContainText('For skirt base: black')
  await expect(rule).toContainText('Conflicts with')
  await rule.getByRole('button', { name: 'Open a reading where this decides' }).click()
  await expect(page.getByRole('region', { name: 'Skirt', exact: true })).toContainText('Black')
})

test('the book is searched by word, by lure and by school', async ({ page }) => {
  await open(page, '#/rules', 'Rules')
  const count = page.getByRole('status').filter({ hasText: 'rules' })
  await expect(count).toContainText(/(\d+) of \1 rules/)
  await page.getByLabel('Search').fill('copper crawfish')
  await expect(page.getByText('copper is the quieter shine')).toBeVisible()
  await expect(page.getByText('silver is the usual metal')).toBeHidden()
  await page.getByLabel('Search').fill('')
  await page.getByLabel('Approach').selectOption({ label: 'Carry two blades: dull and gold' })
  await expect(page.getByText('silver is the usual metal')).toBeHidden()
  // The base color of dirty water is asked of each kind of lure.
  const crawfish = page.getByText(
    'Crawfish in dirty water: on a bladed jig green pumpkin comes right behind black and blue.',
  )
  const dark = (kind: string) =>
    page.locator(`optgroup[label="Base color in dirty water, ${kind}"] > option`).filter({ hasText: 'Dark' })
  const choose = async (kind: string) => {
    const index = await dark(kind).evaluate((one: HTMLOptionElement) => one.index)
    await page.getByLabel('Approach').selectOption({ index })
  }
  await choose('bladed jig')
  await expect(crawfish).toBeVisible()
  await choose('spinnerbait')
  await expect(crawfish).toBeHidden()
  await page.getByLabel('Search').fill('nosuchword')
  await expect(page.getByText('No rule matches.')).toBeVisible()
})

test('a pick is explained: who voted, how much it counted, and what would turn it', async ({ page }) => {
  await open(page, '#/?panel=answer', 'Jig')
  const skirt = page.getByRole('region', { name: 'Skirt', exact: true })
  await skirt.getByRole('button', { name: 'More about the skirt' }).click()
  await skirt.getByText('All rules that voted').click()
  await skirt.getByRole('button', { name: /what would change it ?: base/ }).click()
  await expect(skirt.getByRole('table', { name: 'Rules that voted on the base' })).toContainText('black')
  await expect(skirt).toContainText(/The runner-up, green pumpkin, wins if visibility is[\s\S]*instead of 17 in/)
})

test('a toss-up shows both picks, equal in size', async ({ page }) => {
  await page.request.put('/api/current-reading', {
    data: {
      reading: { ...READING, lure: 'jig', visibility_in: 54, forage: 'crawfish', surface_f: 66, bite: 'normal' },
    },
  })
  await open(page, '#/?panel=answer', 'Jig')
  const skirt = page.getByRole('region', { name: 'Skirt', exact: true })
  const both = skirt.locator('[data-toss-up]').filter({ hasText: 'green pumpkin' })
  await expect(both).toHaveText(/^\s*(brown or green pumpkin|green pumpkin or brown)\s*$/)
  // One line of one size, a patch of each color.
  await expect(both.locator('[data-patch]')).toHaveCount(2)
  const sizes = await both.locator('[data-patch]').evaluateAll((all) => all.map((one) => one.getBoundingClientRect()))
  expect(sizes[0]?.width).toBe(sizes[1]?.width)
  expect(sizes[0]?.height).toBe(sizes[1]?.height)
})

test('of two equal picks the one that is trusted is tied', async ({ page }) => {
  const perch = {
    lure: 'jig',
    visibility_in: 0.9,
    forage: 'perch',
    sky: 'sun',
    wind: 'ripple',
    bite: 'normal',
    tint: 'green',
  }
  await page.request.put('/api/current-reading', {
    data: { reading: { ...READING, ...perch, surface_f: 75, season: 'summer' } },
  })
  await open(page, '#/?panel=answer', 'Jig')
  const skirt = page.getByRole('region', { name: 'Skirt', exact: true })
  await expect(skirt.getByText(/^Black/).first()).toBeVisible()
  await skirt.getByRole('button', { name: 'More about the skirt' }).click()
  await skirt.getByRole('button', { name: 'I trust yellow' }).click()
  await expect(skirt.getByText(/^Yellow/).first()).toBeVisible()
  await skirt.getByRole('button', { name: 'No longer trust yellow' }).click()
  await expect(skirt.getByText(/^Black/).first()).toBeVisible()
})

test('any lure is the best for the water, and another is one tap away', async ({ page }) => {
  await page.request.put('/api/current-reading', {
    data: { reading: { ...READING, lure: 'any', cover: 'rock', surface_f: 46 } },
  })
  await open(page, '#/?panel=answer', 'Jig')
  await unfold(page, 'Which lure for this water')
  const ranking = page.getByRole('region', { name: 'Which lure for this water' })
  await expect(ranking.getByRole('listitem').first()).toContainText('Jig')
  await ranking.getByRole('button', { name: 'Show advice for a spinnerbait' }).click()
  await expect(page.getByRole('heading', { name: /^Spinnerbait/ })).toBeVisible()
  await unfold(page, 'How to fish it')
  await unfold(page, 'If something goes wrong')
  await expect(page.getByRole('region', { name: 'How to fish it' })).toContainText('Follow up with')
  await expect(page.getByRole('region', { name: 'If something goes wrong' })).toContainText('The lure rolls over')
})

test('without lead the head is of another metal', async ({ page }) => {
  await open(page, '#/settings', 'Settings')
  await page.getByLabel('Lead-free only').click()
  await open(page, '#/?panel=answer', 'Jig')
  await expect(page.getByRole('region', { name: 'Head', exact: true })).toContainText(/tungsten|steel/)
})

test('a rule that is not believed is put off from its reason, told, and put on again', async ({ page }) => {
  await open(page, '', 'What is the water like?')
  const skirt = page.getByRole('region', { name: 'Skirt', exact: true })
  const why = async () => {
    await skirt.getByRole('button', { name: 'More about the skirt' }).click()
    await skirt
      .getByRole('button', { name: /^Facts behind this/ })
      .first()
      .click()
  }
  const because = skirt.locator('[id="why-skirt"]')
  const first = (await because.textContent()) ?? ''
  await why()
  await page.getByRole('button', { name: 'I don’t believe this' }).click()
  await expect(because).not.toHaveText(first)
  const told = page.getByText('A rule of yours is off.')
  await expect(told).toBeVisible()
  await page.keyboard.press('Escape')
  await told.getByRole('link', { name: 'Look at it' }).click()
  const off = page.getByRole('region', { name: /^Off, because you do not believe them, 1/ })
  await expect(off).toContainText(first)
  await off.locator('summary').click()
  await off.getByRole('button', { name: 'Put this rule on again' }).click()
  await expect(off).toBeHidden()
  await page.goto('/#/')
  await expect(because).toHaveText(first)
  await expect(told).toBeHidden()
})
