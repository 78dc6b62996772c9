<script lang="ts" generics="T extends string">
  import { capital, show } from '../words/words'

  /** Any number of words, as tiles to tap on and off; native checkboxes underneath. */
  interface Props {
    label: string
    note?: string
    options: readonly T[]
    value: readonly T[]
    onset: (value: T[]) => void
  }
  let { label, note, options, value, onset }: Props = $props()

  function toggle(word: T) {
    onset(value.includes(word) ? value.filter((other) => other !== word) : [...value, word])
  }
</script>

<fieldset class="min-w-0">
  <legend class="mb-1.5 flex w-full items-baseline justify-between gap-3">
    <span class="text-[0.8125rem] font-bold">{label}</span>
    {#if note}<span class="text-faint text-xs">{note}</span>{/if}
  </legend>
  <div class="grid grid-cols-3 gap-px sm:auto-cols-fr sm:grid-flow-col sm:grid-cols-none">
    {#each options as option (option)}
      <label
        class={[
          'border-rule has-checked:bg-primary has-checked:text-primary-content has-focus-visible:outline-3',
          'hover:bg-base-200 relative -mr-px -mb-px flex min-h-11 cursor-pointer items-center justify-center border',
          'px-1 py-1.5 text-center text-[0.8125rem] leading-tight has-checked:z-10 has-focus-visible:z-20',
        ]}
      >
        <input
          class="absolute inset-0 h-full w-full cursor-pointer appearance-none opacity-0"
          type="checkbox"
          checked={value.includes(option)}
          onchange={() => toggle(option)}
        />
        {capital(show(option))}
      </label>
    {/each}
  </div>
</fieldset>
