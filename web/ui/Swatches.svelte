<script lang="ts">
  import type { Palette } from '../api/client'
  import { capital, show } from '../words/words'
  import Group from './Group.svelte'
  import { toggled } from './toggled'

  /** Colours to tap on and off, each on neutral grey. */
  interface Props {
    label: string
    note?: string
    palette: Palette
    value: readonly string[]
    onset: (value: string[]) => void
  }
  let { label, note, palette, value, onset }: Props = $props()
</script>

<Group {label} {note}>
  <div class="grid grid-cols-5 sm:grid-cols-8">
    {#each Object.entries(palette.colours) as [word, hex] (word)}
      <label
        class={[
          'border-rule has-checked:border-base-content has-focus-visible:outline-3 relative -mr-px -mb-px flex',
          'cursor-pointer flex-col border p-1 text-center text-[0.6875rem] leading-tight has-checked:z-10',
          'has-checked:border-2 has-checked:font-bold has-focus-visible:z-20',
        ]}
      >
        <input
          class="absolute inset-0 h-full w-full cursor-pointer appearance-none opacity-0"
          type="checkbox"
          checked={value.includes(word)}
          onchange={() => onset(toggled(value, word))}
        />
        <span class="bg-proof block p-1.5"><span class="block h-5" style:background-color={hex}></span></span>
        <span class="flex min-h-7 items-center justify-center">{capital(show(word))}</span>
      </label>
    {/each}
  </div>
</Group>
