export const PASS_PHRASE = 'tamarack lantern copper walleye'
