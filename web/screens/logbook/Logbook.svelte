<script lang="ts">
  import Outings from './Outings.svelte'
  import Readings from './Readings.svelte'
  import Season from './Season.svelte'
  import Shown from './Shown.svelte'
  import Trials from './Trials.svelte'

  /** The logbook by its parts. */
  let { params }: { params?: { part?: string } | undefined } = $props()
  const PARTS = [
    { path: 'outings', name: 'Outings', screen: Outings },
    { path: 'analysis', name: 'What it shows', screen: Shown },
    { path: 'trials', name: 'Fair trials', screen: Trials },
    { path: 'season', name: 'Season', screen: Season },
    { path: 'readings', name: 'Readings and waters', screen: Readings },
  ] as const
  const part = $derived(PARTS.find((one) => one.path === params?.part) ?? PARTS[0])
</script>

<nav aria-label="Logbook" class="border-base-content mb-4 flex flex-wrap border-b">
  {#each PARTS as one (one.path)}
    <a
      class={[
        'aria-[current=page]:bg-primary aria-[current=page]:text-primary-content flex min-h-11 items-center px-3 text-sm',
        'font-semibold',
      ]}
      href="#/logbook/{one.path}"
      aria-current={one === part ? 'page' : undefined}>{one.name}</a
    >
  {/each}
</nav>
<part.screen />
