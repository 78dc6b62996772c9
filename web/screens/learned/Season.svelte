<script lang="ts">
  import type { SeasonWatch } from '../../words/documents'
  import { seasonQuery } from '../../data/logbook'
  import { settings } from '../../data/settings.svelte'
  import Button from '../../ui/Button.svelte'
  import Empty from '../../ui/Empty.svelte'
  import Facts from '../../ui/Facts.svelte'
  import Panel from '../../ui/Panel.svelte'
  import Stored from '../../ui/Stored.svelte'
  import { dayWords } from '../../words/numbers'
  import { capital, temperature } from '../../words/words'
  import Warmth from './Warmth.svelte'

  /** Every water's temperatures over the year, with the moments that change what is tied on. */
  const NO_TEMPERATURES =
    'No temperatures yet. Each reading saved for a water and each outing on it adds one. The moments of the year follow from them.'
  const season = seasonQuery()
  const latest = (water: SeasonWatch) => water.days.at(-1)
</script>

<h1 class="border-base-content mb-4 border-b pb-2">Season</h1>
<Stored query={season} waiting="Reading temperatures…">
  {#snippet children(waters)}
    {#if waters.length === 0}
      <Empty text={NO_TEMPERATURES}>
        {#snippet action()}<Button look="primary" href="#/">Take a reading</Button>{/snippet}
        {#snippet sample()}<p class="text-sm font-bold">
            First {temperature(50, settings.metric)} of the year, April 11
          </p>{/snippet}
      </Empty>
    {/if}
    <div class="flex flex-col gap-6">
      {#each waters as water (water.water_id)}
        {@const last = latest(water)}
        <Panel
          title={water.water}
          gist={last ? `${temperature(last.surface_f, settings.metric)} on ${dayWords(last.date)}` : ''}
        >
          {#each water.notices as notice (notice.moment)}
            <p class="border-base-content mb-2 border-2 p-2 text-sm">
              <span class="font-semibold">{notice.has_come ? '' : 'Near: '}{capital(notice.words)}.</span>
              {notice.meaning}
              <Facts ids={notice.facts} />
            </p>
          {/each}
          <Warmth {water} />
          <ul class="pt-1 text-sm">
            {#each water.moments as moment (moment.moment + moment.date)}
              <li>
                <span class="font-semibold">{dayWords(moment.date)}:</span>
                {moment.words}, {temperature(moment.surface_f, settings.metric)}
              </li>
            {/each}
          </ul>
        </Panel>
      {/each}
    </div>
  {/snippet}
</Stored>
