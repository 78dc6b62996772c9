<script lang="ts">
  /** A button that opens a file; the same file can be chosen again once it was mended. */
  interface Props {
    words: string
    accept: string
    onchoose: (file: File) => void
    primary?: boolean
  }
  let { words, accept, onchoose, primary = false }: Props = $props()
</script>

<label class="btn has-focus-visible:outline-3 relative cursor-pointer {primary ? 'btn-primary' : 'btn-outline'}">
  {words}
  <input
    class="absolute inset-0 cursor-pointer opacity-0"
    type="file"
    {accept}
    onchange={(event) => {
      const [file] = event.currentTarget.files ?? []
      if (file) onchoose(file)
      event.currentTarget.value = ''
    }}
  />
</label>
