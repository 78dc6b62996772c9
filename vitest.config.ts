import { svelte } from '@sveltejs/vite-plugin-svelte'
import { svelteTesting } from '@testing-library/svelte/vite'
import { defineConfig } from 'vitest/config'

// A machine that tests beside it takes its time to load what is tested.
const testTimeout = 30_000

/** The front end without a browser: its own logic, and components on a page that is only made up. */
export default defineConfig({
  test: {
    reporters: ['default'],
    projects: [
      {
        plugins: [svelte()],
        test: { name: 'logic', include: ['tests/web/*.test.ts'], testTimeout },
      },
      {
        plugins: [svelte(), svelteTesting()],
        test: {
          name: 'components',
          include: ['tests/web/components/*.test.ts'],
          environment: 'happy-dom',
          testTimeout,
        },
      },
    ],
  },
})
