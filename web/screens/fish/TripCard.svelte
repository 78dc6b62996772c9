<script lang="ts">
  import { planFor, tripsQuery } from '../../data/trips'
  import { watersQuery } from '../../data/waters'
  import Answer from '../../ui/Answer.svelte'
  import Button from '../../ui/Button.svelte'
  import Stored from '../../ui/Stored.svelte'
  import CardPage, { type Paper } from './CardPage.svelte'

  /** A trip on one printed page: A4, Letter, or folded to pocket size. */
  let { params }: { params?: { id?: string } | undefined } = $props()
  const PAPERS: Record<Paper, string> = { a4: 'A4', letter: 'Letter', pocket: 'Pocket, folded twice' }
  let paper = $state<Paper>('letter')
  const trips = tripsQuery()
  const waters = watersQuery()
  const trip = $derived(trips.data?.find((one) => one.id === params?.id))
  const plan = planFor(() => trip?.trip ?? null)
</script>

<header class="flex flex-wrap items-end justify-between gap-3 pb-3 print:hidden">
  <h1>Trip card</h1>
  <div class="flex flex-wrap items-end gap-2">
    <label class="flex items-center gap-2 text-[0.8125rem] font-bold"
      >Paper
      <select class="select w-48" bind:value={paper}>
        {#each Object.entries(PAPERS) as [key, name] (key)}<option value={key}>{name}</option>{/each}
      </select></label
    >
    <Button look="primary" onclick={() => print()}>Print</Button>
    <Button href="#/fish/{params?.id ?? ''}">Back to the trip</Button>
  </div>
</header>
<Stored query={trips} waiting="Loading the trip…">
  {#if trip}
    <Answer question={plan} waiting="Planning the day…">
      {#snippet children(planned)}
        <CardPage
          name={trip.name}
          water={waters.data?.find((one) => one.id === trip.water_id)?.name ?? ''}
          trip={trip.trip}
          plan={planned}
          {paper}
        />
      {/snippet}
    </Answer>
  {:else}
    <p>This trip is no longer there. <a class="underline" href="#/fish">All trips</a></p>
  {/if}
</Stored>
