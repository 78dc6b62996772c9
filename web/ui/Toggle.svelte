<script lang="ts">
  interface Props {
    label: string
    note?: string
    value: boolean
    onset: (value: boolean) => void
  }
  let { label, note, value, onset }: Props = $props()
</script>

<label class="flex min-h-11 cursor-pointer items-center gap-3">
  <input class="toggle" type="checkbox" checked={value} onchange={(event) => onset(event.currentTarget.checked)} />
  <span>
    <span class="text-[0.8125rem] font-bold">{label}</span>
    {#if note}<span class="text-faint block text-xs">{note}</span>{/if}
  </span>
</label>
