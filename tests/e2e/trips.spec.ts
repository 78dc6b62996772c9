import { readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { expect, open, stock, test, WOOD_SPINNERBAIT } from './page'

// A day on the water: planned, looked through, carried, printed.

const QUARRY = (JSON.parse(readFileSync('demo/logbook.json', 'utf8')) as { trips: [{ trip: object }] }).trips[0].trip

test.beforeEach(async ({ page }) => {
  await page.request.put('/api/settings', { data: { units: 'us', theme: 'paper', schools: {} } })
  await page.request.put('/api/current-reading', { data: { reading: WOOD_SPINNERBAIT } })
})

async function keep(page: Page, name: string): Promise<string> {
  await stock(page, 'demo/parts.csv')
  const kept = await page.request.post('/api/trips', { data: { name, trip: QUARRY } })
  return ((await kept.json()) as { id: string }).id
}

test('a trip is planned from the current reading, changed, copied, deleted and put back', async ({ page }) => {
  await stock(page, 'demo/parts.csv')
  await open(page, '#/fish/all', 'Trips')
  await page
    .getByRole('button', { name: /^Plan (a|your first) trip$/ })
    .first()
    .click()
  await page.getByRole('textbox', { name: 'Name' }).fill('Sunday at the flowage')
  await page.getByLabel('Date').fill('2026-05-10')
  await page.getByLabel('Latitude, degrees north').fill('46.2')
  await page.getByLabel(/^Longitude/).fill('-90.6')
  await page.getByLabel('Time zone').fill('America/Chicago')
  // The season follows the day, not the reading of today; one chosen by hand stays.
  await expect(page.getByText('Early spring is likely on this day at this latitude.')).toBeVisible()
  await expect(page.getByRole('radio', { name: 'Early spring' })).toBeChecked()
  await expect(page.getByText('Bass seasons may be closed for the spawn; check local rules.')).toBeVisible()
  await page.getByRole('radio', { name: 'Spring', exact: true }).check()
  await page.getByRole('textbox', { name: /^From/ }).fill('5:00')
  await expect(page.getByRole('radio', { name: 'Spring', exact: true })).toBeChecked()
  await page.getByRole('button', { name: 'Save and plan' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Sunday at the flowage' })).toBeVisible()
  await expect(page.getByText('Sunrise 5:35 AM')).toBeVisible()
  await expect(page.getByRole('region', { name: 'What to carry' })).toContainText('of 100')

  await page.getByRole('button', { name: 'Change', exact: true }).click()
  await page.getByRole('textbox', { name: /^To/ }).fill('4:00')
  await page.getByRole('button', { name: 'Save and plan' }).click()
  await expect(page.getByRole('alert')).toContainText('before it starts')
  await page.getByRole('textbox', { name: /^To/ }).fill('at dusk')
  await page.getByRole('button', { name: 'Save and plan' }).click()
  await expect(page.getByRole('alert')).toContainText('“at dusk” is not a time')
  await page.getByRole('textbox', { name: /^To/ }).fill('12:00')
  await page.getByRole('button', { name: 'Save and plan' }).click()
  await expect(page.getByText('May 10, 2026, 5:00 AM to noon')).toBeVisible()

  await page.getByRole('button', { name: /^More for/ }).click()
  await page.getByRole('menuitem', { name: 'Copy' }).click()
  await page.getByRole('button', { name: 'Save and plan' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Sunday at the flowage (copy)' })).toBeVisible()
  await page.getByRole('button', { name: /^More for/ }).click()
  await page.getByRole('menuitem', { name: 'Delete' }).click()
  await expect(page.getByRole('link', { name: 'Sunday at the flowage (copy)' })).toBeHidden()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('link', { name: 'Sunday at the flowage (copy)' })).toBeVisible()
})

test('the lure follows the time of day, by key and by a turn', async ({ page }) => {
  const id = await keep(page, 'Quarry by the clock')
  await open(page, `#/fish/${id}`, 'Quarry by the clock')
  const time = page.getByRole('slider', { name: 'Time of day' })
  await expect(time).toHaveAttribute('aria-valuetext', /^7:30 AM, /)
  await time.press('ArrowRight')
  await expect(time).toHaveAttribute('aria-valuetext', /^7:31 AM, /)
  await expect(page.getByRole('region', { name: 'At one time of the day' })).toContainText('low sun')
  await page
    .getByRole('region', { name: 'At one time of the day' })
    .getByLabel('Lure')
    .selectOption({ label: 'Spinnerbait' })
  await page.getByRole('button', { name: '8:21 AM' }).click()
  await expect(time).toHaveAttribute('aria-valuetext', /^8:21 AM, /)
  const day = page.getByRole('region', { name: 'At one time of the day' })
  await expect(day).toContainText('Sun at 12°, sun')
  await expect(day).toContainText('chartreuse')
})

test('each lure says what it is for, and goes from there to the batch', async ({ page }) => {
  const id = await keep(page, 'Quarry to build')
  await open(page, `#/fish/${id}`, 'Quarry to build')
  const carry = page.getByRole('region', { name: 'What to carry' })
  await expect(carry).toContainText(/1\. .+ % of the day/)
  await expect(carry).toContainText(/No other of these (does that|is for .+)\.\s+Without it the day is worth/)
  await expect(carry).toContainText('What the day lacks')
  await expect(carry).toContainText('One more would gain')
  await carry.getByRole('button', { name: 'Build these in a batch' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Batch build' })).toBeVisible()
  const first = page.getByText(/^2026-10-10 no\. 1: /)
  await expect(first).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).first().click()
  await expect(first).toBeHidden()
})

test('a lure of the trip opens on the bench as what it is, and what to buy is found from there', async ({ page }) => {
  await page.request.put('/api/current-reading', { data: { reading: { ...WOOD_SPINNERBAIT, lure: 'jig' } } })
  const id = await keep(page, 'Quarry to try')
  await open(page, `#/fish/${id}`, 'Quarry to try')
  const carry = page.getByRole('region', { name: 'What to carry' })
  const spinnerbait = carry.getByRole('listitem').filter({ hasText: 'Spinnerbait' }).first()
  await spinnerbait.getByRole('button', { name: /^Open in Tie: lure/ }).click()
  await expect(page.getByRole('heading', { name: 'Build: spinnerbait' })).toBeVisible()
  await page.goBack()
  await carry.getByRole('link', { name: 'What to buy' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'What to buy' })).toBeVisible()
})

test('the card prints on one page of each paper', async ({ page }) => {
  const id = await keep(page, 'Quarry on paper')
  await open(page, `#/trip-card/${id}`, 'Trip card')
  await expect(page.getByRole('heading', { name: 'If this, then that' })).toBeVisible()
  await expect(page.getByText('8:21 AM, the sun climbs above 12°')).toBeVisible()
  for (const paper of ['A4', 'Letter', 'Pocket, folded twice']) {
    await page.getByLabel('Paper').selectOption(paper)
    const pdf = await page.pdf({ preferCSSPageSize: true })
    expect(pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1)
  }
})

test('a service that is not there is told in a sentence, and the form stays', async ({ page }) => {
  await open(page, '#/fish/all', 'Trips')
  await page
    .getByRole('button', { name: /^Plan (a|your first) trip$/ })
    .first()
    .click()
  await page.getByRole('button', { name: 'Get the forecast' }).click()
  await expect(page.getByText(/No forecast service answers at .* or enter the sky yourself/)).toBeVisible()
  await page.getByRole('button', { name: 'Read the water probe' }).click()
  await expect(page.getByText(/No water probe answers/)).toBeVisible()
  await expect(page.getByLabel('Sky 1, chance, %')).toHaveValue('100')
  await page.getByRole('button', { name: 'Cancel' }).click()
})
