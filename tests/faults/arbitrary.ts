import fc from 'fast-check'

export interface Schema {
  $ref?: string
  type?: string | string[]
  enum?: unknown[]
  const?: unknown
  properties?: Record<string, Schema>
  required?: string[]
  items?: Schema
  oneOf?: Schema[]
  anyOf?: Schema[]
  allOf?: Schema[]
  minimum?: number
  maximum?: number
  exclusiveMinimum?: number
  minItems?: number
  maxItems?: number
  maxLength?: number
  minLength?: number
  pattern?: string
  format?: string
  additionalProperties?: boolean | Schema
}

const MOST_DEPTH = 6

/** Documents that a schema allows, or nearly: patterns are not followed but for those the contract uses. */
export function documents(schema: Schema, resolve: (ref: string) => Schema, depth = 0): fc.Arbitrary<unknown> {
  if (schema.$ref !== undefined) return documents(resolve(schema.$ref), resolve, depth)
  if (schema.enum) return fc.constantFrom(...schema.enum)
  if ('const' in schema) return fc.constant(schema.const)
  const choices = schema.oneOf ?? schema.anyOf
  if (choices) return fc.oneof(...choices.map((one) => documents(one, resolve, depth)))
  if (schema.allOf) {
    return fc
      .tuple(...schema.allOf.map((one) => documents(one, resolve, depth)))
      .map((parts) => Object.assign({}, ...parts) as unknown)
  }
  const types = Array.isArray(schema.type) ? schema.type : [schema.type ?? 'object']
  return fc.oneof(...types.map((type) => ofType(type, schema, resolve, depth)))
}

function ofType(type: string, schema: Schema, resolve: (ref: string) => Schema, depth: number): fc.Arbitrary<unknown> {
  switch (type) {
    case 'null':
      return fc.constant(null)
    case 'boolean':
      return fc.boolean()
    case 'integer':
      return fc.integer({ min: schema.minimum ?? 0, max: Math.min(schema.maximum ?? 1000, 2 ** 31 - 1) })
    case 'number':
      return fc.double({
        min: schema.minimum ?? schema.exclusiveMinimum ?? 0,
        max: schema.maximum ?? 1000,
        noNaN: true,
      })
    case 'string':
      if (schema.format === 'date-time') return fc.constant('2026-05-01T08:30:00+00:00')
      if (schema.pattern?.includes('#')) return fc.constant('#336699')
      return fc.string({ minLength: schema.minLength ?? 0, maxLength: Math.min(schema.maxLength ?? 20, 20) })
    case 'array':
      if (depth > MOST_DEPTH || !schema.items) return fc.constant([])
      return fc.array(documents(schema.items, resolve, depth + 1), {
        minLength: schema.minItems ?? 0,
        maxLength: Math.min(schema.maxItems ?? 3, Math.max(3, schema.minItems ?? 0)),
      })
    default: {
      const properties = Object.entries(schema.properties ?? {})
      if (depth > MOST_DEPTH) return fc.constant({})
      const required = schema.required ?? []
      return fc.record(
        Object.fromEntries(properties.map(([name, one]) => [name, documents(one, resolve, depth + 1)])),
        {
          requiredKeys: properties.map(([name]) => name).filter((name) => required.includes(name)),
        },
      )
    }
  }
}

/** What has no business in any document. */
export const rubbish: fc.Arbitrary<unknown> = fc.oneof(
  fc.jsonValue(),
  fc.constantFrom<unknown>(
    '',
    ' ',
    '\u0000',
    'a\u001bb',
    'x'.repeat(5000),
    '../../etc/passwd',
    '\ud800',
    -1,
    0.1 + 0.2,
    1e308,
    -1e308,
    2 ** 53,
    null,
    true,
    [],
    {},
    { 0: 'a', 1: 'b' },
    [1, {}],
    [[[[[]]]]],
    '9999-12-31T23:59:59-12:00',
    '2026-02-30T00:00:00Z',
    '1e999',
    'NaN',
  ),
)

/** A document with one place of it spoilt: replaced, taken away, or something put beside it. */
export function spoilt(document: fc.Arbitrary<unknown>): fc.Arbitrary<unknown> {
  return fc
    .tuple(document, fc.nat(), rubbish, fc.constantFrom('replace', 'remove', 'add', 'whole'))
    .map(([whole, at, bad, how]) => {
      const copy = structuredClone(whole)
      const places: [Record<string, unknown>, string][] = []
      const walk = (node: unknown) => {
        if (typeof node !== 'object' || node === null) return
        for (const key of Object.keys(node)) {
          places.push([node as Record<string, unknown>, key])
          walk((node as Record<string, unknown>)[key])
        }
      }
      walk(copy)
      const place = places[at % Math.max(1, places.length)]
      if (how === 'whole' || place === undefined) return bad
      const [holder, key] = place
      if (how === 'replace') holder[key] = bad
      else if (how === 'add') holder[`${key}_`] = bad
      else if (Array.isArray(holder)) holder.splice(Number(key), 1)
      else Reflect.deleteProperty(holder, key)
      return copy
    })
}
