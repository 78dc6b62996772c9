/** A list with something added to its end, or without it where it stood there. */
export function toggled<T>(list: readonly T[], one: T): T[] {
  return list.includes(one) ? list.filter((other) => other !== one) : [...list, one]
}
