<script lang="ts">
  import type { Doing } from './shortcuts'

  /** Everything the bench can do, found by typing; and, by "?", which keys do it. The browser's own dialog keeps the focus. */
  interface Props {
    open: 'palette' | 'keys' | null
    doings: readonly Doing[]
    onclose: () => void
  }
  let { open, doings, onclose }: Props = $props()

  let dialog = $state<HTMLDialogElement | null>(null)
  let sought = $state('')
  const found = $derived(
    doings.filter((doing) =>
      sought
        .toLowerCase()
        .split(/\s+/)
        .every((word) => doing.name.toLowerCase().includes(word)),
    ),
  )

  $effect(() => {
    if (open && !dialog?.open) {
      sought = ''
      dialog?.showModal()
    }
    if (!open) dialog?.close()
  })

  function run(doing: Doing | undefined) {
    onclose()
    doing?.run()
  }

  /** Up and down walk through the list, from the field on. */
  function walk(event: KeyboardEvent) {
    const way = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0
    if (way === 0 || !dialog) return
    event.preventDefault()
    const stops = [...dialog.querySelectorAll<HTMLElement>('[data-stop]')]
    const at = stops.indexOf(document.activeElement as HTMLElement)
    stops[Math.min(stops.length - 1, Math.max(0, at + way))]?.focus()
  }
</script>

<dialog
  bind:this={dialog}
  class={[
    'bg-base-100 text-base-content border-base-content mx-auto mt-20 max-h-[75vh]',
    'w-[min(36rem,calc(100vw-2rem))] overflow-y-auto border-2 p-3 backdrop:bg-black/50',
  ]}
  aria-label={open === 'keys' ? 'Keys on the bench' : 'What the bench can do'}
  {onclose}
  onkeydown={walk}
>
  <h2 class="pb-2">{open === 'keys' ? 'Keys on the bench' : 'What would you do?'}</h2>
  {#if open === 'palette'}
    <form
      onsubmit={(event) => {
        event.preventDefault()
        run(found[0])
      }}
    >
      <!-- svelte-ignore a11y_autofocus -->
      <input
        class="input border-rule h-11 w-full"
        aria-label="Find what to do"
        placeholder="best, swap, skirt, undo …"
        data-stop
        autofocus
        bind:value={sought}
      />
    </form>
    <ul class="pt-2">
      {#each found as doing (doing.name)}
        <li>
          <button
            class={[
              'focus:bg-primary focus:text-primary-content hover:bg-base-200 flex min-h-11 w-full items-center',
              'justify-between px-2 text-left text-sm',
            ]}
            data-stop
            onclick={() => run(doing)}
          >
            <span>{doing.name}</span><kbd class="text-xs">{doing.keys}</kbd>
          </button>
        </li>
      {:else}
        <li class="p-2 text-sm">Nothing here is called that.</li>
      {/each}
    </ul>
  {:else if open === 'keys'}
    <dl class="text-sm">
      {#each doings.filter((doing) => doing.keys) as doing (doing.name)}
        <div class="border-rule flex items-center justify-between border-t py-1.5">
          <dt>{doing.name}</dt>
          <dd><kbd class="border-rule border px-1.5">{doing.keys}</kbd></dd>
        </div>
      {/each}
    </dl>
  {/if}
  <button class="btn btn-outline border-rule mt-3 h-11" onclick={onclose}>Close</button>
</dialog>
