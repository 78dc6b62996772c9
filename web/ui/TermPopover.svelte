<script lang="ts">
  import type { Term } from '../words/terms'
  import TapPopover from './TapPopover.svelte'
  import { TERM_BUTTON } from './termButton'

  /** What a word means, under the word. */
  let { term, label, shown }: { term: Term; label: string; shown: string } = $props()
  let open = $state(true)
</script>

{#snippet word()}<span class="underline decoration-dotted underline-offset-2">{shown}</span>{/snippet}

<TapPopover bind:open button={TERM_BUTTON} {label} shown={word}>
  <p class="font-bold">{term.title}</p>
  {#each term.meaning as sentence (sentence)}<p class="pt-1">{sentence}</p>{/each}
</TapPopover>
