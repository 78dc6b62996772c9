<script lang="ts">
  import { COLOUR_HEX, COLOURS, type Colour } from '../words/vocabulary'
  import { capital, show } from '../words/words'
  import Group from './Group.svelte'
  import Tile from './Tile.svelte'
  import { toggled } from './toggled'

  /** Colors to tap on and off, each on neutral gray. */
  interface Props {
    label: string
    note?: string
    value: readonly Colour[]
    onset: (value: Colour[]) => void
  }
  let { label, note, value, onset }: Props = $props()
</script>

<Group {label} {note}>
  <div class="grid grid-cols-4 min-[360px]:grid-cols-5 sm:grid-cols-8">
    {#each COLOURS as word (word)}
      <Tile
        type="checkbox"
        chosen="framed"
        checked={value.includes(word)}
        onchange={() => onset(toggled(value, word))}
        class="flex-col !items-stretch !p-1 !text-xs"
      >
        <span class="bg-proof block p-1.5"
          ><span class="block h-5" style:background-color={COLOUR_HEX[word]}></span></span
        >
        <span class="flex min-h-7 items-center justify-center">{capital(show(word))}</span>
      </Tile>
    {/each}
  </div>
</Group>
