<script lang="ts">
  import { settings } from '../data/settings.svelte'
  import Button from './Button.svelte'

  /** Takes its vote from a rule that the angler does not believe, and gives it back. */
  let { rule }: { rule: string } = $props()
  const doubted = $derived(settings.value?.doubted ?? [])
  const isOff = $derived(doubted.includes(rule))
</script>

<Button onclick={() => settings.change({ doubted: isOff ? doubted.filter((one) => one !== rule) : [...doubted, rule] })}
  >{isOff ? 'Put this rule on again' : 'I don’t believe this'}</Button
>
