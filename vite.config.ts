import { svelte } from '@sveltejs/vite-plugin-svelte'
import tailwindcss from '@tailwindcss/vite'
import { defineConfig } from 'vite'

// public/ belongs to PHP; what is built goes into public/build and is found there through the manifest.
export default defineConfig({
  plugins: [svelte(), tailwindcss()],
  base: '/build/',
  publicDir: 'web/public',
  build: {
    outDir: 'public/build',
    emptyOutDir: true,
    manifest: true,
    // An inlined font would be a data: address, which the content security policy does not allow.
    assetsInlineLimit: 0,
    rollupOptions: { input: 'web/app/main.ts' },
  },
})
