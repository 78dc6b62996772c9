<script lang="ts" module>
  import type { Water as Body, Water } from '../../words/documents'
  import { Form } from '../../data/draft.svelte'

  /** The water being typed in: it is still there after looking at another screen. */
  const inHand = new Form<Body>('water')
</script>

<script lang="ts">
  import Button from '../../ui/Button.svelte'
  import { likelyPlace } from '../../ui/likelyPlace'
  import PlaceBoxes from '../../ui/PlaceBoxes.svelte'
  import Empty from '../../ui/Empty.svelte'
  import { FORAGES, TINTS } from '../../words/vocabulary'
  import { SHORT_TINTS } from '../../words/tints'
  import { byField } from '../../data/write.svelte'
  import Choice from '../../ui/Choice.svelte'
  import Trouble from '../../ui/Trouble.svelte'
  import Toggle from '../../ui/Toggle.svelte'
  import { list, show, tintWords } from '../../words/words'
  import { watersQuery, waters as writes } from '../../data/waters'

  const waters = watersQuery()
  const BLANK: Water = { name: '', tint: 'none', red_crawfish: false, forage: null, note: '', place: null }
  const draft = $derived(inHand.value)
  const set = (change: Partial<Water>) => inHand.set(change)
  let faults = $state.raw<Record<string, string>>({})

  const begin = () => inHand.open({ ...BLANK })
  /** Read anew, so that it is the present state that is changed. */
  const open = (water: Water) => writes.open(water.id ?? '', (now) => inHand.open(now.value, now))

  function save(event: SubmitEvent) {
    event.preventDefault()
    if (inHand.edit)
      void writes.save(inHand.edit, { then: () => inHand.close(), faults: (all) => (faults = byField(all)) })
  }

  const usual = (water: Water) =>
    list([
      tintWords(water.tint),
      ...(water.forage ? [show(water.forage)] : []),
      ...(water.red_crawfish ? ['crawfish turn red'] : []),
    ])
</script>

<section aria-labelledby="waters">
  <header class="border-base-content flex flex-wrap items-end justify-between gap-2 border-b pb-2">
    <h1 id="waters">Waters</h1>
    <Button onclick={begin}>Add a water</Button>
  </header>
  {#if waters.error}<Trouble error={waters.error} onretry={() => void waters.refetch()} />{/if}
  {#if waters.data?.length === 0 && !draft}
    <Empty
      text="No waters yet. Add the waters you fish with their usual tint and forage, and a reading there starts with those."
    >
      {#snippet action()}<Button look="primary" onclick={begin}>Add your first water</Button>{/snippet}
      {#snippet sample()}
        <p class="font-bold">Limestone quarry</p>
        <p class="text-sm">No tint, shad</p>
      {/snippet}
    </Empty>
  {/if}
  <ul>
    {#each waters.data ?? [] as water (water.id)}
      <li class="border-rule flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-t py-2">
        <span class="min-w-0">
          <span class="block font-bold">{water.name}</span>
          <span class="block text-sm">{usual(water)}</span>
          {#if water.note}<span class="text-faint block text-sm">{water.note}</span>{/if}
        </span>
        <span class="flex gap-2">
          <Button onclick={() => open(water)}>Change<span class="sr-only"> {water.name}</span></Button>
          <Button onclick={() => writes.remove(water.id ?? '', water.name)}
            >Delete<span class="sr-only"> {water.name}</span></Button
          >
        </span>
      </li>
    {/each}
  </ul>
  {#if draft}
    {@const current = draft}
    <form class="border-base-content mt-3 flex max-w-2xl flex-col gap-4 border-2 p-4" onsubmit={save} novalidate>
      <label class="flex flex-col gap-1">
        <span class="text-[0.8125rem] font-bold">Name</span>
        <input
          class="input w-full"
          value={current.name}
          oninput={(event) => set({ name: event.currentTarget.value })}
          aria-invalid={faults.name ? 'true' : undefined}
          aria-describedby="name-fault"
        />
        {#if faults.name}<span id="name-fault" class="text-error text-sm">{faults.name}</span>{/if}
      </label>
      <Choice
        label="Usual tint"
        options={TINTS}
        value={current.tint}
        onpick={(tint) => set({ tint })}
        shown={SHORT_TINTS}
      />
      <Choice
        label="Usual forage"
        note="tap again to clear"
        options={FORAGES}
        value={current.forage}
        onpick={(forage) => set({ forage })}
        optional
        onclear={() => set({ forage: null })}
        columns="grid-cols-3 sm:grid-cols-6"
      />
      <Toggle
        label="Crawfish turn red here"
        value={current.red_crawfish}
        onset={(red_crawfish) => set({ red_crawfish })}
      />
      {#if current.place}
        <PlaceBoxes place={current.place} fault={faults.place} onset={(place) => set({ place })} />
      {:else}
        <Button class="self-start" onclick={() => set({ place: likelyPlace() })}>Add its place, for trips</Button>
      {/if}
      <label class="flex flex-col gap-1">
        <span class="text-[0.8125rem] font-bold">Note</span>
        <textarea
          class="textarea w-full"
          rows="2"
          value={current.note}
          oninput={(event) => set({ note: event.currentTarget.value })}
          aria-describedby="note-fault"></textarea>
        {#if faults.note}<span id="note-fault" class="text-error text-sm">{faults.note}</span>{/if}
      </label>
      <div class="flex gap-2">
        <Button look="primary" type="submit">Save water</Button>
        <Button onclick={() => (inHand.close(), (faults = {}))}>Cancel</Button>
      </div>
    </form>
  {/if}
</section>
