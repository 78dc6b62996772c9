import type { Ladder, PracticeAnswer, PracticeProgress, PracticeRequest, PracticeSession } from '../words/documents'
import { stamp } from '../words/clock'
import { newId } from '../words/newId'
import { answer, api, orElse } from './client'
import { fixed, stored } from './read.svelte'
import { write } from './write.svelte'

/** How it goes, and everything that can be asked for. */
export const progressQuery = stored('practice', ['practice'], () => answer<PracticeProgress>(api.GET('/api/practice')))
/** The first lessons, each with its waters and what is tied in them. */
export const laddersQuery = fixed('ladders', () => answer<Ladder[]>(api.GET('/api/practice/ladders')))
/** Every answer that was given, oldest first. */
export const answersQuery = stored('practice-answers', ['practice'], () =>
  answer<PracticeAnswer[]>(api.GET('/api/practice-answers')),
)

export const practice = {
  /** Kept on this device first where the server cannot be reached: an answer is given once. */
  add: write('practice.add', {
    changes: ['practice'],
    send: (given: Omit<PracticeAnswer, 'id' | 'at'>) => {
      const id = newId()
      const body: PracticeAnswer = { ...given, id, at: stamp(new Date()) }
      return orElse<PracticeAnswer>(
        () => answer<PracticeAnswer>(api.POST('/api/practice-answers', { body })),
        async () => {
          const { outbox } = await import('./outbox/outbox.svelte')
          await outbox.add({ kind: 'answer', id, body })
          return body
        },
      )
    },
  }),
}

const MOST_SEED = 2_000_000_000

/** Another one makes up other questions. */
export const anySeed = () => Math.floor(Math.random() * MOST_SEED)

const KEPT = 'practice:'

/** A question made up; where the server cannot be reached, one that was kept on this device when it could. */
export function makeUp(body: PracticeRequest): Promise<PracticeSession> {
  return orElse<PracticeSession>(
    () => answer<PracticeSession>(api.POST('/api/practice', { body })),
    async (error) => {
      const { outbox } = await import('./outbox/outbox.svelte')
      const [name] = await outbox.namesOf(`${KEPT}${body.lesson}:`)
      const kept = name === undefined ? undefined : await outbox.kept<PracticeSession>(name)
      if (name === undefined || !kept) throw error
      await outbox.forget(name)
      return kept
    },
  )
}

/** Keeps a question on this device, for when nothing can be asked. */
export async function keepForLater(lesson: PracticeRequest['lesson'], session: PracticeSession): Promise<void> {
  const { outbox } = await import('./outbox/outbox.svelte')
  await outbox.keep(`${KEPT}${lesson}:${session.seed}`, session)
}

/** How many of them are kept. */
export async function keptForLater(lesson: PracticeRequest['lesson']): Promise<number> {
  const { outbox } = await import('./outbox/outbox.svelte')
  return (await outbox.namesOf(`${KEPT}${lesson}:`)).length
}
