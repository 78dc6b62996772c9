<script lang="ts">
  import type { Reading } from '../../words/documents'
  import { advisedBuildFor } from '../../data/builds'
  import { notOwned } from '../../parts/notOwned'
  import { slotsOf } from '../../words/slots'
  import { bench } from '../../data/bench.svelte'
  import Answer from '../../ui/Answer.svelte'
  import Button from '../../ui/Button.svelte'
  import { count } from '../../words/numbers'
  import { capital } from '../../words/words'

  /** The build the advice wants, whether or not its parts are owned. */
  let { reading }: { reading: Reading } = $props()
  const advised = advisedBuildFor(() => reading)
</script>

<Answer question={advised} waiting="Putting the advised build together…">
  {#snippet children({ build })}
    {@const missing = notOwned(build).length}
    <div class="border-base-content mb-3 flex flex-wrap items-center gap-3 border-2 p-2 text-sm">
      <p class="min-w-48 flex-1">
        <span class="font-bold">The advised build</span>:
        {slotsOf(build.lure)
          .flatMap((slot) => (build[slot] ? [capital(build[slot].name)] : []))
          .join(' · ')}.
        {missing === 0 ? 'You own all of it.' : `You do not own ${count(missing, 'part')} of it.`}
      </p>
      <Button onclick={() => bench.replace(build)}>Use the advised build</Button>
    </div>
  {/snippet}
</Answer>
