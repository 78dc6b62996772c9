<script lang="ts">
  import type { Missing } from '../../api/client'
  import { missingQuery } from '../../api/queries'
  import { parts } from '../../api/writes'
  import { measureWords, swatches } from '../../parts/part'
  import PartSwatch from '../../parts/PartSwatch.svelte'
  import { notices } from '../../stores/notices.svelte'
  import { settings } from '../../stores/settings.svelte'
  import BuildRow from '../../ui/BuildRow.svelte'
  import Button from '../../ui/Button.svelte'
  import Stored from '../../ui/Stored.svelte'
  import { count } from '../../words/numbers'
  import { capital, round } from '../../words/words'

  /** The parts not owned that would gain most over the saved readings. */
  const missing = missingQuery()
  const words = (found: Missing) => capital(found.part.name)

  async function add(found: Missing) {
    try {
      const added = await parts.add([{ ...found.part, name: words(found) }])
      notices.say(`${words(found)} added to your parts.`, () => parts.remove(added.flatMap((one) => one.id ?? [])))
    } catch (error) {
      notices.problem(error)
    }
  }
</script>

<Stored query={missing} waiting="Trying each part that the advice ever wants, in every saved reading…">
  {#snippet children(data)}
    {#if data.length === 0}
      <p class="text-sm">
        Nothing you do not own would improve your builds over your saved readings. Save more readings to cover more
        waters.
      </p>
    {/if}
    <ol>
      {#each data as found, i (i)}
        <BuildRow>
          {#snippet end()}
            <span class="font-extrabold">+{round(found.gain, 1)}</span>
            <Button label="I have it now: {words(found)}" onclick={() => add(found)}>I have it now</Button>
          {/snippet}
          <span class="flex items-center gap-2">
            <PartSwatch colours={swatches(found.part)} />
            <span>
              <span class="font-semibold">{words(found)}</span><br />
              <span class="text-faint text-xs"
                >{capital(found.part.kind)}, {measureWords(found.part, settings.metric)}; helps in {found.readings} of {count(
                  found.of,
                  'reading',
                )}</span
              >
            </span>
          </span>
        </BuildRow>
      {/each}
    </ol>
  {/snippet}
</Stored>
