import type { InventoryPart } from '../../api/client'
import { Draft } from '../../stores/draft.svelte'

/** The part being typed in: it is still there after looking at another screen. */
export const inHand = new Draft<InventoryPart>('part')
