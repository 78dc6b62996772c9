<script lang="ts">
  import { notices } from '../data/notices.svelte'

  /** A button that opens a file; the same file can be chosen again once it was mended. */
  interface Props {
    words: string
    accept: string
    onchoose: (file: File) => unknown
    primary?: boolean
  }
  let { words, accept, onchoose, primary = false }: Props = $props()

  async function choose(file: File) {
    try {
      await onchoose(file)
    } catch {
      // What is wrong in a file is told by whoever reads it; it was taken away or locked meanwhile.
      notices.problem(new Error(`${file.name} cannot be read. Choose it again.`))
    }
  }
</script>

<label class="btn has-focus-visible:outline-3 relative cursor-pointer {primary ? 'btn-primary' : 'btn-outline'}">
  {words}
  <input
    class="absolute inset-0 cursor-pointer opacity-0"
    type="file"
    {accept}
    onchange={(event) => {
      const [file] = event.currentTarget.files ?? []
      if (file) void choose(file)
      event.currentTarget.value = ''
    }}
  />
</label>
