import { svelte } from '@sveltejs/vite-plugin-svelte'
import { defineConfig } from 'vitest/config'

/** The front end's own logic, without a browser. */
export default defineConfig({
  plugins: [svelte()],
  test: {
    include: ['tests/web/**/*.test.ts'],
    reporters: ['default'],
    // A machine that tests beside it takes its time to load what is tested.
    testTimeout: 30_000,
  },
})
