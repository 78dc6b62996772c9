// Freezes the sun's height at 500 places, dates and times as astronomy-engine computes it (geometric, without refraction), and sunrise and
// sunset of 200 days as suncalc does, with the days on which the sun does not rise or set.
//
// Packages: astronomy-engine and suncalc, at the versions written into the file. Run: node tests/reference/sun.js
import * as Astronomy from 'astronomy-engine'
import * as SunCalc from 'suncalc'
import { readFileSync, writeFileSync } from 'node:fs'

const version = (name) => JSON.parse(readFileSync(`node_modules/${name}/package.json`, 'utf8')).version
// A plain linear congruential generator (Numerical Recipes), so that the places are the same each time.
let state = 20261126
const random = () => (state = (1664525 * state + 1013904223) % 2 ** 32) / 2 ** 32
const between = (least, most) => least + (most - least) * random()
const round = (value, digits) => Math.round(value * 10 ** digits) / 10 ** digits

const START = Date.UTC(2000, 0, 1)
const END = Date.UTC(2049, 11, 31)

const heights = Array.from({ length: 500 }, () => {
  const latitude = round(between(-89, 89), 4)
  const longitude = round(between(-180, 180), 4)
  const at = new Date(Math.floor(between(START, END) / 1000) * 1000)
  const observer = new Astronomy.Observer(latitude, longitude, 0)
  const { ra, dec } = Astronomy.Equator(Astronomy.Body.Sun, at, observer, true, true)
  return {
    latitude,
    longitude,
    at: at.toISOString(),
    height: round(Astronomy.Horizon(at, observer, ra, dec).altitude, 5),
  }
})

const getTimes = SunCalc.getTimes ?? SunCalc.default.getTimes
const days = Array.from({ length: 200 }, () => {
  const latitude = round(between(-75, 75), 4)
  const longitude = round(between(-15, 15), 4)
  const noon = new Date(Math.floor(between(START, END) / 86400e3) * 86400e3 + 43200e3)
  const { sunrise, sunset } = getTimes(noon, latitude, longitude)
  const said = (time) => (time && !Number.isNaN(time.getTime()) ? time.toISOString() : null)
  return { latitude, longitude, date: noon.toISOString().slice(0, 10), rise: said(sunrise), set: said(sunset) }
})

writeFileSync(
  'tests/reference/data/sun.json',
  `${JSON.stringify({ made_by: `astronomy-engine ${version('astronomy-engine')}, suncalc ${version('suncalc')}`, heights, days }, null, 1)}\n`,
)
