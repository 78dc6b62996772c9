import { readFileSync } from 'node:fs'
import Ajv from 'ajv/dist/2020.js'
import fc from 'fast-check'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { documents, rubbish, type Schema, spoilt } from './arbitrary'
import { Served } from './served'

// Nothing that is sent may end in a 5xx, get past the published schema, or leave behind what cannot be read again.
// Inputs are generated from docs/openapi.json with fast-check and judged by Ajv, neither of which knows the program.

interface Operation {
  requestBody?: { content: Record<string, { schema: Schema }> }
  responses: Record<string, unknown>
}

const EACH = Number(process.env['KONTRAST_BAD_INPUTS'] ?? 30)
const SEED = 20261125
const document = JSON.parse(readFileSync('docs/openapi.json', 'utf8')) as {
  paths: Record<string, Record<string, Operation>>
  components: { schemas: Record<string, Schema> }
}
const resolve = (ref: string) => document.components.schemas[ref.split('/').at(-1) ?? ''] ?? {}
const ajv = new Ajv({ strict: false, validateFormats: false })
ajv.addSchema({ $id: 'api', components: document.components })
const operations = Object.entries(document.paths).flatMap(([path, methods]) =>
  Object.entries(methods)
    .filter(([method]) => ['get', 'post', 'put', 'delete'].includes(method))
    .map(([method, operation]) => ({ method: method.toUpperCase(), path, operation })),
)
let served: Served
let sent = 0

beforeAll(async () => {
  served = await Served.start()
})
afterAll(() => served.stop())

async function send(method: string, path: string, body?: unknown, raw = false) {
  sent++
  const answer = await fetch(served.origin + path, {
    method,
    headers: { 'Content-Type': 'application/json' },
    ...(body === undefined || method === 'GET' ? {} : { body: raw ? (body as string) : JSON.stringify(body) }),
  })
  const text = await answer.text()
  const type = answer.headers.get('Content-Type') ?? ''
  return {
    status: answer.status,
    text,
    problem: type.startsWith('application/problem+json') ? (JSON.parse(text) as Problem) : undefined,
  }
}

interface Problem {
  detail: string
  code: string
  faults: { field: string; message: string; code: string }[]
  fault_count: number
}

function expectCivil(answer: Awaited<ReturnType<typeof send>>, what: string, mayLackDevice = false) {
  const isDevice = mayLackDevice && answer.status === 503 && answer.problem?.code === 'no_device'
  expect(answer.status < 500 || isDevice, `${what}: ${answer.status} ${answer.text.slice(0, 300)}`).toBe(true)
  if (answer.status < 400) return
  expect(answer.problem?.detail ?? '', what).toMatch(/\S+ \S+.*[.!?]$/s)
  if (answer.status === 422) expect(answer.problem?.fault_count, what).toBeGreaterThan(0)
  expect(answer.problem?.faults.length, what).toBeLessThanOrEqual(50)
}

/** These say that a device or a service is not there. */
const ASKS_DEVICES = ['/api/colour/colorimeter', '/api/probe', '/api/trips/forecast']

describe('every operation of the published document', () => {
  for (const { method, path, operation } of operations) {
    test(`${method} ${path}`, async () => {
      const schema = operation.requestBody?.content['application/json']?.schema
      const body = schema ? fc.oneof(spoilt(documents(schema, resolve)), rubbish) : rubbish
      const id = fc.oneof(
        fc.string({ maxLength: 30 }),
        fc.constantFrom('0', '-1', '.', '00000000-0000-0000-0000-000000000000', 'S6'),
      )
      const query = fc.constantFrom(
        '',
        '?limit=0',
        '?limit=-1',
        '?limit=x',
        '?limit[]=1',
        '?limit=99999999999999999999',
        '?after=x',
        '?after[]=%01',
      )
      const valid = schema
        ? ajv.compile({
            ...schema,
            ...(schema.$ref ? { $ref: `api${schema.$ref}` } : {}),
            components: document.components,
          })
        : null
      await fc.assert(
        fc.asyncProperty(body, id, query, async (document, id, query) => {
          const url = path.replace('{id}', encodeURIComponent(id) || '0') + query
          const sentBody = JSON.stringify(document)
          const answer = await send(method, url, sentBody, true)
          const what = `${method} ${url} ${sentBody?.slice(0, 500)}`
          expectCivil(answer, what, ASKS_DEVICES.includes(path))
          if (valid && answer.status < 400)
            expect(valid(document), `${what} was taken; ${JSON.stringify(valid.errors)}`).toBe(true)
        }),
        { numRuns: EACH, seed: SEED, endOnFailure: true },
      )
    })
  }
})

describe('by name', () => {
  const reading = {
    lure: 'spinnerbait',
    visibility_in: 20,
    tint: 'green',
    sky: 'sun',
    wind: 'ripple',
    depth_ft: 5,
    season: 'summer',
    cover: 'open',
    cover_density: 'normal',
    forage: 'shad',
    red_crawfish: false,
    bite: 'normal',
    bass: 'largemouth',
  }
  const look = { reading, from: 'side', parts: [{ id: 'a', kind: 'matte', hex: '#112233' }], pairs: [] as unknown }
  const many = Object.fromEntries(Array.from({ length: 100_000 }, (_, i) => [`field_${i}`, i]))
  const cases: [string, string, string, unknown, number][] = [
    ['pairs that are no pairs', 'POST', '/api/look', { ...look, pairs: ['a', 7, { a: 1 }] }, 422],
    ['pairs of one', 'POST', '/api/look', { ...look, pairs: [['a']] }, 422],
    ['schools that are a number', 'POST', '/api/advice', { ...reading, schools: 7 }, 422],
    ['ids of other kinds', 'POST', '/api/parts/delete', { ids: [1, {}] }, 422],
    [
      'an object with numbers for keys in place of a list',
      'POST',
      '/api/parts/delete',
      { ids: { 0: 'a', 1: 'b' } },
      422,
    ],
    ['the same for a list of parts', 'POST', '/api/parts', { 0: { kind: 'skirt', name: 'S', colour: 'black' } }, 422],
    ['100,000 unknown fields', 'POST', '/api/advice', { ...reading, ...many }, 422],
    ['the year 9999 and an offset', 'POST', '/api/readings', { reading, taken_at: '9999-12-31T23:59:59-12:00' }, 422],
    ['a day no calendar has', 'POST', '/api/readings', { reading, taken_at: '2026-02-30T10:00:00+00:00' }, 422],
    [
      'a table header of a million columns',
      'POST',
      '/api/parts/preview',
      { contents: `kind,name${',x'.repeat(1_000_000)}\n` },
      422,
    ],
    [
      'a control character in a name',
      'POST',
      '/api/parts',
      [{ kind: 'skirt', name: 'a\u0007b', colour: 'black' }],
      422,
    ],
  ]
  for (const [name, method, path, body, status] of cases) {
    test(name, async () => {
      const answer = await send(method, path, body)
      expectCivil(answer, name)
      expect(answer.status, answer.text.slice(0, 300)).toBe(status)
    })
  }

  for (const [name, spoil] of [
    ['settings', { settings: 'x' }],
    ['notebook', { notebook: 'x' }],
    ['logbook', { logbook: 'x' }],
    ['version', { version: 99 }],
  ] as const) {
    test(`a backup whose ${name} is wrong changes nothing`, async () => {
      const before = (await send('GET', '/api/backup')).text
      const answer = await send('POST', '/api/backup', { ...(JSON.parse(before) as object), ...spoil })
      expectCivil(answer, name)
      expect(answer.status, answer.text.slice(0, 200)).toBeGreaterThanOrEqual(400)
      expect((JSON.parse((await send('GET', '/api/backup')).text) as { settings: unknown }).settings).toEqual(
        (JSON.parse(before) as { settings: unknown }).settings,
      )
    })
  }

  for (const path of [
    '/%00',
    '/api/%00',
    '/api/parts/%00',
    '/build/%00',
    '/api/parts/%ff%fe',
    '/api/parts?after=%00',
  ]) {
    test(`the address ${path}`, async () => {
      const answer = await send('GET', path)
      expect(answer.status).toBe(400)
      expectCivil(answer, path)
    })
  }

  test('a body that is too large', async () => {
    const answer = await send('PUT', '/api/settings', { units: 'us', theme: 'paper', x: 'y'.repeat(40_000_000) })
    expect(answer.status, answer.text.slice(0, 200)).toBe(413)
    expectCivil(answer, 'large')
  })

  for (const text of ['', '{', '[1,', 'null', '"x"', '\u0000', '[' + '['.repeat(5000), '{"a":1e99999}']) {
    test(`no document: ${JSON.stringify(text.slice(0, 12))}`, async () => {
      const answer = await send('PUT', '/api/settings', text, true)
      expect(answer.status).toBeGreaterThanOrEqual(400)
      expectCivil(answer, text)
    })
  }
})

test('afterwards every list can still be read, and nothing stored is unreadable', async () => {
  for (const path of [
    '/api/parts',
    '/api/readings',
    '/api/waters',
    '/api/builds',
    '/api/built',
    '/api/current-reading',
    '/api/settings',
    '/api/logbook',
    '/api/missing',
  ]) {
    expect((await send('GET', path)).status, path).toBe(200)
  }
  expect(JSON.parse((await send('GET', '/api/attention')).text)).toEqual([])
  const backup = await send('GET', '/api/backup')
  expect((await send('POST', '/api/backup', backup.text, true)).status).toBe(200)
  expect(sent).toBeGreaterThan(1000)
  console.log(`${sent} inputs sent`)
})
