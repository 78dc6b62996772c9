<script lang="ts">
  import type { Snippet } from 'svelte'
  import Button from './Button.svelte'

  /** The browser's own dialog: it keeps the focus, closes on Escape, and gives the focus back. Without `onclose` it has to be answered. */
  interface Props {
    title: string
    onclose?: () => void
    children: Snippet
  }
  let { title, onclose, children }: Props = $props()
  const id = $props.id()
  const open = (dialog: HTMLDialogElement) => dialog.showModal()
</script>

<dialog
  {@attach open}
  class={[
    'bg-base-100 text-base-content border-base-content mx-auto mt-16 max-h-[80vh]',
    'w-[min(36rem,calc(100vw-2rem))] overflow-y-auto border-2 p-3 backdrop:bg-black/50',
  ]}
  aria-labelledby={id}
  {onclose}
  oncancel={(event) => {
    if (!onclose) event.preventDefault()
  }}
>
  <h2 {id} class="pb-2">{title}</h2>
  {@render children()}
  {#if onclose}<Button class="mt-3" onclick={onclose}>Close</Button>{/if}
</dialog>
