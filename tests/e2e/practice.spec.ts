import { pathToFileURL } from 'node:url'
import type { Page } from '@playwright/test'
import type { PracticeAnswer, PracticeProgress } from '../../web/words/documents'
import { expect, open, stored, test } from './page'

// On a winter evening: learn to pick, learn to see.

const answers = (page: Page) => stored<PracticeAnswer[]>(page, '/api/practice-answers')

/** Begins a lesson from its place under Learned. */
async function begin(page: Page, lesson: string): Promise<void> {
  await open(page, '#/learned/practice', 'Practice')
  await page.getByRole('link', { name: `${lesson} Begin` }).click()
  await expect(page.getByRole('heading', { level: 1, name: lesson })).toBeVisible()
}

/** Takes the first part of every step. */
async function tieAnything(page: Page): Promise<void> {
  const show = page.getByRole('button', { name: 'Show the answer' })
  await expect(show).toBeVisible()
  while (!(await show.isEnabled()))
    await page.locator('section:has(button:text("Show the answer")) label').first().click()
  await show.click()
}

test('a water is answered part by part, and what the program ties stands beside it', async ({ page }) => {
  await begin(page, 'Which would you tie?')
  await expect(page.getByRole('img', { name: /water\. The (mark|stick)/ })).toBeVisible()
  await tieAnything(page)
  await expect(page.getByRole('heading', { level: 2, name: /^\d+ of 100: / })).toBeVisible()
  const why = page.getByRole('region', { name: 'Why' })
  await expect(why).toContainText('What tempts')
  await expect(page.getByRole('img', { name: /^Yours: / })).toBeVisible()
  await expect(page.getByRole('img', { name: /^The program’s: / })).toBeVisible()
  await expect.poll(async () => (await answers(page)).length).toBe(1)
  const [given] = await answers(page)
  expect(given?.lesson).toBe('tie')
  await expect(
    page.getByRole('heading', { level: 2, name: new RegExp(`^${given?.points ?? -1} of 100`) }),
  ).toBeVisible()

  await page.getByRole('button', { name: 'Next water' }).click()
  await expect(page.getByText('Water 2 of 10')).toBeVisible()
  await page.getByRole('link', { name: 'Stop here' }).click()
  await expect(page.getByText('1 answer so far')).toBeVisible()
  await expect(page.getByRole('heading', { name: 'These come again' })).toBeVisible()
})

test('the points shown are those of the bench', async ({ page }) => {
  const session = await page.request.post('/api/practice', { data: { lesson: 'tie', seed: 3, count: 1 } })
  const { waters } = (await session.json()) as { waters: { reading: object; choices: Record<string, never>[] }[] }
  const asked = waters[0]?.choices.find((one) => one.right !== ('' as never)) as unknown as {
    lure: string
    heads: object[]
    blades: { front: object | null; rear: object | null }[]
    skirts: object[]
    trailers: object[]
    hook: object | null
    answer: [number, number, number, number]
    totals: number[]
  }
  const [head, blade, skirt, trailer] = asked.answer
  const build = {
    lure: asked.lure,
    head: asked.heads[head],
    ...asked.blades[blade],
    skirt: asked.skirts[skirt],
    trailer: asked.trailers[trailer],
    hook: asked.hook,
  }
  const judged = await page.request.post('/api/bench', { data: { reading: waters[0]?.reading, build, from: 'side' } })
  const { score } = (await judged.json()) as { score: number }
  const at = ((head * asked.blades.length + blade) * asked.skirts.length + skirt) * asked.trailers.length + trailer
  expect(Math.abs(score - (asked.totals[at] ?? 0))).toBeLessThan(1)
})

test('what is wrong is pointed at by key alone, and told why', async ({ page }) => {
  await begin(page, 'What is wrong here?')
  const spots = page.getByRole('list', { name: 'What may be wrong' })
  await spots.getByRole('button').first().focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 2, name: /^(Right|No): / })).toBeVisible()
  await expect(spots.getByRole('button').first()).toBeDisabled()
  await expect.poll(async () => (await answers(page))[0]?.card).toMatch(/^[A-Z]\d+/)
  await page.getByRole('button', { name: 'Next', exact: true }).click()
  await expect(page.getByText('Question 2 of 10')).toBeVisible()
})

test('a visibility is guessed, and how far off one is stands there', async ({ page }) => {
  await begin(page, 'How far can you see?')
  await page.getByLabel('Visibility, inches').fill('30')
  await page.getByLabel('Visibility, inches').press('Enter')
  await page.getByRole('button', { name: 'That is my guess' }).click()
  await expect(page.getByText(/^You said 30 in: (On the mark|\d+ % too (far|near))\.$/)).toBeVisible()
  await expect.poll(async () => (await stored<PracticeProgress>(page, '/api/practice')).guesses.length).toBe(1)
  const [given] = await answers(page)
  const { bias } = await stored<PracticeProgress>(page, '/api/practice')
  expect(bias).toBeCloseTo(30 / (given?.truth_in ?? 1), 2)
})

test('of two lures in one water one is told, and the model’s spans stand beside the answer', async ({ page }) => {
  await begin(page, 'Which one stands out?')
  await page.getByRole('button', { name: /^(A|As one)$/ }).click()
  await expect(page.getByRole('heading', { level: 2, name: /^(Right|No): (A|B|As one|As two)$/ })).toBeVisible()
  await expect(page.getByText(/as far as the model can tell\.$/)).toBeVisible()
  await expect.poll(async () => (await answers(page))[0]?.lesson).toBe('seeing')
})

test('a first lesson shows a pick from water to water, and ends with a water of one’s own', async ({ page }) => {
  await open(page, '#/learned/practice', 'Practice')
  await page.getByRole('link', { name: 'The four sets' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'The four sets' })).toBeVisible()
  for (const sets of [['Dark', 'Bright'], ['Natural with one flash'], ['Dull']]) {
    for (const set of sets) await expect(page.getByRole('region', { name: set, exact: true })).toBeVisible()
    const next = page.getByRole('button', { name: 'Next', exact: true })
    if (await next.isVisible()) await next.click()
  }
  await page.getByRole('link', { name: 'Now a water of your own' }).click()
  await tieAnything(page)
  await expect.poll(async () => (await answers(page))[0]?.card).toMatch(/^(M|B|D|S)\d+/)
})

test('ten waters are handed on as one file, which needs no server', async ({ page, context }, info) => {
  await open(page, '#/learned/practice', 'Practice')
  const download = page.waitForEvent('download', { timeout: 60_000 })
  await page.getByRole('button', { name: 'Ten waters as a file' }).click()
  const file = info.outputPath('practice.html')
  await (await download).saveAs(file)
  const friend = await context.newPage()
  const asked: string[] = []
  friend.on('request', (request) => {
    if (/^https?:/.test(request.url())) asked.push(request.url())
  })
  await friend.goto(pathToFileURL(file).href)
  await expect(friend.getByText('Water 1 of 10')).toBeVisible()
  await tieAnything(friend)
  await expect(friend.getByRole('heading', { level: 2, name: /^\d+ of 100: / })).toBeVisible()
  await expect(friend.getByRole('region', { name: 'Why' })).toContainText('What tempts')
  await expect(friend.getByRole('columnheader')).toHaveText(['muddy', 'dirty', 'stained', 'clear', 'very clear'])
  await expect(friend.getByRole('rowheader')).toHaveCount(3)
  expect(asked).toEqual([])
  expect(await answers(page)).toEqual([])
  await friend.emulateMedia({ media: 'print' })
  await expect(friend.getByRole('heading', { level: 1, name: 'Answers' })).toBeVisible()
  await expect(friend.getByRole('listitem').filter({ hasText: 'Lure: ' })).toHaveCount(10)
  await friend.close()
})

test.describe('with a thumb', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })

  test('a water is answered on a phone, in dim light too, and nothing is wider than the screen', async ({ page }) => {
    await page.request.put('/api/settings', { data: { units: 'metric', theme: 'lamp', schools: {} } })
    await begin(page, 'Which would you tie?')
    await tieAnything(page)
    await expect(page.getByRole('button', { name: 'Next water' })).toBeVisible()
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  })
})
