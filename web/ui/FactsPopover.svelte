<script lang="ts">
  import { factsQuery, ruleFor } from '../data/rules'
  import Doubt from './Doubt.svelte'
  import { FACTS_BUTTON } from './factsButton'
  import TapPopover from './TapPopover.svelte'

  /** What some facts say, under the button that opens it; loaded when it is first wanted. */
  interface Props {
    ids: readonly string[]
    rule?: string | null
    label: string
    shown: string
  }
  let { ids, rule, label, shown }: Props = $props()
  let open = $state(true)
  const facts = factsQuery(() => open)
  const whole = ruleFor(() => (open && rule ? rule : null))
</script>

{#snippet codes()}<span class="border-edge border px-1">{shown}</span>{/snippet}

<TapPopover bind:open button={FACTS_BUTTON} {label} shown={codes}>
  {#if facts.error}<p role="alert">{facts.error.message}</p>{/if}
  <dl class="grid grid-cols-[auto_1fr] gap-x-3 gap-y-1">
    {#each ids as id (id)}
      <dt class="font-bold">{id}</dt>
      <dd>{facts.data ? (facts.data[id] ?? 'This fact has no text.') : facts.error ? '' : 'Loading…'}</dd>
    {/each}
  </dl>
  {#if rule && whole.current?.can_be_doubted}<p class="py-1"><Doubt {rule} /></p>{/if}
  {#if rule}<a
      class="inline-flex min-h-11 items-center underline underline-offset-2"
      href="#/rules/{encodeURIComponent(rule)}">Open the rule {rule}</a
    >{/if}
</TapPopover>
