<script lang="ts">
  /** A number to type, with its unit beside it. It is taken over on Enter or on leaving the field. */
  interface Props {
    id?: string
    label: string
    value: number | null
    unit: string
    min: number
    max: number
    placeholder?: string
    onset: (value: number | null) => void
    optional?: boolean
    large?: boolean
  }
  let { id, label, value, unit, min, max, placeholder = '', onset, optional = false, large = false }: Props = $props()

  let typed = $derived(value === null ? '' : String(value))

  function take() {
    const text = typed.trim().replace(',', '.')
    if (text === '' && optional) return onset(null)
    const number = Number(text)
    if (text === '' || Number.isNaN(number)) typed = value === null ? '' : String(value)
    else onset(Math.max(min, Math.min(max, number)))
  }
</script>

<span class="inline-flex items-baseline gap-1">
  <input
    {id}
    class={[
      'border-edge h-11 border bg-transparent px-1 text-right font-bold placeholder:text-[0.8125rem] placeholder:font-normal',
      large ? 'w-20 text-2xl' : placeholder && value === null ? 'w-28' : 'w-16 text-base',
    ]}
    inputmode="decimal"
    autocomplete="off"
    aria-label={label}
    {placeholder}
    bind:value={typed}
    onchange={take}
    onkeydown={(event) => {
      if (event.key === 'Enter') event.currentTarget.blur()
    }}
    onfocus={(event) => event.currentTarget.select()}
  />
  <span class="min-w-6 text-sm">{value === null ? '' : unit}</span>
</span>
