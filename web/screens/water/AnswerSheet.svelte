<script lang="ts">
  import { push } from 'svelte-spa-router'
  import type { Advice, Reading } from '../../words/documents'
  import { loaded } from '../../data/busy'
  import { adviceFor } from '../../data/advice'
  import type { Question } from '../../data/question.svelte'
  import { address } from '../../data/address.svelte'
  import { inTheHand } from '../../lure/paint'
  import { currentReading } from '../../data/currentReading.svelte'
  import { settings } from '../../data/settings.svelte'
  import { errand } from '../../data/write.svelte'
  import Answer from '../../ui/Answer.svelte'
  import Button from '../../ui/Button.svelte'
  import CautionLine from '../../ui/CautionLine.svelte'
  import Folds from '../../ui/Folds.svelte'
  import { partsOf, title, tossUps, type Part } from '../../words/adviceParts'
  import { count } from '../../words/numbers'
  import { fieldValue, fieldWords } from '../../words/words'
  import { ANSWER, ANSWER_FOLDS } from './panels'
  import PickedRow from './PickedRow.svelte'

  /** What to tie, on one sheet: the lure to scale with its numbered parts, and a row for each with its first reason. */
  let { advice, isWide }: { advice: Question<Reading, Advice>; isWide: boolean } = $props()
  const metric = $derived(settings.metric)
  /** As it was before the last change: known already, since it was shown. */
  const before = adviceFor(() => currentReading.askedBefore, true)
  const last = $derived(currentReading.lastChange)
  const doubted = $derived(settings.value?.doubted ?? [])
  const open = $derived(
    ANSWER_FOLDS.find(({ key, holds }) =>
      address.panels.some((one) => one === key || holds.some((held) => held === one)),
    )?.key ?? null,
  )
  /** On a phone the sheet itself is a panel of the address. */
  const show = (key: string | null) => address.show([...(isWide ? [] : [ANSWER]), ...(key ? [key] : [])])
  const isTossUp = (part: Part) => tossUps(part).length > 0

  const tie = errand('bench.advised', async (lure: Advice['lure']) => {
    const { tieAdvised } = await import('../../data/tieAdvised')
    await tieAdvised(lure)
    await push('/tie')
  })
</script>

<section class="min-w-0" aria-label="What to tie" id="answer" tabindex="-1">
  <Answer question={advice} waiting="Reading the rules…">
    {#snippet children(data)}
      {@const parts = partsOf(data, metric)}
      {@const was = before.current ? partsOf(before.current, metric) : []}
      {@const changed = parts.filter((part) => {
        const old = was.find(({ key }) => key === part.key)
        return last !== null && before.current !== undefined && old?.headline !== part.headline
      })}
      <div
        class={[
          'sheet flex flex-col px-2 pt-2.5 sm:px-4 lg:min-h-[calc(100dvh-5.5rem)]',
          currentReading.isFirstRun && '!outline-dashed',
        ]}
      >
        <header class="flex flex-wrap items-end justify-between gap-x-4 gap-y-1 pb-2 sm:flex-nowrap">
          <div class="min-w-0">
            <h2 class="text-xl leading-tight font-bold">
              {#if currentReading.isFirstRun}<span class="text-faint">Example:</span>{/if}
              {title(data)}
            </h2>
            <p class="text-faint text-sm">{data.wanted.line}</p>
          </div>
          <p class="flex shrink-0 flex-col gap-1 text-xs sm:items-end">
            <span class="flex gap-1" aria-hidden="true"
              >{#each parts as part (part.key)}<span
                  class={['border-base-content h-1.5 w-4 border', !isTossUp(part) && 'bg-base-content']}
                ></span>{/each}</span
            >
            <span
              ><span class="font-bold">{count(parts.filter((part) => !isTossUp(part)).length, 'pick')} firm</span
              >{parts.some(isTossUp) ? `, ${count(parts.filter(isTossUp).length, 'toss-up')}` : ''}</span
            >
          </p>
        </header>
        {#if doubted.length > 0}<p class="text-now pb-1 text-sm font-semibold">
            {doubted.length === 1 ? 'A rule of yours is' : `${doubted.length} rules of yours are`} off.
            <a class="underline" href="#/rules">Look at {doubted.length === 1 ? 'it' : 'them'}</a>
          </p>{/if}
        {#each data.cautions.filter((caution) => caution.place === 'reading') as caution (caution.text)}<CautionLine
            text={caution.text}
            loud
          />{/each}
        <div class="bg-proof mt-1 h-52 overflow-hidden text-[#1a1a1a] lg:h-auto lg:min-h-44 lg:flex-1 lg:basis-0">
          {#await loaded(import('../../lure/Marked.svelte')) then { default: Marked }}
            <Marked
              build={data}
              paint={inTheHand(data)}
              says="In the hand. "
              marks={parts.flatMap((part, i) =>
                part.key === 'set' || part.key === 'pairing'
                  ? []
                  : [{ part: part.key, number: i + 1, names: part.marks }],
              )}
            />
          {/await}
        </div>
        {#if last && before.current}
          <section
            class="text-now flex flex-wrap items-center justify-between gap-x-3 pt-1 text-sm font-semibold"
            aria-label="What changed"
            aria-live="polite"
          >
            <span
              >{#if last.field === 'schools'}With another approach:{:else}Since {fieldWords(last.field)} went from {fieldValue(
                  last.field,
                  last.before[last.field],
                  metric,
                )} to {fieldValue(last.field, currentReading.reading[last.field], metric)}:{/if}
              {changed.length === 0
                ? 'no pick changes.'
                : changed.length === 1
                  ? 'one pick changes.'
                  : `${changed.length} picks change.`}</span
            >
            <Button look="plain" onclick={() => currentReading.undoLastChange()}>Change it back</Button>
          </section>
        {/if}
        <div role="group" aria-label="Picks">
          {#each parts as part, i (part.key)}
            <PickedRow
              {part}
              advice={data}
              number={i + 1}
              reading={advice.shown?.input ?? currentReading.asked}
              was={changed.includes(part) ? (was.find(({ key }) => key === part.key)?.headline ?? 'not there') : null}
            />
          {/each}
        </div>
        <div class="flex flex-wrap items-end gap-x-3 gap-y-2 py-2.5">
          <Button look="primary" onclick={() => tie(data.lure)}>Tie this</Button>
          <div class="min-w-0 flex-1 basis-72">
            <Folds label="More about the answer" folds={ANSWER_FOLDS} {open} onopen={show} />
          </div>
        </div>
      </div>
      {#if open}
        {#await loaded(import('./AnswerFolds.svelte')) then { default: AnswerFolds }}
          <AnswerFolds fold={open} advice={data} reading={advice.shown?.input ?? currentReading.asked} />
        {/await}
      {/if}
    {/snippet}
  </Answer>
</section>
