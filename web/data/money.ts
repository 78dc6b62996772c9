import { moneyIn } from '../words/numbers'
import { settings } from './settings.svelte'

/** An amount in the angler's own money, chosen in Settings. */
export const money = (amount: number) => moneyIn(settings.value?.currency ?? 'USD', amount)
