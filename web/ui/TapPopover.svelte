<script lang="ts">
  import { Popover } from 'bits-ui'
  import type { Snippet } from 'svelte'

  /** What opens under a button that was tapped, to be read and closed again. */
  interface Props {
    open: boolean
    /** The look of the button. */
    button: string
    label: string
    /** What the button shows. */
    shown: Snippet
    children: Snippet
  }
  let { open = $bindable(), button, label, shown, children }: Props = $props()
</script>

<Popover.Root bind:open>
  <Popover.Trigger class={button} aria-label={label}>{@render shown()}</Popover.Trigger>
  <Popover.Portal>
    <Popover.Content
      class={[
        'border-base-content bg-base-100 text-base-content z-50 max-h-80',
        'w-[min(24rem,calc(100vw-2rem))] overflow-y-auto border-2 p-3 text-sm leading-snug shadow-lg',
      ]}
      sideOffset={2}
      collisionPadding={16}
    >
      {@render children()}
    </Popover.Content>
  </Popover.Portal>
</Popover.Root>
