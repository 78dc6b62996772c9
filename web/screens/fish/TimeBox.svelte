<script lang="ts">
  import Field from '../../ui/Field.svelte'
  import { stamp } from '../../words/clock'

  /** A day and a time by the clock of this device. */
  interface Props {
    label: string
    value: string | null
    onset: (at: string | null) => void
    /** In a list, where its column says what it is. */
    bare?: boolean
  }
  let { label, value, onset, bare = false }: Props = $props()
  const two = (part: number) => String(part).padStart(2, '0')
  const local = (iso: string) => {
    const at = new Date(iso)
    return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}T${two(at.getHours())}:${two(at.getMinutes())}`
  }
</script>

{#snippet box(more: object)}
  <input
    class="input w-52"
    type="datetime-local"
    value={value === null ? '' : local(value)}
    onchange={(event) => onset(event.currentTarget.value ? stamp(new Date(event.currentTarget.value)) : null)}
    {...more}
  />
{/snippet}

{#if bare}{@render box({ 'aria-label': label })}{:else}
  <Field {label}>{#snippet children(tied)}{@render box(tied)}{/snippet}</Field>
{/if}
