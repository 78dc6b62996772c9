<script lang="ts" module>
  import { Draft } from '../../data/draft.svelte'

  interface Naming {
    name: string
    note: string
    photo: string | null
  }
  const BLANK: Naming = { name: '', note: '', photo: null }
  const draft = new Draft<Naming>('saved-build')
</script>

<script lang="ts">
  import type { Composition, Reading, SavedBuild } from '../../words/documents'
  import { buildsQuery, builds as writes } from '../../data/builds'
  import { keepPhoto } from '../../parts/photo'
  import { bench } from '../../data/bench.svelte'
  import { currentReading } from '../../data/currentReading.svelte'
  import { notices } from '../../data/notices.svelte'
  import BuildRow from '../../ui/BuildRow.svelte'
  import Button from '../../ui/Button.svelte'
  import Empty from '../../ui/Empty.svelte'
  import Field from '../../ui/Field.svelte'
  import FileButton from '../../ui/FileButton.svelte'
  import Stored from '../../ui/Stored.svelte'
  import { capital, show } from '../../words/words'
  import CompareBuilds from './CompareBuilds.svelte'

  /** Builds under their names: saved, used again, and compared. */
  let { reading, build }: { reading: Reading; build: Composition } = $props()
  const builds = buildsQuery()
  const naming = $derived(draft.value ?? BLANK)
  const set = (change: Partial<Naming>) => (draft.value = { ...naming, ...change })
  let compared = $state.raw<string[]>([])

  const save = () =>
    writes.add({ ...naming, build }, (saved) => {
      draft.value = null
      notices.say(`${saved.name} saved.`, () => writes.takeBack(saved.id ?? ''))
    })

  /** A name for those who give none: the lure and its colors. */
  const nameFor = ({ lure, skirt, trailer }: Composition) =>
    capital([show(lure), ...[skirt, trailer].flatMap((part) => (part?.colour ? [show(part.colour)] : []))].join(', '))

  const saveThis = () => {
    if (naming.name.trim() === '') set({ name: nameFor(build) })
    void save()
  }

  const takePhoto = (file: File) => keepPhoto(file, (photo) => set({ photo }))

  function use(saved: SavedBuild) {
    if (saved.build.lure !== reading.lure) currentReading.change({ lure: saved.build.lure })
    bench.replace(saved.build)
  }

  function compare(id: string, on: boolean) {
    compared = on ? [...compared.slice(-1), id] : compared.filter((other) => other !== id)
  }
</script>

<form
  class="flex flex-wrap items-end gap-2 pb-3"
  onsubmit={(event) => {
    event.preventDefault()
    saveThis()
  }}
>
  <Field label="Save build as" class="min-w-40 flex-1">
    {#snippet children(tied)}<input
        class="input w-full"
        placeholder="Rock jig for the pond"
        value={naming.name}
        oninput={(event) => set({ name: event.currentTarget.value })}
        {...tied}
      />{/snippet}
  </Field>
  <Field label="Note" class="min-w-40 flex-1">
    {#snippet children(tied)}<input
        class="input w-full"
        value={naming.note}
        oninput={(event) => set({ note: event.currentTarget.value })}
        {...tied}
      />{/snippet}
  </Field>
  <FileButton words={naming.photo ? 'Photo added' : 'Photo'} accept="image/*" onchoose={takePhoto} />
  <Button look="primary" type="submit">Save</Button>
</form>
<Stored query={builds} waiting="Loading saved builds…">
  {#snippet children(data)}
    {@const pair = data.filter((one) => compared.includes(one.id ?? ''))}
    {#if data.length === 0}
      <Empty text="No saved builds yet. A saved build can be used again, built in a batch, and compared with another.">
        {#snippet action()}<Button onclick={saveThis}>Save this build</Button>{/snippet}
        {#snippet sample()}<p class="text-sm font-semibold">{nameFor(build)}</p>{/snippet}
      </Empty>
    {/if}
    <ul>
      {#each data as saved (saved.id)}
        <BuildRow>
          {#snippet end()}
            <Button label="Use this build: {saved.name}" onclick={() => use(saved)}>Use this build</Button>
            <Button label="Delete {saved.name}" onclick={() => writes.remove(saved.id ?? '', saved.name)}>Delete</Button
            >
          {/snippet}
          <label class="flex min-h-11 cursor-pointer items-center gap-3">
            <input
              class="checkbox"
              type="checkbox"
              aria-label="Compare {saved.name}"
              checked={compared.includes(saved.id ?? '')}
              onchange={(event) => compare(saved.id ?? '', event.currentTarget.checked)}
            />
            {#if saved.photo}<img class="h-11 w-16 object-cover" src={saved.photo} alt="" />{/if}
            <span>
              <span class="font-semibold">{saved.name}</span>
              {#if saved.note}<br /><span class="text-faint text-xs">{saved.note}</span>{/if}
            </span>
          </label>
        </BuildRow>
      {/each}
    </ul>
    {#if pair[0] && pair[1]}<CompareBuilds left={pair[0]} right={pair[1]} {reading} />
    {:else if data.length > 1}<p class="text-faint pt-2 text-xs">Check two to compare them.</p>{/if}
  {/snippet}
</Stored>
