/** Minutes that a lure of a fair trial is fished at a stretch. */
export const BLOCK = { usual: 20, least: 5, most: 60 }
