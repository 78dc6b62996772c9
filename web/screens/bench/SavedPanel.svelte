<script lang="ts">
  import FileButton from '../../ui/FileButton.svelte'
  import { useQueryClient } from '@tanstack/svelte-query'
  import { answer, api, type Reading, type SavedBuild } from '../../api/client'
  import { notices } from '../../stores/notices.svelte'
  import { keepable } from '../../parts/photo'
  import { bench } from '../../stores/bench.svelte'
  import CompareBuilds from './CompareBuilds.svelte'
  import { buildsQuery } from '../../api/benchQueries.svelte'

  /** Builds under their names: kept, laid out again, and set side by side. */
  interface Props {
    reading: Reading
  }
  let { reading }: Props = $props()
  const builds = buildsQuery()
  const client = useQueryClient()
  let name = $state('')
  let note = $state('')
  let photo = $state<string | null>(null)
  let compared = $state.raw<string[]>([])
  const pair = $derived((builds.data ?? []).filter((build) => compared.includes(build.id ?? '')))
  const refresh = () => client.invalidateQueries({ queryKey: ['builds'] })

  async function trying(work: () => Promise<void>) {
    try {
      await work()
    } catch (error) {
      notices.problem(error)
    }
  }

  const save = () =>
    trying(async () => {
      if (!bench.build) return
      const kept = await answer(api.POST('/api/builds', { body: { name, note, build: bench.build, photo } }))
      await refresh()
      notices.say(`${kept.name} put away.`)
      name = note = ''
      photo = null
    })

  const remove = (build: SavedBuild) =>
    trying(async () => {
      const path = { id: build.id ?? '' }
      await answer(api.DELETE('/api/builds/{id}', { params: { path } }))
      await refresh()
      notices.say(`${build.name} deleted.`, async () => {
        await answer(api.POST('/api/builds/{id}/restore', { params: { path } }))
        await refresh()
      })
    })

  const takePhoto = (file: File) =>
    trying(async () => {
      photo = await keepable(file)
    })

  function compare(id: string, on: boolean) {
    compared = on ? [...compared.slice(-1), id] : compared.filter((other) => other !== id)
  }
</script>

<form
  class="flex flex-wrap items-end gap-2 pb-3"
  onsubmit={(event) => {
    event.preventDefault()
    void save()
  }}
>
  <label class="flex min-w-40 flex-1 flex-col gap-1 text-[0.8125rem]">
    <span class="font-bold">Put what lies on the bench away as</span>
    <input class="input border-rule h-11 w-full" placeholder="Rock jig for the pond" bind:value={name} />
  </label>
  <label class="flex min-w-40 flex-1 flex-col gap-1 text-[0.8125rem]">
    <span class="font-bold">Note</span>
    <input class="input border-rule h-11 w-full" bind:value={note} />
  </label>
  <FileButton words={photo ? 'Photo taken' : 'Photo'} accept="image/*" onchoose={takePhoto} />
  <button class="btn btn-primary h-11" type="submit" disabled={!bench.build}>Put away</button>
</form>
{#if builds.data?.length === 0}
  <p class="text-sm">
    No build is put away yet. A build under a name can be laid out again, shared, and set beside another.
  </p>
{/if}
<ul>
  {#each builds.data ?? [] as build (build.id)}
    <li class="border-rule flex flex-wrap items-center gap-3 border-t py-1.5 text-sm">
      <label class="flex h-11 w-8 items-center justify-center">
        <input
          class="checkbox"
          type="checkbox"
          aria-label="Compare {build.name}"
          checked={compared.includes(build.id ?? '')}
          onchange={(event) => compare(build.id ?? '', event.currentTarget.checked)}
        />
      </label>
      {#if build.photo}<img class="h-11 w-16 object-cover" src={build.photo} alt="" />{/if}
      <span class="min-w-0 flex-1 leading-tight">
        <span class="font-semibold">{build.name}</span>
        {#if build.note}<br /><span class="text-faint text-xs">{build.note}</span>{/if}
      </span>
      <button
        class="btn btn-outline border-rule h-11 px-3 text-xs"
        aria-label="Lay it out: {build.name}"
        onclick={() => bench.replace(build.build)}>Lay it out</button
      >
      <button class="btn btn-outline border-rule h-11 px-3 text-xs" onclick={() => remove(build)}
        >Delete<span class="sr-only"> {build.name}</span></button
      >
    </li>
  {/each}
</ul>
{#if pair.length === 2}<CompareBuilds {pair} {reading} />{:else if (builds.data ?? []).length > 1}
  <p class="text-faint pt-2 text-xs">Tick two to set them side by side.</p>
{/if}
