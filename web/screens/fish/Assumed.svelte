<script lang="ts">
  import { settings } from '../../data/settings.svelte'
  import { list, show, tintWords, waterLength } from '../../words/words'
  import type { Filled } from './seen'

  /** What an advice on the water takes for granted, since nobody noted it. */
  let { asked }: { asked: Filled } = $props()
  const words = $derived(
    [
      {
        field: 'visibility_in',
        said: `${waterLength(asked.reading.visibility_in, settings.metric)} visibility`,
      } as const,
      { field: 'tint', said: tintWords(asked.reading.tint) } as const,
      { field: 'sky', said: show(asked.reading.sky) } as const,
      { field: 'wind', said: asked.reading.wind === 'calm' ? 'calm' : show(asked.reading.wind) } as const,
      { field: 'cover', said: show(asked.reading.cover) } as const,
      { field: 'forage', said: `forage ${show(asked.reading.forage)}` } as const,
    ]
      .filter(({ field }) => asked.assumed.includes(field))
      .map(({ said }) => said),
  )
</script>

{#if words.length > 0}
  <p class="text-faint text-sm">Not noted here today, taken as usual: {list(words)}.</p>
{/if}
