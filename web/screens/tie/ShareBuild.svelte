<script lang="ts">
  import type { Bench, Composition } from '../../words/documents'
  import Button from '../../ui/Button.svelte'
  import FileButton from '../../ui/FileButton.svelte'
  import { settings } from '../../data/settings.svelte'
  import { lookAt } from '../../data/builds'
  import { buildIn } from '../../data/takenIn'
  import { jsonIn } from '../../words/json'
  import Thumbnail from '../../lure/Thumbnail.svelte'
  import { inTheirColours } from '../../lure/paint'
  import { currentReading } from '../../data/currentReading.svelte'
  import { bench } from '../../data/bench.svelte'
  import { describeBuild } from '../../words/words'
  import { download } from '../../ui/download'

  /** A build as a file to give to a friend, and one taken in, looked at before it is laid out. */
  let { build }: { build: Composition | null } = $props()
  let taken = $state.raw<{ parts: Composition; seen: Bench } | null>(null)
  let trouble = $state('')

  function give() {
    if (build) download('kontrast-build.json', 'application/json', `${JSON.stringify(build, null, 2)}\n`)
  }

  async function take(file: File) {
    trouble = ''
    taken = null
    const json = jsonIn(await file.text())
    const { taken: parts, fault } = buildIn(json)
    if (!parts) {
      trouble = `This file is not a build: ${json === null ? 'it is not JSON' : fault}.`
      return
    }
    // The program itself says what is wrong with it, if anything is; the reading is of its kind of lure.
    const judged = { reading: { ...currentReading.asked, lure: parts.lure }, build: parts, from: 'side' } as const
    await lookAt(judged, { then: (seen) => (taken = { parts, seen }), failed: (sentence) => (trouble = sentence) })
  }

  function layOut() {
    if (!taken) return
    currentReading.change({ lure: taken.parts.lure })
    bench.replace(taken.parts)
    taken = null
  }
</script>

<div class="flex flex-wrap items-center gap-2 print:hidden">
  {#if build}<Button onclick={give}>Share build (JSON)</Button>{/if}
  <FileButton words="Import a build" accept=".json,application/json" onchoose={take} />
</div>
{#if trouble}<p role="alert" class="text-error text-sm whitespace-pre-line">{trouble}</p>{/if}
{#if taken}
  <section class="border-base-content flex flex-wrap items-center gap-3 border-2 p-3" aria-label="An imported build">
    <div class="bg-proof h-28 w-52 p-1 text-[#1a1a1a]">
      <Thumbnail build={taken.seen.build} paint={inTheirColours(taken.seen.build, taken.seen.look_parts)} />
    </div>
    <p class="min-w-48 flex-1 text-sm">{describeBuild(taken.seen.build, settings.metric)}.</p>
    <Button look="primary" onclick={layOut}>Open in Tie</Button>
    <Button onclick={() => (taken = null)}>Cancel</Button>
  </section>
{/if}
