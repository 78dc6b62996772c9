import type { Chart, ChartRequest, Reading } from '../words/documents'
import { asSvg, escaped, placed, svgFile } from './svg'
import { coloursWords, finishWords } from '../words/adviceParts'
import { BANDS } from '../words/stick'
import type { Forage, LureKind, Sky } from '../words/vocabulary'
import { capital, show } from '../words/words'

/** What stands beside the rows of a chart. */
export type Rows = 'sky' | 'forage'
export type Cell = Chart['cells'][number]
export type Picks = Cell['advice']

/** How far one sees in each band where the reading says nothing of it, inches. (Chosen: the middle of each, by ratio.) */
const MIDDLES = [3, 10, 26, 46, 84]
export const SKIES: readonly Sky[] = ['sun', 'overcast', 'low_sun']
/** Side by side: what anglers tell apart at a glance. */
export const FORAGES: readonly Forage[] = ['shad', 'bluegill', 'crawfish']

/** A column: how it is called, and the visibility that is asked about. */
export interface Column {
  name: string
  visibility_in: number
  /** Whether the reading is in it. */
  isHere: boolean
}

/** The bands of clarity, each with a visibility to ask for; the one of the reading with the reading's own. */
export function bandColumns(reading: Reading): Column[] {
  return BANDS.map(({ name, from, to }, i) => {
    const isHere = reading.visibility_in >= from && reading.visibility_in < to
    return { name, isHere, visibility_in: isHere ? reading.visibility_in : (MIDDLES[i] ?? 0) }
  })
}

/** A water's own: how far one sees there on its dirty days, as a rule, and on its clear ones. */
export function ownColumns(sights: readonly number[]): Column[] {
  return ['low', 'usual', 'high'].map((name, i) => ({ name, isHere: false, visibility_in: sights[i] ?? 0 }))
}

export function request(
  reading: Reading,
  tops: readonly Column[],
  lure: LureKind,
  forage: Forage,
  rows: Rows,
): ChartRequest {
  return {
    reading: { ...reading, lure },
    visibility_in: tops.map((column) => column.visibility_in),
    sky: rows === 'sky' ? [...SKIES] : [reading.sky],
    lures: [lure],
    forage: rows === 'forage' ? [...FORAGES] : [forage],
  }
}

/** The cells as they stand on the page, row by row. */
export function grid(chart: Chart, across: number, rows: Rows): Cell[][] {
  const heads = rows === 'sky' ? SKIES : FORAGES
  const cells = [...chart.cells]
  return heads.map((head) => cells.filter((cell) => cell[rows] === head).slice(0, across))
}

/** Blade, skirt and trailer, a line each. */
export function lines({ blades, skirt, trailer }: Picks): string[] {
  const blade = blades.at(-1)
  return [
    ...(blade ? [finishWords(blade)] : []),
    skirt ? coloursWords(skirt).toLowerCase() : 'no skirt',
    trailer ? `${show(trailer.style)}, ${coloursWords(trailer).toLowerCase()}` : 'no trailer',
  ]
}

/** What all of these have in common, and what differs: "the blade", "the skirt", "the trailer". */
export function stays(cells: readonly Cell[]): { same: string[]; changes: string[] } {
  const all = cells.map((cell) => lines(cell.advice))
  const names = (all[0]?.length ?? 0) > 2 ? ['blade', 'skirt', 'trailer'] : ['skirt', 'trailer']
  const isSame = (i: number) => new Set(all.map((one) => one[i])).size === 1
  return {
    same: names.filter((_, i) => isSame(i)),
    changes: names.filter((_, i) => !isSame(i)),
  }
}

const CELL = { width: 220, picture: 120, line: 18, pad: 8 }
const HEAD = { top: 64, left: 110 }

/** The chart as one drawing: the drawings of its cells, in their order, with their words under them. */
export function chartSvg(
  title: string,
  tops: readonly string[],
  sides: readonly string[],
  cells: readonly (readonly Cell[])[],
  drawings: readonly SVGSVGElement[],
): string {
  const high = CELL.picture + 3 * CELL.line + 2 * CELL.pad
  const width = HEAD.left + tops.length * CELL.width
  const height = HEAD.top + sides.length * high
  const text = (x: number, y: number, words: string, how = '') =>
    `<text x="${x}" y="${y}" ${how}>${escaped(words)}</text>`
  const at = (i: number) => HEAD.left + i * CELL.width
  const body = cells.flatMap((row, r) => {
    const y = HEAD.top + r * high
    return [
      `<path d="M0 ${y}H${width}" stroke="#1a1a1a"/>`,
      text(0, y + 24, sides[r] ?? '', 'font-weight="700"'),
      ...row.map((cell, c) => {
        const drawing = drawings[r * row.length + c]
        const picture = drawing ? placed(asSvg(drawing), at(c), y + CELL.pad, CELL.width - 12, CELL.picture) : ''
        const words = lines(cell.advice).map((line, i) =>
          text(at(c), y + CELL.picture + CELL.pad + (i + 1) * CELL.line, line, 'font-size="12"'),
        )
        return picture + words.join('')
      }),
    ]
  })
  const size = `viewBox="0 0 ${width} ${height}"`
  return svgFile(`<svg xmlns="http://www.w3.org/2000/svg" ${size} font-family="sans-serif" font-size="14" fill="#1a1a1a">
<rect width="${width}" height="${height}" fill="#ffffff"/>
${text(0, 22, title, 'font-size="20" font-weight="700"')}
${tops.map((top, i) => text(at(i), 52, top, 'font-weight="700"')).join('\n')}
${body.join('\n')}
</svg>`)
}

/** How the rows of a chart are called. */
export const sideWords = (rows: Rows, row: readonly Cell[]) => (row[0] ? capital(show(row[0][rows])) : '')
