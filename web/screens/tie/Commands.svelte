<script lang="ts">
  import { Command as Palette } from 'bits-ui'
  import Dialog from '../../ui/Dialog.svelte'
  import type { Command } from './shortcuts'

  /** Everything the bench can do, found by typing. */
  interface Props {
    commands: readonly Command[]
    onclose: () => void
  }
  let { commands, onclose }: Props = $props()

  function run(command: Command) {
    onclose()
    command.run()
  }
</script>

<Dialog title="Commands" {onclose}>
  <Palette.Root label="Find a command">
    <Palette.Input class="input w-full" placeholder="best, swap, skirt, undo …" autofocus />
    <Palette.List class="max-h-[50vh] overflow-y-auto pt-2">
      <Palette.Viewport>
        <Palette.Empty class="p-2 text-sm">No command has that name.</Palette.Empty>
        {#each commands as command (command.name)}
          <Palette.Item
            class={[
              'data-selected:bg-primary data-selected:text-primary-content flex min-h-11 cursor-pointer',
              'items-center justify-between px-2 text-sm',
            ]}
            value={command.name}
            onSelect={() => run(command)}
          >
            <span>{command.name}</span><kbd class="text-xs">{command.keys}</kbd>
          </Palette.Item>
        {/each}
      </Palette.Viewport>
    </Palette.List>
  </Palette.Root>
</Dialog>
