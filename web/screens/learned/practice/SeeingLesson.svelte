<script lang="ts">
  import type { Sighting } from '../../../words/documents'
  import { motionFor } from '../../../data/look'
  import Underwater from '../../../preview/Underwater.svelte'
  import { settings } from '../../../data/settings.svelte'
  import Button from '../../../ui/Button.svelte'
  import { away, tintWords, waterLength } from '../../../words/words'
  import type { Session } from './session.svelte'

  /** Two lures, or two parts of one, in one water: which is seen from farther, and do they read as one? */
  let { sighting, session }: { sighting: Sighting; session: Session } = $props()
  const metric = $derived(settings.metric)
  const areTwo = $derived(sighting.lures.length > 1)
  let said = $state<Sighting['right'] | null>(null)
  let isMoving = $state(false)
  const LETTERS = ['A', 'B']
  const ANSWERS = $derived<readonly (readonly [Sighting['right'], string])[]>(
    areTwo
      ? [
          ['a', 'A'],
          ['b', 'B'],
        ]
      : [
          ['one', 'As one'],
          ['two', 'As two'],
        ],
  )
  const motionOf = (i: number) =>
    motionFor(() => {
      const lure = sighting.lures[i]
      return isMoving && lure ? { reading: sighting.reading, from: 'side', parts: lure.look_parts, pairs: [] } : null
    })
  const motions = [motionOf(0), motionOf(1)]
  /** The drawn distance that is nearest to the one asked for. */
  const atOf = (lure: Sighting['lures'][number]) =>
    lure.scene.distances_in.reduce(
      (best, inches, i) =>
        Math.abs(inches - sighting.distance_in) < Math.abs((lure.scene.distances_in[best] ?? 0) - sighting.distance_in)
          ? i
          : best,
      0,
    )
  const blades = $derived(sighting.lures.reduce((sum, lure) => sum + lure.build.blades.length, 0))
  const right = $derived(said === sighting.right)
  const span = (i: number) => {
    const [from = 0, to = 0] = sighting.spans_in[i] ?? []
    return `${away(from, metric)} to ${away(to, metric)}`
  }

  async function say(answer: Sighting['right']) {
    if (said) return
    said = answer
    await session.give({ right: answer === sighting.right, ...(areTwo ? { ratio: sighting.ratio } : {}) })
  }
</script>

<p class="text-sm">
  {#if areTwo}{waterLength(sighting.reading.visibility_in, metric)} of visibility, {tintWords(sighting.reading.tint)}.
    Both
    {away(sighting.distance_in, metric)} away. <b>Which does a bass make out from farther?</b>
  {:else}{waterLength(sighting.reading.visibility_in, metric)} of visibility.
    <b>Do skirt and trailer read as one or as two to a bass, {away(sighting.distance_in, metric)} away?</b>{/if}
</p>
<div class={['grid gap-1', areTwo && 'sm:grid-cols-2']}>
  {#each sighting.lures as lure, i (i)}
    <figure class="relative">
      <Underwater
        build={lure.build}
        scene={lure.scene}
        at={atOf(lure)}
        eye="person"
        motion={motions[i]?.current}
        speed={isMoving ? 'slow' : null}
        playedAtOnce={Math.max(1, blades)}
        says={areTwo ? `${LETTERS[i] ?? ''}: ` : ''}
        class={areTwo ? 'aspect-[16/10]' : 'aspect-[16/9] max-h-[26rem] w-full'}
      />
      {#if areTwo}<figcaption class="bg-base-100 absolute top-0 left-0 px-3 py-1 text-xl font-bold">
          {LETTERS[i]}
        </figcaption>{/if}
    </figure>
  {/each}
</div>
<div class="flex flex-wrap items-center gap-2">
  {#each ANSWERS as [answer, words] (answer)}
    <Button
      size="large"
      look={said === answer ? 'primary' : 'outline'}
      pressed={said === answer}
      disabled={said !== null && said !== answer}
      onclick={() => say(answer)}
      class="min-w-28 flex-1 sm:flex-none">{words}</Button
    >
  {/each}
  {#if blades > 0}<Button onclick={() => (isMoving = !isMoving)}>{isMoving ? 'Stop' : 'Let them swim'}</Button>{/if}
</div>
{#if said}
  <section class="sheet flex flex-wrap items-center justify-between gap-3 p-3 text-sm sm:p-4" aria-live="polite">
    <div>
      <h2>{right ? 'Right' : 'No'}: {ANSWERS.find(([answer]) => answer === sighting.right)?.[1]}</h2>
      <p>
        {#if areTwo}A bass makes out A from {span(0)}, B from {span(1)}, as far as the model can tell.
        {:else}They stay two up to {span(0)} away, as far as the model can tell.{/if}
      </p>
    </div>
    <Button look="primary" onclick={() => session.next()}>Next</Button>
  </section>
{/if}
