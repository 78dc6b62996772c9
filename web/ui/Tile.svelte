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
    /** A chosen one stands over an ink bar, or in a frame where it is a color by itself. */
    chosen?: 'stick' | 'framed'
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
    chosen = 'stick',
    class: classes = '',
    children,
  }: Props = $props()

  const CHOSEN = {
    stick: 'place border-edge flex-col !justify-end border-b pt-1 pb-2',
    framed: [
      'border-edge -mr-px -mb-px flex items-center justify-center border py-1.5 text-center has-checked:z-10',
      'has-checked:border-base-content has-checked:border-2 has-checked:font-bold',
    ],
  }
</script>

<label
  class={[
    'focus-ring relative min-h-11 min-w-0 cursor-pointer px-1 text-sm leading-tight has-focus-visible:z-20',
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
