// The files of writes that carry a photograph: kept beside them until the office has them.
import { i18n } from '@/i18n'
import { keepPhoto, photoOf, type Write } from './shelf'

/** Those that the browser's database did not take. */
const loose = new Map<string, Blob>()

/** Keeps a write's file; throws where the browser's database does not take it, and has it here. */
export async function keepFile(write: Write, file: Blob) {
  loose.set(write.id, file)
  await keepPhoto(write.id, write.account, file)
  loose.delete(write.id)
}
export const fileOf = async (write: Write) => loose.get(write.id) ?? (await photoOf(write.id))

/** Base64 of a file, or of a part of it. */
export function base64(blob: Blob): Promise<string> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader()
    reader.onload = () => resolve((reader.result as string).split(',')[1] ?? '')
    reader.onerror = () => reject(new Error(i18n.global.t('problem.photograph')))
    reader.readAsDataURL(blob)
  })
}

/** The body of a write with its photograph in it, as the contract has it. */
export async function wholeBody(write: Write): Promise<Record<string, unknown>> {
  const file = write.photo ? await fileOf(write) : null
  return file ? { ...write.body, data: await base64(file) } : write.body
}
