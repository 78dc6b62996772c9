<script lang="ts">
  import Plus from '@lucide/svelte/icons/plus'
  import Minus from '@lucide/svelte/icons/minus'
  /** A button that steps once for a tap, and on and on while it is held. */
  interface Props {
    label: string
    way: 'less' | 'more'
    onstep: () => void
    disabled?: boolean
  }
  let { label, way, onstep, disabled = false }: Props = $props()
  const HELD_MS = 450
  const AGAIN_MS = 90
  let timer: ReturnType<typeof setTimeout> | undefined
  let held = false

  function again() {
    held = true
    onstep()
    timer = setTimeout(again, AGAIN_MS)
  }

  const stop = () => clearTimeout(timer)
  $effect(() => stop)
</script>

<button
  type="button"
  class="btn btn-outline w-11 px-0 text-lg"
  aria-label={label}
  {disabled}
  onpointerdown={() => {
    held = false
    stop()
    timer = setTimeout(again, HELD_MS)
  }}
  onpointerup={stop}
  onpointerleave={stop}
  onpointercancel={stop}
  oncontextmenu={(event) => event.preventDefault()}
  onclick={() => {
    if (!held) onstep()
    held = false
  }}
  >{#if way === 'less'}<Minus size={16} aria-hidden="true" />{:else}<Plus size={16} aria-hidden="true" />{/if}</button
>
