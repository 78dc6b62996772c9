<script lang="ts">
  import { currentReading } from '../../data/currentReading.svelte'
  import { settings } from '../../data/settings.svelte'
  import Button from '../../ui/Button.svelte'

  /** In the sun a heavy theme of black on white is easier to read; it is offered where the screen is likely in it. */
  const HIGH_SUN_HOURS = [10, 16] as const
  let isDeclined = $state(false)
  const isOffered = $derived.by(() => {
    const hour = new Date().getHours()
    return (
      !isDeclined &&
      currentReading.reading.sky === 'sun' &&
      settings.value?.theme !== 'noon' &&
      hour >= HIGH_SUN_HOURS[0] &&
      hour < HIGH_SUN_HOURS[1] &&
      matchMedia('(pointer: coarse) and (prefers-color-scheme: light)').matches
    )
  })
</script>

{#if isOffered}
  <div class="border-base-content flex flex-wrap items-center gap-2 border-2 p-2 text-sm" role="status">
    <span class="flex-1">In the sun? The noon theme is easier to read.</span>
    <Button onclick={() => settings.change({ theme: 'noon' })}>Switch to noon</Button>
    <Button look="plain" onclick={() => (isDeclined = true)}>Not now</Button>
  </div>
{/if}
