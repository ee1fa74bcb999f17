// Photographs as files of this device: shown without a signal, and sent in parts so that a line
// that breaks costs one part.
import { csrf, problemFrom } from '@/api/client'
import { base64 } from './files'
import { reach } from './office'
import { keepPhoto, photoOf } from './shelf'

const PART = 45_000 // bytes; as Base64 within what the office takes of a part
const PATIENCE = 30_000 // ms for one part

/** A picture to be shown: from here, else the office's, which is kept here from then on. */
export async function addressOf(id: string, account: number): Promise<string> {
  const address = `/api/photos/${id}`
  const here = await photoOf(id).catch(() => null)
  if (here) return URL.createObjectURL(here)
  const response = await reach(address).catch(() => null)
  if (!response?.ok) return address
  const picture = await response.blob()
  await keepPhoto(id, account, picture).catch(() => {})
  return URL.createObjectURL(picture)
}

/**
 * Sends a file part by part from where the office has it. Answers null when it is all there, else
 * the answer that stopped it. Rejects where the line is gone.
 */
export async function sendParts(id: string, file: Blob, progress: (share: number) => void) {
  let have = 0
  let data = ''
  do {
    const response = await reach(`/api/photos/${id}/parts`, {
      method: 'POST',
      credentials: 'same-origin',
      headers: { 'Content-Type': 'application/json', 'X-CSRF-Token': csrf() },
      body: JSON.stringify({ from: have, data }),
      signal: AbortSignal.timeout(PATIENCE),
    })
    const answer = (await response.json()) as { have: number }
    if (!response.ok) return { response, problem: problemFrom(response.status, answer) }
    have = answer.have
    progress(Math.min(1, have / file.size))
    data = have < file.size ? await base64(file.slice(have, have + PART)) : ''
  } while (data)
  return null
}
