<script lang="ts">
  import type { InventoryPart, PatchColour, ReadPatch, PhotoSample, ReadColour } from '../../words/documents'
  import Button from '../../ui/Button.svelte'
  import FileButton from '../../ui/FileButton.svelte'
  import { measureColour, readPatch, readPhoto } from '../../data/colours'
  import ColourField from '../../parts/ColourField.svelte'
  import { hexOf } from '../../words/part'
  import { asPart, frameOf, openPicture, pixelsIn, tapAt } from '../../parts/photo'
  import { round } from '../../words/round'
  import { capital, show } from '../../words/words'

  /** A color read off a photo, or several off one of a skirt, or one off the colorimeter. */
  interface Props {
    /** Whether the part may have accents: then a frame over it reads all of its colors. */
    hasAccents?: boolean
    onread: (colours: Partial<InventoryPart>) => void
  }
  let { hasAccents = false, onread }: Props = $props()

  type Tap = 'card' | 'part'
  /** Drawn over less than this, a frame is a tap, pixels of the picture. */
  const LEAST_FRAME = 16
  let picture = $state.raw<ImageBitmap | null>(null)
  let canvas = $state<HTMLCanvasElement | null>(null)
  let on = $state<Tap>('card')
  let taps = $state<{ card: PhotoSample[]; part: PhotoSample[] }>({ card: [], part: [] })
  let pixels = $state.raw<string[]>([])
  /** The color of what stands for the white card; null for a card. */
  let known = $state<string | null>(null)
  let read = $state<ReadColour | null>(null)
  let patch = $state.raw<ReadPatch | null>(null)
  let dropped = $state.raw<readonly string[]>([])
  let trouble = $state('')
  let corner: { x: number; y: number } | null = null

  const card = $derived(known === null ? 'the white card' : 'the part whose color you know')
  const steps = $derived<[Tap, string][]>([
    ['card', `Tap ${card}`],
    ['part', hasAccents ? 'Tap the part, or draw a frame over its colors' : 'Tap the part'],
  ])
  const kept = $derived(patch?.colours.filter((one) => !dropped.includes(one.hex)) ?? [])

  $effect(() => {
    if (canvas && picture) {
      canvas.width = picture.width
      canvas.height = picture.height
      canvas.getContext('2d', { willReadFrequently: true })?.drawImage(picture, 0, 0)
    }
  })

  async function choose(file: File) {
    reset()
    try {
      picture = await openPicture(file)
    } catch (error) {
      picture = null
      trouble = error instanceof Error ? error.message : String(error)
    }
  }

  function reset() {
    taps = { card: [], part: [] }
    pixels = []
    on = 'card'
    read = patch = null
    dropped = []
    trouble = ''
  }

  function startOver() {
    reset()
    if (picture) canvas?.getContext('2d')?.drawImage(picture, 0, 0)
  }

  function placeOf(event: PointerEvent) {
    const box = canvas?.getBoundingClientRect()
    const context = canvas?.getContext('2d', { willReadFrequently: true })
    if (!canvas || !box || !context) return null
    const x = ((event.clientX - box.left) / box.width) * canvas.width
    const y = ((event.clientY - box.top) / box.height) * canvas.height
    return { x, y, context }
  }

  function pressed(event: PointerEvent) {
    const place = placeOf(event)
    if (!place) return
    corner = place
    canvas?.setPointerCapture(event.pointerId)
  }

  function released(event: PointerEvent) {
    const place = placeOf(event)
    if (!place || !corner) return
    const { x, y } = corner
    const frame = frameOf(x, y, place.x, place.y)
    corner = null
    // Read before anything is drawn over it.
    if (hasAccents && on === 'part' && Math.min(frame.width, frame.height) >= LEAST_FRAME) {
      pixels = pixelsIn(place.context, frame)
      read = null
      mark(place.context, frame.x, frame.y, frame.width, frame.height)
    } else {
      taps[on].push(tapAt(place.context, x, y))
      if (on === 'part') pixels = []
      mark(place.context, x - 8, y - 8, 16, 16)
      if (on === 'card' && taps.card.length === 1) on = 'part'
    }
    void ask()
  }

  function mark(context: CanvasRenderingContext2D, x: number, y: number, width: number, height: number) {
    context.strokeStyle = on === 'card' ? '#000' : '#fff'
    context.lineWidth = 3
    context.strokeRect(x, y, width, height)
  }

  /** What can be told by now. */
  async function ask() {
    const { card: cardTaps, part } = $state.snapshot(taps)
    if (cardTaps.length === 0) return
    const reference = known === null ? null : hexOf(known)
    if (pixels.length > 0)
      await readPatch({ card: cardTaps, pixels, known: reference } as never, {
        ...said,
        then: (seen) => {
          patch = seen
          dropped = []
          trouble = ''
        },
      })
    else if (part.length > 0)
      await readPhoto({ card: cardTaps, part, known: reference } as never, {
        ...said,
        then: (seen) => {
          patch = null
          read = seen
          trouble = ''
        },
      })
  }

  const said = { failed: (sentence: string) => (trouble = sentence) }
  const measure = () =>
    measureColour(undefined, {
      ...said,
      then: (seen) => {
        read = seen
        trouble = ''
      },
    })

  const toggle = ({ hex }: PatchColour) =>
    (dropped = dropped.includes(hex) ? dropped.filter((one) => one !== hex) : [...dropped, hex])
</script>

<div class="flex flex-col gap-2">
  <div class="flex flex-wrap items-center gap-2 text-sm">
    <FileButton words={hasAccents ? 'Colors from a photo' : 'Color from a photo'} accept="image/*" onchoose={choose} />
    <Button onclick={measure}>Read the colorimeter</Button>
    {#if read}
      {@const found = read}
      <span class="bg-proof inline-block p-1"
        ><span class="block h-8 w-14" style:background-color={found.hex}></span></span
      >
      <span
        >{found.hex}, nearest {show(found.nearest)}; the readings differ by up to {round(found.spread, 1)} (1 is the smallest
        difference you would notice)</span
      >
      <Button look="primary" onclick={() => onread({ colour: found.hex })}>Use this color</Button>
    {/if}
  </div>
  {#if !picture}
    <p class="text-faint text-sm">
      Before you take the picture: lay a white card, plain paper will do, beside the part in the same light. Without one
      the colors are those of the lamp, unless a part whose color you know is in the picture too.
    </p>
  {/if}
  {#each read?.warnings ?? patch?.warnings ?? [] as warning (warning)}<p class="text-sm font-semibold">
      {warning}
    </p>{/each}
  {#if trouble}<p class="text-error text-sm" role="alert">{trouble}</p>{/if}
  {#if patch}
    <fieldset class="flex flex-col gap-1 text-sm">
      <legend class="font-bold">Colors found</legend>
      {#each patch.colours as one (one.hex)}
        <label class="flex min-h-11 items-center gap-2">
          <input class="checkbox" type="checkbox" checked={!dropped.includes(one.hex)} onchange={() => toggle(one)} />
          <span class="bg-proof inline-block p-1"
            ><span class="block h-6 w-10" style:background-color={one.hex}></span></span
          >
          <span>{capital(show(one.nearest))}, {Math.round(100 * one.share)} % of it</span>
        </label>
      {/each}
      <Button look="primary" class="self-start" disabled={kept.length === 0} onclick={() => onread(asPart(kept))}
        >Use {kept.length === 1 ? 'this color' : `these ${kept.length} colors`}</Button
      >
    </fieldset>
  {/if}
  {#if picture}
    <div class="flex flex-wrap items-end gap-3 text-sm">
      <label class="flex h-11 items-center gap-1.5">
        <input
          class="checkbox"
          type="checkbox"
          checked={known !== null}
          onchange={(event) => {
            known = event.currentTarget.checked ? 'white' : null
            startOver()
          }}
        />
        No white card: a part whose color I know
      </label>
      {#if known !== null}
        <ColourField
          label="Its color"
          value={known}
          onset={(colour) => {
            known = colour
            void ask()
          }}
        />
      {/if}
    </div>
    <fieldset class="flex flex-wrap items-center gap-3 text-sm">
      <legend class="sr-only">Next tap</legend>
      {#each steps as [what, words] (what)}
        <label class="flex h-11 items-center gap-1.5">
          <input class="radio" type="radio" name="tap" checked={on === what} onchange={() => (on = what)} />
          {words}{taps[what].length > 0 ? `, ${taps[what].length} so far` : ''}
        </label>
      {/each}
      <Button onclick={startOver}>Start over</Button>
      <span class="text-faint text-xs">The picture stays in this browser.</span>
    </fieldset>
    <canvas
      bind:this={canvas}
      class="bg-proof max-h-[60vh] max-w-full cursor-crosshair touch-none self-start"
      aria-label="The photo: tap {card}, then {hasAccents ? 'draw a frame over the colors of the part' : 'the part'}"
      onpointerdown={pressed}
      onpointerup={released}
    ></canvas>
  {/if}
</div>
