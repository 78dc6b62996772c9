<script lang="ts" module>
  import type { Outing, OutingEvent } from '../../words/documents'
  import { Draft } from '../../data/draft.svelte'

  interface InHand {
    before: Outing
    now: Outing
  }
  /** Outings being corrected or added, and what each was before: still there after looking at another screen, or another outing. */
  const inHand = new Draft<Record<string, InHand>>('outing-changes')
  /** As an older program held the only one. */
  const only = new Draft<InHand>('outing-change')
  if (only.value) hold(only.value.now.id ?? '', only.value)
  only.value = null

  function hold(id: string, one: InHand | null): void {
    const others = Object.entries(inHand.value ?? {}).filter(([other]) => other !== id)
    const all = one ? [...others, [id, one] as const] : others
    inHand.value = all.length > 0 ? Object.fromEntries(all) : null
  }
</script>

<script lang="ts">
  import { push } from 'svelte-spa-router'
  import { byField } from '../../data/write.svelte'
  import { buildsQuery } from '../../data/builds'
  import { watersQuery } from '../../data/waters'
  import { outingQuery, outings as writes } from '../../data/outings'
  import { keepPhoto } from '../../parts/photo'
  import { currentReading } from '../../data/currentReading.svelte'
  import { notices } from '../../data/notices.svelte'
  import Button from '../../ui/Button.svelte'
  import Field from '../../ui/Field.svelte'
  import { outbox } from '../../data/outbox/outbox.svelte'
  import { reach } from '../../data/reach.svelte'
  import Stored from '../../ui/Stored.svelte'
  import { key } from '../../words/sameBuild'
  import { stamp } from '../../words/clock'
  import { newId } from '../../words/newId'
  import { confirmed, isConfirmed, seenIn } from './seen'
  import StintEditor from './StintEditor.svelte'
  import TimeBox from './TimeBox.svelte'

  /** Everything of one outing, to correct at home or to add from memory. */
  let { params }: { params?: { id?: string } | undefined } = $props()
  const HOUR_MS = 3_600_000
  const isNew = $derived(params?.id === 'new')
  const id = $derived(isNew ? '' : (params?.id ?? ''))
  const kept = outingQuery(() => id)
  /** What was noted a moment ago is about to change it: the version that is edited is the one after that. */
  const isSending = $derived(outbox.isWaitingFor(id) && !reach.isAway)
  const waters = watersQuery()
  const builds = buildsQuery()
  let faults = $state.raw<Record<string, string>>({})
  const changed = $derived(inHand.value?.[id])
  const draft = $derived(changed?.now)
  const outing = $derived(draft ?? (isNew ? blank() : kept.data))
  /** What can have been tied on: the box, the saved builds, and what was. */
  const known = $derived(
    [
      ...(outing?.box?.lures ?? []),
      ...(builds.data ?? []).map((one) => one.build),
      ...(outing?.stints ?? []).map((stint) => stint.build),
    ].filter((build, i, all) => all.findIndex((other) => key(other) === key(build)) === i),
  )

  const ownId = newId()

  function blank(): Outing {
    const end = new Date(Math.floor(Date.now() / HOUR_MS) * HOUR_MS - HOUR_MS)
    return {
      started_at: stamp(new Date(end.getTime() - 4 * HOUR_MS)),
      ended_at: stamp(end),
      water_id: currentReading.waterId,
      note: '',
      stints: [],
    }
  }
  const keptIds = $derived(
    (kept.data?.stints ?? []).flatMap((stint) => (stint.events ?? []).map((event) => event.id ?? '')),
  )

  /** A picture is kept at once; what else is being changed stays as it is. */
  const photo = (event: OutingEvent, file: File) => keepPhoto(file, (kept) => writes.photo(id, event.id ?? '', kept))

  const set = (change: Partial<Outing>) => {
    if (!outing) return
    const now = $state.snapshot(outing)
    hold(id, { before: changed?.before ?? now, now: { ...now, ...change } })
  }

  function addStint() {
    if (!outing) return
    const last = outing.stints?.at(-1)
    const build = last?.build ?? known[0]
    if (!build) {
      notices.problem(new Error('Save a build on Tie first: a stint needs a lure.'))
      return
    }
    const from = last?.ended_at ?? outing.started_at
    set({
      stints: [
        ...(outing.stints ?? []),
        {
          id: newId(),
          started_at: from,
          ended_at: outing.ended_at ?? from,
          build,
          reading: last ? seenIn(last) : {},
          events: [],
        },
      ],
    })
  }

  const baseOf = (before: Outing) => ({ value: before, version: before.version ?? null })

  function save() {
    if (!outing) return
    const mine = $state.snapshot(outing) as Outing
    const edit = mine.id
      ? { base: baseOf(changed?.before ?? mine), mine }
      : // Under this id one from memory is stored: saved again, where no answer came, it is the same one.
        { base: null, mine: { ...mine, id: ownId } }
    return writes.save(edit, {
      then: async (saved) => {
        hold(id, null)
        notices.say('Outing saved.')
        await push(`/outing/${saved.id ?? ''}`)
      },
      faults: (all) => (faults = byField(all)),
    })
  }

  /** The water that an older version put to the lures: it was so, or nobody knows. */
  function confirm(isSo: boolean) {
    if (!kept.data) return
    const before = $state.snapshot(kept.data) as Outing
    return writes.save({ base: baseOf(before), mine: confirmed(before, isSo) }, (saved) => {
      notices.say(isSo ? 'The water is noted as it was.' : 'The water is not known.', () =>
        writes.save({ base: baseOf(saved), mine: before }),
      )
    })
  }
</script>

{#snippet form(edited: Outing)}
  <div class="flex flex-col gap-5">
    <header class="border-base-content flex flex-wrap items-end justify-between gap-2 border-b pb-2">
      <h1>{isNew ? 'An outing from memory' : 'Outing'}</h1>
      <div class="flex flex-wrap gap-2">
        <Button look="primary" disabled={!draft && !isNew} onclick={() => save()}>Save outing</Button>
        {#if draft}<Button onclick={() => (hold(id, null), (faults = {}))}>Cancel changes</Button>{/if}
        {#if !isNew && !edited.ended_at}<Button href="#/on-the-water/{id}">On the water</Button>{/if}
        <Button href="#/learned/outings">All outings</Button>
      </div>
    </header>
    {#each Object.entries(faults) as [field, message] (field)}
      <p class="text-error text-sm" role="alert">{message}</p>
    {/each}
    <div class="flex flex-wrap gap-x-6 gap-y-3">
      <TimeBox label="Began" value={edited.started_at} onset={(at) => at && set({ started_at: at })} />
      <TimeBox label="Ended" value={edited.ended_at ?? null} onset={(ended_at) => set({ ended_at })} />
      <Field label="Water" class="w-60">
        {#snippet children(tied)}
          <select
            class="select w-full"
            value={edited.water_id ?? ''}
            onchange={(event) => set({ water_id: event.currentTarget.value || null })}
            {...tied}
          >
            <option value="">No named water</option>
            {#each waters.data ?? [] as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
          </select>
        {/snippet}
      </Field>
      <Field label="Note" class="min-w-60 flex-1">
        {#snippet children(tied)}
          <textarea
            class="textarea h-11 min-h-11 w-full"
            rows="1"
            value={edited.note ?? ''}
            oninput={(event) => set({ note: event.currentTarget.value })}
            {...tied}></textarea>
        {/snippet}
      </Field>
    </div>
    {#if !draft && !isConfirmed(edited)}
      <div class="border-base-content flex flex-wrap items-center justify-between gap-2 border-2 p-3 text-sm">
        <p class="max-w-prose">
          The water of these lures was taken from the reading that stood in the program then. Nobody noted it at the
          water. It counts until you clear it.
        </p>
        <span class="flex gap-2"
          ><Button onclick={() => confirm(true)}>It was so</Button><Button onclick={() => confirm(false)}
            >Clear it</Button
          ></span
        >
      </div>
    {/if}
    <section aria-labelledby="stints">
      <h2 id="stints" class="border-base-content border-b pb-1">Lures fished</h2>
      {#each edited.stints ?? [] as stint, i (stint.id ?? i)}
        <StintEditor
          {stint}
          outing={edited.id ?? ''}
          builds={known}
          isKept={(event) => keptIds.includes(event.id ?? '')}
          onphoto={photo}
          onset={(changed) => set({ stints: (edited.stints ?? []).map((one, k) => (k === i ? changed : one)) })}
          onremove={() => set({ stints: (edited.stints ?? []).filter((_, k) => k !== i) })}
        />
      {:else}
        <p class="py-2 text-sm">No lure yet. Add each lure with the times it was fished, bites or not.</p>
      {/each}
      <Button class="mt-2" onclick={addStint}>Add a lure</Button>
    </section>
  </div>
{/snippet}

{#if isNew && outing}
  {@render form(outing)}
{:else}
  <Stored query={kept} waiting="Opening the outing…">
    {#if isSending}<p role="status" class="py-2 text-sm">Sending your notes…</p>
    {:else if outing}{@render form(outing)}{/if}
  </Stored>
{/if}
