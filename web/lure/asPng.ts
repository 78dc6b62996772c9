/** A drawing as a picture of so many pixels across, on white; made by the browser alone. */
export async function asPng(svg: string, width: number): Promise<Blob> {
  const image = new Image()
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`
  await image.decode()
  const canvas = document.createElement('canvas')
  canvas.width = width
  canvas.height = Math.round((width * image.naturalHeight) / image.naturalWidth)
  const on = canvas.getContext('2d')
  if (!on) throw new Error('This browser cannot make a picture.')
  on.drawImage(image, 0, 0, canvas.width, canvas.height)
  return new Promise((done, fail) =>
    canvas.toBlob((blob) => (blob ? done(blob) : fail(new Error('This browser cannot make a picture.'))), 'image/png'),
  )
}
