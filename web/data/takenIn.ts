import * as v from 'valibot'
import type { Composition, Reading } from '../words/documents'
import {
  BASSS,
  BITES,
  COVER_DENSITYS,
  COVERS,
  FORAGES,
  LURE_CHOICES,
  LURE_KINDS,
  SEASONS,
  SKYS,
  TINTS,
  WINDS,
} from '../words/vocabulary'

// What comes in from outside, a link or a file, is looked at before anything is drawn of it. What is wrong with the rest the server says.

const above0 = v.pipe(v.number(), v.finite(), v.gtValue(0))

const READING = v.looseObject({
  lure: v.picklist(LURE_CHOICES),
  visibility_in: above0,
  tint: v.picklist(TINTS),
  sky: v.picklist(SKYS),
  wind: v.picklist(WINDS),
  depth_ft: above0,
  season: v.picklist(SEASONS),
  cover: v.picklist(COVERS),
  cover_density: v.picklist(COVER_DENSITYS),
  forage: v.picklist(FORAGES),
  bite: v.picklist(BITES),
  bass: v.picklist(BASSS),
})

const PART = v.looseObject({ kind: v.string(), name: v.string() })
const COMPOSITION = v.looseObject({
  lure: v.picklist(LURE_KINDS),
  head: PART,
  ...Object.fromEntries(['front', 'rear', 'skirt', 'trailer', 'hook'].map((slot) => [slot, v.nullish(PART)])),
})

/** A reading, or what is wrong with it in the words of its first fault. */
type Taken<T> = { taken: T; fault: null } | { taken: null; fault: string }

function take<T>(schema: v.GenericSchema, from: unknown): Taken<T> {
  const read = v.safeParse(schema, from)
  if (read.success) return { taken: read.output as T, fault: null }
  const [first] = read.issues
  return { taken: null, fault: `${v.getDotPath(first) ?? 'it'}: ${first.received} is not known` }
}

export const readingIn = (from: unknown) => take<Reading>(READING, from)
export const buildIn = (from: unknown) => take<Composition>(COMPOSITION, from)
