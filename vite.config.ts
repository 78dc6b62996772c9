import { createHash } from 'node:crypto'
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { brotliCompressSync, gzipSync } from 'node:zlib'
import { svelte } from '@sveltejs/vite-plugin-svelte'
import tailwindcss from '@tailwindcss/vite'
import { build, defineConfig, type Plugin } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'

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

/** What the first page is made of, but for what loads it; whatever they import without waiting for it is one file with them. */
const FIRST = ['web/app/run.ts', 'web/screens/water/Water.svelte']
const first = new Set<string>()

function firstPage(): Plugin {
  return {
    name: 'first-page',
    apply: 'build',
    buildEnd() {
      first.clear()
      for (const file of FIRST) first.add(join(import.meta.dirname, file))
      // What is added while it is gone through is gone through too.
      for (const id of first) {
        const module = this.getModuleInfo(id)
        if (!module) this.error(`${id} is not part of the program.`)
        for (const one of module.importedIds) first.add(one)
      }
    },
  }
}

/** Names of the packages that went into what was built: a release tells them, with their licenses. */
function materials(): Plugin {
  // These make the styles, and are in no script.
  const names = new Set(['tailwindcss', 'daisyui'])
  return {
    name: 'materials',
    apply: 'build',
    buildEnd() {
      for (const id of this.getModuleIds()) {
        const name = /.*node_modules\/((?:@[^/]+\/)?[^/]+)/.exec(id)?.[1]
        if (name) names.add(name)
      }
    },
    writeBundle() {
      writeFileSync(join(BUILT, '.vite/packages.json'), JSON.stringify([...names].sort()))
    },
  }
}

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

/** The service worker of web/sw with the list of all that is built, and what a phone needs to install the page. */
function installable() {
  const icon = (size: number, purpose: 'any' | 'maskable') => ({
    src: `icons/icon-${purpose === 'any' ? '' : 'maskable-'}${size}.png`,
    sizes: `${size}x${size}`,
    type: 'image/png',
    purpose,
  })
  return VitePWA({
    strategies: 'injectManifest',
    srcDir: 'web/sw',
    filename: 'sw.ts',
    injectRegister: false,
    includeManifestIcons: false,
    manifest: {
      id: '/',
      name: 'Kontrast',
      short_name: 'Kontrast',
      description: 'Which blade, skirt and trailer to tie in this water',
      start_url: '/',
      scope: '/',
      display: 'standalone',
      background_color: '#f4f4f3',
      theme_color: '#f4f4f3',
      icons: [icon(192, 'any'), icon(512, 'any'), icon(512, 'maskable')],
    },
    injectManifest: {
      rollupFormat: 'iife',
      // The service worker lies at the root, what it keeps does not.
      modifyURLPrefix: { '': '/build/' },
      dontCacheBustURLsMatching: /assets\//,
      // The sign-in is only ever seen with a connection.
      globPatterns: ['assets/*.{js,css,woff2}', 'mark.svg', 'icons/icon-192.png'],
      globIgnores: ['assets/sign-in*'],
      maximumFileSizeToCacheInBytes: 4_000_000,
    },
  })
}

/** One page that holds its own script, styles and font, for a phone that reaches nothing; a pack is put in when it is saved. */
function pocket(): Plugin {
  return {
    name: 'pocket',
    apply: 'build',
    async closeBundle() {
      const built = (await build({
        configFile: false,
        logLevel: 'error',
        plugins: [styleByClass(), svelte(), tailwindcss()],
        publicDir: false,
        build: {
          write: false,
          // The font too: there is nowhere to fetch it from.
          assetsInlineLimit: Number.MAX_SAFE_INTEGER,
          cssCodeSplit: false,
          rollupOptions: { input: 'web/pocket/main.ts', output: { format: 'iife', codeSplitting: false } },
        },
      })) as { output: { type: string; fileName: string; code?: string; source?: string | Uint8Array }[] }
      const pick = (ending: string) => built.output.filter((file) => file.fileName.endsWith(ending))
      const script = pick('.js')
        .map((file) => file.code ?? '')
        .join('\n')
        .replaceAll('</script', '<\\/script')
      const styles = pick('.css')
        .map((file) => String(file.source))
        .join('\n')
      const only = (text: string) => `'sha256-${createHash('sha256').update(text).digest('base64')}'`
      const page = readFileSync('web/pocket/pocket.html', 'utf8')
        .replace('only-the-program', () => only(script))
        .replace('only-the-styles', () => only(styles))
        .replace(/<style>[^]*<\/style>/, () => `<style>${styles}</style>`)
        .replace(/<script>[^]*<\/script>/, () => `<script>${script}</script>`)
      writeFileSync(join(BUILT, 'pocket.html'), page)
    },
  }
}

// public/ belongs to PHP; what is built goes into public/build and is found there through the manifest.
export default defineConfig({
  plugins: [firstPage(), styleByClass(), svelte(), tailwindcss(), installable(), pocket(), precompress(), materials()],
  base: '/build/',
  publicDir: 'web/public',
  build: {
    outDir: BUILT,
    emptyOutDir: true,
    manifest: true,
    // An inlined font would be a data: address, which the content security policy does not allow.
    assetsInlineLimit: 0,
    rollupOptions: {
      input: { main: 'web/app/main.ts', 'sign-in': 'web/sign-in/main.ts' },
      output: {
        // A dozen small files cost more in headers than they hold.
        codeSplitting: { groups: [{ name: 'first', test: (id) => first.has(id) }] },
      },
    },
  },
})
