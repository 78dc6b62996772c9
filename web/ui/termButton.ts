/** The look of a word that can be tapped for its meaning: as the text around it, with room for a finger. */
export const TERM_BUTTON =
  'focus-ring -my-3 inline-flex min-h-11 min-w-11 cursor-help items-center text-left align-middle'
