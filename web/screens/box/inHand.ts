import type { InventoryPart } from '../../words/documents'
import { Draft } from '../../data/draft.svelte'

/** The part being typed in: it is still there after looking at another screen. */
export const inHand = new Draft<InventoryPart>('part')
