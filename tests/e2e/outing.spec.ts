import { readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { expect, fishASeason, LAST_YEAR, open, sent, stock, stored, test, WOOD_SPINNERBAIT } from './page'

// On the water with one thumb, and at home with what the notes show.

const PHONE = { width: 390, height: 844 }
const QUARRY = (JSON.parse(readFileSync('demo/logbook.json', 'utf8')) as { trips: [{ trip: object }] }).trips[0].trip
const HOUR_MS = 3_600_000
const ago = (hours: number) => `${new Date(Date.now() - hours * HOUR_MS).toISOString().slice(0, 19)}Z`
const JIG = {
  lure: 'jig',
  head: { kind: 'head', name: '3/8 black', weight_oz: 0.375, colour: 'black', lures: ['jig'] },
  skirt: { kind: 'skirt', name: 'Black skirt', colour: 'black' },
  trailer: { kind: 'trailer', name: 'Black craw', colour: 'black', style: 'craw', length_in: 3.5 },
}
const BLUE = { kind: 'trailer', name: 'Blue chunk', colour: 'blue', style: 'chunk', length_in: 3 }

test.beforeEach(async ({ page }) => {
  await page.request.put('/api/settings', { data: { units: 'us', theme: 'noon', schools: {} } })
  await page.request.put('/api/current-reading', { data: { reading: WOOD_SPINNERBAIT } })
  await page.setViewportSize(PHONE)
})

/** An outing that goes on, with a jig tied on and a blue chunk in the box. */
async function fishing(page: Page, hours = 0.1): Promise<string> {
  const kept = await page.request.post('/api/outings', {
    data: {
      started_at: ago(hours),
      box: { lures: [JIG], trailers: [BLUE] },
      stints: [{ started_at: ago(hours), build: JIG, reading: { ...WOOD_SPINNERBAIT, lure: 'any' } }],
    },
  })
  const { id } = (await kept.json()) as { id: string }
  await page.goto(`/#/on-the-water/${id}`)
  await expect(page.getByRole('region', { name: 'Tied on' })).toContainText('Jig: Black skirt')
  return id
}

test('an outing starts from a trip, and what was planned is not what was seen', async ({ page }) => {
  await stock(page, 'demo/parts.csv')
  await page.request.post('/api/trips', { data: { name: 'Quarry tomorrow', trip: QUARRY } })
  await open(page, '#/on-the-water', 'On the water')
  await page.getByRole('button', { name: 'Quarry tomorrow' }).first().click()
  await page.getByRole('button', { name: 'Start this trip' }).click()
  await expect(page.getByRole('heading', { name: 'What is the water like here?' })).toBeVisible()
  await page.getByRole('button', { name: 'Not now' }).click()
  await expect(page.getByText('Nothing is tied on.')).toBeVisible()
  await page.getByRole('button', { name: 'Tie on a lure' }).click()
  const box = page.getByRole('region', { name: 'From the box' })
  await expect(box.getByRole('img').first()).toBeVisible()
  await box.getByRole('button').first().click()
  await expect(page.getByRole('region', { name: 'Tied on' })).toContainText('water not noted')
  await expect(page.getByText(/^Tied on, /)).toBeVisible()
  await sent(page)
  const [{ id }] = (await (await page.request.get('/api/outings')).json()) as [{ id: string }]
  const { stints } = (await (await page.request.get(`/api/outings/${id}`)).json()) as {
    stints: { reading: object; assumed: string[] }[]
  }
  expect(stints[0]?.reading).toEqual({})
  expect(stints[0]?.assumed).toEqual(expect.arrayContaining(['visibility_in', 'sky', 'cover']))
})

test('what a water was like last time is a proposal, and one tap makes it so', async ({ page }) => {
  const place = { latitude: 44.9, longitude: -91.4, time_zone: 'America/Chicago' }
  const added = await page.request.post('/api/waters', {
    data: { name: 'Brickyard pond', tint: 'clay', red_crawfish: true, place },
  })
  const { id: water_id } = (await added.json()) as { id: string }
  const reading = { visibility_in: 22, tint: 'tannic', sky: 'rain', surface_f: 58 }
  const stint = { started_at: ago(50), ended_at: ago(49), build: JIG, reading }
  await page.request.post('/api/outings', {
    data: { water_id, started_at: ago(50), ended_at: ago(49), stints: [stint] },
  })
  const begun = await page.request.post('/api/outings', {
    data: { water_id, started_at: ago(0.1), box: { lures: [JIG], trailers: [BLUE] } },
  })
  const { id } = (await begun.json()) as { id: string }
  await page.goto(`/#/on-the-water/${id}`)
  const question = page.getByRole('region', { name: 'What is the water like here?' })
  await expect(question.getByRole('button', { name: /^Same as last time/ })).toContainText('22 in, tea-stained water')
  await question.getByRole('button', { name: /^Dirtier/ }).click()
  await question.getByRole('radio', { name: 'Overcast' }).click()
  await expect(question).toBeHidden()
  await page.getByRole('button', { name: 'Tie on a lure' }).click()
  await page.getByRole('region', { name: 'From the box' }).getByRole('button').first().click()
  await expect(page.getByRole('region', { name: 'Tied on' })).toContainText('12 in visibility')
  // Muddied by the wind: one tap, and one takes it back.
  await page.getByRole('button', { name: /^Dirtier: 6 in/ }).click()
  await expect(page.getByText(/^Water changed to 6 in, /)).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('region', { name: 'Tied on' })).toContainText('12 in visibility')
  await sent(page)
  const outing = (await (await page.request.get(`/api/outings/${id}`)).json()) as { stints: { reading: object }[] }
  expect(outing.stints.map((one) => one.reading)).toEqual([{ visibility_in: 12, tint: 'tannic', sky: 'overcast' }])
})

test('what an older program put to the lures is confirmed or cleared with one tap', async ({ page }) => {
  const stint = { started_at: ago(50), ended_at: ago(49), build: JIG, reading: WOOD_SPINNERBAIT, confirmed: false }
  const added = await page.request.post('/api/outings', {
    data: { started_at: ago(50), ended_at: ago(49), stints: [stint] },
  })
  const { id } = (await added.json()) as { id: string }
  await page.goto(`/#/outing/${id}`)
  await expect(page.getByText('Nobody noted it at the water.')).toBeVisible()
  await page.getByRole('button', { name: 'Clear it' }).click()
  await expect(page.getByText('Nothing noted of the water')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByRole('button', { name: 'It was so' }).click()
  await expect(page.getByText('Nobody noted it at the water.')).toBeHidden()
  await expect
    .poll(
      async () =>
        (await stored<{ stints: { confirmed: boolean; reading: object }[] }>(page, `/api/outings/${id}`)).stints,
    )
    .toMatchObject([{ confirmed: true, reading: { visibility_in: WOOD_SPINNERBAIT.visibility_in } }])
})

test('four buttons note, one tap takes back, two taps change the lure', async ({ page }) => {
  const id = await fishing(page)
  for (const kind of ['Follow', 'Bite', 'Lost', 'Landed']) {
    const button = page.getByRole('button', { name: kind, exact: true })
    const size = await button.boundingBox()
    expect(size?.height).toBeGreaterThanOrEqual(72)
    await button.click()
    await expect(page.getByRole('region', { name: 'Last note' })).toContainText(kind)
  }
  // The usual lengths are there at once, and go away once one is told.
  const lengths = page.getByRole('group', { name: 'How long was it?' })
  await lengths.getByRole('button', { name: '16 in' }).click()
  await expect(page.getByRole('region', { name: 'Last note' })).toContainText('16 in')
  await expect(lengths).toBeHidden()
  await page.getByRole('button', { name: 'More' }).click()
  await page.getByLabel('Length of the fish').fill('15.5')
  await page.getByLabel('Length of the fish').press('Enter')
  await expect(page.getByRole('region', { name: 'Last note' })).toContainText('15-1/2 in')
  await page.getByRole('radio', { name: 'Crawfish' }).click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('region', { name: 'Last note' })).toContainText('Lost')

  await page.getByRole('button', { name: 'Change trailer' }).click()
  await page.getByRole('button', { name: 'Blue chunk' }).click()
  await expect(page.getByRole('region', { name: 'Tied on' })).toContainText('Blue chunk')
  await expect(page.getByText(/^Trailer changed to Blue chunk, /)).toBeVisible()
  await sent(page)
  const outing = (await (await page.request.get(`/api/outings/${id}`)).json()) as {
    stints: { ended_at: string | null; events: { kind: string }[] }[]
  }
  expect(outing.stints.map((stint) => stint.events.map((event) => event.kind))).toEqual([
    ['follow', 'bite', 'lost'],
    [],
  ])
  expect(outing.stints[0]?.ended_at).not.toBeNull()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('region', { name: 'Tied on' })).toContainText('Black craw')
})

test('nothing moves while a note is on its way', async ({ page }) => {
  await page.addInitScript(() => (window.kontrastWaits = { begin: 0, readAhead: 0 }))
  let letGo: () => void = () => undefined
  const gone = new Promise<void>((done) => (letGo = done))
  await fishing(page)
  await page.getByRole('button', { name: 'Follow', exact: true }).click()
  await sent(page)
  await page.route('**/events/*', async (route) => {
    await gone
    await route.continue().catch(() => undefined)
  })
  const landed = page.getByRole('button', { name: 'Landed', exact: true })
  const before = await landed.boundingBox()
  await landed.click()
  await expect(page.getByRole('group', { name: 'How long was it?' })).toBeVisible()
  await expect.poll(() => page.evaluate(() => localStorage.getItem('kontrast.waits'))).not.toBeNull()
  expect(await landed.boundingBox()).toEqual(before)
  expect(await page.getByRole('region', { name: 'Connection' }).count()).toBe(0)
  letGo()
  await sent(page)
})

test('the water changes, and what a fish spat up is in the next reading', async ({ page }) => {
  const id = await fishing(page)
  await page.getByRole('button', { name: 'Landed', exact: true }).click()
  await page.getByRole('button', { name: 'More' }).click()
  await page.getByRole('radio', { name: 'Crawfish' }).click()
  await page.getByRole('checkbox', { name: 'Orange' }).click()
  await page.getByRole('button', { name: 'The water changed' }).click()
  await page.getByRole('radio', { name: 'Rain' }).click()
  await page.getByRole('radio', { name: 'Clay' }).click()
  await page.getByRole('button', { name: 'Note the water' }).click()
  await expect(page.getByText(/^Water changed to clay-stained water, rain, /)).toBeVisible()
  await sent(page)
  const outing = (await (await page.request.get(`/api/outings/${id}`)).json()) as {
    stints: {
      reading: { sky: string; tint: string; forage: string; forage_colours: string[]; forage_also: string[] }
    }[]
  }
  expect(outing.stints[1]?.reading).toMatchObject({
    sky: 'rain',
    tint: 'clay',
    forage: 'crawfish',
    forage_also: ['bluegill'],
    forage_colours: ['orange'],
  })
})

test('two follows bring up the next change, and what was made and whether it helped is noted', async ({ page }) => {
  const id = await fishing(page)
  const follows = page.getByRole('region', { name: /^They follow/ })
  await page.getByRole('button', { name: 'Follow', exact: true }).click()
  await expect(page.getByRole('region', { name: 'Last note' })).toBeVisible()
  await expect(follows).toBeHidden()
  await page.getByRole('button', { name: 'Follow', exact: true }).click()
  await expect(follows).toContainText('Change one thing: Trailer')
  const step = (await follows.locator('.font-semibold').textContent())?.replace(/\.$/, '')
  await follows.getByRole('button', { name: 'I make this change' }).click()
  await page.getByRole('button', { name: 'Blue chunk' }).click()
  await page.getByRole('button', { name: 'It helped' }).click()
  await expect(page.getByRole('button', { name: 'It helped' })).toBeHidden()
  await sent(page)
  const outing = (await (await page.request.get(`/api/outings/${id}`)).json()) as { stints: { made: unknown }[] }
  expect(outing.stints[1]?.made).toEqual({ symptom: 'follows', change: step, helped: true })
})

test('something is wrong: the remedy of the advice is made and noted', async ({ page }) => {
  await fishing(page)
  await page.getByRole('button', { name: 'Something is wrong' }).click()
  await page.getByRole('button', { name: 'It snags' }).click()
  await page.getByRole('button', { name: 'Made, with the same parts' }).click()
  await expect(page.getByText('Did it help?')).toBeVisible()
  await page.getByRole('button', { name: 'It did not' }).click()
  await expect(page.getByText('Did it help?')).toBeHidden()
})

test('a phone that died in mid-stint: the open outing is found and asked about', async ({ page }) => {
  const id = await fishing(page, 9)
  const asked = page.getByRole('region', { name: 'Still fishing?' })
  await expect(asked).toContainText('nothing was noted since')
  await page.goto('about:blank')
  await page.goto('/')
  await expect(page.getByText('An outing is still open')).toBeVisible()
  await page.getByRole('link', { name: 'Go on with it' }).click()
  await asked.getByRole('button', { name: /^At the last note/ }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'The day' })).toBeVisible()
  await sent(page)
  const outing = (await (await page.request.get(`/api/outings/${id}`)).json()) as {
    started_at: string
    ended_at: string
  }
  expect(outing.ended_at).toBe(outing.started_at)
})

test('two devices note one outing: nothing is lost and nothing doubled', async ({ page, context }) => {
  const id = await fishing(page)
  const other = await context.newPage()
  await other.setViewportSize(PHONE)
  await other.goto(`/#/on-the-water/${id}`)
  await expect(other.getByRole('region', { name: 'Tied on' })).toContainText('Black craw')
  await page.getByRole('button', { name: 'Change trailer' }).click()
  await page.getByRole('button', { name: 'Blue chunk' }).click()
  await expect(page.getByRole('region', { name: 'Tied on' })).toContainText('Blue chunk')
  // The other one still shows the craw; its bite belongs to the chunk that is on.
  await other.getByRole('button', { name: 'Bite', exact: true }).click()
  await expect(other.getByRole('region', { name: 'Tied on' })).toContainText('Blue chunk')
  await sent(page)
  const outing = (await (await page.request.get(`/api/outings/${id}`)).json()) as {
    stints: { build: { trailer: { name: string } }; events: unknown[] }[]
  }
  expect(outing.stints.map((stint) => [stint.build.trailer.name, stint.events.length])).toEqual([
    ['Black craw', 0],
    ['Blue chunk', 1],
  ])
  await other.close()
})

test('at home an outing is corrected, and one is added from memory', async ({ page }) => {
  await page.request.post('/api/builds', { data: { name: 'Plain jig', build: JIG } })
  const id = await fishing(page)
  await page.getByRole('button', { name: 'Landed', exact: true }).click()
  await expect(page.getByRole('region', { name: 'Last note' })).toBeVisible()
  await page.getByRole('button', { name: 'End the outing' }).click()
  const day = page.getByRole('region', { name: 'The day' })
  await expect(day).toContainText('Most bites: Jig: Black skirt')
  await expect(day).toContainText('1 bite in')
  await page.getByRole('link', { name: 'All notes' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Outing' })).toBeVisible()
  await page.getByLabel('What happened').selectOption('Lost')
  await page.getByRole('textbox', { name: 'Note' }).first().fill('Wind from the north')
  await page.getByRole('button', { name: 'Save outing' }).click()
  await expect(page.getByText('Outing saved.')).toBeVisible()
  await sent(page)
  const outing = (await (await page.request.get(`/api/outings/${id}`)).json()) as {
    note: string
    stints: { events: { kind: string }[] }[]
  }
  expect([outing.note, outing.stints[0]?.events[0]?.kind]).toEqual(['Wind from the north', 'lost'])

  await open(page, '#/outing/new', 'An outing from memory')
  await page.getByRole('button', { name: 'Add a lure' }).click()
  await page.getByLabel('Taken off').fill('2020-01-01T10:00')
  await page.getByRole('button', { name: 'Save outing' }).click()
  await expect(page.getByRole('alert')).toContainText('before it starts')
  const began = await page.getByLabel('Began').inputValue()
  await page.getByLabel('Taken off').fill(began)
  await page.getByRole('button', { name: 'Save outing' }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'Outing', exact: true })).toBeVisible()
})

test('two outings are corrected side by side, and neither loses what was typed', async ({ page }) => {
  const ids: string[] = []
  for (const hours of [30, 6]) {
    const data = { started_at: ago(hours + 2), ended_at: ago(hours), stints: [] }
    const made = await page.request.post('/api/outings', { data })
    ids.push(((await made.json()) as { id: string }).id)
  }
  const [first = '', second = ''] = ids
  const note = page.getByRole('textbox', { name: 'Note' }).first()
  await open(page, `#/outing/${first}`, 'Outing')
  await note.fill('Wind from the north')
  await page.goto(`/#/outing/${second}`)
  await expect(note).toHaveValue('')
  await note.fill('Rain')
  await page.goto(`/#/outing/${first}`)
  await expect(note).toHaveValue('Wind from the north')
  await page.getByRole('button', { name: 'Save outing' }).click()
  await expect(page.getByText('Outing saved.')).toBeVisible()
  await page.goto(`/#/outing/${second}`)
  await expect(note).toHaveValue('Rain')
})

test('while an outing is corrected at home another device notes in it: both stay, and one thing is asked', async ({
  page,
}) => {
  const id = await fishing(page, 2)
  await page.goto(`/#/outing/${id}`)
  const note = page.getByRole('textbox', { name: 'Note' }).first()
  await note.fill('Wind from the north')
  const event = crypto.randomUUID()
  await page.request.put(`/api/outings/${id}/events/${event}`, { data: { at: ago(1), kind: 'landed' } })
  await page.getByRole('button', { name: 'Save outing' }).click()
  await expect(page.getByText('Outing saved.')).toBeVisible()
  const stored = async () =>
    (await (await page.request.get(`/api/outings/${id}`)).json()) as {
      note: string
      version: number
      stints: { events: { id: string; kind: string; note: string }[] }[]
    }
  const both = await stored()
  expect([both.note, both.stints[0]?.events.map((one) => one.id)]).toEqual(['Wind from the north', [event]])

  await note.fill('Wind from the west')
  const other = await page.request.put(`/api/outings/${id}`, { data: { ...both, note: 'No wind' } })
  expect(other.ok()).toBe(true)
  await page.getByRole('button', { name: 'Save outing' }).click()
  const dialog = page.getByRole('dialog', { name: 'Changed in two places: this outing' })
  await expect(dialog.getByRole('row', { name: /Note/ })).toContainText('No wind')
  await dialog.getByRole('button', { name: 'Overwrite with mine' }).click()
  await expect(dialog).toBeHidden()
  await expect.poll(async () => (await stored()).note).toBe('Wind from the west')
  expect((await stored()).stints[0]?.events).toHaveLength(1)

  // Two things at once are answered each for itself.
  await note.fill('Wind from the south')
  await page.getByLabel('What happened').selectOption('Lost')
  const { stints, ...now } = await stored()
  const events = stints[0]?.events.map((one) => ({ ...one, kind: 'follow' }))
  const again = await page.request.put(`/api/outings/${id}`, {
    data: { ...now, note: 'Rain', stints: [{ ...stints[0], events }] },
  })
  expect(again.ok()).toBe(true)
  await page.getByRole('button', { name: 'Save outing' }).click()
  await dialog.getByRole('radio', { name: 'Note: Rain' }).check()
  await expect(dialog.getByRole('radio', { name: /what happened: Lost$/ })).toBeChecked()
  await dialog.getByRole('button', { name: 'Save my choices' }).click()
  await expect.poll(async () => (await stored()).stints[0]?.events[0]?.kind).toBe('lost')
  expect((await stored()).note).toBe('Rain')
})

test('a season says what it shows, lets the log vote, and goes out and in as a table', async ({ page, server }) => {
  await page.setViewportSize({ width: 1280, height: 800 })
  await fishASeason(page, server)
  await page.request.post('/api/outings', { data: { started_at: ago(2), ended_at: ago(1) } })
  await page.goto('/#/learned')
  // The surest lesson as a sentence, and the year in one strip, with the one before in gray.
  await expect(page.getByRole('heading', { level: 1, name: /times the bites of|Not told yet/ })).toBeVisible()
  await expect(page.getByRole('img', { name: new RegExp(`^${Number(LAST_YEAR) + 1}: 1 outing, `) })).toBeVisible()
  await expect(page.getByText(`Gray: ${LAST_YEAR}.`)).toBeVisible()
  await page.getByRole('link', { name: 'Outings', exact: true }).click()
  await expect(page.getByRole('link', { name: /^Oct \d+, / }).first()).toBeVisible()
  const csv = await (await page.request.get('/api/outings/table')).text()
  await page.locator('input[type=file]').setInputFiles({
    name: 'outings.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(csv.replaceAll('-7000-b000-', '-7000-b777-')),
  })
  await expect(page.getByText(/^This file holds \d+ outings with/)).toBeVisible()
  await page.getByRole('button', { name: 'Cancel' }).click()

  await page.getByRole('link', { name: 'Ask the log' }).click()
  const worth = page.getByRole('region', { name: 'What a part is worth' })
  await expect(worth).toContainText(/Of\s+\d+ pairs/)
  await expect(worth.getByRole('row').nth(1)).toContainText(/80 % sure it is between|Not told yet/)
  const asked = page.getByRole('region', { name: 'Ask the log' })
  await asked.getByLabel('Compare').selectOption('Skirt color')
  await expect(asked.getByText(/^(Not told yet: .+ or |.+ times the bites of )/)).toBeVisible()
  await asked.getByLabel('Water that is').selectOption('Stained')
  await expect(asked.getByText(/ in stained water/)).toBeVisible()
  await asked.getByRole('button', { name: 'Try this on the next trip' }).click()
  await expect(page.getByText(/against .+: a fair trial is drawn/)).toBeVisible()
  expect((await stored<unknown[]>(page, '/api/trials')).length).toBe(1)
  await expect(page.getByRole('region', { name: 'Is the advice any good?' })).toContainText(
    'with a lure tied as advised',
  )
  const rates = page.getByRole('region', { name: 'Rates', exact: true })
  await rates.getByLabel('By').selectOption('Hour of the day')
  await expect(rates.getByRole('rowheader', { name: '9:00 AM to 10:00 AM' })).toBeVisible()
  await expect(page.getByText('Not met yet on your waters')).toContainText('red-orange in spring')
  const vote = page.getByRole('region', { name: 'Bladed jig in wood' }).getByLabel('Let the log vote on this')
  await vote.check()
  await expect
    .poll(async () => (await stored<{ log_says: string[] }>(page, '/api/settings')).log_says)
    .toEqual(['wood'])

  await page.getByRole('link', { name: 'Season', exact: true }).click()
  await expect(page.getByRole('region', { name: 'Brickyard pond' })).toContainText('back in the 50s')
})

test('without a plan the box holds what is on the bench, whatever was looked at before', async ({ page }) => {
  await page.request.patch('/api/workbench', { data: { build: JIG } })
  await page.goto('/#/on-the-water')
  await page.getByRole('button', { name: 'Start an outing' }).click()
  await page.getByRole('button', { name: 'Not now' }).click()
  await page.getByRole('button', { name: 'Tie on a lure' }).click()
  const box = page.getByRole('region', { name: 'From the box' })
  await expect(box.getByRole('button', { name: 'Jig: Black skirt, Black craw' })).toBeVisible()
})

test('a fair trial is drawn and its blocks are fished by the timer', async ({ page }) => {
  for (const [name, build] of [
    ['Craw', JIG],
    ['Chunk', { ...JIG, trailer: BLUE }],
  ] as const)
    await page.request.post('/api/builds', { data: { name, build } })
  await open(page, '#/learned/trials', 'Fair trials')
  await page.getByLabel('Lure A').selectOption({ label: 'Craw' })
  await page.getByLabel('Lure B').selectOption({ label: 'Chunk' })
  await page.getByRole('button', { name: 'Draw the order' }).click()
  await expect(page.getByText(/^Not told yet: 0 bites on A, 0 on B so far\./).first()).toBeVisible()
  await fishing(page)
  await page.getByRole('button', { name: 'Fair trial' }).click()
  await page
    .getByRole('button', { name: /^Start block 1 with / })
    .first()
    .click()
  await expect(page.getByRole('timer').first()).toContainText('20 min left')
  await expect(page.getByRole('button', { name: /^Start block 2 with / }).first()).toBeVisible()
  // From the logbook one goes on where it is fished.
  const here = new URL(page.url()).hash
  await open(page, '#/learned/trials', 'Fair trials')
  await expect(page.getByRole('link', { name: 'Go on with it' })).toHaveAttribute('href', here)
})
