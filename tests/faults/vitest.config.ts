import { svelte } from '@sveltejs/vite-plugin-svelte'
import { defineConfig } from 'vitest/config'

/** Against a served program, which each file starts on a port and a database of its own. */
export default defineConfig({
  // What the page sends is sent by its own code.
  plugins: [svelte()],
  test: { include: ['tests/faults/**/*.test.ts'], testTimeout: 300_000, hookTimeout: 120_000, reporters: ['default'] },
})
