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

  /** Of its own, so that what is being typed is lost only to another number, not to any change of what the number is part of. */
  const shown = $derived(value === null ? '' : String(value))
  let typed = $derived(shown)

  function take() {
    const text = typed.trim().replace(',', '.')
    const number = Number(text)
    if (text === '' && optional) onset(null)
    else if (text !== '' && !Number.isNaN(number)) onset(Math.max(min, Math.min(max, number)))
    // As it was taken over: within its bounds, rounded; or as it was.
    typed = shown
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
