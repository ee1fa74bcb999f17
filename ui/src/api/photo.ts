// A picture shrunk in the browser: at most 1600 pixels a side, as a JPEG without the camera's data.
const LARGEST = 1600

/** The shrunk JPEG; rejects when the file is no picture. */
export async function shrink(file: File): Promise<Blob> {
  const picture = await createImageBitmap(file)
  const scale = Math.min(1, LARGEST / Math.max(picture.width, picture.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(picture.width * scale))
  canvas.height = Math.max(1, Math.round(picture.height * scale))
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height)
  picture.close()
  return new Promise((resolve, reject) => {
    const done = (blob: Blob | null) => (blob ? resolve(blob) : reject(new Error('No picture')))
    canvas.toBlob(done, 'image/jpeg', 0.8)
  })
}
