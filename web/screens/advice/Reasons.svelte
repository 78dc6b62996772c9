<script lang="ts">
  import type { Palette, Reading, Reason } from '../../api/client'
  import { settings } from '../../stores/settings.svelte'
  import { capital, show } from '../../words/words'
  import Facts from '../../ui/Facts.svelte'
  import { pickWords, valueWords } from '../../words/adviceParts'
  import Explain from './Explain.svelte'
  import TossUp from './TossUp.svelte'

  /** Why the picks of a part are what they are: the loudest reasons first, the rest behind one tap. */
  interface Props {
    reasons: Reason[]
    palette: Palette
    reading: Reading
  }
  let { reasons, palette, reading }: Props = $props()

  let explained = $state<Reason['pick'] | null>(null)
  const tossUps = $derived(reasons.filter((reason) => reason.firmness === 'toss_up'))

  /** How a thing is made or cut: worth a look, but not the first thing to read. */
  const METHOD =
    /^(blades\.front|head\.weight_range|trailer_hook\.size|skirt\.trim|skirt\.opacity|skirt\.material|skirt\.strands)/
  const SHOWN = 3
  const said = $derived.by(() => {
    const rules: string[] = []
    return reasons.filter((reason) => {
      if (rules.includes(reason.rule)) return false
      rules.push(reason.rule)
      return true
    })
  })
  const main = $derived(said.filter((reason) => reason.facts.length > 0 && !METHOD.test(reason.pick)).slice(0, SHOWN))
</script>

{#each tossUps as reason (reason.pick + String(reason.value))}<TossUp {reason} />{/each}
<ul class="flex flex-col gap-1.5 text-sm leading-snug">
  {#each main as reason (reason.rule)}
    <li>
      {reason.because}
      <Facts ids={reason.facts} {palette} rule={reason.rule} />{#if reason.school}<span
          class="text-faint ml-1.5 text-xs">your approach: {show(reason.school)}</span
        >{/if}
    </li>
  {/each}
</ul>
<details class="mt-1">
  <summary class="text-faint flex min-h-8 cursor-pointer items-center text-xs underline underline-offset-2"
    >All rules that voted</summary
  >
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
            <p>{reason.because} <Facts ids={reason.facts} {palette} rule={reason.rule} /></p>
            <p class="text-faint">
              {capital(show(reason.firmness))}{reason.runner_up === null
                ? ''
                : `; runner-up ${valueWords(reason.pick, reason.runner_up, settings.metric)}`}.
              <button
                class="min-h-8 underline underline-offset-2"
                aria-expanded={explained === reason.pick}
                onclick={() => (explained = explained === reason.pick ? null : reason.pick)}
                >Votes and what would change it<span class="sr-only">: {pickWords(reason.pick)}</span></button
              >
            </p>
            {#if explained === reason.pick}<Explain {reading} pick={reason.pick} {palette} />{/if}
          </td>
        </tr>
      {/each}
    </tbody>
  </table>
</details>
