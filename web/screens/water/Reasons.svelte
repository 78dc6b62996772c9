<script lang="ts">
  import type { Reading, Reason } from '../../words/documents'
  import { settings } from '../../data/settings.svelte'
  import { capital, show } from '../../words/words'
  import Facts from '../../ui/Facts.svelte'
  import Term from '../../ui/Term.svelte'
  import { pickWords, valueWords } from '../../words/adviceParts'
  import Explain from './Explain.svelte'
  import { mainReasons } from './mainReasons'

  /** Why the picks of a part are what they are: the other main reasons, and every rule behind one tap. */
  interface Props {
    reasons: Reason[]
    reading: Reading
  }
  let { reasons, reading }: Props = $props()

  let open = $state(false)
  let explained = $state<Reason['pick'] | null>(null)
  /** The first one stands beside the pick already. */
  const others = $derived(mainReasons(reasons).slice(1))
</script>

<ul class="flex flex-col gap-1.5 text-sm leading-snug">
  {#each others as reason (reason.rule)}
    <li>
      {reason.because}
      <Facts ids={reason.facts} rule={reason.rule} />{#if reason.school}<span class="text-faint ml-1.5 text-xs"
          >your approach: {show(reason.school)}</span
        >{/if}
    </li>
  {/each}
</ul>
<details class="mt-1" bind:open>
  <summary class="text-faint flex min-h-11 cursor-pointer items-center text-xs underline underline-offset-2"
    >All rules that voted</summary
  >
  {#if open}
    <table class="mt-1 w-full text-left text-xs leading-snug">
      <thead class="sr-only"><tr><th>Pick</th><th>Why</th></tr></thead>
      <tbody>
        {#each reasons as reason (reason.pick + reason.rule + String(reason.value))}
          <tr class="border-rule border-t align-top">
            <th class="w-32 py-1 pr-3 font-semibold" scope="row"
              >{capital(pickWords(reason.pick))}<br /><span class="font-normal"
                >{valueWords(reason.pick, reason.value, settings.metric)}</span
              ></th
            >
            <td class="py-1">
              <p>{reason.because} <Facts ids={reason.facts} rule={reason.rule} /></p>
              <p class="text-faint">
                <Term of="firmness" shown={capital(show(reason.firmness))} />{reason.runner_up === null
                  ? ''
                  : `; runner-up ${valueWords(reason.pick, reason.runner_up, settings.metric)}`}.
                <button
                  class="min-h-11 text-left underline underline-offset-2"
                  aria-expanded={explained === reason.pick}
                  onclick={() => (explained = explained === reason.pick ? null : reason.pick)}
                  >Votes and what would change it<span class="sr-only">: {pickWords(reason.pick)}</span></button
                >
              </p>
              {#if explained === reason.pick}<Explain {reading} pick={reason.pick} />{/if}
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
  {/if}
</details>
