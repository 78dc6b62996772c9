import type { Chart, ChartRequest, Depths, From, Here, Reading, SomethingDifferent } from '../words/documents'
import { answer, api } from './client'
import { worked } from './read.svelte'
import { errand } from './write.svelte'

// An advice for many waters at once: by visibility and sky, down the water, and where nothing bites.

export const chartFor = worked<ChartRequest, Chart>('chart', ['votes'], (body, signal) =>
  answer(api.POST('/api/chart', { body, signal })),
)
/** As a table for a spreadsheet. */
export const chartTable = errand('chart.table', (body: ChartRequest) =>
  answer<string>(api.POST('/api/chart.csv', { body, parseAs: 'text' })),
)
export const depthsFor = worked<{ reading: Reading; from: From }, Depths>('depths', ['votes'], (body, signal) =>
  answer(api.POST('/api/depths', { body, signal })),
)
export const differentFor = worked<Here, SomethingDifferent>('different', ['votes', 'notes'], (body, signal) =>
  answer(api.POST('/api/advice/different', { body, signal })),
)
