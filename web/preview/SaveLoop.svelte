<script lang="ts">
  import Button from '../ui/Button.svelte'
  import { notices } from '../stores/notices.svelte'

  /** Saves what moves as a short loop. */
  interface Props {
    /** The pictures as they are on the page, from left to right. */
    frames: () => readonly HTMLElement[]
    name: string
    isReady: boolean
  }
  let { frames, name, isReady }: Props = $props()
  let isDrawing = $state(false)

  async function save() {
    isDrawing = true
    try {
      const { saveAsLoop } = await import('./loop')
      await saveAsLoop(frames(), name)
    } catch (error) {
      notices.problem(error)
    } finally {
      isDrawing = false
    }
  }
</script>

<Button disabled={isDrawing || !isReady} onclick={save}>{isDrawing ? 'Drawing…' : 'Save as a loop'}</Button>
