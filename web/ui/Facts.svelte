<script lang="ts">
  import { Popover } from 'bits-ui'
  import { factsQuery } from '../api/queries'

  /** The ids of the facts a reason rests on; a tap or Enter opens what they say, and leads to the rule. */
  let { ids, rule }: { ids: readonly string[]; rule?: string | null } = $props()
  let open = $state(false)
  const facts = factsQuery(() => open)
  const distinct = $derived([...new Set(ids)])
</script>

{#if distinct.length > 0 || rule}
  <Popover.Root bind:open>
    <Popover.Trigger
      class="focus-ring text-faint -my-3 ml-1 inline-flex min-h-11 min-w-11 items-center justify-center px-1 align-middle text-[0.6875rem]"
      aria-label="Facts behind this: {distinct.join(', ') || 'a default of this program'}"
    >
      <span class="border-edge border px-1">{distinct.join(' ') || 'default'}</span>
    </Popover.Trigger>
    <Popover.Portal>
      <Popover.Content
        class="border-base-content bg-base-100 text-base-content z-50 max-h-80 w-[min(24rem,calc(100vw-2rem))] overflow-y-auto border-2 p-3 text-sm shadow-lg"
        sideOffset={2}
        collisionPadding={16}
      >
        {#if facts.error}<p role="alert">{facts.error.message}</p>{/if}
        <dl class="grid grid-cols-[auto_1fr] gap-x-3 gap-y-1">
          {#each distinct as id (id)}
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
{/if}
