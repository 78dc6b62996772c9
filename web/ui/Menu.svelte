<script lang="ts">
  import Ellipsis from '@lucide/svelte/icons/ellipsis'
  import { DropdownMenu } from 'bits-ui'

  /** What is done with a thing less often, behind three dots beside it. */
  interface Props {
    /** What it is of: “More for black craw”. */
    label: string
    items: readonly { words: string; onpick: () => void }[]
  }
  let { label, items }: Props = $props()
</script>

<DropdownMenu.Root>
  <DropdownMenu.Trigger class="hover:bg-base-200 flex h-11 w-11 items-center justify-center" aria-label={label}
    ><Ellipsis size={18} aria-hidden="true" /></DropdownMenu.Trigger
  >
  <DropdownMenu.Portal>
    <DropdownMenu.Content
      class="border-base-content bg-sheet z-50 border-2 text-sm"
      sideOffset={2}
      collisionPadding={16}
    >
      {#each items as { words, onpick } (words)}
        <DropdownMenu.Item
          class="data-highlighted:bg-base-200 flex min-h-11 min-w-36 cursor-pointer items-center px-3 font-semibold"
          onSelect={onpick}>{words}</DropdownMenu.Item
        >
      {/each}
    </DropdownMenu.Content>
  </DropdownMenu.Portal>
</DropdownMenu.Root>
