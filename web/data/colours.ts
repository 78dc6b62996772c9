import type { ReadColour, ReadPatch } from '../words/documents'
import type { paths } from '../words/schema'
import { answer, api } from './client'
import { errand } from './write.svelte'

type Body<P extends keyof paths> = paths[P] extends {
  post: { requestBody?: { content: { 'application/json': infer B } } }
}
  ? B
  : never

/** A color read off a picture with a card in it, or by the stand-in for a colorimeter. */
export const readPatch = errand('colour.patch', (body: Body<'/api/colour/patch'>) =>
  answer<ReadPatch>(api.POST('/api/colour/patch', { body })),
)
export const readPhoto = errand('colour.photo', (body: Body<'/api/colour/photo'>) =>
  answer<ReadColour>(api.POST('/api/colour/photo', { body })),
)
export const measureColour = errand('colour.measure', () => answer<ReadColour>(api.POST('/api/colour/colorimeter')))
