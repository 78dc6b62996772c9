import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { brotliCompressSync, gzipSync } from 'node:zlib'
import { svelte } from '@sveltejs/vite-plugin-svelte'
import tailwindcss from '@tailwindcss/vite'
import { defineConfig, type Plugin } from 'vite'

const BUILT = 'public/build'

/** Lays beside each text file its compressed forms, so that no request has to wait for compressing. Fonts are compressed already. */
function precompress(): Plugin {
  return {
    name: 'precompress',
    apply: 'build',
    closeBundle() {
      for (const name of readdirSync(BUILT, { recursive: true, encoding: 'utf8' })) {
        if (!/\.(js|css|svg)$/.test(name)) continue
        const content = readFileSync(join(BUILT, name))
        writeFileSync(join(BUILT, `${name}.br`), brotliCompressSync(content))
        writeFileSync(join(BUILT, `${name}.gz`), gzipSync(content, { level: 9 }))
      }
    },
  }
}

const SHARED =
  /node_modules\/(svelte\/|@tanstack\/(svelte-query|query-core)\/|openapi-fetch\/|svelte-spa-router\/|regexparam\/)|web\/(api(?!\/outings)|stores|words\/(numbers|words|vocabulary|adviceParts|stick|tints))|web\/app\/(App|KeepAddress|address|typing|screens|screenKeys|first|start|scroll)|web\/lure\/paint|web\/ui\/(Toggle|Answer|Trouble|Button|Group|Tile|Choice|Field|Slider|Stepper|NumberBox|dragging|InView|Later|SwatchRow|CautionLine|toggled|Facts\.svelte|factsButton|VisibilityStick|Several)/
const STYLED = 'style="display: contents;"'

/** The content security policy allows no style written into markup; a package's only one of its kind becomes the class that says the same. */
function styleByClass(): Plugin {
  return {
    name: 'style-by-class',
    enforce: 'pre',
    transform(code, id) {
      if (!id.endsWith('bits-ui/dist/bits/command/components/command-item.svelte')) return null
      if (!code.includes(STYLED)) this.error(`${id} no longer has ${STYLED}: see whether this plugin is still needed.`)
      return code.replaceAll(STYLED, 'class="contents"')
    },
  }
}

// public/ belongs to PHP; what is built goes into public/build and is found there through the manifest.
export default defineConfig({
  plugins: [styleByClass(), svelte(), tailwindcss(), precompress()],
  base: '/build/',
  publicDir: 'web/public',
  build: {
    outDir: BUILT,
    emptyOutDir: true,
    manifest: true,
    // An inlined font would be a data: address, which the content security policy does not allow.
    assetsInlineLimit: 0,
    rollupOptions: {
      input: 'web/app/main.ts',
      output: {
        // What every screen needs is one file: a dozen small ones cost more in headers than they hold.
        codeSplitting: { groups: [{ name: 'shared', test: SHARED }] },
      },
    },
  },
})
