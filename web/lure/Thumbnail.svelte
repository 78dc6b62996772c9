<script lang="ts">
  import type { Build } from '../words/documents'
  import Lure from './Lure.svelte'
  import type { Paint } from './paint'

  /** A lure in a list: its shapes and colors, small and to one scale. */
  let { build, paint }: { build: Build; paint: Paint } = $props()
</script>

<Lure {build} {paint} span={5.2} ruler={false} small class="h-full w-full" />
