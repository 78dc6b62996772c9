// Made by ./kontrast schema from the dimensions of the core. Change those, not this. Inches.

/** Length and width of a blade by its shape and its number. */
export const BLADE_IN: Record<string, Record<number, readonly [number, number]>> = {"colorado":{"1":[0.66,0.541],"2":[0.82,0.672],"3":[0.98,0.804],"4":[1.14,0.935],"5":[1.3,1.066],"6":[1.46,1.197],"7":[1.62,1.328]},"deep_colorado":{"1":[0.66,0.541],"2":[0.82,0.672],"3":[0.98,0.804],"4":[1.14,0.935],"5":[1.3,1.066],"6":[1.46,1.197],"7":[1.62,1.328]},"indiana":{"1":[0.79,0.458],"2":[0.98,0.568],"3":[1.17,0.679],"4":[1.36,0.789],"5":[1.55,0.899],"6":[1.74,1.009],"7":[1.93,1.119]},"willow":{"1":[1.05,0.347],"2":[1.35,0.446],"3":[1.65,0.545],"4":[1.95,0.644],"5":[2.25,0.743],"6":[2.55,0.842],"7":[2.85,0.941]},"bladed_jig":{"1":[0.88,0.669],"2":[1.04,0.79],"3":[1.2,0.912],"4":[1.36,1.034],"5":[1.52,1.155],"6":[1.68,1.277],"7":[1.84,1.398]}}
/** Shank and gap of a hook. */
export const HOOK_IN: Record<string, readonly [number, number]> = {"1/0":[0.85,0.4],"2/0":[0.98,0.46],"3/0":[1.12,0.52],"4/0":[1.27,0.59],"5/0":[1.42,0.66]}
/** The length of a head of one ounce; it grows with the cube root of its weight. */
export const HEAD_OF_OUNCE_IN: Record<string, number> = {"lead":0.907,"tungsten":0.792,"steel":1.025}
/** A head is so many times longer than high. */
export const HEAD_ASPECT = 1.6
/** A skirt with a long tail; one cut at the bend is as long as the shank and this. */
export const LONG_TAIL_IN = 4.5
export const FLARE_IN = 0.1
