import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'

// What a browser wants before it offers to install the page (W3C Web Application Manifest; icon sizes from memory of Chromium's criteria).

const MANIFEST = JSON.parse(readFileSync('public/build/manifest.webmanifest', 'utf8')) as {
  name: string
  start_url: string
  scope: string
  display: string
  icons: { src: string; sizes: string; type: string; purpose: string }[]
}

/** Width and height of a PNG (W3C PNG, IHDR). */
function sizeOf(file: string): string {
  const bytes = readFileSync(file)
  expect(bytes.subarray(1, 4).toString()).toBe('PNG')
  return `${bytes.readUInt32BE(16)}x${bytes.readUInt32BE(20)}`
}

describe('the installed page', () => {
  it('has a name, opens at its root, and looks like a program', () => {
    expect(MANIFEST).toMatchObject({ name: 'Kontrast', start_url: '/', scope: '/', display: 'standalone' })
  })

  it('has icons of its own in the sizes they name, one to be masked', () => {
    for (const icon of MANIFEST.icons) expect(sizeOf(`public/build/${icon.src}`)).toBe(icon.sizes)
    expect(MANIFEST.icons.map(({ sizes }) => sizes)).toEqual(['192x192', '512x512', '512x512'])
    expect(MANIFEST.icons.some(({ purpose }) => purpose === 'maskable')).toBe(true)
  })

  it('keeps every built file but those of the sign-in, by the address it is asked for', () => {
    const worker = readFileSync('public/build/sw.js', 'utf8')
    const manifest = JSON.parse(readFileSync('public/build/.vite/manifest.json', 'utf8')) as Record<
      string,
      { file: string; css?: string[] }
    >
    const built = Object.entries(manifest).flatMap(([source, { file, css }]) =>
      source.startsWith('web/sign-in') ? [] : [file, ...(css ?? [])],
    )
    const missing = built.filter((file) => /\.(js|css|woff2)$/.test(file) && !worker.includes(`/build/${file}`))
    expect(missing).toEqual([])
    expect(worker).not.toContain('assets/sign-in')
  })

  it('has a pocket file that runs its own script alone and reaches nothing', async () => {
    const page = readFileSync('public/build/pocket.html', 'utf8')
    const [, script = ''] = /<script>([^]*)<\/script>/.exec(page) ?? []
    const { createHash } = await import('node:crypto')
    const hash = createHash('sha256').update(script).digest('base64')
    const [, policy = ''] = /content="(default-src[^"]+)"/.exec(page) ?? []
    expect(policy).toContain(`script-src 'sha256-${hash}'`)
    expect(policy).toContain("connect-src 'none'")
    expect(policy).toContain("default-src 'none'")
    expect(policy).not.toContain('unsafe')
    expect(page.match(/"put the pack here"/g)).toHaveLength(1)
  })
})
