<script lang="ts">
  import type { Analysis, LogQuestion } from '../../words/documents'
  import { askFor, pairFor } from '../../data/logbook'
  import { drawnFor } from '../../data/outings'
  import { trials } from '../../data/trials'
  import { watersQuery } from '../../data/waters'
  import { inTheirColours } from '../../lure/paint'
  import Thumbnail from '../../lure/Thumbnail.svelte'
  import { notices } from '../../data/notices.svelte'
  import { settings } from '../../data/settings.svelte'
  import Button from '../../ui/Button.svelte'
  import Field from '../../ui/Field.svelte'
  import { CHOSEN_FACTORS, CLARITY_BANDS, FACTOR_LABELS, FACTORS_BY_CLARITY, type Factor } from '../../words/logbook'
  import { lureWords } from '../../words/lureWords'
  import { SEASONS } from '../../words/vocabulary'
  import { capital, show } from '../../words/words'
  import Interval from './Interval.svelte'
  import { levelWords } from './levels'
  import { placeOfRatio } from './ratio'
  import { BLOCK } from './trialBlock'

  /** Two things and where: one honest sentence, both drawn, and a fair trial of them for the next day on the water. */
  let { shown }: { shown: Analysis } = $props()
  const waters = watersQuery()
  const levelsOf = (factor: Factor) =>
    shown.rates.filter((one) => one.factor === factor && one.level !== 'none').map((one) => one.level)
  const factors = $derived(CHOSEN_FACTORS.filter((one) => levelsOf(one).length > 1))
  let factor = $state<Factor>('finish')
  let picked = $state<{ a: string; b: string } | null>(null)
  let clarity = $state('')
  let water = $state('')
  let season = $state('')
  const levels = $derived(levelsOf(factor))
  const a = $derived(picked?.a ?? levels[0] ?? '')
  const b = $derived(picked?.b ?? levels[1] ?? '')
  const question = $derived<LogQuestion | null>(
    a !== '' && b !== '' && a !== b
      ? {
          factor,
          a,
          b,
          ...(clarity !== '' && FACTORS_BY_CLARITY.includes(factor)
            ? { clarity: clarity as LogQuestion['clarity'] }
            : {}),
          ...(water !== '' ? { water_id: water } : {}),
          ...(season !== '' ? { season: season as LogQuestion['season'] } : {}),
        }
      : null,
  )
  const answer = askFor(() => question)
  const pair = pairFor(() => (question ? { factor, a, b } : null))
  const both = $derived.by(() => {
    const found = pair.shown?.value
    return found?.a && found.b ? { a: found.a, b: found.b } : null
  })
  const drawn = drawnFor(() => (both ? [both.a, both.b] : null))
  const said = $derived(answer.shown?.value)
  const pick = (side: 'a' | 'b') => (event: Event & { currentTarget: HTMLSelectElement }) =>
    (picked = { a, b, [side]: event.currentTarget.value })

  function tryThem() {
    if (!both) return
    const name = `${capital(show(a))} against ${show(b)}`
    void trials.draw({ name, trial: { ...both, block_min: BLOCK.usual } }, () => {
      notices.say(`${name}: a fair trial is drawn. Start its first block on the water.`)
    })
  }
</script>

{#snippet choice(
  label: string,
  value: string,
  options: readonly [string, string][],
  onpick: (e: Event & { currentTarget: HTMLSelectElement }) => unknown,
)}
  <Field {label}>
    {#snippet children(tied)}
      <select class="select w-full" {value} onchange={onpick} {...tied}>
        {#each options as [key, words] (key)}<option value={key}>{words}</option>{/each}
      </select>
    {/snippet}
  </Field>
{/snippet}

{#if factors.length === 0}
  <p class="text-sm">Once you have fished two of a kind, ask here which of them is better.</p>
{:else}
  <div class="grid max-w-5xl gap-x-4 gap-y-2 sm:grid-cols-3">
    {@render choice(
      'Compare',
      factor,
      factors.map((one) => [one, capital(FACTOR_LABELS[one] ?? one)]),
      (event) => {
        factor = event.currentTarget.value as Factor
        picked = null
      },
    )}
    {@render choice(
      'This',
      a,
      levels.map((one) => [one, levelWords(factor, one, settings.metric)]),
      pick('a'),
    )}
    {@render choice(
      'Or that',
      b,
      levels.map((one) => [one, levelWords(factor, one, settings.metric)]),
      pick('b'),
    )}
    {@render choice(
      'On',
      water,
      [['', 'All waters'], ...(waters.data ?? []).map((one): [string, string] => [one.id ?? '', one.name])],
      (event) => (water = event.currentTarget.value),
    )}
    {@render choice(
      'In',
      season,
      [['', 'All seasons'], ...SEASONS.map((one): [string, string] => [one, capital(show(one))])],
      (event) => (season = event.currentTarget.value),
    )}
    {#if FACTORS_BY_CLARITY.includes(factor)}
      {@render choice(
        'Water that is',
        clarity,
        [['', 'Of any clarity'], ...CLARITY_BANDS.map((one): [string, string] => [one, capital(show(one))])],
        (event) => (clarity = event.currentTarget.value),
      )}
    {/if}
  </div>
  <div class="flex min-h-40 flex-wrap items-start gap-x-6 gap-y-2 pt-3" aria-live="polite">
    <div class="max-w-prose min-w-64 flex-1 text-sm">
      {#if a === b}
        <p>Both are the same. Choose two that differ.</p>
      {:else if said}
        <p class="text-base font-semibold">{said.words}</p>
        <div class="max-w-sm py-1">
          <Interval low={said.low} at={said.ratio} high={said.high} place={placeOfRatio} mark={1} />
        </div>
        <p class="text-faint text-xs">
          {capital(show(said.a))} to the right, {show(said.b)} to the left, from a third to three times the bites; the truth
          lies on the line four times in five.
        </p>
      {/if}
    </div>
    {#if both}
      <ul class="grid w-full max-w-84 grid-cols-[repeat(auto-fit,minmax(9rem,1fr))] gap-3">
        {#each [both.a, both.b] as build, i (i)}
          {@const one = drawn.isCurrent ? drawn.shown?.value[i] : undefined}
          <li class="min-w-0 text-xs">
            <span class="bg-proof block h-20 p-1 text-[#1a1a1a]"
              >{#if one}<Thumbnail build={one.build} paint={inTheirColours(one.build, one.look_parts)} />{/if}</span
            >
            {lureWords(build, [both.a, both.b])}
          </li>
        {/each}
      </ul>
    {/if}
  </div>
  {#if both}<Button onclick={tryThem}>Try this on the next trip</Button>{/if}
{/if}
