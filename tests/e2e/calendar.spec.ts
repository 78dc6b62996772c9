import { readFileSync } from 'node:fs'
import ICAL from 'ical.js'
import { expect, stock, test } from './page'

const TAMARACK = JSON.parse(readFileSync('docs/examples/trip-tamarack.json', 'utf8')) as object

test('the calendar file is read back by another parser', async ({ page }) => {
  await stock(page, 'demo/parts.csv')
  const kept = await page.request.post('/api/trips', {
    data: { name: 'Ömer; “early”, with a very long name that has to be folded', trip: { ...TAMARACK, lures: ['jig'] } },
  })
  const { id } = (await kept.json()) as { id: string }
  const file = await (await page.request.get(`/api/trips/${id}/calendar`)).text()
  const events = new ICAL.Component(ICAL.parse(file) as object[])
    .getAllSubcomponents('vevent')
    .map((one) => new ICAL.Event(one))
  expect(events[0]?.summary).toBe('Ömer; “early”, with a very long name that has to be folded')
  expect(events[0]?.startDate.toJSDate().toISOString()).toBe('2026-05-09T10:15:00.000Z')
  expect(events[0]?.endDate.toJSDate().toISOString()).toBe('2026-05-09T19:00:00.000Z')
  const turns = events.slice(1)
  expect(turns.map((event) => event.startDate.toJSDate().toISOString())).toContain('2026-05-09T11:56:00.000Z')
  for (const turn of turns) {
    const [alarm] = turn.component.getAllSubcomponents('valarm')
    expect(alarm?.getFirstPropertyValue('action')).toBe('DISPLAY')
    expect(turn.description).toContain('Jig:')
  }
  expect(new Set(events.map((event) => event.uid)).size).toBe(events.length)
})
