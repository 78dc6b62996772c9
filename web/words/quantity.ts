import { round } from './round'

// The units that somebody may choose. What one is of the other stands here and nowhere else.

/** The international inch, exactly (1959). */
const CM_PER_INCH = 2.54
const MM_PER_CM = 10
const CM_PER_M = 100
const INCHES_PER_FOOT = 12
/** The international pound, exactly (1959). */
const GRAMS_PER_POUND = 453.59237
const GRAMS_PER_KG = 1000
const OUNCES_PER_POUND = 16
const FREEZING_F = 32
const FAHRENHEIT_PER_CELSIUS = 9 / 5

/** A unit beside the one that is stored, both ways. */
export interface Unit {
  unit: string
  /** As it is shown, rounded as one would say it. */
  toShown: (stored: number) => number
  fromShown: (shown: number) => number
}

/** A unit that is so many times the stored one. */
export interface Scale extends Unit {
  per: number
}

const scale = (unit: string, per: number, places: number): Scale => ({
  unit,
  per,
  toShown: (stored) => round(stored * per, places),
  fromShown: (shown) => shown / per,
})

const CELSIUS: Unit = {
  unit: '°C',
  toShown: (fahrenheit) => round((fahrenheit - FREEZING_F) / FAHRENHEIT_PER_CELSIUS, 1),
  fromShown: (celsius) => celsius * FAHRENHEIT_PER_CELSIUS + FREEZING_F,
}

interface Units {
  /** How far one sees, how far away, how long a fish is; stored in inches. */
  water: Scale
  /** A length on the lure or of forage; stored in inches. */
  part: Scale
  /** Of a blade; stored in square inches. */
  area: Scale
  /** Of rods and of wire; stored in inches. */
  long: Scale
  /** Stored in feet. */
  depth: Scale
  /** Stored in ounces. */
  weight: Scale
  /** The strength of a line; stored in pounds. */
  strength: Scale
  /** Stored in °F. */
  warmth: Unit
  /** A change of it; stored in °F. */
  rise: Scale
}

const US: Units = {
  water: scale('in', 1, 1),
  part: scale('in', 1, 3),
  area: scale('sq in', 1, 2),
  long: scale('ft', 1 / INCHES_PER_FOOT, 2),
  depth: scale('ft', 1, 1),
  weight: scale('oz', 1, 4),
  strength: scale('lb', 1, 1),
  warmth: scale('°F', 1, 1),
  rise: scale('°F', 1, 1),
}

const METRIC: Units = {
  water: scale('cm', CM_PER_INCH, 1),
  part: scale('mm', CM_PER_INCH * MM_PER_CM, 0),
  area: scale('cm²', CM_PER_INCH ** 2, 1),
  long: scale('m', CM_PER_INCH / CM_PER_M, 2),
  depth: scale('m', (INCHES_PER_FOOT * CM_PER_INCH) / CM_PER_M, 1),
  weight: scale('g', GRAMS_PER_POUND / OUNCES_PER_POUND, 0),
  strength: scale('kg', GRAMS_PER_POUND / GRAMS_PER_KG, 1),
  warmth: CELSIUS,
  rise: scale('°C', 1 / FAHRENHEIT_PER_CELSIUS, 1),
}

export const unitsOf = (metric: boolean): Units => (metric ? METRIC : US)
