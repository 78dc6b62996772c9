<script lang="ts">
  import type { ObservedReading, Reading, UsualWater } from '../../words/documents'
  import { settings } from '../../data/settings.svelte'
  import Button from '../../ui/Button.svelte'
  import Choice from '../../ui/Choice.svelte'
  import { date } from '../../words/numbers'
  import { SKYS, type Sky } from '../../words/vocabulary'
  import { byEye, clearer, dirtier } from './seen'
  import WaterPanel from './WaterPanel.svelte'
  import { waterWords } from './waterWords'

  /** The first question at the water: what it is like, and then the sky. What was last seen here is a proposal; a tap makes it so. */
  interface Props {
    seen: ObservedReading
    /** What is taken for granted as long as nobody has said anything. */
    start: Reading
    usual: UsualWater | undefined
    onsee: (seen: ObservedReading) => unknown
    onskip: () => unknown
  }
  let { seen, start, usual, onsee, onskip }: Props = $props()
  let isInFull = $state(false)
  const last = $derived(usual?.seen ? byEye(usual.seen) : null)
  const choices = $derived(
    last
      ? [
          { name: 'Same as last time', water: last },
          { name: 'Dirtier', water: dirtier(last) },
          { name: 'Clearer', water: clearer(last) },
        ]
      : [],
  )
</script>

<section
  aria-label="What is the water like here?"
  class={['flex flex-col gap-2', !isInFull && 'border-base-content border-2 p-3']}
>
  {#if isInFull}
    <WaterPanel {seen} {start} onset={onsee} />
    <Button class="self-end" onclick={onskip}>Not now</Button>
  {:else if seen.visibility_in == null}
    <h2 class="text-base font-extrabold">What is the water like here?</h2>
    {#each choices as { name, water } (name)}
      {#if water}
        <Button
          class="h-auto min-h-14 w-full justify-between gap-3 py-2 text-left"
          onclick={() => onsee({ ...seen, ...water })}
          ><span class="text-base font-bold">{name}</span><span>{waterWords(water, settings.metric)}</span></Button
        >
      {/if}
    {/each}
    {#if last && usual?.seen_at}<p class="text-faint text-sm">
        Last seen here on {date(usual.seen_at)}.
      </p>{/if}
    <span class="flex gap-2">
      <Button class="flex-1" look={last ? 'outline' : 'primary'} onclick={() => (isInFull = true)}
        >Say what it is</Button
      >
      <Button onclick={onskip}>Not now</Button>
    </span>
  {:else}
    <Choice
      label="And the sky?"
      options={SKYS}
      value={null as Sky | null}
      onpick={(sky) => onsee({ ...seen, sky })}
      columns="grid-cols-4"
    />
    <Button class="self-end" onclick={onskip}>Not now</Button>
  {/if}
</section>
