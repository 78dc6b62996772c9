import { defineConfig } from 'vitest/config'

/** Bad input against a served program: one file, which starts it on a port and a database of its own. */
export default defineConfig({
  test: { include: ['tests/faults/**/*.test.ts'], testTimeout: 300_000, hookTimeout: 120_000, reporters: ['default'] },
})
