<script lang="ts" generics="T extends string">
  import { capital, show } from '../words/words'
  import Group from './Group.svelte'
  import { toggled } from './toggled'

  /** Any number of words, as tiles to tap on and off; native checkboxes underneath. */
  interface Props {
    label: string
    note?: string
    options: readonly T[]
    value: readonly T[]
    onset: (value: T[]) => void
  }
  let { label, note, options, value, onset }: Props = $props()
</script>

<Group {label} {note}>
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
          onchange={() => onset(toggled(value, option))}
        />
        {capital(show(option))}
      </label>
    {/each}
  </div>
</Group>
