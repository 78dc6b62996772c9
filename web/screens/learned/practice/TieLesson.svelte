<script lang="ts">
  import { untrack } from 'svelte'
  import type { PracticeWater } from '../../../words/documents'
  import DrawnPart from '../../../parts/DrawnPart.svelte'
  import { settings } from '../../../data/settings.svelte'
  import Button from '../../../ui/Button.svelte'
  import Tile from '../../../ui/Tile.svelte'
  import { capital, show } from '../../../words/words'
  import LureMark from '../../../ui/marks/LureMark.svelte'
  import { acceptedAs, partsOf, pointsOf, stepsOf, STEP_WORDS, type Chosen, type Step } from './choosing'
  import DrawnWater from './DrawnWater.svelte'
  import { partsWords } from './partWords'
  import type { Session } from './session.svelte'
  import TieAnswer from './TieAnswer.svelte'

  /** A water that nobody has fished: its lure is put together part by part, then held against the program's. */
  let { water, session }: { water: PracticeWater; session: Session } = $props()

  const NOTHING: Chosen = { blade: null, skirt: null, trailer: null, head: null }
  const areMany = $derived(water.choices.length > 1)
  let lure = $state(untrack(() => (water.choices.length > 1 ? null : 0)))
  let chosen = $state.raw(NOTHING)
  let isShown = $state(false)
  const choices = $derived(lure === null ? undefined : water.choices[lure])
  const steps = $derived(choices ? stepsOf(choices) : [])
  let open = $state<Step | 'lure' | null>(null)
  /** Arrows go from part to part, and each is chosen on the way: the step stays open until a finger or the next row leaves it. */
  let isByKeys = false
  const left = $derived(steps.filter((step) => chosen[step] === null))
  const now = $derived<Step | 'lure' | null>(open ?? (lure === null ? 'lure' : (left[0] ?? steps[0] ?? null)))
  const metric = $derived(settings.metric)
  const isDone = $derived(choices !== undefined && left.length === 0)
  const id = $props.id()

  function pick(step: Step, at: number) {
    chosen = { ...chosen, [step]: at }
    open = isByKeys ? step : null
  }

  function take(at: number) {
    lure = at
    chosen = NOTHING
    open = isByKeys ? 'lure' : null
  }

  async function ask() {
    if (!choices || !isDone) return
    isShown = true
    await session.give({
      right: acceptedAs(choices, chosen) !== undefined,
      card: water.card,
      topic: water.topic,
      level: water.level,
      points: pointsOf(choices, chosen),
    })
  }
</script>

<svelte:window onkeydown={() => (isByKeys = true)} onpointerdown={() => (isByKeys = false)} />
{#if isShown && choices}
  <TieAnswer {water} {choices} {chosen} onnext={() => session.next()} />
{:else}
  <div class="grid items-start gap-x-7 gap-y-4 lg:grid-cols-[minmax(0,1.35fr)_minmax(0,1fr)]">
    <DrawnWater shown={water.shown} column={water.column} class="aspect-[4/3] sm:aspect-[16/10]" />
    <section class="sheet order-3 flex flex-col p-3 sm:p-4 lg:order-2" aria-labelledby="{id}-lure">
      <div class="flex items-baseline justify-between gap-2 pb-1">
        <h2 id="{id}-lure">Your lure</h2>
        <span class="text-faint text-sm">{steps.length - left.length} of {steps.length || 4} chosen</span>
      </div>
      <ol>
        {#if !areMany && choices}
          <li class="border-rule flex min-h-11 items-center gap-3 border-t text-sm">
            <span class="text-faint w-16">Lure</span><LureMark lure={choices.lure} />
            <b>{capital(show(choices.lure))}</b>
          </li>
        {:else}
          <li class="border-rule border-t">
            <button
              class={[
                'focus-ring flex min-h-12 w-full items-center gap-3 text-left text-sm',
                now === 'lure' && 'border-base-content border-l-4 pl-2',
              ]}
              aria-expanded={now === 'lure'}
              onclick={() => (open = 'lure')}
            >
              <span class="text-faint w-16">Lure</span>
              {#if choices}<LureMark lure={choices.lure} /><b>{capital(show(choices.lure))}</b>{:else}<span
                  class="text-faint">choose below</span
                >{/if}
            </button>
          </li>
        {/if}
        {#each steps as step (step)}
          {@const at = chosen[step]}
          {@const parts = choices && at !== null ? partsOf(choices, step)[at] : undefined}
          <li class="border-rule border-t">
            <button
              class={[
                'focus-ring flex min-h-12 w-full items-center gap-3 text-left text-sm',
                now === step && 'border-base-content border-l-4 pl-2',
              ]}
              aria-expanded={now === step}
              onclick={() => (open = step)}
            >
              <span class="text-faint w-16">{STEP_WORDS[step]}</span>
              <span
                class={[
                  'flex h-10 w-20 shrink-0 p-1 text-[#1a1a1a]',
                  parts ? 'bg-proof' : 'border-edge border border-dashed',
                ]}
                >{#each parts ?? [] as part, i (i)}{#if part}<DrawnPart {part} />{/if}{/each}</span
              >
              {#if parts}<b class="min-w-0">{capital(partsWords(parts, metric))}</b>{:else}<span class="text-faint"
                  >{now === step ? 'choose below' : 'not chosen yet'}</span
                >{/if}
            </button>
          </li>
        {/each}
      </ol>
    </section>
    <section class="border-base-content order-2 border-t pt-2 lg:order-3 lg:col-span-2" aria-labelledby="{id}-step">
      <div class="flex min-h-11 flex-wrap items-center justify-between gap-2">
        <h2 id="{id}-step">
          {now === 'lure' || now === null ? 'Lure' : STEP_WORDS[now]}
          <span class="text-faint text-sm font-normal max-sm:hidden"
            >Tap one. Change any part until you ask for the answer.</span
          >
        </h2>
        <Button look="primary" disabled={!isDone} onclick={ask}>Show the answer</Button>
      </div>
      <div
        class="grid gap-y-2 min-[22.5rem]:grid-cols-2 sm:max-md:grid-cols-3 md:grid-cols-4 lg:grid-cols-5 xl:grid-cols-7"
      >
        {#key now}{#if now === 'lure'}
            {#each water.choices as one, i (one.lure)}
              <Tile type="radio" name="{id}-lure" value={one.lure} checked={lure === i} onchange={() => take(i)}>
                <LureMark lure={one.lure} /><span>{capital(show(one.lure))}</span>
              </Tile>
            {/each}
          {:else if now !== null && choices}
            {#each partsOf(choices, now) as parts, i (i)}
              <Tile
                type="radio"
                name="{id}-{now}"
                value={String(i)}
                checked={chosen[now] === i}
                onchange={() => pick(now, i)}
                class="!justify-start"
              >
                <span class="bg-proof flex h-16 w-full items-center justify-center gap-1 p-1 text-[#1a1a1a]"
                  >{#each parts as part, j (j)}{#if part}<DrawnPart {part} />{:else}<span class="h-0.5 w-6 bg-current"
                      ></span>{/if}{/each}</span
                >
                <span class="pt-1">{partsWords(parts, metric)}</span>
              </Tile>
            {/each}
          {/if}{/key}
      </div>
    </section>
  </div>
{/if}
