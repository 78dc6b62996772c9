import createClient from 'openapi-fetch'
import { reach } from '../offline/reach.svelte'
import type { components, operations, paths } from './schema'

export type Reading = components['schemas']['Reading']
export type ObservedReading = components['schemas']['ObservedReading']
export type UsualWater = components['schemas']['UsualWater']
export type Schools = components['schemas']['Schools']
export type Advice = components['schemas']['Advice']
export type Reason = components['schemas']['Reason']
export type Disagreement = components['schemas']['Disagreement']
export type Measures = components['schemas']['Measures']
export type Blade = components['schemas']['Blade']
export type Skirt = components['schemas']['Skirt']
export type Trailer = components['schemas']['Trailer']
export type Palette = components['schemas']['Palette']
export type Settings = components['schemas']['Settings']
export type Water = components['schemas']['Water']
export type SavedReading = components['schemas']['SavedReading']
export type Scene = components['schemas']['Scene']
export type Light = components['schemas']['Light']
export type PracticeRequest = components['schemas']['PracticeRequest']
export type PracticeSession = components['schemas']['PracticeSession']
export type PracticeWater = components['schemas']['PracticeWater']
export type PracticeAnswer = components['schemas']['PracticeAnswer']
export type PracticeProgress = components['schemas']['PracticeProgress']
export type Choices = components['schemas']['Choices']
export type WaterColumn = components['schemas']['WaterColumn']
export type Sighting = components['schemas']['Sighting']
export type Ladder = components['schemas']['Ladder']
export type Guess = components['schemas']['Guess']
export type Flawed = components['schemas']['Flawed']
export type Motion = components['schemas']['Motion']
export type Sensitivity = components['schemas']['Sensitivity']
export type Opinion = components['schemas']['Opinion']
export type Depths = components['schemas']['Depths']
export type Chart = components['schemas']['Chart']
export type Release = components['schemas']['Release']
export type WaterSights = components['schemas']['WaterSights']
export type SomethingDifferent = components['schemas']['SomethingDifferent']
export type Here = components['schemas']['CurrentReading']
export type ChartRequest = components['schemas']['ChartRequest']
export type LookRequest = components['schemas']['LookRequest']
export type Problem = components['schemas']['Problem']
export type Change = components['schemas']['Change']
export type CloseCall = components['schemas']['CloseCall']
export type NextStep = components['schemas']['NextStep']
export type Rule = components['schemas']['Rule']
export type Condition = components['schemas']['Condition']
export type RuleConflict = components['schemas']['RuleConflict']
export type InventoryPart = components['schemas']['InventoryPart']
export type Inventory = components['schemas']['Inventory']
export type Composition = components['schemas']['Composition']
export type Bench = components['schemas']['Bench']
export type Best = components['schemas']['Best']
export type RankedBuild = components['schemas']['RankedBuild']
export type Swap = components['schemas']['Swap']
export type MissingPart = components['schemas']['MissingPart']
export type TraitScore = components['schemas']['TraitScore']
export type Finding = components['schemas']['Finding']
export type PlannedPart = components['schemas']['PlannedPart']
export type SavedBuild = components['schemas']['SavedBuild']
export type ReadColour = components['schemas']['ReadColour']
export type BuildSheet = components['schemas']['BuildSheet']
export type BuildStep = components['schemas']['BuildStep']
export type Batch = components['schemas']['Batch']
export type BatchItem = components['schemas']['BatchItem']
export type BuiltRecord = components['schemas']['BuiltRecord']
export type PatchColour = components['schemas']['PatchColour']
export type ReadPatch = components['schemas']['ReadPatch']
export type PhotoSample = components['schemas']['PhotoSample']
export type LookPart = components['schemas']['LookPart']
export type SetAside = components['schemas']['SetAside']
export type Explanation = components['schemas']['Explanation']
export type Value = components['schemas']['Value']
export type AdviceView = components['schemas']['AdviceView']
export type CurrentReading = components['schemas']['CurrentReading']
export type Workbench = components['schemas']['Workbench']
export type WorkbenchChange = components['schemas']['WorkbenchChange']
export type AdvisedBuild = components['schemas']['AdvisedBuild']
export type Shopping = components['schemas']['Shopping']
export type StarterSet = components['schemas']['StarterSet']
export type ReadPartLine = components['schemas']['ReadPartLine']
export type ColourName = components['schemas']['ColourName']
export type TripRequest = components['schemas']['TripRequest']
export type SavedTrip = components['schemas']['SavedTrip']
export type TripPlan = components['schemas']['TripPlan']
export type CarryPlan = components['schemas']['CarryPlan']
export type CarriedLure = components['schemas']['CarriedLure']
export type Gap = components['schemas']['Gap']
export type TripTurn = components['schemas']['TripTurn']
export type Moment = components['schemas']['Moment']
export type SkyChance = components['schemas']['SkyChance']
export type SeasonProposal = components['schemas']['SeasonProposal']
export type Forecast = components['schemas']['Forecast']
export type Place = components['schemas']['Place']
export type ProbedWater = components['schemas']['ProbedWater']
export type Outing = components['schemas']['Outing']
export type OutingEvent = components['schemas']['OutingEvent']
export type OutingSummary = components['schemas']['OutingSummary']
export type OutingConflict = components['schemas']['OutingConflict']
export type ConflictAnswer = components['schemas']['ConflictAnswer']
export type OutingImport = components['schemas']['OutingImport']
export type Stint = components['schemas']['Stint']
export type Remedy = components['schemas']['Remedy']
export type MadeChange = components['schemas']['MadeChange']
export type Analysis = components['schemas']['Analysis']
export type LevelRate = components['schemas']['LevelRate']
export type Effect = components['schemas']['Effect']
export type LurePair = components['schemas']['LurePair']
export type LogQuestion = operations['askLogbook']['parameters']['query']
export type SeasonWatch = components['schemas']['SeasonWatch']
export type SavedTrial = components['schemas']['SavedTrial']
export type DrawnBuild = components['schemas']['DrawnBuild']
export type TripPack = components['schemas']['TripPack']
export type Access = components['schemas']['Access']
export type From = LookRequest['from']

export const api = createClient<paths>({ baseUrl: '/' })

/** The version of each thing as this page read it last, by its address: a write names it, and is refused where another came between. */
const versions = new Map<string, string>()
const VERSION = /^"v\d+"$/

api.use({
  onRequest({ request }) {
    const seen = versions.get(new URL(request.url).pathname)
    const named = request.headers.has('If-Match')
    if (seen && !named && ['PUT', 'PATCH', 'DELETE'].includes(request.method)) request.headers.set('If-Match', seen)
  },
  onResponse({ request, response }) {
    reach.answered(response)
    const path = new URL(request.url).pathname
    const version = response.headers.get('ETag')
    if (request.method === 'DELETE' && response.ok) versions.delete(path)
    else if (version && VERSION.test(version)) versions.set(path, version)
  },
})

/** Takes note of the version of something that came along with the page itself. */
export function saw(path: string, version: number): void {
  versions.set(path, tagOf(version))
}

/** A version as If-Match names it. */
const tagOf = (version: number) => `"v${version}"`

/** The version of something as this page knows it, for a write that is sent later. */
export const versionOf = (path: string): string | null => versions.get(path) ?? null

/** No answer at all: the server is not running, or cannot be reached. */
export class Unreachable extends Error {
  constructor() {
    super('Kontrast does not answer. It is not running, or this device has no connection to it.')
  }
}

/** What to do instead where the server cannot be reached; its refusal stays one. */
export async function orElse<T>(ask: () => Promise<T>, instead: (error: Unreachable) => Promise<T>): Promise<T> {
  try {
    return await ask()
  } catch (error) {
    if (!(error instanceof Unreachable)) throw error
    return instead(error)
  }
}

/** An answer that is not the one hoped for, in the server's own words. */
export class Refused extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail)
  }
}

/** The data of an answer, or the server's complaint as an error. */
export async function answer<T>(request: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  const { data, error, response } = await request.catch((reason: unknown) => {
    // What fetch throws is the browser's own wording; a canceled request stays what it is.
    if (!(reason instanceof TypeError)) throw reason
    reach.away()
    throw new Unreachable()
  })
  if (!response.ok) {
    throw new Refused(
      isProblem(error)
        ? error
        : {
            type: 'about:blank',
            title: 'No answer',
            status: response.status,
            detail: `Kontrast could not answer (${response.status}). Try again; if it happens again, restart it.`,
            code: 'no_answer',
            faults: [],
            fault_count: 0,
          },
    )
  }
  return data as T
}

function isProblem(error: unknown): error is Problem {
  return typeof error === 'object' && error !== null && 'detail' in error
}
