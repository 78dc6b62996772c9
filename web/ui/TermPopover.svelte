<script lang="ts">
  import { Popover } from 'bits-ui'
  import type { Term } from '../words/terms'
  import { TERM_BUTTON } from './termButton'

  /** What a word means, under the word. */
  let { term, label, shown }: { term: Term; label: string; shown: string } = $props()
  let open = $state(true)
</script>

<Popover.Root bind:open>
  <Popover.Trigger class={TERM_BUTTON} aria-label={label}>
    <span class="underline decoration-dotted underline-offset-2">{shown}</span>
  </Popover.Trigger>
  <Popover.Portal>
    <Popover.Content
      class={[
        'border-base-content bg-base-100 text-base-content z-50 max-h-80',
        'w-[min(22rem,calc(100vw-2rem))] overflow-y-auto border-2 p-3 text-sm leading-snug shadow-lg',
      ]}
      sideOffset={2}
      collisionPadding={16}
    >
      <p class="font-bold">{term.title}</p>
      {#each term.meaning as sentence (sentence)}<p class="pt-1">{sentence}</p>{/each}
    </Popover.Content>
  </Popover.Portal>
</Popover.Root>
