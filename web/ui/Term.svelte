<script lang="ts">
  import { loaded } from '../data/busy'
  import { TERMS, type TermName } from '../words/terms'
  import { TERM_BUTTON } from './termButton'

  /** A word that is not everyday: a tap or Enter opens what it means. */
  interface Props {
    of: TermName
    /** What is shown, where that is not the title of the term. */
    shown?: string
  }
  let { of: name, shown = TERMS[name].title }: Props = $props()
  let isWanted = $state(false)
  const label = $derived(`${shown}: what it means`)
</script>

{#snippet button()}
  <button type="button" class={TERM_BUTTON} aria-label={label} aria-expanded="false" onclick={() => (isWanted = true)}
    ><span class="underline decoration-dotted underline-offset-2">{shown}</span></button
  >
{/snippet}

{#if isWanted}
  {#await loaded(import('./TermPopover.svelte'))}{@render button()}{:then { default: TermPopover }}<TermPopover
      term={TERMS[name]}
      {label}
      {shown}
    />{/await}
{:else}{@render button()}{/if}
