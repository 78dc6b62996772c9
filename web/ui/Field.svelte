<script lang="ts">
  import type { Snippet } from 'svelte'

  /** A control under its name, with what is wrong with it beneath. */
  interface Props {
    label: string
    fault?: string
    note?: string
    class?: string
    /** Takes the attributes that tie the control to its fault. */
    children: Snippet<[{ 'aria-invalid': 'true' | undefined; 'aria-describedby': string | undefined }]>
  }
  let { label, fault, note, class: classes = '', children }: Props = $props()
  const id = $props.id()
</script>

<label class="flex min-w-0 flex-col gap-1 text-[0.8125rem] {classes}">
  <span class="font-bold">{label}</span>
  {@render children({
    'aria-invalid': fault ? 'true' : undefined,
    'aria-describedby': fault || note ? id : undefined,
  })}
  {#if fault}<span {id} class="text-error text-sm" role="alert">{fault}</span>
  {:else if note}<span {id} class="text-faint text-xs">{note}</span>{/if}
</label>
