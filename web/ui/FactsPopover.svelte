<script lang="ts">
  import { Popover } from 'bits-ui'
  import { factsQuery } from '../api/queries'
  import { FACTS_BUTTON } from './factsButton'

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
</script>

<Popover.Root bind:open>
  <Popover.Trigger class={FACTS_BUTTON} aria-label={label}>
    <span class="border-edge border px-1">{shown}</span>
  </Popover.Trigger>
  <Popover.Portal>
    <Popover.Content
      class={[
        'border-base-content bg-base-100 text-base-content z-50 max-h-80',
        'w-[min(24rem,calc(100vw-2rem))] overflow-y-auto border-2 p-3 text-sm shadow-lg',
      ]}
      sideOffset={2}
      collisionPadding={16}
    >
      {#if facts.error}<p role="alert">{facts.error.message}</p>{/if}
      <dl class="grid grid-cols-[auto_1fr] gap-x-3 gap-y-1">
        {#each ids as id (id)}
          <dt class="font-bold">{id}</dt>
          <dd>{facts.data ? (facts.data[id] ?? 'This fact has no text.') : facts.error ? '' : 'Loading…'}</dd>
        {/each}
      </dl>
      {#if rule}<a
          class="inline-flex min-h-11 items-center underline underline-offset-2"
          href="#/rules/{encodeURIComponent(rule)}">Open the rule {rule}</a
        >{/if}
    </Popover.Content>
  </Popover.Portal>
</Popover.Root>
