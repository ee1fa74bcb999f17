/** A picture of a file, no wider or higher than is needed to read a label, as Base64 of a JPEG. */
const SIDE = 1400 // px
const MOST = 590_000 // bytes

export async function smaller(file: Blob): Promise<string> {
  const bitmap = await createImageBitmap(file)
  const scale = Math.min(1, SIDE / Math.max(bitmap.width, bitmap.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(bitmap.width * scale)
  canvas.height = Math.round(bitmap.height * scale)
  canvas.getContext('2d')!.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
  let data = ''
  for (const quality of [0.85, 0.7, 0.5, 0.3]) {
    data = canvas.toDataURL('image/jpeg', quality).split(',', 2)[1] ?? ''
    if ((data.length * 3) / 4 < MOST) break
  }
  return data
}
