<script lang="ts">
  import type { PracticeAnswer, PracticeProgress } from '../../../words/documents'
  import { laddersQuery } from '../../../data/practice'
  import Button from '../../../ui/Button.svelte'
  import Panel from '../../../ui/Panel.svelte'
  import { count } from '../../../words/numbers'
  import { capital, show } from '../../../words/words'
  import DueStrip from './DueStrip.svelte'
  import HandOn from './HandOn.svelte'
  import { LESSONS } from './lessons'
  import { dueOf } from './schedule'
  import SeeingCurve from './SeeingCurve.svelte'
  import SightErrors from './SightErrors.svelte'

  /** The lessons, and how it goes with each: figures, and nothing that praises. */
  let { progress, given }: { progress: PracticeProgress; given: readonly PracticeAnswer[] } = $props()
  const ladders = laddersQuery()
  const due = $derived(dueOf(given))
  const ready = $derived(due.filter((one) => one.due <= new Date()).length)
  const text = (card: string) => progress.cards.find((one) => one.card === card)?.text ?? card
  const topics = $derived(progress.topics.filter((topic) => topic.answered > 0))
  const said = $derived.by(() => {
    if (progress.bias == null) return 'no guess yet'
    const off = Math.round(100 * Math.abs(progress.bias - 1))
    return `the middle one ${off < 5 ? 'on the mark' : `${off} % too ${progress.bias > 1 ? 'far' : 'near'}`}`
  })
</script>

<div class="flex flex-col gap-5">
  <header>
    <h1>Practice</h1>
    <p class="text-faint max-w-prose text-sm">
      Made up by the program’s own rules and its model of the water, new each time. Ten questions take about five
      minutes.
    </p>
  </header>
  <ul class="grid gap-x-7 gap-y-4 sm:grid-cols-2">
    {#each LESSONS as lesson (lesson.key)}
      <li class="border-base-content flex items-start justify-between gap-3 border-t pt-2">
        <div>
          <h2>{lesson.title}</h2>
          <p class="text-sm">{lesson.learns}</p>
          <p class="text-faint text-sm">{count(progress.answered[lesson.key] ?? 0, 'answer')} so far</p>
        </div>
        <Button
          look={lesson.key === 'tie' ? 'primary' : 'outline'}
          href="#/learned/practice?lesson={lesson.key}"
          label="{lesson.title} Begin">Begin</Button
        >
      </li>
    {/each}
  </ul>
  <Panel title="First lessons" gist="three screens each, then a water of your own">
    <ul class="flex min-h-11 flex-wrap gap-2 max-sm:min-h-24">
      {#each ladders.data ?? [] as one (one.key)}
        <li><Button href="#/learned/practice?ladder={one.key}">{one.title}</Button></li>
      {/each}
    </ul>
  </Panel>
  <Panel title="These come again" gist={due.length === 0 ? 'nothing yet' : `${ready} now, what you missed soonest`}>
    {#if due.length > 0}<DueStrip {due} {text} />{/if}
  </Panel>
  <div class="grid gap-x-7 gap-y-5 lg:grid-cols-3">
    <Panel title="By topic" gist="right of answered">
      {#if topics.length === 0}<p class="text-sm">Nothing answered yet.</p>{/if}
      <ul>
        {#each topics as topic (topic.topic)}
          <li class="flex items-center gap-3 py-0.5 text-sm">
            <span class="w-20">{capital(show(topic.topic))}</span>
            <svg class="h-4 min-w-0 flex-1" aria-hidden="true">
              <line x1="0" x2="100%" y1="11" y2="11" stroke="var(--edge)" />
              <rect y="8" height="6" width="{(100 * topic.right) / topic.answered}%" fill="currentColor" />
            </svg>
            <span class="w-16 text-right tabular-nums">{topic.right} of {topic.answered}</span>
          </li>
        {/each}
      </ul>
    </Panel>
    <Panel title="Your eye" gist="three in four right at {progress.threshold} times as far">
      <SeeingCurve curve={progress.curve} threshold={progress.threshold} answered={progress.answered['seeing'] ?? 0} />
    </Panel>
    <Panel title="Your guesses" gist={said}>
      <SightErrors guesses={progress.guesses} />
    </Panel>
  </div>
  <Panel title="Pass it on"><HandOn /></Panel>
</div>
