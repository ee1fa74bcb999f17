// Pictures, made no larger than what is to be seen on them needs.

/** A picture on a canvas, its longer side no more than so many points. */
export async function drawn(picture: Blob, longest: number): Promise<HTMLCanvasElement> {
  const bitmap = await createImageBitmap(picture)
  const scale = Math.min(1, longest / Math.max(bitmap.width, bitmap.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(bitmap.width * scale)
  canvas.height = Math.round(bitmap.height * scale)
  canvas.getContext('2d')!.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
  return canvas
}

/** What stands on a canvas, point by point. */
export const pixels = (canvas: HTMLCanvasElement) =>
  canvas.getContext('2d')!.getImageData(0, 0, canvas.width, canvas.height)

/** The same as Base64 of a JPEG of no more than so many bytes, as far as that can be had. */
export async function smaller(picture: Blob, longest: number, bytes: number): Promise<string> {
  const canvas = await drawn(picture, longest)
  let data = ''
  for (const quality of [0.85, 0.7, 0.5, 0.3]) {
    data = canvas.toDataURL('image/jpeg', quality).split(',', 2)[1] ?? ''
    if ((data.length * 3) / 4 < bytes) break
  }
  return data
}
