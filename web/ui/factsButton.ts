/** The look of the button that opens facts: small to read, large to hit. */
export const FACTS_BUTTON =
  'focus-ring text-faint -my-3 ml-1 inline-flex min-h-11 min-w-11 items-center justify-center px-1 align-middle text-[0.6875rem]'
