<script lang="ts">
  import TriangleAlert from '@lucide/svelte/icons/triangle-alert'
  let { text, loud = false }: { text: string; loud?: boolean } = $props()
</script>

<p
  class="flex items-start gap-2 leading-snug {loud
    ? 'border-base-content border-2 px-2 py-1 text-[0.8125rem] font-semibold sm:p-2 sm:text-sm'
    : 'text-faint mt-1.5 text-xs'}"
>
  <TriangleAlert class="mt-0.5 shrink-0" size={loud ? 18 : 14} aria-hidden="true" />
  <span><span class="sr-only">Caution: </span>{text}</span>
</p>
