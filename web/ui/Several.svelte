<script lang="ts" generics="T extends string">
  import { capital, show } from '../words/words'
  import Group from './Group.svelte'
  import Tile from './Tile.svelte'
  import { toggled } from './toggled'

  /** Any number of words, as tiles to tap on and off. */
  interface Props {
    label: string
    note?: string
    options: readonly T[]
    value: readonly T[]
    onset: (value: T[]) => void
  }
  let { label, note, options, value, onset }: Props = $props()
</script>

<Group {label} {note}>
  <div class="grid grid-cols-3 gap-px sm:auto-cols-fr sm:grid-flow-col sm:grid-cols-none">
    {#each options as option (option)}
      <Tile type="checkbox" checked={value.includes(option)} onchange={() => onset(toggled(value, option))}>
        {capital(show(option))}
      </Tile>
    {/each}
  </div>
</Group>
