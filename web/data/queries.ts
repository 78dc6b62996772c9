import type {
  Access,
  Advice,
  AdvisedBuild,
  AdviceView,
  Batch,
  BatchItem,
  Bench,
  Best,
  Inventory,
  Chart,
  Here,
  SomethingDifferent,
  ChartRequest,
  Depths,
  Explanation,
  From,
  LookRequest,
  BuiltRecord,
  ColourName,
  RuleConflict,
  MissingPart,
  Moment,
  Palette,
  SavedTrip,
  SeasonProposal,
  TripPlan,
  TripRequest,
  Reading,
  SavedReading,
  Rule,
  SavedBuild,
  Motion,
  Sensitivity,
  Shopping,
  StarterSet,
  SetAside,
  BuildSheet,
  Swap,
  Water,
} from '../words/documents'
import { createQuery } from '@tanstack/svelte-query'
import type { Pick as AdvisedPick } from '../words/vocabulary'
import { answer, api, orElse } from './client'
import {
  keys,
  type AdviceViewInput,
  type LikelySeasonInput,
  type MomentInput,
  type SwapsInput,
  type VerdictInput,
} from './keys'
import type { GivenAdvice } from './pack/pack'
import { queryClient } from './queryClient'
import { question, queryOf, type Answered, type Question } from './question.svelte'

/** What to tie for a reading; where only a known one is wanted nothing is asked. */
export function adviceFor(reading: () => Reading | null, isOnlyKnown = false): Question<Reading, GivenAdvice> {
  return question({
    isOnlyKnown,
    input: reading,
    key: keys.advice,
    ask: (body, signal) => orPacked(body, () => answer<Advice>(api.POST('/api/advice', { body, signal }))),
  })
}

/** Where the server cannot be reached, what was packed for the water is the answer. Loaded only then. */
const orPacked = (reading: Reading, ask: () => Promise<Advice>) =>
  orElse<GivenAdvice>(ask, async (error) => {
    const { packs } = await import('./pack/packs.svelte')
    const packed = await packs.advice(reading)
    if (!packed) throw error
    return packed
  })

/** Puts an advice that came some other way where it would be asked for; one of the rules that is there already stays the one. */
export function knowAdvice(reading: Reading, advice: Advice): Advice {
  const known = queryClient.getQueryData<Answered<Reading, GivenAdvice>>(keys.advice(reading))
  // One that something written since has made old gives way.
  const isOld = queryClient.getQueryState(keys.advice(reading))?.isInvalidated
  if (known && !known.value.packed && !isOld) return known.value
  queryClient.setQueryData(keys.advice(reading), { input: reading, value: advice })
  return advice
}

/** An advice with its lure in the water, the model's second opinion, and what the last change to the reading changed. */
export function adviceViewFor(input: () => AdviceViewInput | null): Question<AdviceViewInput, AdviceView> {
  return question({
    input,
    key: keys.adviceView,
    ask: async ({ reading, before, from }, signal) => {
      const view = await answer<AdviceView>(api.POST('/api/advice/view', { body: { reading, before, from }, signal }))
      // One and the same, so that a page that shows it already has nothing to draw anew.
      return { ...view, advice: knowAdvice(reading, view.advice) }
    },
  })
}

/** One rule of the book. */
export const ruleFor = (id: () => string | null) =>
  question<string, Rule>({
    input: id,
    key: keys.rule,
    ask: (one, signal) => answer<Rule>(api.GET('/api/rules/{id}', { params: { path: { id: one } }, signal })),
  })

/** Every rule that voted on one pick of a reading's advice, and what would change it. */
export function explanationFor(input: () => { reading: Reading; pick: AdvisedPick }) {
  return question({
    input,
    key: keys.explanation,
    ask: (body, signal) => answer<Explanation>(api.POST('/api/explain', { body, signal })),
  })
}

/** What each figure of a look comes to as the chosen constants of the model move within their published spans. */
export function sensitivityFor(request: () => LookRequest | null) {
  return question({
    input: request,
    key: keys.sensitivity,
    ask: (body, signal) => answer<Sensitivity>(api.POST('/api/sensitivity', { body, signal })),
    isCostly: true,
  })
}

/** The light of the blades as they turn, asked when somebody wants to see it. */
export function motionFor(request: () => LookRequest | null) {
  return question({
    input: request,
    key: keys.motion,
    ask: (body, signal) => answer<Motion>(api.POST('/api/motion', { body, signal })),
    isCostly: true,
  })
}

export function chartFor(asked: () => ChartRequest) {
  return question({
    input: asked,
    key: keys.chart,
    ask: (body, signal) => answer<Chart>(api.POST('/api/chart', { body, signal })),
  })
}

export function differentFor(here: () => Here | null) {
  return question({
    input: here,
    key: keys.different,
    ask: (body, signal) => answer<SomethingDifferent>(api.POST('/api/advice/different', { body, signal })),
  })
}

export function depthsFor(input: () => { reading: Reading; from: From }) {
  return question({
    input,
    key: keys.depths,
    ask: (body, signal) => answer<Depths>(api.POST('/api/depths', { body, signal })),
  })
}

const VERDICT = {
  key: keys.verdict,
  ask: ({ reading, build, from }: VerdictInput, signal: AbortSignal) =>
    answer<Bench>(api.POST('/api/bench', { body: { reading, build, from }, signal })),
}

/** A build judged for a reading. */
export function verdictFor(input: () => VerdictInput | null): Question<VerdictInput, Bench> {
  return question({ input, ...VERDICT })
}

/** Asks for verdicts that a key press away may need. What was asked ahead before and is not needed is canceled. */
export function askAhead(inputs: readonly VerdictInput[]): void {
  void queryClient.cancelQueries({ predicate: (query) => query.queryKey[0] === 'verdict' && !query.isActive() })
  for (const input of inputs) void queryClient.prefetchQuery(queryOf(VERDICT, input))
}

/** The ten best builds of the parts owned. */
export function bestFor(reading: () => Reading | null): Question<Reading, Best> {
  return question({
    input: reading,
    key: keys.best,
    ask: (body, signal) => answer<Best>(api.POST('/api/best', { body: { reading: body }, signal })),
    isCostly: true,
  })
}

/** The advised build, of owned parts where they do nearly as well and of generic ones elsewhere. */
const ADVISED_BUILD = {
  key: keys.advisedBuild,
  ask: (reading: Reading, signal: AbortSignal) =>
    answer<AdvisedBuild>(api.POST('/api/advised-build', { body: { reading }, signal })),
  isCostly: true,
  isAwaited: true,
}

export function advisedBuildFor(reading: () => Reading | null): Question<Reading, AdvisedBuild> {
  return question({ input: reading, ...ADVISED_BUILD })
}

/** The same, once and at once: whoever asks for it after that has it already. */
export const advisedBuild = async (reading: Reading): Promise<AdvisedBuild> =>
  (await queryClient.fetchQuery(queryOf(ADVISED_BUILD, reading))).value

/** What to buy to build the advised lure of each reading. */
export function shoppingFor(readings: () => Reading[] | null): Question<Reading[], Shopping> {
  return question({
    input: readings,
    key: keys.shopping,
    ask: (list, signal) => answer<Shopping>(api.POST('/api/shopping', { body: { readings: list }, signal })),
    isCostly: true,
  })
}

/** Single changes to a build that gain something. */
export function swapsFor(input: () => SwapsInput | null): Question<SwapsInput, Swap[]> {
  return question({
    input,
    key: keys.swaps,
    ask: (body, signal) => answer<Swap[]>(api.POST('/api/swaps', { body: { ...body, from: 'side' }, signal })),
    isCostly: true,
  })
}

/** How to put a build together. */
export function sheetFor(input: () => SwapsInput | null) {
  return question({
    input,
    key: keys.sheet,
    ask: (body, signal) => answer<BuildSheet>(api.POST('/api/build-sheet', { body, signal })),
    isCostly: true,
    isAwaited: true,
  })
}

/** What several builds use, and in which order they are made. */
export function batchFor(items: () => BatchItem[] | null): Question<BatchItem[], Batch> {
  return question({
    input: items,
    key: keys.batch,
    ask: (list, signal) => answer<Batch>(api.POST('/api/batch', { body: { items: list }, signal })),
    isCostly: true,
    isAwaited: true,
  })
}

/** The plan of a day: its sun, its turns, and what to carry. */
export function planFor(trip: () => TripRequest | null): Question<TripRequest, TripPlan> {
  return question({
    input: trip,
    key: keys.tripPlan,
    ask: (body, signal) => answer<TripPlan>(api.POST('/api/trips/plan', { body, signal })),
    isCostly: true,
  })
}

/** The season that a day is likely to be in. */
export function likelySeasonFor(day: () => LikelySeasonInput | null): Question<LikelySeasonInput, SeasonProposal> {
  return question({
    input: day,
    key: keys.likelySeason,
    ask: (body, signal) => answer<SeasonProposal>(api.POST('/api/trips/season', { body, signal })),
  })
}

/** Puts a plan that was searched for longer where it would be asked for. */
export function knowPlan(trip: TripRequest, plan: TripPlan): void {
  queryClient.setQueryData(keys.tripPlan(trip), { input: trip, value: plan })
}

/** The advised lure at one minute of a trip, in the light of that minute. */
export function momentFor(input: () => MomentInput | null): Question<MomentInput, Moment> {
  return question({
    input,
    key: keys.moment,
    ask: (body, signal) => answer<Moment>(api.POST('/api/trips/moment', { body, signal })),
  })
}

/** What changes only with the program. */
function fixed<T>(key: readonly unknown[], ask: (signal: AbortSignal) => Promise<T>, enabled = () => true) {
  return createQuery<T>(() => ({
    queryKey: key,
    queryFn: ({ signal }) => ask(signal),
    staleTime: Infinity,
    enabled: enabled(),
  }))
}

/** What the facts of the trade say, by their ids. */
export const factsQuery = (enabled?: () => boolean) =>
  fixed(keys.facts(), async () => (await answer<Palette>(api.GET('/api/palette'))).facts, enabled)
export const rulesQuery = () => fixed(keys.rules(), () => answer<Rule[]>(api.GET('/api/rules')))
export const starterSetsQuery = () =>
  fixed(keys.starterSets(), () => answer<StarterSet[]>(api.GET('/api/parts/starter-sets')))
export const conflictsQuery = (id: string) =>
  fixed(keys.conflicts(id), () =>
    answer<RuleConflict[]>(api.GET('/api/rules/{id}/conflicts', { params: { path: { id } } })),
  )

/** What is stored: read when a screen opens, and again after a write. */
export function stored<T>(key: readonly unknown[], ask: (signal: AbortSignal) => Promise<T>) {
  return createQuery<T>(() => ({ queryKey: key, queryFn: ({ signal }) => ask(signal) }))
}

export const inventoryQuery = () => stored(keys.inventory(), () => answer<Inventory>(api.GET('/api/parts')))
export const namesQuery = () => stored(keys.names(), () => answer<ColourName[]>(api.GET('/api/names')))
export const buildsQuery = () => stored(keys.builds(), () => answer<SavedBuild[]>(api.GET('/api/builds')))
export const builtQuery = () => stored(keys.built(), () => answer<BuiltRecord[]>(api.GET('/api/built')))
export const watersQuery = () => stored(keys.waters(), () => answer<Water[]>(api.GET('/api/waters')))
export const readingsQuery = () => stored(keys.readings(), () => answer<SavedReading[]>(api.GET('/api/readings')))
export const tripsQuery = () => stored(keys.trips(), () => answer<SavedTrip[]>(api.GET('/api/trips')))
export const accessQuery = () => stored(keys.access(), () => answer<Access>(api.GET('/api/access')))
export const attentionQuery = () => stored(keys.attention(), () => answer<SetAside[]>(api.GET('/api/attention')))
/** The parts not owned that would gain most over the saved readings. */
export const missingQuery = () =>
  stored(keys.missing(), (signal) => answer<MissingPart[]>(api.GET('/api/missing', { signal })))
