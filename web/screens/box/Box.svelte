<script lang="ts">
  import Tabbed from '../../ui/Tabbed.svelte'
  import Shelves from './Shelves.svelte'

  /** What is owned, on its shelves and as a list, and what would have to be bought. */
  let { params }: { params?: { tab?: string } | undefined } = $props()
  const OTHERS = [
    { at: 'list', name: 'As a list', load: () => import('./Parts.svelte') },
    { at: 'buy', name: 'What to buy', load: () => import('./ToBuy.svelte') },
  ]
</script>

<Tabbed label="Box" path="/box" at={params?.tab} first={{ name: 'In the box', content: Shelves }} others={OTHERS} />
