<script lang="ts">
  import { HELP, type ScreenName } from '../../words/help'
  import { release } from '../../data/release.svelte'
  import { settings } from '../../data/settings.svelte'
  import Panel from '../../ui/Panel.svelte'

  /** What each place is for and how to work it. */
  const NAMES = (Object.keys(HELP) as ScreenName[]).filter((name) => name !== 'Page not found')
</script>

<div class="flex max-w-3xl flex-col gap-4">
  <h1>Help</h1>
  {#each NAMES as name (name)}
    <Panel title={name}>
      {#each HELP[name] as sentence (sentence)}<p class="max-w-prose py-1 text-sm">{sentence}</p>{/each}
    </Panel>
  {/each}
  <p class="text-faint max-w-prose text-xs">
    {#if release.value}Kontrast {release.value.version}{release.value.date ? `, ${release.value.date}` : ''}.{/if}
    Tab moves through everything on a page, Enter opens it.{settings.value?.shortcuts === false
      ? ''
      : ' The ? key opens the help of the place you are in, with its keys.'}
  </p>
</div>
