<script lang="ts">
  import type { Snippet } from 'svelte'

  /** A tile to tap, chosen or not: a native radio button or checkbox underneath, so arrow keys and screen readers work as ever. */
  interface Props {
    type: 'radio' | 'checkbox'
    name?: string
    value?: string
    checked: boolean
    onchange: (checked: boolean) => void
    onclick?: () => void
    /** A chosen one is filled, or framed where its own color has to stay as it is. */
    chosen?: 'filled' | 'framed'
    class?: string
    children: Snippet
  }
  let {
    type,
    name,
    value,
    checked,
    onchange,
    onclick,
    chosen = 'filled',
    class: classes = '',
    children,
  }: Props = $props()

  const CHOSEN = {
    filled: 'has-checked:bg-primary has-checked:text-primary-content has-checked:border-current hover:bg-base-200',
    framed: 'has-checked:border-base-content has-checked:border-2 has-checked:font-bold',
  }
</script>

<label
  class={[
    'focus-ring border-edge relative -mr-px -mb-px flex min-h-11 cursor-pointer items-center justify-center border px-1 py-1.5',
    'text-center text-[0.8125rem] leading-tight has-checked:z-10 has-focus-visible:z-20',
    CHOSEN[chosen],
    classes,
  ]}
>
  <input
    class="absolute inset-0 h-full w-full cursor-pointer appearance-none opacity-0"
    {type}
    {name}
    {value}
    {checked}
    onchange={(event) => onchange(event.currentTarget.checked)}
    {onclick}
  />
  {@render children()}
</label>
