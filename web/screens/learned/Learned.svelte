<script lang="ts">
  import Tabbed from '../../ui/Tabbed.svelte'
  import FirstLesson from './FirstLesson.svelte'

  /** What was learned: the best lesson and the last outing first, and everything that they come from. */
  let { params }: { params?: { part?: string } | undefined } = $props()
  const OTHERS = [
    { at: 'log', name: 'Ask the log', load: () => import('./Shown.svelte') },
    { at: 'outings', name: 'Outings', load: () => import('./Outings.svelte') },
    { at: 'practice', name: 'Practice', load: () => import('./practice/Practice.svelte') },
    { at: 'trials', name: 'Fair trials', load: () => import('./Trials.svelte') },
    { at: 'season', name: 'Season', load: () => import('./Season.svelte') },
  ]
</script>

<Tabbed
  label="Learned"
  path="/learned"
  at={params?.part}
  first={{ name: 'Learned', content: FirstLesson }}
  others={OTHERS}
/>
