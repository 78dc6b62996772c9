<script lang="ts">
  import type { Reason, Settings } from '../../words/documents'
  import { settings } from '../../data/settings.svelte'
  import Button from '../../ui/Button.svelte'
  import { valueWords } from '../../words/adviceParts'

  /** Of two picks that are equal: which of them the angler trusts, so that it is tied first from now on. */
  let { reason }: { reason: Reason } = $props()
  type Trusted = NonNullable<Settings['trusted']>

  const both = $derived([reason.value, reason.runner_up].filter((value) => typeof value === 'string'))
  const trusted = $derived(settings.value?.trusted ?? [])
  const isOne = (one: Trusted[number], value: string) => one.pick === reason.pick && one.value === value
  const isTrusted = (value: string) => trusted.some((one) => isOne(one, value))
  const set = (value: string) =>
    settings.change({
      trusted: isTrusted(value)
        ? trusted.filter((one) => !isOne(one, value))
        : [...trusted, { pick: reason.pick, value } as Trusted[number]],
    })
</script>

<p class="flex flex-wrap items-center gap-2 py-1 text-sm">
  {#each both as value (value)}
    <Button onclick={() => set(value)}
      >{isTrusted(value) ? 'No longer trust' : 'I trust'} {valueWords(reason.pick, value, settings.metric)}</Button
    >
  {/each}
</p>
