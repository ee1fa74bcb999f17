// A file sent whole, with what it is; asks for the password once more where the office wants that.
import { csrf, problemFrom } from './client'
import { freshly } from './fresh'

export async function send<T>(
  path: string,
  type: string,
  body: File,
  more: Record<string, string> = {},
): Promise<T> {
  const response = await freshly(() =>
    fetch(path, {
      method: 'POST',
      headers: { 'Content-Type': type, 'X-CSRF-Token': csrf(), ...more },
      body,
    }),
  )
  const answer: unknown = await response.json()
  if (!response.ok) throw problemFrom(response.status, answer)
  return answer as T
}
