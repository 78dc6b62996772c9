<script lang="ts">
  import { FORAGES, TINTS } from '../../words/vocabulary'
  import { SHORT_TINTS } from '../../words/tints'
  import { useQueryClient } from '@tanstack/svelte-query'
  import { answer, api, Refused, type Water } from '../../api/client'
  import Choice from '../../ui/Choice.svelte'
  import Toggle from '../../ui/Toggle.svelte'
  import { conflicts } from '../../stores/conflicts.svelte'
  import { notices } from '../../stores/notices.svelte'
  import { list, show, tintWords } from '../../words/words'
  import { watersQuery } from '../../api/logbookQueries.svelte'

  const waters = watersQuery()
  const client = useQueryClient()
  const BLANK: Water = { name: '', tint: 'none', red_crawfish: false, forage: null, note: '' }
  let draft = $state<Water | null>(null)
  let faults = $state<Record<string, string>>({})

  const refresh = () => client.invalidateQueries({ queryKey: ['waters'] })

  /** Read anew, so that it is the present state that is changed. */
  async function open(water: Water) {
    try {
      draft = await answer(api.GET('/api/waters/{id}', { params: { path: { id: water.id ?? '' } } }))
    } catch (error) {
      notices.problem(error)
    }
  }

  async function write(water: Water) {
    const { id, ...body } = water
    await answer(
      id ? api.PUT('/api/waters/{id}', { params: { path: { id } }, body }) : api.POST('/api/waters', { body }),
    )
    await refresh()
    draft = null
    faults = {}
  }

  async function save(event: SubmitEvent) {
    event.preventDefault()
    if (!draft) return
    const mine = $state.snapshot(draft) as Water
    try {
      await write(mine)
    } catch (error) {
      const isAsked = conflicts.ask(error, `${mine.name} was changed in two places`, mine, {
        keepMine: () => write(mine),
        takeTheirs: (theirs) => {
          draft = { ...theirs, id: mine.id }
          void refresh()
        },
        part: ({ name, tint, forage, red_crawfish, note }) => ({ name, tint, forage, red_crawfish, note }),
      })
      if (isAsked) return
      if (error instanceof Refused)
        faults = Object.fromEntries(error.problem.faults.map((fault) => [fault.field, fault.message]))
      else notices.problem(error)
    }
  }

  async function remove(water: Water) {
    const path = { id: water.id ?? '' }
    try {
      await answer(api.DELETE('/api/waters/{id}', { params: { path } }))
      await refresh()
      notices.say(`${water.name} deleted.`, async () => {
        await answer(api.POST('/api/waters/{id}/restore', { params: { path } }))
        await refresh()
      })
    } catch (error) {
      notices.problem(error)
    }
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
    <button class="btn btn-outline border-rule h-11" onclick={() => (draft = { ...BLANK })}>Add a water</button>
  </header>
  {#if waters.data?.length === 0 && !draft}
    <p class="max-w-prose py-4">
      No waters yet. Name one, say what is usual there, and a reading taken at it starts from that.
    </p>
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
          <button class="btn btn-outline border-rule h-11" onclick={() => open(water)}
            >Change<span class="sr-only"> {water.name}</span></button
          >
          <button class="btn btn-outline border-rule h-11" onclick={() => remove(water)}
            >Delete<span class="sr-only"> {water.name}</span></button
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
          class="input border-rule h-11 w-full"
          bind:value={current.name}
          aria-invalid={faults.name ? 'true' : undefined}
          aria-describedby="name-fault"
        />
        {#if faults.name}<span id="name-fault" class="text-error text-sm">{faults.name}</span>{/if}
      </label>
      <Choice
        label="Usual tint"
        options={TINTS}
        value={current.tint}
        onpick={(tint) => (current.tint = tint)}
        shown={SHORT_TINTS}
      />
      <Choice
        label="Usual food"
        note="tap again for none in particular"
        options={FORAGES}
        value={current.forage}
        onpick={(forage) => (current.forage = forage)}
        optional
        onclear={() => (current.forage = null)}
        columns="grid-cols-3 sm:grid-cols-6"
      />
      <Toggle
        label="Crawfish turn red here"
        value={current.red_crawfish}
        onset={(red) => (current.red_crawfish = red)}
      />
      <label class="flex flex-col gap-1">
        <span class="text-[0.8125rem] font-bold">Note</span>
        <textarea class="textarea border-rule w-full" rows="2" bind:value={current.note} aria-describedby="note-fault"
        ></textarea>
        {#if faults.note}<span id="note-fault" class="text-error text-sm">{faults.note}</span>{/if}
      </label>
      <div class="flex gap-2">
        <button class="btn btn-primary h-11" type="submit">Save the water</button>
        <button class="btn btn-outline border-rule h-11" type="button" onclick={() => ((draft = null), (faults = {}))}
          >Leave it</button
        >
      </div>
    </form>
  {/if}
</section>
