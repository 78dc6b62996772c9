import type { Outing, SavedReading } from '../../web/words/documents'
import { renameSync, statSync } from 'node:fs'
import { pathToFileURL } from 'node:url'
import { chromiumWith } from '../browser.js'
import { ChangedNetwork, CuttableNetwork } from '../network.js'
import { sent } from './page'
import { PASS_PHRASE } from './server'
import { expect, newPhone, signedIn, test, type AtHome } from './phone-server'
import type { Page } from '@playwright/test'

// At the water with the network cut: over HTTPS, with the service worker, from a server of its own.

// An untrusted certificate keeps a service worker from starting, whatever Playwright ignores.
test.use({ launchOptions: chromiumWith('--disable-gpu', '--process-per-site', '--ignore-certificate-errors') })
/** Patience for some hundred advices, on a machine that tests beside it. */
const PACKED_MS = 60_000

const LINE = { name: 'Connection' }
const kinds = ['Follow', 'Bite', 'Lost', 'Landed']

/** Begins an outing with a lure from the box tied on. */
async function fishing(page: Page, url: string): Promise<string> {
  await page.goto(`${url}/#/on-the-water`)
  await page.getByRole('button', { name: 'Start an outing' }).click()
  await page.getByRole('button', { name: 'Not now' }).click()
  await expect(page.getByText('Nothing is tied on.')).toBeVisible()
  const id = page.url().split('/').at(-1) ?? ''
  await page.getByRole('button', { name: 'Tie on a lure' }).click()
  await page.getByRole('region', { name: 'From the box' }).getByRole('button').first().click()
  await expect(page.getByRole('button', { name: 'Bite', exact: true })).toBeVisible()
  return id
}

/** What is known for sure is soon packed: one kind of lure, one cover, one sky, one visibility. */
const CERTAIN = { lures: ['jig'], covers: ['open'], sky: [], visibility_in: [70, 72, 74] }

/** Opens a trip that is soon packed. */
async function openTrip(page: Page, url: string, home: AtHome): Promise<{ id: string }> {
  const [quarry] = await home.get<{ trip: object }[]>('/api/trips')
  const short = { ...quarry?.trip, ...CERTAIN }
  const made = await home.send('POST', '/api/trips', { name: 'An hour at the quarry', trip: short })
  const answer = await made.text()
  expect(made.status, answer).toBe(201)
  await page.goto(`${url}/#/fish/all`)
  await page.getByRole('link', { name: 'An hour at the quarry' }).click()
  return JSON.parse(answer) as { id: string }
}

const noted = (outing: Outing) =>
  (outing.stints ?? []).flatMap((stint) => (stint.events ?? []).map((event) => event.kind))

test('the whole interface opens with the network cut, and says how old the data is', async ({ browser, network }) => {
  const context = await newPhone(browser, true)
  const phone = await signedIn(context, network)
  network.cut()
  for (const [hash, heading] of [
    ['', 'What is the water like?'],
    ['logbook/readings', 'Saved readings'],
    ['box/list', 'Parts'],
    ['fish/all', 'Trips'],
    ['rules', 'Rules'],
    ['on-the-water', 'On the water'],
    ['settings', 'Settings'],
  ]) {
    await phone.evaluate((to) => (location.hash = to), `#/${hash}`)
    await phone.reload()
    await expect(phone.getByRole('heading', { name: heading, exact: true }).first()).toBeVisible()
    await expect(phone.getByRole('region', LINE)).toContainText(/No connection\. Data from \d+:\d\d [AP]M\./)
  }
  await phone.goto(`${network.url}/#/settings/waters`)
  await expect(phone.getByText('The limestone quarry').first()).toBeVisible()
  network.mend()
  await expect(phone.getByRole('region', LINE)).toBeHidden({ timeout: 30_000 })
  await context.close()
})

test('fifty notes with a crash in the middle are all there, once, when the signal is back', async ({
  phone,
  network,
  home,
}) => {
  network.cut()
  const id = await fishing(phone, network.url)
  const tap = async (page: Page, i: number) => {
    await page.getByRole('button', { name: kinds[i % 4] ?? '', exact: true }).click()
    await expect(page.getByRole('link', { name: `All notes (${i + 1})` })).toBeVisible()
  }
  for (let i = 0; i < 25; i++) await tap(phone, i)
  // The battery is flat: nothing is said to the page before it is gone.
  const context = phone.context()
  const crashed = phone.waitForEvent('crash').catch(() => undefined)
  void phone.goto('chrome://crash').catch(() => undefined)
  await crashed
  const again = await context.newPage()
  await again.goto(`${network.url}/#/on-the-water/${id}`)
  await expect(again.getByRole('region', LINE)).toContainText('27 notes wait to be sent.')
  for (let i = 25; i < 50; i++) await tap(again, i)
  await again.reload()
  await expect(again.getByRole('region', LINE)).toContainText('52 notes wait to be sent.')
  await expect(again.getByRole('link', { name: 'All notes (50)' })).toBeVisible()
  network.mend()
  await sent(again)
  await expect(again.getByRole('region', LINE)).toBeHidden({ timeout: 40_000 })
  const stored = await home.get<Outing>(`/api/outings/${id}`)
  expect(noted(stored)).toEqual(Array.from({ length: 50 }, (_, i) => kinds[i % 4]?.toLowerCase()))
  expect(stored.stints).toHaveLength(1)
})

test('the signal goes while notes are sent, again and again, and nothing is doubled', async ({
  phone,
  network,
  home,
}) => {
  const id = await fishing(phone, network.url)
  for (let i = 0; i < 24; i++) {
    if (i % 4 === 1) network.cut()
    if (i % 4 === 3) network.mend()
    await phone.getByRole('button', { name: 'Bite', exact: true }).click()
  }
  network.mend()
  await expect(phone.getByRole('link', { name: 'All notes (24)' })).toBeVisible()
  await expect
    .poll(async () => noted(await home.get<Outing>(`/api/outings/${id}`)).length, { timeout: 40_000 })
    .toBe(24)
})

test('readings saved and changed with no signal are sent later', async ({ phone, network, home }) => {
  network.cut()
  await phone.getByRole('radio', { name: 'Rain', exact: true }).click()
  await phone.getByRole('button', { name: 'Save reading' }).click()
  await expect(phone.getByText('Reading saved on this device.')).toBeVisible()
  await expect(phone.getByRole('region', LINE)).toContainText('2 notes wait to be sent.')
  await phone.reload()
  await expect(phone.getByRole('radio', { name: 'Rain', exact: true })).toBeChecked()
  const before = (await home.get<SavedReading[]>('/api/readings')).length
  network.mend()
  await sent(phone)
  await expect(phone.getByRole('region', LINE)).toBeHidden({ timeout: 40_000 })
  const readings = await home.get<SavedReading[]>('/api/readings')
  expect(readings).toHaveLength(before + 1)
  expect(readings.some(({ reading }) => reading.sky === 'rain')).toBe(true)
  expect((await home.get<{ reading: { sky: string } }>('/api/current-reading')).reading.sky).toBe('rain')
})

test('two phones note one outing with no signal, and a box that both changed is compared', async ({
  phone,
  network,
  home,
  browser,
  server,
}) => {
  const id = await fishing(phone, network.url)
  await expect.poll(async () => (await home.get<Outing>(`/api/outings/${id}`)).stints?.length).toBe(1)
  const other = await newPhone(browser)
  const its = await new CuttableNetwork(server.phonePort).start()
  const second = await signedIn(other, its)
  await second.goto(`${its.url}/#/on-the-water/${id}`)
  await expect(second.getByRole('button', { name: 'Bite', exact: true })).toBeVisible()
  network.cut()
  its.cut()
  for (const [page, part] of [
    [phone, 0],
    [second, 1],
  ] as const) {
    await page.getByRole('button', { name: 'Landed', exact: true }).click()
    await page.getByRole('button', { name: 'Edit the box' }).click()
    await page
      .getByRole('region', { name: 'The box' })
      .getByRole('button', { name: /^Take out/ })
      .nth(part)
      .click()
    await expect(page.getByRole('region', LINE)).toContainText('2 notes wait to be sent.')
  }
  network.mend()
  await phone.getByRole('button', { name: 'Notes', exact: true }).click()
  await phone.getByRole('button', { name: 'Send now' }).click()
  await sent(phone)
  its.mend()
  await expect(second.getByRole('region', LINE)).toContainText('1 note not accepted.', { timeout: 40_000 })
  await second.getByRole('button', { name: 'Notes', exact: true }).click()
  await second.getByRole('button', { name: 'Compare' }).click()
  const dialog = second.getByRole('dialog')
  await expect(dialog).toContainText('Changed in two places: the box')
  await expect(dialog).toContainText('Mine')
  await dialog.getByRole('button', { name: 'Overwrite with mine' }).click()
  await expect(second.getByRole('region', LINE)).toBeHidden({ timeout: 40_000 })
  expect(noted(await home.get<Outing>(`/api/outings/${id}`))).toEqual(['landed', 'landed'])
  await other.close()
  its.stop()
})

test('a new version waits for the page that is open, and notes wait through the change', async ({
  browser,
  home,
  server,
}) => {
  const update = new ChangedNetwork(server.phonePort, '/sw.js', `${server.folder}/serving/tls`)
  const network = await new CuttableNetwork(await update.start()).start()
  const context = await newPhone(browser)
  const phone = await signedIn(context, network)
  const id = await fishing(phone, network.url)
  await sent(phone)
  network.cut()
  await phone.getByRole('button', { name: 'Bite', exact: true }).click()
  await expect(phone.getByRole('region', LINE)).toContainText('1 note waits to be sent.')
  network.mend()
  // The next version's service worker, as after an update of the server: the same with another mark in it.
  update.added = '\n// the next version'
  await phone.evaluate(async () => (await navigator.serviceWorker.ready).update())
  await expect(phone.getByText('A new version of Kontrast is here.')).toBeVisible({ timeout: 30_000 })
  await phone.getByRole('button', { name: 'Reload' }).click()
  await expect(phone.getByRole('link', { name: 'All notes (1)' })).toBeVisible()
  await expect
    .poll(async () => noted(await home.get<Outing>(`/api/outings/${id}`)), { timeout: 40_000 })
    .toEqual(['bite'])
  await context.close()
  network.stop()
  update.stop()
})

test('signed out elsewhere, notes wait until somebody signs in again', async ({ phone, network, home }) => {
  const id = await fishing(phone, network.url)
  await sent(phone)
  const { sessions } = await home.get<{ sessions: { id: string }[] }>('/api/access')
  for (const session of sessions) await home.send('DELETE', `/api/sessions/${session.id}`)
  await phone.getByRole('button', { name: 'Bite', exact: true }).click()
  await expect(phone.getByRole('region', LINE)).toContainText('Signed out. 1 note waits to be sent.')
  await phone.getByRole('link', { name: 'Sign in' }).click()
  await phone.getByLabel('Pass phrase').fill(PASS_PHRASE)
  await phone.getByRole('button', { name: 'Sign in' }).click()
  await expect
    .poll(async () => noted(await home.get<Outing>(`/api/outings/${id}`)), { timeout: 40_000 })
    .toEqual(['bite'])
})

test('a packed trip advises with no signal, and says how near it is', async ({ phone, network, home }) => {
  await openTrip(phone, network.url, home)
  await phone.getByRole('button', { name: 'Pack for the water' }).click()
  await expect(phone.getByText(/\d+ of \d+ readings computed/)).toBeVisible()
  await phone.getByRole('button', { name: 'Cancel' }).click()
  await expect(phone.getByRole('button', { name: 'Pack for the water' })).toBeVisible()
  await phone.getByRole('button', { name: 'Pack for the water' }).click()
  await expect(phone.getByText('On this device since')).toBeVisible({ timeout: PACKED_MS })
  network.cut()
  await phone.goto(`${network.url}/#/on-the-water`)
  await phone.reload()
  await phone.getByRole('button', { name: 'An hour at the quarry' }).click()
  await phone.getByRole('button', { name: 'Start this trip' }).click()
  await phone.getByRole('button', { name: 'Not now' }).click()
  await phone.getByRole('button', { name: 'Tie on a lure' }).click()
  const box = phone.getByRole('region', { name: 'From the box' })
  await expect(box).toContainText(/Best now: \d+ of 100/)
  await expect(box.getByRole('img').first()).toBeVisible()
  await box.getByRole('button').first().click()
  await expect(phone.getByRole('region', { name: 'Tied on' }).getByRole('img')).toBeVisible()
  for (let i = 0; i < 2; i++) await phone.getByRole('button', { name: 'Follow', exact: true }).click()
  const follows = phone.getByRole('region', { name: 'They follow but won’t bite' })
  await expect(follows).toContainText('Change one thing')
  await expect(follows.getByRole('note')).toContainText(/Packed .*, for \d+/)
  // The water is another one than was packed for.
  await phone.goto(`${network.url}/#/`)
  await phone.getByRole('radio', { name: 'Storm', exact: true }).click()
  // Every place says that it is a packed one, the strip too, and with the signal back none shows it any longer.
  const strip = phone.getByRole('button', { name: /^Advice: / })
  await expect(strip).toContainText('From the pack')
  await strip.click()
  const note = phone.getByRole('main').getByRole('note')
  await expect(note).toContainText('Not packed:')
  network.mend()
  await expect(note).toBeHidden({ timeout: 30_000 })
  await expect(phone.getByRole('region', { name: 'What to tie' }).getByRole('heading', { level: 2 })).toBeVisible()
})

test('a pack of an older version is not used, and says so', async ({ phone, network, home }) => {
  const trip = await openTrip(phone, network.url, home)
  await phone.evaluate((saved) => {
    return new Promise((done, failed) => {
      const open = indexedDB.open('kontrast')
      open.onsuccess = () => {
        const change = open.result.transaction('kept', 'readwrite')
        change.objectStore('kept').put({ kontrast_pack: 0, trip: saved }, `pack:${saved.id}`)
        change.oncomplete = done
        change.onerror = failed
      }
    })
  }, trip)
  await phone.reload()
  await expect(phone.getByText('This trip was packed by another version of Kontrast. Pack it again.')).toBeVisible()
})

test('with no signal a water that was kept is answered, and the answer is sent later', async ({
  phone,
  network,
  home,
}) => {
  const kept = () =>
    phone.evaluate(
      () =>
        new Promise<number>((done) => {
          const open = indexedDB.open('kontrast')
          open.onsuccess = () => {
            const names = open.result.transaction('kept').objectStore('kept').getAllKeys()
            names.onsuccess = () => {
              open.result.close()
              done(names.result.filter((name) => String(name).startsWith('practice:tie:')).length)
            }
          }
        }),
    )
  await phone.goto(`${network.url}/#/learned/practice?lesson=tie`)
  await expect(phone.getByRole('button', { name: 'Show the answer' })).toBeVisible()
  await expect.poll(kept, { timeout: 60_000 }).toBeGreaterThan(0)
  network.cut()
  await phone.reload()
  const show = phone.getByRole('button', { name: 'Show the answer' })
  await expect(show).toBeVisible()
  while (!(await show.isEnabled()))
    await phone.locator('section:has(button:text("Show the answer")) label').first().click()
  await show.click()
  await expect(phone.getByRole('heading', { level: 2, name: /^\d+ of 100: / })).toBeVisible()
  const answers = () => home.get<object[]>('/api/practice-answers')
  expect(await answers()).toEqual([])
  network.mend()
  await expect.poll(async () => (await answers()).length, { timeout: 40_000 }).toBe(1)
})

test('signing out takes everything off the phone, but not while notes wait', async ({ browser, network }) => {
  const context = await newPhone(browser)
  const phone = await signedIn(context, network)
  await fishing(phone, network.url)
  await sent(phone)
  await phone.route('**/events/*', (route) => route.abort())
  await phone.getByRole('button', { name: 'Bite', exact: true }).click()
  await phone.goto(`${network.url}/#/settings/phones`)
  const signOut = phone
    .getByRole('listitem')
    .filter({ hasText: '(this device)' })
    .getByRole('button', { name: 'Sign out' })
  await signOut.click()
  await expect(phone.getByText('Notes on this device have not been sent yet.')).toBeVisible()
  await phone.unroute('**/events/*')
  await sent(phone)
  await signOut.click()
  await expect(phone.getByLabel('Pass phrase')).toBeVisible()
  expect(
    await phone.evaluate(async () => [(await indexedDB.databases()).length, (await caches.keys()).length]),
  ).toEqual([0, 0])
  await phone.goto(`${network.url}/#/settings/waters`)
  await expect(phone.getByLabel('Pass phrase')).toBeVisible()
  await context.close()
})

/** Of a pocket file. */
const MOST_BYTES = 3_000_000

test('the pocket file holds the trip with no network at all, takes notes, and hands them back', async ({
  phone,
  network,
  home,
  browser,
}, info) => {
  await openTrip(phone, network.url, home)
  await phone.getByRole('button', { name: 'Pack for the water' }).click()
  await expect(phone.getByText('On this device since')).toBeVisible({ timeout: PACKED_MS })
  const saving = phone.waitForEvent('download')
  await phone.getByRole('button', { name: 'Save pocket file' }).click()
  const file = info.outputPath('pocket.html')
  await (await saving).saveAs(file)
  expect(statSync(file).size).toBeLessThan(MOST_BYTES)

  const context = await browser.newContext({
    offline: true,
    viewport: { width: 390, height: 844 },
    acceptDownloads: true,
  })
  const asked: string[] = []
  const complaints: string[] = []
  const open = async () => {
    const page = await context.newPage()
    page.on('request', (request) => asked.push(request.url()))
    page.on('console', (message) => message.type() === 'error' && complaints.push(message.text()))
    page.on('pageerror', (error) => complaints.push(error.message))
    await page.goto(pathToFileURL(file).href)
    return page
  }
  let page = await open()
  await page.getByRole('button', { name: 'Start the outing' }).click()
  await page.getByRole('button', { name: 'Say what it is' }).click()
  await page.getByRole('radio', { name: 'Rain', exact: true }).click()
  await page.getByRole('button', { name: 'Note the water' }).click()
  await page.getByRole('button', { name: 'Not now' }).click()
  await page.getByRole('button', { name: 'Tie on a lure' }).click()
  const box = page.getByRole('region', { name: 'From the box' })
  await expect(box).toContainText(/Best now: \d+ of 100/)
  await expect(box.getByRole('img').first()).toBeVisible()
  await box.getByRole('button').first().click()
  for (const kind of ['Follow', 'Bite', 'Landed']) await page.getByRole('button', { name: kind, exact: true }).click()
  await expect(page.getByText('3 noted')).toBeVisible()

  // Closed and opened again, it goes on.
  await page.close()
  page = await open()
  await expect(page.getByText('3 noted')).toBeVisible()
  await handBack(page, info.outputPath('noon.json'))

  await page.getByRole('button', { name: 'What to tie' }).click()
  await page.getByRole('radio', { name: 'Rain', exact: true }).click()
  await expect(page.getByRole('note')).toContainText(/Packed .*, for \d+/)
  await expect(page.getByRole('region', { name: 'Best of what you carry' }).getByRole('listitem')).not.toHaveCount(0)
  await page.getByRole('button', { name: 'The day' }).click()
  await expect(page.getByRole('heading', { name: 'In the box' })).toBeVisible()

  await page.getByRole('button', { name: 'Notes', exact: true }).click()
  await page.getByRole('button', { name: 'Lost', exact: true }).click()
  await page.getByRole('button', { name: 'End the outing' }).click()
  await expect(page.getByText('The outing has ended.')).toBeVisible()
  await handBack(page, info.outputPath('evening.json'))

  // Imported at noon and again in the evening, everything is there once.
  const desk = await browser.newPage()
  await desk.goto(`${home.url}/#/learned/outings`)
  const choose = (name: string) => desk.locator('input[type=file]').setInputFiles(info.outputPath(name))
  for (const [name, button, done] of [
    ['noon.json', 'Add 1 outing', '1 outing added.'],
    ['evening.json', 'Update 1 outing', '1 outing updated.'],
  ] as const) {
    await choose(name)
    await desk.getByRole('button', { name: button }).click()
    await expect(desk.getByText(done)).toBeVisible()
  }
  await choose('evening.json')
  await expect(desk.getByText('the file says nothing new about it')).toBeVisible()
  await desk.close()
  const [summary] = await home.get<{ id: string; ended_at: string | null }[]>('/api/outings')
  const outing = await home.get<Outing>(`/api/outings/${summary?.id ?? ''}`)
  expect((outing.stints ?? []).flatMap((stint) => (stint.events ?? []).map((event) => event.kind))).toEqual([
    'follow',
    'bite',
    'landed',
    'lost',
  ])
  // What was seen, and not what was planned.
  expect(outing.stints?.map((stint) => [stint.reading, stint.confirmed])).toEqual([[{ sky: 'rain' }, true]])
  expect(outing.ended_at).not.toBeNull()
  expect(outing.trip_id).not.toBeNull()
  expect(asked.filter((url) => !/^(file|blob|data):/.test(url))).toEqual([])
  expect(complaints).toEqual([])
  await context.close()
})

async function handBack(page: Page, to: string): Promise<void> {
  await page.getByRole('navigation', { name: 'Parts' }).getByRole('button', { name: 'Hand back' }).click()
  const saving = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save the notes as a file' }).click()
  renameSync(await (await saving).path(), to)
}
