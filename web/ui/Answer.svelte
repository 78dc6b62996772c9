<script lang="ts" generics="I, T">
  import type { Snippet } from 'svelte'
  import type { Question } from '../data/question.svelte'
  import Trouble from './Trouble.svelte'
  import WhereFrom from './WhereFrom.svelte'

  /**
   * What a question was answered. An answer to an earlier input stays to be read while the next one is on its way, but nothing in it can be
   * acted on.
   */
  interface Props {
    question: Question<I, T>
    /** What is being done meanwhile: "Trying every build…". */
    waiting: string
    children: Snippet<[T, I]>
    /** Something else says already that it is on its way. */
    quiet?: boolean
    class?: string
  }
  let { question, waiting, children, quiet = false, class: classes = '' }: Props = $props()

  /** An answer that takes longer than this is said to be on its way. */
  const SLOW_MS = 400
  let isSlow = $state(false)
  /** Whether the last tap did nothing. */
  let isMissed = $state(false)
  $effect(() => {
    if (question.isCurrent || question.error) {
      isSlow = false
      return
    }
    // What is asked now is another thing than what was tapped before.
    isMissed = false
    const timer = setTimeout(() => (isSlow = true), SLOW_MS)
    return () => clearTimeout(timer)
  })

  /** A fold can be opened and a link followed at any time; everything else acts on the answer. */
  function hold(event: Event) {
    const { target } = event
    if (question.isCurrent) {
      isMissed = false
      return
    }
    if (!(target instanceof Element)) return
    if (!target.closest('button, input, select, label') || target.closest('button[aria-expanded]')) return
    // A tap that does nothing is told why at once, and still once the answer has come.
    isSlow = isMissed = true
    event.preventDefault()
    event.stopPropagation()
  }
</script>

{#if question.error}<Trouble error={question.error} onretry={() => question.retry()} />{/if}
<WhereFrom {question} />
{#if question.shown}
  {@const { value, input } = question.shown}
  {#if isSlow || isMissed}<p role="status" class="bg-neutral text-neutral-content sticky top-0 z-20 px-2 py-1 text-sm">
      {#if isSlow}{waiting} Below is the result for the previous reading.{:else}Your tap came before this result, and
        did nothing. Tap again if you still want it.{/if}
    </p>{/if}
  <div
    class={[classes, !question.isCurrent && isSlow && 'opacity-60']}
    aria-busy={!question.isCurrent}
    onclickcapture={hold}
    onchangecapture={hold}
  >
    {@render children(value, input)}
  </div>
{:else if !question.error && !quiet}
  <p role="status" class="py-2 text-sm">{waiting}</p>
{/if}
