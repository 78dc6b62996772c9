<script lang="ts">
  import type { HTMLInputAttributes } from 'svelte/elements'
  import { timeRead, timeWords } from '../words/clock'

  /** A time of day to type, taken over on Enter or on leaving the field. What is no time is passed on as it was typed, to be refused. */
  interface Props extends Omit<HTMLInputAttributes, 'value' | 'onchange'> {
    /** As a document has it: 17:30. */
    value: string
    /** Whether it ends something: midnight is then that of the next day. */
    isEnd?: boolean
    onset: (time: string) => void
  }
  let { value, isEnd = false, onset, class: classes = '', ...attributes }: Props = $props()
</script>

<input
  class={['input', classes]}
  autocomplete="off"
  value={timeWords(value)}
  onchange={({ currentTarget }) => {
    const typed = currentTarget.value.trim()
    onset(timeRead(typed, isEnd) ?? typed)
    currentTarget.value = timeWords(timeRead(typed, isEnd) ?? typed)
  }}
  onkeydown={(event) => {
    if (event.key === 'Enter') event.currentTarget.blur()
  }}
  {...attributes}
/>
