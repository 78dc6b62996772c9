<script lang="ts">
  import type { Analysis } from '../../words/documents'
  import { analysisQuery, pairFor } from '../../data/logbook'
  import { drawnFor, outingsQuery } from '../../data/outings'
  import { inTheirColours } from '../../lure/paint'
  import Thumbnail from '../../lure/Thumbnail.svelte'
  import { settings } from '../../data/settings.svelte'
  import Button from '../../ui/Button.svelte'
  import Panel from '../../ui/Panel.svelte'
  import Stored from '../../ui/Stored.svelte'
  import { FACTOR_LABELS, FACTORS_BY_CLARITY } from '../../words/logbook'
  import { count, date, number } from '../../words/numbers'
  import { round } from '../../words/round'
  import { capital, show } from '../../words/words'
  import Interval from './Interval.svelte'
  import { placeOfRatio, RATIO_MARKS } from './ratio'
  import NoOutings from './NoOutings.svelte'
  import { outingWords } from './outingWords'
  import YearStrip from './YearStrip.svelte'

  /** The surest thing that the notes say, drawn; the last day on the water; and the year in one strip. */
  const analysis = analysisQuery()
  const outings = outingsQuery()
  const best = $derived(analysis.data?.effects[0])
  const pair = pairFor(() =>
    best
      ? {
          factor: best.factor,
          a: best.a,
          b: best.b,
          ...(best.where && FACTORS_BY_CLARITY.includes(best.factor) ? { clarity: best.where } : {}),
        }
      : null,
  )
  const both = $derived.by(() => {
    const found = pair.shown?.value
    return found?.a && found.b ? { a: found.a, b: found.b } : null
  })
  const drawn = drawnFor(() => (both ? [both.a, both.b] : null))
  const last = $derived(outings.data?.[0])
  const others = (shown: Analysis) =>
    `${shown.effects.filter((one) => one.hours_to_settle === 0).length} settled, ${shown.effects.length} compared`
</script>

<Stored query={outings} waiting="Loading outings…">
  {#snippet children(all)}
    {#if all.length === 0}
      <h1>What you have learned</h1>
      <NoOutings />
    {:else}
      <div class="grid items-start gap-x-7 gap-y-5 lg:grid-cols-[minmax(0,2fr)_minmax(0,1fr)]">
        <section class="sheet p-4 sm:p-5" aria-labelledby="lesson">
          <Stored query={analysis} waiting="Counting your notes…">
            {#snippet children(shown)}
              {#if best}
                <h1 id="lesson" class="max-w-[24ch] text-xl leading-tight font-bold sm:max-w-none sm:text-2xl">
                  {best.words}
                </h1>
                <ul class="grid min-h-28 grid-cols-2 gap-px py-3 sm:min-h-40">
                  {#each [best.a, best.b] as level, i (level)}
                    {@const one = drawn.isCurrent ? drawn.shown?.value[i] : undefined}
                    <li class="bg-proof flex min-w-0 flex-col justify-between p-2 text-[#1a1a1a]">
                      <span class="block h-16 sm:h-28"
                        >{#if one}<Thumbnail
                            build={one.build}
                            paint={inTheirColours(one.build, one.look_parts)}
                          />{/if}</span
                      >
                      <span class="text-sm font-semibold">{capital(show(level))}</span>
                    </li>
                  {/each}
                </ul>
                <Interval
                  low={best.low}
                  at={best.ratio}
                  high={best.high}
                  place={placeOfRatio}
                  mark={1}
                  marks={RATIO_MARKS}
                />
                <p class="max-w-prose pt-2 text-sm">
                  <span class="font-bold">{capital(best.certainty)}.</span>
                  {capital(FACTOR_LABELS[best.factor] ?? best.factor)}{best.where ? `, ${show(best.where)} water` : ''},
                  {number(round(best.hours, 0))} hours fished with either. The true figure lies on the bar four times in five.
                </p>
                <p class="flex flex-wrap items-center gap-3 pt-3">
                  <Button look="primary" href="#/learned/log">Ask the log</Button>
                  <span class="text-faint text-sm">{others(shown)}</span>
                </p>
              {:else}
                <h1 id="lesson">What you have learned</h1>
                <p class="max-w-prose py-2 text-sm">
                  {count(shown.events, 'bite')} in {number(round(shown.hours, 0))} hours so far. Fish two blades, skirts,
                  trailers or lures for two hours each, on the same days, and the first lesson stands here.
                </p>
              {/if}
            {/snippet}
          </Stored>
        </section>
        {#if last}
          <Panel title="Last outing" gist={last.water || 'no named water'}>
            <p class="text-lg leading-tight font-bold">{date(last.started_at)}</p>
            <p class="py-1 text-sm">{outingWords(last, settings.metric)}</p>
            <p class="flex flex-wrap gap-2 pt-1">
              <Button href="#/outing/{last.id}">Open the outing</Button>
              <Button href="#/learned/outings">All {count(all.length, 'outing')}</Button>
            </p>
          </Panel>
        {/if}
        <div class="lg:col-span-2"><YearStrip outings={all} /></div>
      </div>
    {/if}
  {/snippet}
</Stored>
