<script lang="ts">
  import X from '@lucide/svelte/icons/x'
  import TriangleAlert from '@lucide/svelte/icons/triangle-alert'
  import { notices, type Notice } from '../data/notices.svelte'
  import Button from './Button.svelte'

  /** One notice: what was done, or, framed and marked, what went wrong. */
  let { notice, closeToast }: { notice: Notice; closeToast?: () => void } = $props()
</script>

<div
  class={[
    'flex w-full items-center gap-3 px-3 py-1 text-sm shadow-lg',
    notice.problem ? 'border-error bg-base-100 text-error border-2' : 'bg-neutral text-neutral-content',
  ]}
  role={notice.problem ? 'alert' : 'status'}
>
  {#if notice.problem}<TriangleAlert class="shrink-0" size={18} aria-hidden="true" />{/if}
  <span class="flex-1 py-2 whitespace-pre-line">{notice.text}</span>
  {#if notice.action}
    <Button look="plain" class="underline" onclick={() => notices.run(notice)}>{notice.action.name}</Button>
  {/if}
  <Button
    look="plain"
    label="Dismiss"
    onclick={() => {
      closeToast?.()
      notices.dismissed(notice)
    }}><X size={16} aria-hidden="true" /></Button
  >
</div>
