<script lang="ts">
  import Button from '../ui/Button.svelte'
  import { notices } from '../data/notices.svelte'

  /** Saves what moves as a short loop, once it does. */
  interface Props {
    /** The pictures as they are on the page, from left to right. */
    frames: () => readonly HTMLElement[]
    name: string
  }
  let { frames, name }: Props = $props()
  let isDrawing = $state(false)

  async function save() {
    isDrawing = true
    try {
      const { saveAsLoop } = await import('./loop')
      await saveAsLoop(frames, name)
    } catch (error) {
      notices.problem(error)
    } finally {
      isDrawing = false
    }
  }
</script>

<Button disabled={isDrawing} onclick={save}>{isDrawing ? 'Drawing…' : 'Save as a loop'}</Button>
