<script lang="ts">
  import type { Snippet } from 'svelte'
  import type { HTMLAnchorAttributes, HTMLButtonAttributes } from 'svelte/elements'

  /** A button, or a link that looks like one; at least 44 px in both directions. */
  interface Props {
    /** The one thing to do here, one of several, or one inside a line. */
    look?: 'primary' | 'outline' | 'plain'
    size?: 'normal' | 'large'
    /** Its name where what it shows does not say enough. */
    label?: string
    href?: string
    type?: HTMLButtonAttributes['type']
    disabled?: boolean
    pressed?: boolean
    download?: HTMLAnchorAttributes['download']
    onclick?: (event: MouseEvent) => unknown
    class?: string
    children: Snippet
  }
  let {
    look = 'outline',
    size = 'normal',
    label,
    href,
    type = 'button',
    disabled = false,
    pressed,
    download,
    onclick,
    class: classes = '',
    children,
  }: Props = $props()

  const LOOKS = { primary: 'btn-primary', outline: 'btn-outline', plain: 'btn-ghost' }
  const all = $derived(['btn', size === 'large' && 'h-14', LOOKS[look], classes])
</script>

{#if href !== undefined}
  <a class={all} {href} {download} aria-label={label} {onclick}>{@render children()}</a>
{:else}
  <button class={all} {type} {disabled} aria-label={label} aria-pressed={pressed} {onclick}>{@render children()}</button
  >
{/if}
