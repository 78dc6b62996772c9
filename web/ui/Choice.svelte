<script lang="ts" generics="T extends string">
  import type { Snippet } from 'svelte'
  import { capital, show } from '../words/words'
  import Group from './Group.svelte'

  /** One word out of a few, as tiles to tap; native radio buttons underneath, so arrow keys and screen readers work as ever. */
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
    columns?: string
  }
  let { label, options, value, onpick, picture, shown, optional = false, onclear, note, columns }: Props = $props()
  const name = $props.id()
</script>

<Group {label} {note}>
  <div class="grid gap-px {columns ?? 'auto-cols-fr grid-flow-col'}">
    {#each options as option (option)}
      <label
        class={[
          'border-rule has-checked:bg-primary has-checked:text-primary-content has-focus-visible:outline-3',
          'hover:bg-base-200 relative -mr-px -mb-px flex min-h-11 cursor-pointer flex-col items-center',
          'justify-center gap-1 border px-1 py-1.5 text-center text-[0.8125rem] leading-tight has-checked:z-10',
          'has-checked:border-current has-focus-visible:z-20',
        ]}
      >
        <input
          class="absolute inset-0 h-full w-full cursor-pointer appearance-none opacity-0"
          type="radio"
          {name}
          value={option}
          checked={value === option}
          onchange={() => onpick(option)}
          onclick={() => {
            if (optional && value === option) onclear?.()
          }}
        />
        {#if picture}{@render picture(option)}{/if}
        <span>{shown?.[option] ?? capital(show(option))}</span>
      </label>
    {/each}
  </div>
</Group>
