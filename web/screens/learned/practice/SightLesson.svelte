<script lang="ts">
  import type { Guess } from '../../../words/documents'
  import { settings } from '../../../data/settings.svelte'
  import Button from '../../../ui/Button.svelte'
  import VisibilityStick from '../../../ui/VisibilityStick.svelte'
  import { waterLength } from '../../../words/words'
  import DrawnWater from './DrawnWater.svelte'
  import type { Session } from './session.svelte'

  /** A stick goes out of sight in a drawn water: how far does one see? */
  let { guess, session }: { guess: Guess; session: Session } = $props()
  const metric = $derived(settings.metric)
  const truth = $derived(guess.reading.visibility_in)
  /** A guess that is off by less than this share counts as right. (Chosen.) */
  const NEAR = 0.2
  const START_IN = 24
  let inches = $state(START_IN)
  let isSaid = $state(false)
  let isShown = $state(false)
  const off = $derived(inches / truth - 1)
  const words = $derived(
    Math.abs(off) < 0.05 ? 'On the mark' : `${Math.round(Math.abs(off) * 100)} % too ${off > 0 ? 'far' : 'near'}`,
  )

  async function ask() {
    isShown = true
    await session.give({ right: Math.abs(off) <= NEAR, guess_in: inches, truth_in: truth })
  }
</script>

<div class="grid items-start gap-x-7 gap-y-4 lg:grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)]">
  <DrawnWater shown={guess.reading} column={guess.column} isWhole={false} class="aspect-[4/3] sm:aspect-[16/10]" />
  <section class="sheet flex flex-col gap-3 p-3 sm:p-4" aria-label="Your guess">
    <h2>How far do you see?</h2>
    <p class="text-sm">To where the stick is just gone.</p>
    {#if isShown}
      <div aria-live="polite">
        <p class="text-xl font-bold">{waterLength(truth, metric)}</p>
        <p class="text-sm">You said {waterLength(inches, metric)}: {words}.</p>
      </div>
      <p class="flex flex-wrap gap-2">
        <Button look="primary" onclick={() => session.next()}>Next</Button>
        <Button href="#/visibility">How to measure it</Button>
      </p>
    {:else}
      <VisibilityStick
        value={inches}
        {isSaid}
        onset={(value) => {
          inches = value
          isSaid = true
        }}
      />
      <p><Button look="primary" disabled={!isSaid} onclick={ask}>That is my guess</Button></p>
    {/if}
  </section>
</div>
