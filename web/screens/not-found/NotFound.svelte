<script lang="ts">
  import Button from '../../ui/Button.svelte'
</script>

<h1>There is no page here</h1>
<p class="max-w-prose py-3 text-sm">The address may be mistyped or from another version.</p>
<Button look="primary" href="#/">Go to the water</Button>
