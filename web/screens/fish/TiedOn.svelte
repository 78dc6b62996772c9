<script lang="ts">
  import type { DrawnBuild, ObservedReading, Outing, Stint } from '../../words/documents'
  import { inTheirColours } from '../../lure/paint'
  import Thumbnail from '../../lure/Thumbnail.svelte'
  import { settings } from '../../data/settings.svelte'
  import type { Angler } from '../../words/logbook'
  import { lureWords } from '../../words/lureWords'
  import { waterLength } from '../../words/words'
  import { lasted } from './noted'

  /** The lure that is on, how long, and how far one sees in the water that it is in. */
  interface Props {
    on: Stint | undefined
    drawn: DrawnBuild | null | undefined
    who: Angler
    seen: ObservedReading
    now: Date
    box: Outing['box']
  }
  let { on, drawn, who, seen, now, box }: Props = $props()
</script>

<section aria-label="Tied on" class="flex items-center gap-3">
  {#if on}
    <div class="bg-proof h-20 w-36 shrink-0 p-1 text-[#1a1a1a]">
      {#if drawn}
        <Thumbnail build={drawn.build} paint={inTheirColours(drawn.build, drawn.look_parts)} />
      {/if}
    </div>
    <p class="min-w-0 text-sm leading-snug">
      <span class="font-bold">{lureWords(on.build, box?.lures)}</span><br />
      <span class="text-faint"
        >on for {lasted(on.started_at, now)}, {seen.visibility_in == null
          ? 'water not noted'
          : `${waterLength(seen.visibility_in, settings.metric)} visibility`}</span
      >
    </p>
  {:else}
    <p class="text-sm font-bold">
      {who === 'me'
        ? 'Nothing is tied on. Choose a lure, and the clock starts.'
        : 'The partner’s lure is not known. Their fish are noted all the same.'}
    </p>
  {/if}
</section>
