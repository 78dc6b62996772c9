<script lang="ts">
  import { settings } from '../data/settings.svelte'
  import { dateTime } from '../words/clock'
  import { fieldValue, fieldWords, list, waterLength } from '../words/words'
  import type { Near, Outside } from '../data/pack/packed'

  /** That an advice was packed beforehand, for which visibility, and where the reading lies between or outside what was packed. */
  let { near }: { near: Near | undefined } = $props()
  const length = (inches: number) => waterLength(inches, settings.metric)
  const value = (field: string, said: unknown) => fieldValue(field, said, settings.metric)
  const isSaid = (said: unknown) => said !== null && said !== undefined
  const words = ({ field, asked, packed }: Outside) =>
    `${fieldWords(field)} ${isSaid(asked) ? value(field, asked) : 'left out'} (${
      isSaid(packed) ? `packed for ${value(field, packed)}` : 'packed without'
    })`
</script>

{#if near}
  <div class="border-base-content border-l-4 pl-3 text-sm" role="note">
    <p>Packed {dateTime(near.made_at)}, for {length(near.visibility_in)} of visibility.</p>
    {#if near.coarse}
      <p>
        Between {length(near.coarse.from)} and {length(near.coarse.to)} it changes: {list(near.coarse.picks)}. Measure
        again if that matters.
      </p>
    {/if}
    {#if near.outside.length > 0}
      <p class="font-semibold">
        Not packed:
        {near.outside.map(words).join('; ')}. The advice may differ.
      </p>
    {/if}
  </div>
{/if}
