import type { Build } from './documents'
import { unitsOf, type Unit } from './quantity'
import { round } from './round'
import { LABELS, TINT_LABELS, type Tint } from './vocabulary'

/** How a word of the documents is called on screen. */
export function show(word: string): string {
  return LABELS[word] ?? word.replaceAll('_', ' ')
}

/** The water's colour in words. */
export function tintWords(tint: Tint): string {
  return TINT_LABELS[tint]
}

export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}

export function list(words: readonly string[]): string {
  return words.map(show).join(', ')
}

/** 0.375 → "3/8". */
export function fraction(ounces: number): string {
  const sixteenths = Math.round(ounces * 16)
  const whole = Math.floor(sixteenths / 16)
  let top = sixteenths % 16
  let bottom = 16
  while (top > 0 && top % 2 === 0) {
    top /= 2
    bottom /= 2
  }
  return [whole > 0 ? `${whole}` : '', top > 0 ? `${top}/${bottom}` : ''].filter(Boolean).join('-') || '0'
}

/** "1-3/8 oz" → 1.375; null where it names no weight. */
export function ouncesOf(label: string): number | null {
  const [, whole, top, bottom] = /^(?:(\d+)(?:-|(?= )))?(?:(\d+)\/(\d+))? oz$/.exec(label) ?? []
  return whole || top ? Number(whole ?? 0) + Number(top ?? 0) / Number(bottom ?? 1) : null
}

/** A figure with its unit. */
const said = (stored: number, unit: Unit) => `${unit.toShown(stored)} ${unit.unit}`

export function weight(ounces: number, metric: boolean): string {
  return metric ? said(ounces, unitsOf(true).weight) : `${fraction(ounces)} oz`
}

/** A length on the lure: "3-1/2 in" or "89 mm". */
export function partLength(inches: number, metric: boolean): string {
  return metric ? said(inches, unitsOf(true).part) : `${fraction(inches)} in`
}

export function bladeArea(squareInches: number, metric: boolean): string {
  return said(squareInches, unitsOf(metric).area)
}

/** How long a fish is: "15-1/2 in" or "39 cm". */
export function fishLength(inches: number, metric: boolean): string {
  const { water } = unitsOf(true)
  return metric ? `${Math.round(water.toShown(inches))} ${water.unit}` : partLength(inches, false)
}

/** A rod's length: "7 ft 3 in" or "2.2 m". */
export function rodLength(inches: number, metric: boolean): string {
  if (metric) return said(inches, unitsOf(true).long)
  const rest = inches % 12
  return rest === 0 ? `${inches / 12} ft` : `${Math.floor(inches / 12)} ft ${rest} in`
}

/** The strength of a line. */
export function lineStrength(pounds: number, metric: boolean): string {
  return said(pounds, unitsOf(metric).strength)
}

/** A length in the water: inches up to four feet, then feet; centimetres, then metres. */
type WaterUnit = 'in' | 'ft' | 'cm' | 'm'

const INCHES: Record<WaterUnit, number> = {
  in: 1,
  ft: unitsOf(false).long.fromShown(1),
  cm: unitsOf(true).water.fromShown(1),
  m: unitsOf(true).long.fromShown(1),
}

function waterUnit(inches: number, metric: boolean): WaterUnit {
  if (metric) return inches < INCHES.m ? 'cm' : 'm'
  return inches < 48 ? 'in' : 'ft'
}

function inWaterUnit(inches: number, unit: WaterUnit): number {
  const value = inches / INCHES[unit]
  return round(value, unit === 'ft' || unit === 'm' || value < 10 ? 1 : 0)
}

export function waterLength(inches: number, metric: boolean): string {
  const unit = waterUnit(inches, metric)
  return `${inWaterUnit(inches, unit)} ${unit}`
}

/** How far away something is: feet and inches, as one would pace it off, or centimeters. */
export function away(inches: number, metric: boolean): string {
  const whole = Math.round(inches)
  if (metric || whole < INCHES.ft) return waterLength(inches, metric)
  const [feet, rest] = [Math.floor(whole / INCHES.ft), whole % INCHES.ft]
  return rest === 0 ? `${feet} ft` : `${feet} ft ${rest} in`
}

/** A distance with the span it may have: "11 in (9 to 14)"; the span is left out where it rounds to the figure itself. */
export function waterLengthBand(inches: number, span: readonly number[] | null | undefined, metric: boolean): string {
  const text = inches === 0 ? 'not at all' : waterLength(inches, metric)
  const [least, most] = span ?? []
  if (least === undefined || most === undefined) return text
  const unit = waterUnit(inches === 0 ? most : inches, metric)
  const [low, high] = [inWaterUnit(least, unit), inWaterUnit(most, unit)]
  if (low === high) return text
  return inches === 0 ? `${text} (${low} to ${high} ${unit})` : `${text} (${low} to ${high})`
}

export function depth(feet: number, metric: boolean): string {
  return said(feet, unitsOf(metric).depth)
}

export function temperature(fahrenheit: number, metric: boolean): string {
  return metric ? said(fahrenheit, unitsOf(true).warmth) : `${round(fahrenheit, 0)} °F`
}

export function change(fahrenheit: number, metric: boolean): string {
  const { rise } = unitsOf(metric)
  const value = rise.toShown(fahrenheit)
  return `${value > 0 ? '+' : value < 0 ? '−' : '±'}${Math.abs(value)} ${rise.unit}`
}

const FIELDS: Record<string, string> = {
  lure: 'lure',
  visibility_in: 'visibility',
  tint: 'tint',
  sky: 'sky',
  sun_elevation_deg: 'sun height',
  wind: 'wind',
  surface_f: 'surface temperature',
  trend_f: 'three-day change',
  depth_ft: 'depth',
  season: 'season',
  cover: 'cover',
  cover_density: 'cover density',
  run: 'running depth',
  forage: 'forage',
  forage_also: 'other forage',
  goal: 'goal',
  forage_in: 'forage length',
  forage_colours: 'forage colors',
  red_crawfish: 'red crawfish',
  bite: 'bite',
  bass: 'bass',
  arm: 'arm',
  lead_free: 'lead-free',
  schools: 'school',
  units: 'units',
  theme: 'theme',
  currency: 'currency',
  shortcuts: 'single-key shortcuts',
}

/** A field of a reading in words. */
export function fieldWords(field: string): string {
  return FIELDS[field] ?? show(field)
}

/** The value of a field of a reading, with its unit. */
export function fieldValue(field: string, value: unknown, metric: boolean): string {
  if (value === null || value === undefined) return 'not measured'
  const one = (of: unknown) => (typeof of === 'object' && of !== null ? wordsWithin(of) : String(of))
  if (Array.isArray(value)) return value.length > 0 ? list(value.map(one)) : 'none'
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (typeof value === 'object') return wordsWithin(value)
  if (typeof value === 'string') return field === 'tint' ? tintWords(value as Tint) : show(value)
  const number = Number(value)
  if (field === 'visibility_in') return waterLength(number, metric)
  if (field === 'forage_in') return partLength(number, metric)
  if (field === 'depth_ft') return depth(number, metric)
  if (field === 'surface_f') return temperature(number, metric)
  if (field === 'trend_f') return change(number, metric)
  if (field === 'length_in') return partLength(number, metric)
  if (field === 'weight_oz') return weight(number, metric)
  return field === 'sun_elevation_deg' ? `${round(number, 1)}°` : String(number)
}

/** What an object of words says: “jig dark, spinnerbait bright”. */
function wordsWithin(value: object): string {
  const said = Object.entries(value).filter((entry): entry is [string, string] => typeof entry[1] === 'string')
  return said.length > 0 ? said.map(([name, word]) => `${show(name)} ${show(word)}`).join(', ') : 'others'
}

/** The lure in a sentence, for those who cannot see the drawing. */
export function describeBuild(build: Build, metric: boolean): string {
  const blades = build.blades.map((blade) => `${show(blade.finish)} ${show(blade.shape)} #${blade.size}`)
  return [
    `${capital(show(build.lure))} drawn to scale`,
    `${weight(build.head.weight_oz, metric)} ${show(build.head.colour)} head`,
    ...(blades.length > 0 ? [`blades ${blades.join(' and ')}`] : []),
    build.skirt ? `${describeColours(build.skirt)} skirt` : 'no skirt',
    build.trailer ? describeTrailer(build.trailer, metric) : 'no trailer',
  ].join(', ')
}

function describeColours({ base, accents, belly }: NonNullable<Build['skirt']>): string {
  const among = accents.length > 0 ? ` with ${list(accents)}` : ''
  return `${show(base)}${among}${belly.length > 0 ? ` over ${list(belly)}` : ''}`
}

function describeTrailer({ length_in, base, accents, style }: NonNullable<Build['trailer']>, metric: boolean): string {
  const colours = [show(base), ...(accents.length > 0 ? [list(accents)] : [])].join(' and ')
  return `${partLength(length_in, metric)} ${colours} ${show(style)}`
}
