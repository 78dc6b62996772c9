// Loaded before anything that asks: from here nothing can be reached, and nobody should wait to find out.
globalThis.fetch = () => Promise.reject(new TypeError('There is no network here.'))

export {}
