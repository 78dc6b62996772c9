<script lang="ts">
  import Button from '../../ui/Button.svelte'
  import CautionLine from '../../ui/CautionLine.svelte'
  import Trouble from '../../ui/Trouble.svelte'
  import Lure from '../../lure/Lure.svelte'
  import { inTheirColours } from '../../lure/paint'
  import { currentReading } from '../../data/currentReading.svelte'
  import { settings } from '../../data/settings.svelte'
  import { startBuild } from '../../data/startBuild.svelte'
  import BuyList from '../../parts/BuyList.svelte'
  import { afterBuying, notOwned } from '../../parts/notOwned'
  import { tackleWords } from '../../words/adviceParts'
  import { round } from '../../words/round'
  import { bladeArea, capital, describeBuild, partLength, show, waterLength, weight } from '../../words/words'
  import Facts from '../../ui/Facts.svelte'
  import { lureShown } from '../../data/lureShown.svelte'
  import { adviceFor } from '../../data/advice'
  import { sheetFor } from '../../data/built'
  import type { BuildSheet } from '../../words/documents'
  import { count } from '../../words/numbers'
  import { money } from '../../data/money'
  import { PART_KIND_LABELS } from '../../words/vocabulary'
  import Answer from '../../ui/Answer.svelte'
  import { bench } from '../../data/bench.svelte'
  import { SLOT_WORDS, slotsOf } from '../../words/slots'
  import Checklist from './Checklist.svelte'
  import ReelAndPrice from './ReelAndPrice.svelte'
  import ShareBuild from './ShareBuild.svelte'
  import StepDrawing from './StepDrawing.svelte'
  import { download } from '../../ui/download'
  import { asSvg, svgFile } from '../../lure/svg'
  import { minutes, stepText } from './steps'

  /** How to build the lure on the bench: one page to print, or one step at a time. */
  const shown = lureShown()
  const build = $derived(shown.lure && bench.build(shown.lure))
  const reading = $derived(shown.reading)
  let loading = $state.raw(bench.load())
  const start = startBuild(shown)
  const sheet = sheetFor(() => (build && reading ? { build, reading } : null))
  const advice = adviceFor(() => (build ? reading : null))
  /** Only where it is of the water and the lure of the sheet. */
  const fishing = $derived(advice.current)
  /** The same build finds its place in the checklist again; another has a place of its own. */
  const keptAs = $derived(
    build
      ? slotsOf(build.lure)
          .map((slot) => build[slot]?.id ?? build[slot]?.name ?? '')
          .join('.')
      : '',
  )
  const metric = $derived(settings.metric)
  let doing = $state(false)
  let drawing = $state<HTMLElement | null>(null)

  /** A few parts without a price are named; more are counted. */
  const MOST_NAMED = 2
  function costWords({ cost, unpriced }: BuildSheet): string {
    if (unpriced.length === 0) return money(cost)
    const left = unpriced.length > MOST_NAMED ? count(unpriced.length, 'part') : unpriced.join(' and ')
    return cost > 0 ? `${money(cost)}, without the price of ${left}` : 'not known: enter what the parts cost'
  }

  function saveDrawing() {
    const svg = drawing?.querySelector('svg')
    if (svg) download('kontrast-build.svg', 'image/svg+xml', svgFile(asSvg(svg)))
  }
</script>

{#await loading}
  <p role="status">Loading the build…</p>
{:catch error}
  <Trouble {error} onretry={() => (loading = bench.load())} />
{/await}
{#if start.error}<Trouble error={start.error} onretry={() => start.retry()} />{/if}
{#if bench.isLoaded && !build && !start.error}
  <h1>Build sheet</h1>
  <p role="status" class="py-3">Putting the advised build together…</p>
{:else if build}
  <Answer question={sheet} waiting="Preparing build sheet…">
    {#snippet children(data, { build })}
      {#if doing}<Checklist sheet={data} {keptAs} onclose={() => (doing = false)} />{/if}
      <div class="flex flex-col gap-3">
        <header class="flex flex-wrap items-end justify-between gap-2">
          <div>
            <h1>Build sheet: {show(build.lure)}</h1>
            <p class="text-sm">{data.steps.length} steps, about {minutes(data.minutes)}</p>
          </div>
          <div class="flex flex-wrap gap-2 print:hidden">
            <Button look="primary" onclick={() => (doing = true)}>Build step by step</Button>
            <Button onclick={() => print()}>Print</Button>
            <Button onclick={saveDrawing}>Drawing (SVG)</Button>
          </div>
        </header>
        {#each data.misfits as misfit (misfit.text)}
          <CautionLine loud text="{misfit.text} Use instead: {misfit.instead}." />
        {/each}
        <div
          class="grid gap-4 md:grid-cols-[minmax(0,5fr)_minmax(0,4fr)] print:grid-cols-[2fr_3fr] print:[&_svg]:max-h-[38mm]"
        >
          <div class="bg-proof flex items-center justify-center p-3 text-[#1a1a1a]" bind:this={drawing}>
            <Lure
              build={data.build}
              paint={inTheirColours(data.build, data.look_parts)}
              span={5.2}
              class="max-h-full"
            />
          </div>
          <dl
            class="sheet-figures grid grid-cols-[auto_1fr] content-start gap-x-4 gap-y-0.5 text-sm [&_dt]:font-semibold"
          >
            {#each slotsOf(build.lure) as slot (slot)}
              {#if build[slot]}<dt>{SLOT_WORDS[slot]}</dt>
                <dd>{capital(build[slot].name)}{build[slot].id ? '' : ' (not owned)'}</dd>{/if}
            {/each}
            {#if data.hardware.length > 0}<dt>Hardware</dt>
              <dd>
                {data.hardware.map((one) => `${one.count} × ${PART_KIND_LABELS[one.kind]}, ${one.size}`).join('; ')}
              </dd>{/if}
            <dt>Finished length</dt>
            <dd>
              {partLength(data.overall_in, metric)}, a {data.profile} profile{currentReading.reading.forage_in
                ? ` next to forage of ${partLength(currentReading.reading.forage_in, metric)}`
                : ''}
            </dd>
            <dt>Weight, all parts</dt>
            <dd>about {metric ? weight(data.weight_oz, true) : `${round(data.weight_oz, 2)} oz`}</dd>
            {#if data.trim_in !== null}<dt>Skirt</dt>
              <dd>{partLength(data.trim_in, metric)} behind the collar</dd>{/if}
            {#if data.build.blades.length > 0}<dt>Blades</dt>
              <dd>
                {bladeArea(data.blade_in2, metric)}, vibration
                {data.thump} of 10 (a ranking, not a measurement)
              </dd>{/if}
            {#if data.line_per_turn_in !== null}<dt>Line per turn</dt>
              <dd>{waterLength(data.line_per_turn_in, metric)} per turn of the handle</dd>{/if}
            <dt>Cost</dt>
            <dd>
              {costWords(data)}{data.price != null
                ? `; bought: ${money(data.price)}${data.cost > 0 ? `, ${round(data.price / data.cost, 1)} times as much` : ''}`
                : ''}
            </dd>
            {#if fishing}
              {@const { retrieve, tackle } = fishing}
              <dt>Retrieve</dt>
              <dd>
                {capital(show(retrieve.name))}, {show(retrieve.pace)}.
                <Facts ids={retrieve.facts} />
              </dd>
              <dt>Tackle</dt>
              <dd>
                {tackleWords(tackle, metric)}
                <Facts ids={tackle.facts} />
              </dd>
            {/if}
          </dl>
        </div>
        {#if notOwned(build).length > 0}
          <section aria-labelledby="to-buy" class="border-base-content border-2 p-3 print:border">
            <h2 id="to-buy">What to buy</h2>
            <p class="text-sm">You do not own these parts yet.</p>
            <BuyList
              items={notOwned(build)}
              onowned={(owned, items) => bench.replace(afterBuying(build, owned, items))}
            />
          </section>
        {/if}
        <ReelAndPrice />
        <ol class="grid gap-x-6 lg:grid-cols-2 print:grid-cols-2 print:[&_li]:gap-2 print:[&_li]:py-0.5">
          {#each data.steps as step, i (step.task)}
            <li class="border-rule flex break-inside-avoid flex-wrap gap-3 border-t py-2 min-[360px]:flex-nowrap">
              <StepDrawing
                small
                sheet={data}
                step={i}
                class="h-18 w-28 shrink-0 sm:h-20 sm:w-32 print:h-[14mm] print:w-[24mm]"
              />
              <div class="min-w-44 flex-1 text-sm leading-snug">
                <p class="font-bold">{i + 1}. {step.title}</p>
                <p>{stepText(step, data, metric)}</p>
                {#if step.parts.length > 0 && step.task !== 'lay_out'}<p class="font-semibold">
                    {capital(step.parts.join('; '))}
                  </p>{/if}
                {#if step.tool}<p class="text-faint">With: {step.tool}.</p>{/if}
                {#if step.why}<p class="text-faint">{step.why} <Facts ids={step.facts} /></p>{/if}
                {#each step.cautions as caution (caution)}<CautionLine text={caution} />{/each}
              </div>
            </li>
          {/each}
        </ol>
        <ShareBuild {build} />
        <p class="text-faint text-xs">
          {describeBuild(data.build, settings.metric)}. Check local rules on hooks and lures before you fish it.
        </p>
      </div>
    {/snippet}
  </Answer>
{/if}
