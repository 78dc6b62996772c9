<script lang="ts" generics="T extends string">
  import type { Snippet } from 'svelte'
  import { capital, show } from '../words/words'
  import Group from './Group.svelte'
  import Tile from './Tile.svelte'

  /** One word out of a few, as tiles to tap. */
  interface Props {
    label: string
    options: readonly T[]
    value: T | null | undefined
    onpick: (value: T) => void
    /** Drawn above the word. */
    picture?: Snippet<[T]>
    /** How a word reads here, where it reads otherwise than elsewhere. */
    shown?: Partial<Record<T, string>>
    /** Taken back by a second tap. */
    optional?: boolean
    onclear?: () => void
    note?: string
    /** Its name is seen from what it offers: it is only said. */
    isQuiet?: boolean
    columns?: string
  }
  let {
    label,
    options,
    value,
    onpick,
    picture,
    shown,
    optional = false,
    onclear,
    note,
    isQuiet = false,
    columns,
  }: Props = $props()
  const name = $props.id()
</script>

<Group {label} {note} {isQuiet}>
  <div class="grid {columns ?? 'auto-cols-fr grid-flow-col'}">
    {#each options as option (option)}
      <Tile
        type="radio"
        {name}
        value={option}
        checked={value === option}
        onchange={() => onpick(option)}
        onclick={() => {
          if (optional && value === option) onclear?.()
        }}
        class="gap-1"
      >
        {#if picture}{@render picture(option)}{/if}
        <span>{shown?.[option] ?? capital(show(option))}</span>
      </Tile>
    {/each}
  </div>
</Group>
