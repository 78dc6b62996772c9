<script lang="ts" generics="I, T">
  import { loaded } from '../data/busy'
  import type { Question } from '../data/question.svelte'

  /** That an answer was packed beforehand, where it was, and how near what was packed lies; loaded only then. */
  let { question }: { question: Question<I, T> } = $props()
  const source = $derived(question.shown?.source ?? 'server')
</script>

{#if source !== 'server'}
  {#await loaded(import('./PackedNote.svelte')) then { default: PackedNote }}<PackedNote near={source} />{/await}
{/if}
