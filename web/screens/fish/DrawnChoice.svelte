<script lang="ts">
  import type { Composition } from '../../words/documents'
  import { drawnFor } from '../../data/outings'
  import { inTheirColours } from '../../lure/paint'
  import Thumbnail from '../../lure/Thumbnail.svelte'

  /** Lures drawn as they would be, to be tied on with a tap. */
  interface Props {
    choices: readonly { build: Composition; name: string; note: string }[]
    /** Several beside each other. */
    isTight?: boolean
    onpick: (build: Composition) => unknown
  }
  let { choices, isTight = false, onpick }: Props = $props()
  const drawn = drawnFor(() => (choices.length > 0 ? choices.map((one) => one.build) : null))
  const ROW = 'border-rule active:bg-base-200 focus-ring flex w-full items-center text-left text-sm'
</script>

<ul class={isTight ? 'grid grid-cols-3 gap-1' : ''}>
  {#each choices as { build, name, note }, i (i)}
    {@const one = drawn.isCurrent ? drawn.shown?.value[i] : undefined}
    <li class={isTight ? 'flex' : ''}>
      <button
        class={[ROW, isTight ? 'min-h-28 flex-col gap-1 border p-1' : 'min-h-14 gap-3 border-t py-1']}
        onclick={() => onpick(build)}
      >
        <span class={['bg-proof shrink-0 p-1 text-[#1a1a1a]', isTight ? 'h-14 w-full' : 'h-14 w-24']}
          >{#if one}<Thumbnail build={one.build} paint={inTheirColours(one.build, one.look_parts)} />{/if}</span
        >
        <span class={['min-w-0', isTight && 'text-center text-xs']}
          >{name}{#if note}<br /><span class="font-semibold">{note}</span>{/if}</span
        >
      </button>
    </li>
  {/each}
</ul>
