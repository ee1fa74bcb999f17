// A picture shrunk in the browser: at most 1600 pixels a side, as a JPEG without the camera's data.
const LARGEST = 1600

/** Base64 of the shrunk JPEG; rejects when the file is no picture. */
export async function shrink(file: File): Promise<string> {
  const picture = await createImageBitmap(file)
  const scale = Math.min(1, LARGEST / Math.max(picture.width, picture.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(picture.width * scale))
  canvas.height = Math.max(1, Math.round(picture.height * scale))
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height)
  picture.close()
  return canvas.toDataURL('image/jpeg', 0.8).split(',')[1]!
}
