<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query'
  import { answer, api, type Missing } from '../../api/client'
  import { measureWords, swatches } from '../../parts/part'
  import PartSwatch from '../../parts/PartSwatch.svelte'
  import { notices } from '../../stores/notices.svelte'
  import { settings } from '../../stores/settings.svelte'
  import { capital, round } from '../../words/words'
  import { missingQuery } from '../../api/benchQueries.svelte'

  /** The parts not owned that would gain most over the readings put away. */
  const missing = missingQuery(() => true)
  const client = useQueryClient()

  const words = (found: Missing) => capital(found.part.name)

  async function add(found: Missing) {
    try {
      await answer(api.POST('/api/bin', { body: [{ ...found.part, name: words(found) }] }))
      await client.invalidateQueries({ queryKey: ['bin'] })
      await client.invalidateQueries({ queryKey: ['best'] })
      notices.say(`${words(found)} is in the bin.`)
    } catch (error) {
      notices.problem(error)
    }
  }
</script>

{#if missing.isPending}
  <p role="status" class="text-sm">Trying each part the advice has ever asked for, in every reading put away…</p>
{:else if missing.isError}
  <p role="alert" class="text-error text-sm">{missing.error.message}</p>
{:else if missing.data.length === 0}
  <p class="text-sm">
    Nothing you do not own would better your builds over the readings put away. Put more readings away in the notebook
    to ask for more waters.
  </p>
{:else}
  <ol>
    {#each missing.data as found, i (i)}
      <li class="border-rule flex items-center gap-3 border-t py-1.5 text-sm">
        <PartSwatch colours={swatches(found.part)} />
        <span class="min-w-0 flex-1 leading-tight">
          <span class="font-semibold">{words(found)}</span><br />
          <span class="text-faint text-xs"
            >{capital(found.part.kind)}, {measureWords(found.part, settings.metric)}; helps in {found.readings} of {found.of}
            {found.of === 1 ? 'reading' : 'readings'}</span
          >
        </span>
        <span class="shrink-0 font-extrabold">+{round(found.gain, 1)}</span>
        <button class="btn btn-outline border-rule h-11 shrink-0 px-3 text-xs" onclick={() => add(found)}
          >I have it now<span class="sr-only">: {words(found)}</span></button
        >
      </li>
    {/each}
  </ol>
{/if}
