<script lang="ts">
  import { onMount } from 'svelte'
  import { toast, Toaster } from 'svelte-sonner'
  import { notices, type Notice } from '../data/notices.svelte'
  import NoticeLine from './Notice.svelte'

  /** Stacks notices at the foot of the page, above the thumb bar. Loaded with the first one. */
  const SHOWN_MS = 8000
  /** Room for the thumb bar of a phone and the strip above it. */
  const ABOVE_BAR = { bottom: 130, left: 8, right: 8 }

  function show(notice: Notice) {
    toast.custom(NoticeLine, {
      id: notice.id,
      componentProps: { notice },
      duration: notice.problem || notice.action ? Infinity : SHOWN_MS,
      dismissible: !notice.problem,
      onDismiss: () => notices.dismissed(notice),
    })
  }

  onMount(() => notices.shownBy(show, (id) => toast.dismiss(id)))
</script>

<Toaster
  position="bottom-center"
  visibleToasts={4}
  expand
  offset={16}
  mobileOffset={ABOVE_BAR}
  containerAriaLabel="Notices"
/>
