<script lang="ts">
  import type { Advice, Reading } from '../../words/documents'
  import { asPng } from '../../lure/asPng'
  import Lure from '../../lure/Lure.svelte'
  import { inTheHand } from '../../lure/paint'
  import { asSvg } from '../../lure/svg'
  import { settings } from '../../data/settings.svelte'
  import Button from '../../ui/Button.svelte'
  import { download } from '../../ui/download'
  import { partsOf, title } from '../../words/adviceParts'
  import { page, picture, why } from './why'

  /** The pick explained in five sentences, as text, as a picture and as a page of its own. */
  let { advice, reading }: { advice: Advice; reading: Reading } = $props()
  /** Of the picture, pixels. */
  const ACROSS = 1440
  const sentences = $derived(why(advice, reading, settings.metric))
  const rows = $derived(partsOf(advice, settings.metric).map((part): [string, string] => [part.title, part.headline]))
  let drawn = $state<HTMLElement>()
  let said = $state('')

  const drawing = () => {
    const svg = drawn?.querySelector('svg')
    return svg ? asSvg(svg) : ''
  }

  async function copy() {
    try {
      await navigator.clipboard.writeText([title(advice), ...sentences].join('\n'))
      said = 'Copied.'
    } catch {
      said = 'This browser does not let the page copy. Mark the sentences and copy them.'
    }
  }

  async function givePicture() {
    try {
      download('kontrast-pick.png', 'image/png', await asPng(picture(advice, rows, drawing()), ACROSS))
      said = ''
    } catch (error) {
      said = error instanceof Error ? error.message : String(error)
    }
  }
</script>

<div class="flex flex-col gap-3">
  <div class="max-w-prose text-sm">
    {#each sentences as sentence (sentence)}<p class="pb-1">{sentence}</p>{/each}
  </div>
  <div class="bg-proof h-28 w-56 p-1 text-[#1a1a1a]" bind:this={drawn}>
    <Lure build={advice} paint={inTheHand(advice)} span={5.2} ruler={false} says="To hand on. " class="h-full w-full" />
  </div>
  <div class="flex flex-wrap gap-2">
    <Button onclick={() => void copy()}>Copy why</Button>
    <Button onclick={() => void givePicture()}>Picture with the picks</Button>
    <Button onclick={() => download('kontrast-advice.html', 'text/html', page(advice, sentences, rows, drawing()))}
      >Page for a friend (HTML)</Button
    >
  </div>
  <p role="status" class="text-sm">{said}</p>
</div>
