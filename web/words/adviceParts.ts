import type { Advice, Reason } from './documents'
import {
  BELLY_SHAPE_LABELS,
  COLOUR_HEX,
  FINISH_HEX,
  PICK_LABELS,
  PICK_PARTS,
  type BellyShape,
  type Colour,
  type LureSet,
  type Pairing,
  type Pick,
} from './vocabulary'
import { capital, fraction, lineStrength, list, partLength, rodLength, show, weight } from './words'

export interface Part {
  key: 'set' | 'pairing' | 'head' | 'blades' | 'skirt' | 'trailer' | 'trailer_hook'
  title: string
  /** What to take, in a few words. */
  headline: string
  detail: string
  swatches: string[]
  /** What is written beside it in a drawing: for each blade, else one. */
  marks: string[]
  reasons: Reason[]
  cautions: Advice['cautions']
}

const SETS: Record<LureSet, string> = {
  dull: 'Dull: nothing shines',
  dark: 'Dark: one black outline',
  flash: 'Natural with one flash',
  bright: 'Bright',
}

const PAIRINGS: Record<Pairing, string> = {
  match: 'Match: skirt and trailer in one color',
  tonal: 'Close shades',
  accent: 'Same family with an accent',
  contrast: 'Contrast: two clearly different colors',
}

const INTENTS: Record<Advice['intent'], string> = {
  blend_in: 'to blend in',
  match_forage: 'to match the forage',
  stand_out: 'to stand out',
  trigger_strike: 'to trigger a strike',
  show_silhouette: 'to show a silhouette',
}

/** The picks of a part that could as well be others. */
export const tossUps = (part: Part): Reason[] => part.reasons.filter((reason) => reason.firmness === 'toss_up')

/** The lure and what the fish should make of it. */
export function title(advice: Advice): string {
  return `${capital(show(advice.lure))}, ${INTENTS[advice.intent]}`
}

/** The advice part by part, in the order a builder lays them out. */
export function partsOf(advice: Advice, metric: boolean): Part[] {
  const reasons = (part: Part['key']) =>
    advice.reasons.filter((reason) => belongsTo(reason.pick, part)).sort((a, b) => telling(a.pick) - telling(b.pick))
  const cautions = (place: string) => advice.cautions.filter((caution) => caution.place === place)
  const colour = (word: Colour) => COLOUR_HEX[word]
  const { head, skirt, trailer } = advice

  const parts: Part[] = []
  const blade = advice.blades.at(-1)
  if (advice.set && blade) {
    parts.push({
      key: 'set',
      title: 'Blade, skirt and trailer',
      headline: SETS[advice.set],
      detail: '',
      swatches: [
        FINISH_HEX[blade.finish],
        ...(skirt ? [colour(skirt.base)] : []),
        ...(trailer ? [colour(trailer.base)] : []),
      ],
      marks: [],
      reasons: reasons('set'),
      cautions: [],
    })
  }
  if (skirt && trailer && advice.pairing) {
    parts.push({
      key: 'pairing',
      title: 'Skirt with trailer',
      headline: PAIRINGS[advice.pairing],
      detail: '',
      swatches: [colour(skirt.base), colour(trailer.base)],
      marks: [],
      reasons: reasons('pairing'),
      cautions: [],
    })
  }
  if (advice.blades.length > 0) {
    parts.push({
      key: 'blades',
      title: advice.blades.length > 1 ? 'Blades, front and rear' : 'Blade',
      headline: bladesHeadline(advice),
      detail: advice.blades
        .map((blade, i) => {
          const size = advice.measures.blades[i]
          const where = blade.position === 'single' ? '' : `${capital(blade.position)}: `
          return `${where}#${blade.size}${size ? `, ${partLength(size.length_in, metric)} long` : ''}`
        })
        .join(' · '),
      swatches: advice.blades.map((blade) => FINISH_HEX[blade.finish]),
      marks: advice.blades.map(
        (blade) => `#${blade.size}${blade.shape === 'bladed_jig' ? '' : ` ${show(blade.shape)}`}`,
      ),
      reasons: reasons('blades'),
      cautions: cautions('blades'),
    })
  }
  parts.push(
    {
      key: 'skirt',
      title: 'Skirt',
      headline: skirt ? capital(coloursWords(skirt)) : 'No skirt',
      detail: skirt
        ? [
            `${capital(show(skirt.opacity))} ${show(skirt.material)}`,
            ...(skirt.strands === 'solid' ? [] : [`${show(skirt.strands)} strands`]),
            show(skirt.trim),
          ].join(', ')
        : '',
      swatches: skirt ? [skirt.base, ...skirt.accents, ...skirt.belly].map(colour) : [],
      marks: [show(skirt?.material ?? '')],
      reasons: reasons('skirt'),
      cautions: [],
    },
    {
      key: 'trailer',
      title: 'Trailer',
      headline: trailer ? capital(coloursWords(trailer)) : 'No trailer',
      detail: trailer
        ? [
            `${partLength(trailer.length_in, metric)} ${show(trailer.style)}`,
            show(trailer.opacity),
            show(trailer.surface),
            ...(trailer.rig === 'upright' ? [] : [show(trailer.rig)]),
            ...(trailer.belly_shape === 'any' ? [] : [BELLY_SHAPE_LABELS[trailer.belly_shape]]),
          ].join(', ')
        : '',
      swatches: trailer ? [trailer.base, ...trailer.accents, ...trailer.belly].map(colour) : [],
      marks: [trailer ? `${partLength(trailer.length_in, metric)} ${show(trailer.style)}` : ''],
      reasons: reasons('trailer'),
      cautions: [],
    },
    {
      key: 'head',
      title: 'Head',
      headline: [
        `${weight(head.weight_oz, metric)}${head.material === 'lead' ? '' : ` ${show(head.material)}`}`,
        `${show(head.colour)}${head.belly ? ` over ${show(head.belly)}` : ''}`,
        ...(head.eye ? ['with an eye'] : []),
      ].join(', '),
      detail:
        head.weight_range_oz[0] === head.weight_range_oz[1]
          ? ''
          : `${weight(head.weight_range_oz[0] ?? 0, metric)} to ${weight(head.weight_range_oz[1] ?? 0, metric)} also work`,
      swatches: [head.colour, ...(head.belly ? [head.belly] : [])].map(colour),
      marks: [weight(head.weight_oz, metric)],
      reasons: reasons('head'),
      cautions: cautions('head'),
    },
  )
  if (advice.trailer_hook) {
    parts.push({
      key: 'trailer_hook',
      title: 'Trailer hook',
      headline: advice.trailer_hook.fit ? `${advice.trailer_hook.size} trailer hook, point up` : 'No trailer hook',
      detail: '',
      swatches: [],
      marks: [],
      reasons: reasons('trailer_hook'),
      cautions: cautions('trailer_hook'),
    })
  }
  return parts
}

/** "Green pumpkin with orange over a red belly". */
export function coloursWords(part: { base: Colour; accents: readonly Colour[]; belly: readonly Colour[] }): string {
  const accents = part.accents.length > 0 ? ` with ${list(part.accents)}` : ''
  return `${show(part.base)}${accents}${part.belly.length > 0 ? ` over a ${list(part.belly)} belly` : ''}`
}

/** The picks an angler asks about first. */
const TELLING: readonly Pick[] = [
  'blades.finish',
  'blades.shape',
  'skirt.base',
  'skirt.accents',
  'trailer.base',
  'trailer.style',
  'trailer.length_in',
  'trailer.accents',
  'head.weight_oz',
  'head.colour',
]

function telling(pick: Pick): number {
  const at = TELLING.indexOf(pick)
  return at < 0 ? TELLING.length : at
}

/** Whether a pick is told with a part; the set and the pairing are picks of the whole lure and parts of their own. */
export function belongsTo(pick: Pick, part: Part['key']): boolean {
  return part === 'pairing' || part === 'set' ? pick === part : PICK_PARTS[pick] === part
}

function bladesHeadline(advice: Advice): string {
  const [first, second] = advice.blades
  if (!first) return 'No blade'
  const one = (blade: typeof first) =>
    `${finishWords(blade)}${blade.shape === 'bladed_jig' ? '' : ` ${show(blade.shape)}`}`
  if (!second) return capital(one(first))
  return capital(one(first) === one(second) ? `two ${one(first)}` : `${one(first)}, then ${one(second)}`)
}

/** "Darkened gold". */
export const finishWords = ({ finish, darkened }: Advice['blades'][number]): string =>
  `${darkened ? 'darkened ' : ''}${show(finish)}`

/** What it is thrown on, in a line. */
export function tackleWords(tackle: Advice['tackle'], metric: boolean): string {
  const rod = `${valueWords('tackle.rod_in', tackle.rod_in, metric)} ${show(tackle.rod_power)} rod`
  return [
    `${valueWords('tackle.line_lb', tackle.line_lb, metric)} ${show(tackle.line)}`,
    `${rod}, ${show(tackle.rod_action)}`,
    `${valueWords('tackle.gear_ratio', tackle.gear_ratio, metric)} reel`,
  ].join(', ')
}

/** A picked value in words and units. */
export function valueWords(pick: Pick, value: Reason['value'], metric: boolean): string {
  if (Array.isArray(value)) {
    const [least, most] = value
    const words = (v: number) => numberWords(pick, v, metric)
    return least === most ? words(least ?? 0) : `${words(least ?? 0)} to ${words(most ?? 0)}`
  }
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (pick === 'trailer.belly_shape') return BELLY_SHAPE_LABELS[value as BellyShape] ?? show(String(value))
  return typeof value === 'number' ? numberWords(pick, value, metric) : show(value)
}

function numberWords(pick: Pick, value: number, metric: boolean): string {
  if (pick === 'tackle.rod_in') return rodLength(value, metric)
  if (pick === 'tackle.line_lb') return lineStrength(value, metric)
  if (pick === 'tackle.gear_ratio') return `${value}:1`
  if (pick.includes('_oz')) return weight(value, metric)
  if (pick.endsWith('_in')) return partLength(value, metric)
  return pick.endsWith('size') ? `#${value}` : fraction(value)
}

/** Picks whose words name their part already. */
const NAMES_ITS_PART: readonly Pick[] = ['head.colour', 'head.belly', 'head.material', 'trailer']

/** The part that a pick belongs to, with the pick itself: "skirt base", "blade finish". */
export function fullPickWords(pick: Pick): string {
  const part = PICK_PARTS[pick]
  const words = PICK_LABELS[pick]
  if (part === 'lure' || NAMES_ITS_PART.includes(pick)) return words
  return `${part === 'blades' ? 'blade' : show(part)} ${words}`
}

/** Picked values in words: "black and blue", or "none" where there is nothing. */
export function valuesWords(pick: Pick, values: readonly Reason['value'][], metric: boolean): string {
  return values.length === 0 ? 'none' : values.map((value) => valueWords(pick, value, metric)).join(' and ')
}

export function pickWords(pick: Pick): string {
  return PICK_LABELS[pick]
}
