// Made by ./kontrast schema from the enumerations of the core. Change those, not this.

export const EVENT_KINDS = ["follow","bite","lost","landed","lure_lost","trailer_torn","collar_split"] as const
export type EventKind = (typeof EVENT_KINDS)[number]
export const ANGLERS = ["me","partner"] as const
export type Angler = (typeof ANGLERS)[number]
export const FACTORS = ["finish","skirt","trailer","pairing","set","style","lure","weight","clarity","sky","tint","bank","season","sun","hour","angler"] as const
export type Factor = (typeof FACTORS)[number]
export const CLARITY_BANDS = ["muddy","dirty","stained","clear","very_clear"] as const
export type ClarityBand = (typeof CLARITY_BANDS)[number]
export const BITES: readonly EventKind[] = ["bite","lost","landed"]
export const CHOSEN_FACTORS: readonly Factor[] = ["finish","skirt","trailer","style","lure","weight"]
export const FACTORS_BY_CLARITY: readonly Factor[] = ["finish","skirt"]
export const FACTOR_LABELS: Record<string, string> = {"finish":"blade finish","skirt":"skirt color","trailer":"trailer color","pairing":"pairing","set":"blade, skirt and trailer as a set","style":"trailer style","lure":"type of lure","weight":"weight","clarity":"clarity","sky":"sky","tint":"tint","bank":"kind of bank","season":"season","sun":"height of the sun","hour":"hour of the day","angler":"angler"}
export const SUN_BAND_LABELS: Record<string, string> = {"night":"night","twilight":"twilight","low":"up to 12°","middle":"12 to 35°","high":"over 35°","unknown":"unknown"}
export const TRIAL_RISKS = [0.05,0.2] as const
export const MOST_WHY = 200
export const FOLLOWED_LABELS: Record<string, string> = {"blades.finish":"blade finish","skirt.base":"skirt color","trailer.style":"trailer style","trailer.base":"trailer color"}
