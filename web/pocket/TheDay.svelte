<script lang="ts">
  import type { TripPack } from '../words/documents'
  import { inTheirColours } from '../lure/paint'
  import Thumbnail from '../lure/Thumbnail.svelte'
  import TurnList from '../screens/fish/TurnList.svelte'
  import BuildRow from '../ui/BuildRow.svelte'
  import Panel from '../ui/Panel.svelte'
  import { timeWords } from '../words/clock'
  import { lureWords } from '../words/lureWords'
  import { capital, show } from '../words/words'

  /** What is carried and for what, and when to change. */
  let { pack }: { pack: TripPack } = $props()
  const inTheBox = $derived(pack.carry.lures.map((one) => one.parts))
  const program = document.querySelector<HTMLMetaElement>('meta[name=generator]')?.content ?? 'Kontrast'
  const kinds = $derived([...new Set(pack.carry.lures.map((one) => one.build.lure))])
</script>

<div class="flex flex-col gap-4">
  <Panel title="In the box" gist="{timeWords(pack.trip.trip.from)} to {timeWords(pack.trip.trip.to)}">
    <ul>
      {#each pack.carry.lures as one, i (i)}
        <BuildRow>
          {#snippet picture()}<Thumbnail
              build={one.build}
              paint={inTheirColours(one.build, one.look_parts)}
            />{/snippet}
          <span class="font-semibold">{lureWords(one.parts, inTheBox)}</span><br />{one.best_for}
          {#each one.on_water as change (change)}<br />{change}{/each}
          {#snippet end()}<span>{Math.round(100 * one.covers)}%</span>{/snippet}
        </BuildRow>
      {/each}
    </ul>
    {#if pack.carry.trailers.length > 0}
      <p class="border-rule border-t py-2 text-sm">
        Trailers: {pack.carry.trailers.map((one) => one.part.name).join(', ')}.
      </p>
    {/if}
  </Panel>
  {#each kinds as kind (kind)}
    <Panel title="When to change" gist={capital(show(kind))} folds>
      <TurnList turns={pack.turns.filter((turn) => turn.lure === kind)} />
    </Panel>
  {/each}
  <p class="text-faint text-xs">Made by {program}.</p>
</div>
