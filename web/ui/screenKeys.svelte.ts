/** The keys of the present screen, for its help: announced there, and nowhere else active. */
export const screenKeys = $state<{ list: readonly { name: string; keys: string }[] }>({ list: [] })
