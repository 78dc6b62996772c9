// Made by ./kontrast schema from the enumerations and constants of the core. Change those, not this.

export const LURE_KINDS = ['jig', 'swim_jig', 'spinnerbait', 'bladed_jig'] as const
export type LureKind = (typeof LURE_KINDS)[number]
export const TINTS = ['none', 'green', 'tannic', 'clay'] as const
export type Tint = (typeof TINTS)[number]
export const SKYS = ['sun', 'broken', 'overcast', 'rain', 'storm', 'low_sun', 'night'] as const
export type Sky = (typeof SKYS)[number]
export const WINDS = ['calm', 'ripple', 'chop'] as const
export type Wind = (typeof WINDS)[number]
export const SEASONS = ['late_winter', 'early_spring', 'spring', 'summer', 'fall', 'winter'] as const
export type Season = (typeof SEASONS)[number]
export const COVERS = ['open', 'grass', 'wood', 'rock', 'dock', 'pads', 'flooded_brush'] as const
export type Cover = (typeof COVERS)[number]
export const COVER_DENSITYS = ['sparse', 'normal', 'heavy'] as const
export type CoverDensity = (typeof COVER_DENSITYS)[number]
export const RUNS = ['high', 'mid', 'low'] as const
export type Run = (typeof RUNS)[number]
export const FORAGES = ['shad', 'bluegill', 'crawfish', 'perch', 'golden_shiner', 'crappie'] as const
export type Forage = (typeof FORAGES)[number]
export const BITES = ['tough', 'normal', 'active'] as const
export type Bite = (typeof BITES)[number]
export const BASSS = ['largemouth', 'smallmouth', 'spotted'] as const
export type Bass = (typeof BASSS)[number]
export const ARMS = ['long', 'short'] as const
export type Arm = (typeof ARMS)[number]
export const COLOURS = [
  'white',
  'pearl',
  'smoke',
  'chartreuse',
  'yellow',
  'gold',
  'green_pumpkin',
  'watermelon',
  'brown',
  'black',
  'blue',
  'bright_blue',
  'orange',
  'red',
  'purple',
] as const
export type Colour = (typeof COLOURS)[number]
export const FINISHS = [
  'silver',
  'gold',
  'copper',
  'black',
  'green_pumpkin',
  'painted_white',
  'painted_chartreuse',
  'painted_orange',
  'painted_red',
] as const
export type Finish = (typeof FINISHS)[number]
export const BLADE_SHAPES = ['colorado', 'deep_colorado', 'indiana', 'willow', 'bladed_jig'] as const
export type BladeShape = (typeof BLADE_SHAPES)[number]
export const TRAILER_STYLES = [
  'craw',
  'chunk',
  'paddle_tail',
  'fork_tail',
  'twin_tail_grub',
  'single_tail_grub',
  'ringworm',
] as const
export type TrailerStyle = (typeof TRAILER_STYLES)[number]
export const SKIRT_MATERIALS = ['silicone', 'living_rubber'] as const
export type SkirtMaterial = (typeof SKIRT_MATERIALS)[number]
export const TRIMS = ['hook_bend', 'long_tail'] as const
export type Trim = (typeof TRIMS)[number]
export const OPACITYS = ['translucent', 'opaque'] as const
export type Opacity = (typeof OPACITYS)[number]
export const SURFACES = ['matte', 'flake'] as const
export type Surface = (typeof SURFACES)[number]
export const HEAD_MATERIALS = ['lead', 'tungsten', 'steel'] as const
export type HeadMaterial = (typeof HEAD_MATERIALS)[number]
export const METALS = ['silver', 'gold', 'copper'] as const
export type Metal = (typeof METALS)[number]
export const FLUORESCENCES = ['none', 'chartreuse', 'orange'] as const
export type Fluorescence = (typeof FLUORESCENCES)[number]
export const PLASTICS = ['soft', 'stretchy'] as const
export type Plastic = (typeof PLASTICS)[number]
export const PART_KINDS = [
  'head',
  'blade',
  'skirt',
  'trailer',
  'hook',
  'bead',
  'clevis',
  'spacer',
  'swivel',
  'collar',
] as const
export type PartKind = (typeof PART_KINDS)[number]
export const PART_PLACES = ['steel', 'head', 'front_blade', 'rear_blade', 'skirt', 'trailer'] as const
export type PartPlace = (typeof PART_PLACES)[number]
export const INTENTS = ['vanish', 'pass_for_forage', 'be_found', 'shock', 'cast_shadow'] as const
export type Intent = (typeof INTENTS)[number]
export const PAIRINGS = ['match', 'tonal', 'accent', 'contrast'] as const
export type Pairing = (typeof PAIRINGS)[number]
export const PROFILES = ['small', 'regular', 'big'] as const
export type Profile = (typeof PROFILES)[number]
export const SEPARATIONS = ['one', 'tonal', 'two-tone', 'stark'] as const
export type Separation = (typeof SEPARATIONS)[number]
export const SCHOOL_QUESTIONS = ['pairing', 'finish', 'dirty', 'shad_start', 'red_spring', 'wood'] as const
export type SchoolQuestion = (typeof SCHOOL_QUESTIONS)[number]
export const PICKS = [
  'lure',
  'profile',
  'intent',
  'pairing',
  'head.weight_oz',
  'head.weight_range_oz',
  'head.material',
  'blades.layout',
  'blades.finish',
  'blades.darkened',
  'blades.front.finish',
  'blades.shape',
  'blades.size',
  'blades.front.shape',
  'blades.front.size',
  'skirt.trim',
  'skirt.base',
  'skirt.accents',
  'skirt.opacity',
  'skirt.material',
  'trailer',
  'trailer.style',
  'trailer.length_in',
  'trailer.base',
  'trailer.accents',
  'trailer.surface',
  'trailer.opacity',
  'trailer_hook.fit',
  'trailer_hook.size',
  'head.colour',
] as const
export type Pick = (typeof PICKS)[number]
export const SCORED_TRAITS = [
  'head.weight',
  'head.colour',
  'blade.finish',
  'blade.shape',
  'blade.size',
  'blade.aim',
  'blade.layout',
  'front.finish',
  'front.size',
  'blade.off_skirt',
  'skirt',
  'skirt.base',
  'skirt.accents',
  'skirt.opacity',
  'skirt.strands',
  'skirt.cut',
  'skirt.aim',
  'trailer',
  'trailer.style',
  'trailer.length',
  'trailer.base',
  'trailer.accents',
  'trailer.surface',
  'trailer.opacity',
  'pair',
  'hook',
] as const
export type ScoredTrait = (typeof SCORED_TRAITS)[number]
export const TASKS = [
  'lay_out',
  'marker',
  'plate',
  'first_bead',
  'front_blade',
  'second_bead',
  'spacer',
  'third_bead',
  'form_loop',
  'rear_blade',
  'close_loop',
  'skirt',
  'trim',
  'tie',
  'trailer',
  'hook',
  'check',
] as const
export type Task = (typeof TASKS)[number]
export const THEMES = ['paper', 'lamp', 'noon'] as const
export type Theme = (typeof THEMES)[number]
export const UNITSS = ['us', 'metric'] as const
export type Units = (typeof UNITSS)[number]
export const LABELS: Record<string, string> = {
  swim_jig: 'swim jig',
  bladed_jig: 'bladed jig',
  broken: 'broken cloud',
  low_sun: 'low sun',
  late_winter: 'late winter',
  early_spring: 'early spring',
  flooded_brush: 'flooded brush',
  golden_shiner: 'golden shiner',
  green_pumpkin: 'green pumpkin',
  bright_blue: 'bright blue',
  painted_white: 'painted white',
  painted_chartreuse: 'painted chartreuse',
  painted_orange: 'painted orange',
  painted_red: 'painted red',
  colorado: 'Colorado',
  deep_colorado: 'deep-cup Colorado',
  indiana: 'Indiana',
  paddle_tail: 'paddle-tail swimbait',
  fork_tail: 'fork-tail minnow',
  twin_tail_grub: 'twin-tail grub',
  single_tail_grub: 'single-tail grub',
  living_rubber: 'living rubber',
  hook_bend: 'to the hook bend',
  long_tail: 'long tail, left uncut',
  pass_for_forage: 'pass for food',
  be_found: 'be found',
  cast_shadow: 'cast a shadow',
}
export const TINT_LABELS: Record<Tint, string> = {
  none: 'no tint',
  green: 'green water',
  tannic: 'tea-stained water',
  clay: 'clay-stained water',
}
export const PICK_LABELS: Record<Pick, string> = {
  lure: 'lure',
  profile: 'profile',
  intent: 'intent',
  pairing: 'pairing',
  'head.weight_oz': 'weight',
  'head.weight_range_oz': 'weights that serve',
  'head.material': 'head metal',
  'blades.layout': 'how many blades',
  'blades.finish': 'finish',
  'blades.darkened': 'dulled',
  'blades.front.finish': 'front finish',
  'blades.shape': 'shape',
  'blades.size': 'size',
  'blades.front.shape': 'front shape',
  'blades.front.size': 'front size',
  'skirt.trim': 'cut',
  'skirt.base': 'base',
  'skirt.accents': 'accent',
  'skirt.opacity': 'see-through or solid',
  'skirt.material': 'strands',
  trailer: 'trailer or none',
  'trailer.style': 'style',
  'trailer.length_in': 'length',
  'trailer.base': 'base',
  'trailer.accents': 'accent',
  'trailer.surface': 'skin',
  'trailer.opacity': 'see-through or solid',
  'trailer_hook.fit': 'on or off',
  'trailer_hook.size': 'size',
  'head.colour': 'head colour',
}
export const PICK_PARTS: Record<Pick, string> = {
  lure: 'lure',
  profile: 'lure',
  intent: 'lure',
  pairing: 'lure',
  'head.weight_oz': 'head',
  'head.weight_range_oz': 'head',
  'head.material': 'head',
  'blades.layout': 'blades',
  'blades.finish': 'blades',
  'blades.darkened': 'blades',
  'blades.front.finish': 'blades',
  'blades.shape': 'blades',
  'blades.size': 'blades',
  'blades.front.shape': 'blades',
  'blades.front.size': 'blades',
  'skirt.trim': 'skirt',
  'skirt.base': 'skirt',
  'skirt.accents': 'skirt',
  'skirt.opacity': 'skirt',
  'skirt.material': 'skirt',
  trailer: 'trailer',
  'trailer.style': 'trailer',
  'trailer.length_in': 'trailer',
  'trailer.base': 'trailer',
  'trailer.accents': 'trailer',
  'trailer.surface': 'trailer',
  'trailer.opacity': 'trailer',
  'trailer_hook.fit': 'trailer_hook',
  'trailer_hook.size': 'trailer_hook',
  'head.colour': 'head',
}
export const TRAIT_LABELS: Record<ScoredTrait, string> = {
  'head.weight': 'Head weight',
  'head.colour': 'Head colour',
  'blade.finish': 'Blade finish',
  'blade.shape': 'Blade shape',
  'blade.size': 'Blade size',
  'blade.aim': 'Blade in this water',
  'blade.layout': 'Number of blades',
  'front.finish': 'Front finish',
  'front.size': 'Front size',
  'blade.off_skirt': 'Blade beside the skirt',
  skirt: 'Skirt',
  'skirt.base': 'Skirt colour',
  'skirt.accents': 'Skirt accents',
  'skirt.opacity': 'Skirt, see-through or solid',
  'skirt.strands': 'Strands',
  'skirt.cut': 'Cut of the skirt',
  'skirt.aim': 'Skirt in this water',
  trailer: 'Trailer',
  'trailer.style': 'Trailer style',
  'trailer.length': 'Trailer length',
  'trailer.base': 'Trailer colour',
  'trailer.accents': 'Trailer accents',
  'trailer.surface': 'Trailer skin',
  'trailer.opacity': 'Trailer, see-through or solid',
  pair: 'Skirt with trailer',
  hook: 'Trailer hook',
}
export const COLOUR_HEX: Record<Colour, string> = {
  white: '#f4f4f0',
  pearl: '#e4e1d6',
  smoke: '#8d9090',
  chartreuse: '#c8e02a',
  yellow: '#f2cf2c',
  gold: '#c4973c',
  green_pumpkin: '#55512b',
  watermelon: '#5d7d3b',
  brown: '#5e3f27',
  black: '#141414',
  blue: '#24407f',
  bright_blue: '#1f4fd0',
  orange: '#e8641c',
  red: '#b8242a',
  purple: '#4c2f6b',
}
export const COLOUR_GLOW: Record<Colour, Fluorescence> = {
  white: 'none',
  pearl: 'none',
  smoke: 'none',
  chartreuse: 'chartreuse',
  yellow: 'none',
  gold: 'none',
  green_pumpkin: 'none',
  watermelon: 'none',
  brown: 'none',
  black: 'none',
  blue: 'none',
  bright_blue: 'none',
  orange: 'orange',
  red: 'none',
  purple: 'none',
}
export const FINISH_HEX: Record<Finish, string> = {
  silver: '#cfd3d6',
  gold: '#d9b14e',
  copper: '#c07a4d',
  black: '#1a1a1a',
  green_pumpkin: '#55512b',
  painted_white: '#f4f4f0',
  painted_chartreuse: '#c8e02a',
  painted_orange: '#e8641c',
  painted_red: '#b8242a',
}
export const DARKENED_HEX = '#5c5236' as const
export const STEEL_HEX = '#8a8d90' as const
export const HOOK_SIZES = ['1/0', '2/0', '3/0', '4/0', '5/0'] as const
export const OPACITIES = { opaque: 1, translucent: 0.55, leastOpaque: 0.78 } as const
export const BOUNDS = {
  mostVisibilityIn: 100000,
  mostSunElevationDeg: 90,
  leastSurfaceF: 32,
  mostSurfaceF: 100,
  mostTrendF: 40,
  mostDepthFt: 100,
  mostForageIn: 24,
  mostCount: 100000,
  mostAccents: 3,
  mostWeightOz: 4,
  mostLengthIn: 12,
  mostMoney: 10000,
  mostName: 120,
  leastBlade: 1,
  mostBlade: 7,
  mostBuilds: 50,
  mostOfOneBuild: 500,
  mostGearRatio: 20,
  mostSpoolIn: 6,
  mostInAPage: 500,
} as const
