<script lang="ts">
  import Dialog from '../ui/Dialog.svelte'

  /** Whether a screen shows colors as they are meant. */
  let { onclose }: { onclose: () => void } = $props()
  const GRAYS = [0, 16, 32, 64, 96, 128, 160, 192, 224, 240, 255]
  /** Two colors that differ by three steps of 255, which a good screen in dim light tells from one another. */
  const PATCHES = ['#4a5432', '#4e5835']
</script>

<Dialog title="Can this screen be trusted?" {onclose}>
  <ol class="flex list-decimal flex-col gap-3 pl-5 text-sm">
    <li>
      Turn off night tints, warm light and automatic colors (in the settings of your phone or computer): they turn white
      yellow, and silver into gold. Turn the brightness up.
      <div class="border-edge mt-2 flex h-12 border" role="img" aria-label="Eleven grays from black to white">
        {#each GRAYS as gray (gray)}<span class="flex-1" style:background-color="rgb({gray} {gray} {gray})"
          ></span>{/each}
      </div>
      You should count eleven steps, none of them colored. If the two darkest are one, the screen is too dark or too much
      light falls on it.
    </li>
    <li>
      Here are two greens. If you see only one, small differences between parts will not show either.
      <div class="bg-proof mt-2 flex h-16 justify-center p-3">
        {#each PATCHES as colour (colour)}<span class="h-full w-24" style:background-color={colour}></span>{/each}
      </div>
    </li>
    <li>
      A screen cannot show a fluorescent color as bright as it is, nor a flash. Where they matter, go by the figures
      beside the picture.
    </li>
  </ol>
</Dialog>
