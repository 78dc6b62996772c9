<script lang="ts">
  import Folds from '../../../web/ui/Folds.svelte'

  let open = $state<string | null>(null)
  const folds = [
    { key: 'wind', title: 'Wind', gist: 'ripple' },
    { key: 'sky', title: 'Sky', gist: 'sun' },
    { key: 'cover', title: 'Cover', gist: 'open' },
  ]
</script>

<Folds label="More about the water" {folds} {open} onopen={(key) => (open = key)}>
  {#snippet children(key)}<p data-testid="held">{key}</p>{/snippet}
</Folds>
