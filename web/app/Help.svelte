<script lang="ts">
  import Dialog from '../ui/Dialog.svelte'
  import { settings } from '../data/settings.svelte'
  import { screenKeys } from '../ui/screenKeys.svelte'
  import { HELP, type ScreenName } from '../words/help'

  /** What the present screen is for and how to work it. */
  let { screen, onclose }: { screen: ScreenName; onclose: () => void } = $props()
</script>

<Dialog title="Help: {screen}" {onclose}>
  {#each HELP[screen] as sentence (sentence)}<p class="max-w-prose py-1 text-sm">{sentence}</p>{/each}
  {#if screenKeys.list.length > 0 && settings.value?.shortcuts !== false}
    <h3 class="pt-3 text-[0.8125rem] font-bold">Keys on this screen</h3>
    <dl class="text-sm">
      {#each screenKeys.list as { name, keys } (name)}
        <div class="border-rule flex items-center justify-between border-t py-1.5">
          <dt>{name}</dt>
          <dd><kbd class="border-rule border px-1.5">{keys}</kbd></dd>
        </div>
      {/each}
    </dl>
  {/if}
  <p class="text-faint max-w-prose pt-2 text-xs">
    The help of every place, and which Kontrast this is, stands behind the gear:
    <a class="underline" href="#/settings/help" onclick={onclose}>all help</a>.
  </p>
</Dialog>
