<script lang="ts">
  import { adviceFor, adviceViewFor } from '../../api/queries'
  import type { AdviceView, From, Reading } from '../../api/client'
  import type { GivenAdvice } from '../../offline/pack'
  import type { Question } from '../../api/question.svelte'
  import { currentReading } from '../../stores/currentReading.svelte'
  import Answer from '../../ui/Answer.svelte'
  import AdvicePage from './AdvicePage.svelte'

  interface Shown {
    advice: GivenAdvice
    /** Null until it has been computed. */
    view: AdviceView | null
  }

  /** What to tie: the advice at once where it is known already, and then with the lure in its water. */
  let from = $state<From>('side')
  const view = adviceViewFor(() => ({
    reading: currentReading.asked,
    before: currentReading.askedBefore,
    from,
  }))
  /** Only as long as there is nothing else to show: it may have come with the page. */
  const known = adviceFor(() => (view.shown ? null : currentReading.asked), true)
  const shown = $derived.by(() => {
    if (view.shown)
      return { input: view.shown.input, value: { advice: view.shown.value.advice, view: view.shown.value } }
    if (!known.shown) return undefined
    return {
      input: { reading: known.shown.input, before: null, from },
      value: { advice: known.shown.value, view: null },
    }
  })
  const question: Question<{ reading: Reading; before: Reading | null; from: From }, Shown> = {
    get shown() {
      return shown
    },
    get current() {
      return this.isCurrent ? shown?.value : undefined
    },
    get isCurrent() {
      return view.isCurrent || (!view.shown && known.isCurrent)
    },
    get error() {
      return view.error
    },
    retry: () => view.retry(),
  }
</script>

<Answer {question} waiting="Reading the rules…">
  {#snippet children(value, input)}
    <AdvicePage
      advice={value.advice}
      view={value.view}
      reading={input.reading}
      before={input.before}
      {from}
      onfrom={(next) => (from = next)}
    />
  {/snippet}
</Answer>
