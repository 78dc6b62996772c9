import type { LureKind, Pick, Sky } from '../words/vocabulary'
import type {
  BatchItem,
  ChartRequest,
  Composition,
  From,
  Here,
  LogQuestion,
  LookRequest,
  Reading,
  TripRequest,
} from '../words/documents'

export type AdviceViewInput = { reading: Reading; before: Reading | null; from: From }
export type VerdictInput = { reading: Reading; build: Composition; from: From }
export type MomentInput = { trip: TripRequest; at: string; sky: Sky; lure: LureKind }
export type LikelySeasonInput = { date: string; place: TripRequest['place'] }
export type SwapsInput = { reading: Reading; build: Composition }

/** Every query key there is, each made from all that its answer depends on. */
export const keys = {
  advice: (reading: Reading) => ['advice', reading] as const,
  adviceView: (input: AdviceViewInput) => ['advice-view', input] as const,
  explanation: (input: { reading: Reading; pick: Pick }) => ['explanation', input] as const,
  sensitivity: (request: LookRequest) => ['sensitivity', request] as const,
  motion: (request: LookRequest) => ['motion', request] as const,
  chart: (asked: ChartRequest) => ['chart', asked] as const,
  different: (here: Here) => ['different', here] as const,
  depths: (input: { reading: Reading; from: From }) => ['depths', input] as const,
  facts: () => ['facts'] as const,
  rules: () => ['rules'] as const,
  rule: (id: string) => ['rule', id] as const,
  conflicts: (id: string) => ['conflicts', id] as const,
  verdict: (input: VerdictInput) => ['verdict', input] as const,
  best: (reading: Reading) => ['best', reading] as const,
  advisedBuild: (reading: Reading) => ['advised-build', reading] as const,
  shopping: (readings: readonly Reading[]) => ['shopping', readings] as const,
  starterSets: () => ['starter-sets'] as const,
  swaps: (input: SwapsInput) => ['swaps', input] as const,
  missing: () => ['missing'] as const,
  sheet: (input: SwapsInput) => ['sheet', input] as const,
  batch: (items: readonly BatchItem[]) => ['batch', items] as const,
  inventory: () => ['inventory'] as const,
  names: () => ['names'] as const,
  builds: () => ['builds'] as const,
  built: () => ['built'] as const,
  waters: () => ['waters'] as const,
  readings: () => ['readings'] as const,
  trips: () => ['trips'] as const,
  likelySeason: (day: LikelySeasonInput) => ['likely-season', day] as const,
  tripPlan: (trip: TripRequest) => ['trip-plan', trip] as const,
  moment: (input: MomentInput) => ['moment', input] as const,
  outings: () => ['outings'] as const,
  outing: (id: string) => ['outing', id] as const,
  analysis: () => ['analysis'] as const,
  asked: (question: LogQuestion) => ['asked', question] as const,
  pair: (question: LogQuestion) => ['pair', question] as const,
  season: () => ['season'] as const,
  usual: () => ['usual'] as const,
  sights: () => ['sights'] as const,
  trials: () => ['trials'] as const,
  drawn: (builds: readonly Composition[]) => ['drawn', builds] as const,
  access: () => ['access'] as const,
  attention: () => ['attention'] as const,
  practice: () => ['practice'] as const,
  ladders: () => ['ladders'] as const,
  practiceAnswers: () => ['practice-answers'] as const,
} satisfies Record<string, (...input: never[]) => readonly unknown[]>

/** The kinds of thing that are written. */
export type Written =
  | 'parts'
  | 'swatches'
  | 'names'
  | 'builds'
  | 'built'
  | 'waters'
  | 'readings'
  | 'trips'
  | 'notes'
  | 'worn'
  | 'trials'
  | 'settings'
  | 'log-says'
  | 'sessions'
  | 'practice'
  | 'everything'

/** What the owned parts decide. */
const FROM_PARTS = ['inventory', 'advised-build', 'best', 'swaps', 'missing', 'shopping', 'sheet', 'batch', 'trip-plan']

/** What the rules decide, and so do the notes that may vote. */
const FROM_RULES = [
  'advice',
  'advice-view',
  'explanation',
  'verdict',
  'rules',
  'rule',
  'conflicts',
  'moment',
  'depths',
  'chart',
  'different',
  'sensitivity',
  'motion',
]

/** What the notes decide. */
const FROM_NOTES = ['outings', 'outing', 'analysis', 'asked', 'pair', 'season', 'trials', 'different', 'sights']

/** What is no longer true once something was written, by the first word of its key. Said here and nowhere else. */
export const STALE_AFTER: Record<Written, readonly string[] | 'all'> = {
  parts: FROM_PARTS,
  swatches: ['inventory'],
  names: ['names'],
  builds: ['builds'],
  built: [...FROM_PARTS, 'built'],
  waters: ['waters', 'usual', 'sights'],
  readings: ['readings', 'missing', 'season', 'usual', 'sights'],
  trips: ['trips'],
  notes: FROM_NOTES,
  worn: [...FROM_NOTES, ...FROM_PARTS],
  trials: ['trials'],
  settings: ['sheet', 'batch', 'missing'],
  'log-says': [...FROM_PARTS, ...FROM_RULES],
  sessions: ['access'],
  practice: ['practice', 'practice-answers'],
  everything: 'all',
}
