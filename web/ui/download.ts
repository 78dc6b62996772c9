/** Gives a file to the person at the screen. */
export function download(name: string, type: string, contents: string | Blob): void {
  const url = URL.createObjectURL(new Blob([contents], { type }))
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  URL.revokeObjectURL(url)
}
