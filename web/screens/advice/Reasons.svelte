<script lang="ts">
  import type { Palette, Reason } from '../../api/client'
  import { settings } from '../../stores/settings.svelte'
  import { capital, show } from '../../words/words'
  import Facts from '../../ui/Facts.svelte'
  import { pickWords, valueWords } from '../../words/adviceParts'

  /** Why the picks of a part are what they are: the loudest reasons first, the rest behind one tap. */
  interface Props {
    reasons: Reason[]
    palette: Palette
  }
  let { reasons, palette }: Props = $props()

  /** How a thing is made or cut: worth a look, but not the first thing to read. */
  const METHOD = /^(blades\.front|head\.weight_range|trailer_hook\.size|skirt\.trim|skirt\.opacity|skirt\.material)/
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

<ul class="flex flex-col gap-1.5 text-sm leading-snug">
  {#each main as reason (reason.rule)}
    <li>
      {reason.because}
      <Facts ids={reason.facts} {palette} rule={reason.rule} />{#if reason.school}<span
          class="text-faint ml-1.5 text-xs">your school: {show(reason.school)}</span
        >{/if}
    </li>
  {/each}
</ul>
<details class="mt-1">
  <summary class="text-faint flex min-h-8 cursor-pointer items-center text-xs underline underline-offset-2"
    >Every pick and who spoke</summary
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
            {#each reason.for as voice (voice.rule)}<p class="text-faint">
                For it too: {voice.because}
                <Facts ids={voice.facts} {palette} rule={voice.rule} />
              </p>{/each}
            {#each reason.against as voice (voice.rule + String(voice.value))}
              <p class="text-faint">
                {voice.count < 0 ? 'Against it' : `For ${valueWords(reason.pick, voice.value, settings.metric)}`}: {voice.because}
                <Facts ids={voice.facts} {palette} rule={voice.rule} />
              </p>
            {/each}
          </td>
        </tr>
      {/each}
    </tbody>
  </table>
</details>
