<script lang="ts">
  import { untrack } from 'svelte'
  import type { PracticeAnswer, PracticeProgress } from '../../../words/documents'
  import Button from '../../../ui/Button.svelte'
  import Toggle from '../../../ui/Toggle.svelte'
  import Trouble from '../../../ui/Trouble.svelte'
  import { LESSONS } from './lessons'
  import MistakeLesson from './MistakeLesson.svelte'
  import { firstOf } from './schedule'
  import SeeingLesson from './SeeingLesson.svelte'
  import { Session } from './session.svelte'
  import SightLesson from './SightLesson.svelte'
  import TieLesson from './TieLesson.svelte'

  /** One lesson: question after question, and at its end how many were right. */
  interface Props {
    lesson: (typeof LESSONS)[number]
    cards: PracticeProgress['cards']
    given: readonly PracticeAnswer[]
    /** What is asked for before all else. */
    first: readonly string[]
  }
  let { lesson, cards, given, first }: Props = $props()

  let owned = $state(false)
  /** What was never asked comes in any order. */
  const shuffled = (all: readonly string[]) =>
    all
      .map((card) => [Math.random(), card] as const)
      .toSorted(([a], [b]) => a - b)
      .map(([, card]) => card)
  const begin = () =>
    untrack(() => {
      const all = cards.filter((card) => card.lesson === lesson.key).map((card) => card.card)
      const known = given.filter((one) => one.lesson === lesson.key)
      return new Session(lesson.key, lesson.count, [...first, ...firstOf(known, shuffled(all), new Date())], owned)
    })
  let session = $state.raw(begin())
  const number = $derived(Math.min(session.at + 1, session.count))
</script>

<div class="flex flex-col gap-3">
  <header class="flex flex-wrap items-end justify-between gap-x-4 gap-y-2">
    <div>
      <h1 class="text-xl font-bold sm:text-2xl">{lesson.title}</h1>
      <p class="text-faint text-sm max-sm:hidden">{lesson.learns}</p>
    </div>
    <div class="flex flex-wrap items-center gap-2 sm:gap-3 print:hidden">
      <div class="w-28 sm:w-40">
        <p class="text-sm font-bold">{lesson.key === 'tie' ? 'Water' : 'Question'} {number} of {session.count}</p>
        <svg class="block h-3 w-full" aria-hidden="true">
          <line x1="0" x2="100%" y1="9" y2="9" stroke="var(--edge)" />
          <rect y="6" height="5" width="{(100 * session.at) / session.count}%" fill="currentColor" />
          {#if !session.isOver}<rect
              x="{(100 * session.at) / session.count}%"
              y="6"
              height="5"
              width="{100 / session.count}%"
              fill="var(--now)"
            />{/if}
          {#each { length: session.count + 1 }, i (i)}<line
              x1="{(100 * i) / session.count}%"
              x2="{(100 * i) / session.count}%"
              y1="2"
              y2="10"
              stroke="var(--edge)"
            />{/each}
        </svg>
      </div>
      {#if lesson.key === 'tie'}
        <Toggle
          label="Only my parts"
          value={owned}
          onset={(checked) => {
            owned = checked
            session = begin()
          }}
        />
      {/if}
      <Button href="#/learned/practice">Stop here</Button>
    </div>
  </header>
  {#if session.isOver}
    <section class="sheet max-w-prose p-5" aria-labelledby="over">
      <h2 id="over">{session.right} of {session.count} right</h2>
      {#if cards.some((card) => card.lesson === lesson.key)}
        <p class="py-2 text-sm">What was missed comes again soonest.</p>
      {/if}
      <p class="flex flex-wrap gap-2 pt-2">
        <Button look="primary" onclick={() => (session = begin())}>{session.count} more</Button>
        <Button href="#/learned/practice">How it goes</Button>
      </p>
    </section>
  {:else if session.now}
    {#key session.now}
      {#if session.now.waters?.[0]}<TieLesson water={session.now.waters[0]} {session} />
      {:else if session.now.sightings?.[0]}<SeeingLesson sighting={session.now.sightings[0]} {session} />
      {:else if session.now.guesses?.[0]}<SightLesson guess={session.now.guesses[0]} {session} />
      {:else if session.now.flawed?.[0]}<MistakeLesson flawed={session.now.flawed[0]} {session} />
      {:else}
        <p class="text-sm">Nothing was found to ask this time.</p>
        <p><Button onclick={() => session.next()}>Another</Button></p>
      {/if}
    {/key}
  {:else if session.error}
    <Trouble error={session.error} onretry={() => void session.make()} />
  {:else}
    <p role="status" class="bg-proof min-h-96 p-4 text-sm text-[#1a1a1a]">Making up a question…</p>
  {/if}
</div>
