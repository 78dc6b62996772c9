import type { InventoryPart } from '../../words/documents'
import { Form } from '../../data/draft.svelte'

/** The part being typed in: it is still there after looking at another screen. */
export const inHand = new Form<InventoryPart>('part')

/** Changes one that is owned. */
export const openPart = (part: InventoryPart) =>
  inHand.open({ ...part }, { value: part, version: part.version ?? null })
