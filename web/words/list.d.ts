/** The whole list as Markdown. */
export function page(): string
