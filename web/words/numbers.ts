/** Numbers, plurals, dates and money as American English writes them. */
const LOCALE = 'en-US'
const NUMBERS = new Intl.NumberFormat(LOCALE)
const PLURALS = new Intl.PluralRules(LOCALE)
const DATES = new Intl.DateTimeFormat(LOCALE, { dateStyle: 'medium' })
const TIMES = new Intl.DateTimeFormat(LOCALE, { dateStyle: 'medium', timeStyle: 'short' })

export const number = (value: number) => NUMBERS.format(value)

/** "1 part", "2,400 parts"; a plural that is not made with an s is given. */
export function count(value: number, one: string, many = `${one}s`): string {
  return `${number(value)} ${PLURALS.select(value) === 'one' ? one : many}`
}

export const date = (iso: string) => DATES.format(new Date(iso))
/** A day without a time: 2026-05-09 is May 9, 2026. */
export const dayWords = (day: string) => date(`${day}T12:00:00`)
export const time = (iso: string) => TIMES.format(new Date(iso))

/** An amount in the angler's own money. */
export function moneyIn(currency: string, amount: number): string {
  return new Intl.NumberFormat(LOCALE, { style: 'currency', currency }).format(amount)
}
