import type { AdvisedBuild, Bench, Best, Composition, From, Reading, SavedBuild, Swap } from '../words/documents'
import { queryClient } from './cache'
import { answer, api } from './client'
import { stored, worked } from './read.svelte'
import { errand, removal, write } from './write.svelte'

type Judged = { reading: Reading; build: Composition; from: From }

/** A build judged for a reading. */
export const verdictFor = worked<Judged, Bench>('verdict', ['votes'], (body, signal) =>
  answer(api.POST('/api/bench', { body, signal })),
)

/** The same of one that came in a file: it is looked at once. */
export const lookAt = errand('builds.look', (body: Judged) => answer<Bench>(api.POST('/api/bench', { body })))

/** Asks for verdicts that a key press away may need. What was asked ahead before and is not needed is canceled. */
export function askAhead(inputs: readonly Judged[]): void {
  void queryClient.cancelQueries({ predicate: (query) => query.queryKey[0] === 'verdict' && !query.isActive() })
  for (const input of inputs) verdictFor.ahead(input)
}

const OF_PARTS = ['votes', 'parts', 'built'] as const

/** The ten best builds of the parts owned. */
export const bestFor = worked<Reading, Best>(
  'best',
  OF_PARTS,
  (reading, signal) => answer(api.POST('/api/best', { body: { reading }, signal })),
  { isCostly: true },
)
/** The advised build, of owned parts where they do nearly as well and of generic ones elsewhere. */
export const advisedBuildFor = worked<Reading, AdvisedBuild>(
  'advised-build',
  OF_PARTS,
  (reading, signal) => answer(api.POST('/api/advised-build', { body: { reading }, signal })),
  { isCostly: true, isAwaited: true },
)
/** Single changes to a build that gain something. */
export const swapsFor = worked<{ reading: Reading; build: Composition }, Swap[]>(
  'swaps',
  OF_PARTS,
  (body, signal) => answer(api.POST('/api/swaps', { body: { ...body, from: 'side' }, signal })),
  { isCostly: true },
)

export const buildsQuery = stored('builds', ['builds'], () => answer<SavedBuild[]>(api.GET('/api/builds')))

export const builds = {
  add: write('builds.add', {
    changes: ['builds'],
    send: (body: SavedBuild) => answer<SavedBuild>(api.POST('/api/builds', { body })),
  }),
  ...removal('builds', ['builds']),
}
