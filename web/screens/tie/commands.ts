import { SLOT_WORDS, slotsOf } from '../../words/slots'
import { bench } from '../../data/bench.svelte'
import type { LureKind } from '../../words/vocabulary'
import type { Command } from './shortcuts'

export type PanelName = 'best' | 'figures'

export const PANELS: readonly { name: PanelName; words: string; key: string }[] = [
  { name: 'best', words: 'Best from my parts', key: 'b' },
  { name: 'figures', words: 'How far each part is visible', key: 'f' },
]

/** What the screen itself does. */
interface Doing {
  step: (way: 1 | -1) => void
  show: (panel: PanelName) => void
  edit: () => void
  turn: () => void
  move: (by: 1 | -1) => void
  find: () => void
}

/** Everything the bench can do for a lure, by name and by key. */
export function commandsFor(lure: LureKind, doing: Doing): Command[] {
  return [
    { name: 'Next part for this slot', keys: '→', key: 'ArrowRight', run: () => doing.step(1) },
    { name: 'Previous part for this slot', keys: '←', key: 'ArrowLeft', run: () => doing.step(-1) },
    { name: 'Next slot', keys: '↓', key: 'ArrowDown', run: () => bench.moveSlot(lure, 1) },
    { name: 'Previous slot', keys: '↑', key: 'ArrowUp', run: () => bench.moveSlot(lure, -1) },
    { name: 'Remove the part in this slot', keys: 'X', key: 'x', run: () => bench.put(lure, bench.slot, null) },
    { name: 'Undo the last change', keys: 'Z', key: 'z', run: () => bench.undo(lure) },
    ...PANELS.map(({ name, words, key }) => ({
      name: words,
      keys: key.toUpperCase(),
      key,
      run: () => doing.show(name),
    })),
    { name: 'Edit this part', keys: 'E', key: 'e', run: doing.edit },
    { name: 'Look from the side or from below', keys: 'F', key: 'f', run: doing.turn },
    { name: 'Closer', keys: ',', key: ',', run: () => doing.move(-1) },
    { name: 'Farther', keys: '.', key: '.', run: () => doing.move(1) },
    ...slotsOf(lure).map((slot) => ({
      name: `Go to the ${SLOT_WORDS[slot].toLowerCase()}`,
      keys: '',
      run: () => (bench.slot = slot),
    })),
    { name: 'All commands', keys: '/', key: '/', run: doing.find },
  ]
}
