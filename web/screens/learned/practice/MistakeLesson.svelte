<script lang="ts">
  import type { Flawed } from '../../../words/documents'
  import Lure from '../../../lure/Lure.svelte'
  import PartPicture from '../../../lure/PartPicture.svelte'
  import { inTheirColours } from '../../../lure/paint'
  import { settings } from '../../../data/settings.svelte'
  import Button from '../../../ui/Button.svelte'
  import ReadingSummary from '../../../ui/ReadingSummary.svelte'
  import { coloursWords } from '../../../words/adviceParts'
  import { capital, list, show, weight } from '../../../words/words'
  import type { Session } from './session.svelte'

  /** A lure, a box and a day: one thing is wrong, and is pointed at. */
  let { flawed, session }: { flawed: Flawed; session: Session } = $props()
  type Spot = Flawed['spots'][number]
  const metric = $derived(settings.metric)
  const build = $derived(flawed.lure.build)
  const paint = $derived(inTheirColours(build, flawed.lure.look_parts))
  let said = $state<Spot | null>(null)
  const right = $derived(said !== null && flawed.right.includes(said))
  const drawn = {
    blade: 'blades',
    skirt: 'skirt',
    trailer: 'trailer',
    trailer_hook: 'trailer_hook',
    head: 'head',
  } as const
  const amiss = $derived(
    flawed.mistake === 'curl_to_bend' || flawed.mistake === 'hook_point_down' ? flawed.mistake : null,
  )
  const TITLES: Record<Spot, string> = {
    head: 'Head',
    blade: 'Blade',
    skirt: 'Skirt',
    trailer: 'Trailer',
    trailer_hook: 'Trailer hook',
    box: 'Trailers in the box',
    aboard: 'Who goes out',
  }
  const words = (spot: Spot): string => {
    switch (spot) {
      case 'head':
        return weight(build.head.weight_oz, metric)
      case 'blade':
        return list(build.blades.map((blade) => `${show(blade.finish)}${blade.darkened ? ', inked' : ''}`))
      case 'skirt':
        return build.skirt
          ? [coloursWords(build.skirt), ...(build.skirt.trim === 'long_tail' ? ['long tail'] : [])].join(', ')
          : ''
      case 'trailer':
        return build.trailer
          ? [
              `${show(build.trailer.style)}, ${coloursWords(build.trailer)}`,
              ...(build.trailer.rig === 'curl_away'
                ? [`its curl ${amiss === 'curl_to_bend' ? 'towards' : 'away from'} the bend of the hook`]
                : []),
            ].join(', ')
          : ''
      case 'trailer_hook':
        return [
          `size ${build.trailer_hook?.size ?? ''}`,
          `point ${amiss === 'hook_point_down' ? 'down' : 'up'}`,
          flawed.mistake === 'hook_past_skirt' ? 'hangs past the skirt' : 'ends with the skirt',
        ].join(', ')
      case 'box':
        return flawed.is_box_mixed
          ? 'stretchy (TPE) worms and soft plastic craws, all in one bag'
          : 'soft plastic craws and paddle tails'
      case 'aboard':
        return flawed.in_jacket ? 'with a friend, in a life jacket' : 'alone, the life jacket under the seat'
    }
  }

  async function say(spot: Spot) {
    if (said) return
    said = spot
    await session.give({ right: flawed.right.includes(spot), card: flawed.card, topic: flawed.topic })
  }
</script>

<p class="text-sm"><b>One thing is wrong.</b> Tap it.</p>
<div class="grid items-start gap-x-7 gap-y-4 lg:grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)]">
  <div>
    <div class="bg-proof p-3 text-[#1a1a1a]">
      <Lure {build} {paint} class="max-h-80" {amiss} />
    </div>
    <div class="pt-2"><ReadingSummary reading={flawed.reading} /></div>
  </div>
  <ul aria-label="What may be wrong">
    {#each flawed.spots as spot (spot)}
      {@const of = spot === 'box' || spot === 'aboard' ? null : drawn[spot]}
      <li class="border-rule border-b">
        <button
          class={[
            'focus-ring flex min-h-12 w-full items-center gap-3 text-left text-sm',
            said === spot && 'font-bold',
            said !== null && flawed.right.includes(spot) && 'border-base-content border-l-4 pl-2',
          ]}
          disabled={said !== null}
          onclick={() => say(spot)}
        >
          <span class="bg-proof flex h-10 w-20 shrink-0 p-1 text-[#1a1a1a]"
            >{#if of}<PartPicture {build} {paint} {of} />{/if}</span
          >
          <span><b>{TITLES[spot]}:</b> {words(spot)}</span>
        </button>
      </li>
    {/each}
  </ul>
</div>
{#if said}
  <section class="sheet flex flex-wrap items-center justify-between gap-3 p-3 text-sm sm:p-4" aria-live="polite">
    <div class="max-w-prose">
      <h2>{right ? 'Right' : 'No'}: {capital(list(flawed.right.map((spot) => TITLES[spot].toLowerCase())))}</h2>
      <p>{flawed.because}</p>
    </div>
    <Button look="primary" onclick={() => session.next()}>Next</Button>
  </section>
{/if}
