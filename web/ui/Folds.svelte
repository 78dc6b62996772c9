<script lang="ts">
  import type { Snippet } from 'svelte'

  /** A row of what can be opened, one at a time, below it: places on a stick, one stop of Tab, arrows from one to the next. */
  interface Props {
    label: string
    folds: readonly { key: string; title: string; gist?: string; isChanged?: boolean }[]
    open: string | null
    onopen: (key: string | null) => void
    /** What the open one holds; left out where it stands elsewhere. */
    children?: Snippet<[string]>
    class?: string
  }
  let { label, folds, open, onopen, children, class: classes = '' }: Props = $props()
  const id = $props.id()
  const WAYS: Partial<Record<string, (at: number, last: number) => number>> = {
    ArrowRight: (at, last) => (at === last ? 0 : at + 1),
    ArrowLeft: (at, last) => (at === 0 ? last : at - 1),
    Home: () => 0,
    End: (_, last) => last,
  }
  let reached = $state(0)
  const stop = $derived(Math.max(0, open ? folds.findIndex(({ key }) => key === open) : reached))

  function turn(event: KeyboardEvent & { currentTarget: HTMLElement }) {
    const way = WAYS[event.key]
    if (!way) return
    event.preventDefault()
    event.stopPropagation()
    const buttons = [...event.currentTarget.querySelectorAll<HTMLElement>('button')]
    const at = buttons.indexOf(document.activeElement as HTMLElement)
    reached = way(at, buttons.length - 1)
    buttons[reached]?.focus()
  }
</script>

<!-- svelte-ignore a11y_interactive_supports_focus (its buttons have the focus, one after the other) -->
<div role="toolbar" aria-label={label} class={['flex flex-wrap', classes]} onkeydown={turn}>
  {#each folds as fold, i (fold.key)}
    <button
      class={[
        'place border-edge min-h-11 min-w-0 flex-1 !flex-col !items-start justify-center border-b !px-2',
        '!text-left text-sm leading-tight',
      ]}
      type="button"
      tabindex={i === stop ? 0 : -1}
      aria-expanded={fold.key === open}
      aria-controls={fold.key === open && children ? id : undefined}
      onclick={() => onopen(fold.key === open ? null : fold.key)}
    >
      <span class={fold.gist ? 'text-faint text-xs' : 'font-semibold'}>{fold.title}</span>
      {#if fold.gist}<span class="max-w-full truncate font-semibold">{fold.gist}</span>{/if}
      {#if fold.isChanged}<span class="text-now text-xs font-bold">changed</span>{/if}
    </button>
  {/each}
</div>
{#if open && children}<div {id} class="transition-opacity duration-150 starting:opacity-0">
    {@render children(open)}
  </div>{/if}
