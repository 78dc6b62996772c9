<script lang="ts">
  import Button from '../../ui/Button.svelte'
  import FileButton from '../../ui/FileButton.svelte'
  import { answer, api, type ReadColour, type PhotoSample } from '../../api/client'
  import { round, show } from '../../words/words'
  import { openPicture, tapAt } from '../../parts/photo'

  /** A colour read off a photo with a white card in it, or off the colorimeter. */
  let { onread }: { onread: (colour: string) => void } = $props()

  let picture = $state.raw<ImageBitmap | null>(null)
  let canvas = $state<HTMLCanvasElement | null>(null)
  let on = $state<'card' | 'part'>('card')
  let taps = $state<{ card: PhotoSample[]; part: PhotoSample[] }>({ card: [], part: [] })
  let read = $state<ReadColour | null>(null)
  let trouble = $state('')

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
    on = 'card'
    read = null
    trouble = ''
  }

  async function tapped(event: PointerEvent) {
    const context = canvas?.getContext('2d', { willReadFrequently: true })
    if (!canvas || !context) return
    const box = canvas.getBoundingClientRect()
    const x = ((event.clientX - box.left) / box.width) * canvas.width
    const y = ((event.clientY - box.top) / box.height) * canvas.height
    taps[on].push(tapAt(context, x, y))
    context.strokeStyle = on === 'card' ? '#000' : '#fff'
    context.lineWidth = 3
    context.strokeRect(x - 8, y - 8, 16, 16)
    if (on === 'card' && taps.card.length === 1) on = 'part'
    if (taps.card.length > 0 && taps.part.length > 0)
      await ask(() => api.POST('/api/colour/photo', { body: $state.snapshot(taps) }))
  }

  async function ask(request: () => Promise<{ data?: ReadColour; error?: unknown; response: Response }>) {
    try {
      read = await answer(request())
      trouble = ''
    } catch (error) {
      trouble = error instanceof Error ? error.message : String(error)
    }
  }
</script>

<div class="flex flex-col gap-2">
  <div class="flex flex-wrap items-center gap-2 text-sm">
    <FileButton words="Color from a photo" accept="image/*" onchoose={choose} />
    <Button onclick={() => ask(() => api.POST('/api/colour/colorimeter'))}>Read the colorimeter</Button>
    {#if read}
      {@const found = read}
      <span class="bg-proof inline-block p-1"
        ><span class="block h-8 w-14" style:background-color={found.hex}></span></span
      >
      <span>{found.hex}, nearest {show(found.nearest)}; measurements within {round(found.spread, 1)} ΔE</span>
      <Button look="primary" onclick={() => onread(found.hex)}>Use this color</Button>
    {/if}
  </div>
  {#each read?.warnings ?? [] as warning (warning)}<p class="text-sm font-semibold">{warning}</p>{/each}
  {#if trouble}<p class="text-error text-sm" role="alert">{trouble}</p>{/if}
  {#if picture}
    <fieldset class="flex flex-wrap items-center gap-3 text-sm">
      <legend class="sr-only">Next tap</legend>
      {#each [['card', 'Tap the white card'], ['part', 'Tap the part']] as const as [what, words] (what)}
        <label class="flex h-11 items-center gap-1.5">
          <input class="radio border-edge" type="radio" name="tap" checked={on === what} onchange={() => (on = what)} />
          {words}, {taps[what].length} so far
        </label>
      {/each}
      <Button
        onclick={() => {
          reset()
          if (picture) canvas?.getContext('2d')?.drawImage(picture, 0, 0)
        }}>Start over</Button
      >
      <span class="text-faint text-xs">The picture stays in this browser.</span>
    </fieldset>
    <canvas
      bind:this={canvas}
      class="bg-proof max-h-[60vh] max-w-full cursor-crosshair touch-none self-start"
      aria-label="The photo: tap the white card, then the part"
      onpointerdown={tapped}
    ></canvas>
  {/if}
</div>
