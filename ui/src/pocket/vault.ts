// What lies on this device can be sealed with a key that only a PIN or a passkey opens: AES-GCM, the
// key itself sealed with one made from the PIN (PBKDF2) or from the passkey's secret (HKDF). One lock
// for each account on the device.
import { reactive } from 'vue'
import { secretOf, type Passkey } from './passkey'
import { lockOf, putLock, type Lock, type Opener } from './database'

export type { Lock, Opener }

export interface Sealed {
  iv: Uint8Array<ArrayBuffer>
  data: ArrayBuffer
}

export const SHORTEST = 6 // figures
const ROUNDS = 600_000 // OWASP, Password Storage Cheat Sheet (PBKDF2-HMAC-SHA256), from memory
const USES: KeyUsage[] = ['encrypt', 'decrypt']
const FREE = 3 // wrong PINs without a wait
const CHANNEL = 'BroadcastChannel' in globalThis ? new BroadcastChannel('munimen.vault') : null

/** asks: whose PIN or passkey is asked for on the screen; null: nobody's. */
export const vault = reactive<{ asks: number | null; device: string | null }>({
  asks: null,
  device: null,
})
let key: CryptoKey | null = null
let owner: number | null = null
let waiting: (() => void)[] = []

const text = new TextEncoder()
const random = (bytes: number) => crypto.getRandomValues(new Uint8Array(bytes))
/** Whether this browser can: there is no cryptography without HTTPS. */
export const able = () => !!(crypto.subtle as SubtleCrypto | undefined)

async function wrapping(raw: BufferSource, from: Pbkdf2Params | HkdfParams) {
  const key = await crypto.subtle.importKey('raw', raw, from.name, false, ['deriveKey'])
  const to = { name: 'AES-GCM', length: 256 }
  return crypto.subtle.deriveKey(from, key, to, false, ['wrapKey', 'unwrapKey'])
}
type Salt = Opener['salt']
const fromPin = (pin: string, salt: Salt) =>
  wrapping(text.encode(pin), { name: 'PBKDF2', hash: 'SHA-256', salt, iterations: ROUNDS })
const fromSecret = (secret: BufferSource, salt: Salt) =>
  wrapping(secret, { name: 'HKDF', hash: 'SHA-256', salt, info: text.encode('munimen.lock') })

async function wrapped(key: CryptoKey, by: CryptoKey, salt: Salt): Promise<Opener> {
  const iv = random(12)
  return { salt, iv, wrapped: await crypto.subtle.wrapKey('raw', key, by, { name: 'AES-GCM', iv }) }
}
async function pinOpener(key: CryptoKey, pin: string) {
  const salt = random(16)
  return wrapped(key, await fromPin(pin, salt), salt)
}
async function passkeyOpener(key: CryptoKey, { credential, salt, secret }: Passkey) {
  return { credential, ...(await wrapped(key, await fromSecret(secret, salt), salt)) }
}

/** Makes a lock with one way to open it; what is kept from then on is sealed. The caller seals what
 * lies there already. */
export async function makeLock(account: number, device: string, by: string | Passkey) {
  const made = await crypto.subtle.generateKey({ name: 'AES-GCM', length: 256 }, true, USES)
  const opener =
    typeof by === 'string'
      ? { pin: await pinOpener(made, by) }
      : { passkey: await passkeyOpener(made, by) }
  await putLock({ account, device, ...opener, wrong: 0, notBefore: 0 })
  // In memory it cannot be taken out again.
  const raw = await crypto.subtle.exportKey('raw', made)
  const key = await crypto.subtle.importKey('raw', raw, 'AES-GCM', false, USES)
  have(account, device, key)
  tell({ account, device, key })
}

/** Opens with a passkey what a PIN opens, from now on; says whether it was the PIN, as tryPin. */
export async function alsoPasskey(account: number, pin: string, passkey: Passkey) {
  const said = await tryPin(account, pin)
  const lock = await lockOf(account)
  if (said !== 'open' || !lock?.pin) return said
  const key = await unwrapped(lock.pin, await fromPin(pin, lock.pin.salt), true)
  await putLock({ ...lock, passkey: await passkeyOpener(key!, passkey) })
  return said
}

/** Asks for the passkey; whether it opened what lies here. */
export async function tryPasskey(account: number): Promise<boolean> {
  const lock = await lockOf(account)
  if (!lock?.passkey) return false
  const { credential, salt } = lock.passkey
  const secret = await secretOf(credential, salt)
  const key = secret && (await unwrapped(lock.passkey, await fromSecret(secret, salt)))
  if (!key) return false
  have(account, lock.device, key)
  tell({ account, device: lock.device, key })
  return true
}

/** Tries a PIN; a number: the seconds until one may be tried again. */
export async function tryPin(account: number, pin: string): Promise<'open' | 'wrong' | number> {
  const lock = await lockOf(account)
  if (!lock) return 'open'
  const wait = Math.ceil((lock.notBefore - Date.now()) / 1000)
  if (wait > 0) return wait
  const opened = lock.pin && (await unwrapped(lock.pin, await fromPin(pin, lock.pin.salt)))
  if (!opened) {
    const wrong = lock.wrong + 1
    const after = wrong < FREE ? 0 : Math.min(2 ** (wrong - FREE) * 5, 900)
    await putLock({ ...lock, wrong, notBefore: Date.now() + after * 1000 })
    return 'wrong'
  }
  await putLock({ ...lock, wrong: 0, notBefore: 0 })
  have(account, lock.device, opened)
  tell({ account, device: lock.device, key: opened })
  return 'open'
}

/** null: it is not the PIN, or not the passkey. */
async function unwrapped({ iv, wrapped }: Opener, by: CryptoKey, extractable = false) {
  return crypto.subtle
    .unwrapKey('raw', wrapped, by, { name: 'AES-GCM', iv }, 'AES-GCM', extractable, USES)
    .catch(() => null)
}

/** Other tabs; a browser that hands no key on has them ask for the PIN themselves. */
function tell(said: Said) {
  try {
    CHANNEL?.postMessage(said)
  } catch {
    return
  }
}

function have(account: number, device: string, opened: CryptoKey) {
  key = opened
  owner = account
  vault.device = device
  vault.asks = null
  waiting.forEach((done) => done())
  waiting = []
}

/** Resolves when what an account keeps here can be read: at once where nothing locks it. */
export async function opened(account: number): Promise<void> {
  if (owner === account) return
  close()
  if (!(await lockOf(account))) return
  vault.asks = account
  tell({ ask: account })
  return new Promise((resolve) => waiting.push(resolve))
}

export function close() {
  key = owner = vault.device = null
}

/** The lock has been given up, with what it sealed. */
export function dropped() {
  close()
  vault.asks = null
  waiting.forEach((done) => done())
  waiting = []
}

/** Sealed where the account has a lock; throws where that is closed: nothing of theirs is kept open. */
export async function seal(value: unknown, account: number): Promise<unknown> {
  if (!key || owner !== account) {
    if (await lockOf(account)) throw new Error('What lies here is locked.')
    return value
  }
  const iv = random(12)
  const bytes =
    value instanceof Blob ? await value.arrayBuffer() : text.encode(JSON.stringify(value))
  return { iv, data: await crypto.subtle.encrypt({ name: 'AES-GCM', iv }, key, bytes) }
}
const isSealed = (value: unknown): value is Sealed =>
  typeof value === 'object' && value !== null && 'iv' in value && 'data' in value
async function bytesOf(sealed: Sealed) {
  if (!key) throw new Error('What lies here is locked.')
  return crypto.subtle.decrypt({ name: 'AES-GCM', iv: sealed.iv }, key, sealed.data)
}
export async function unseal<T>(value: unknown): Promise<T> {
  if (!isSealed(value)) return value as T
  return JSON.parse(new TextDecoder().decode(await bytesOf(value))) as T
}
export async function unsealPhoto(value: unknown): Promise<Blob> {
  return isSealed(value)
    ? new Blob([await bytesOf(value)], { type: 'image/jpeg' })
    : (value as Blob)
}

// Another tab of the same person has it open already.
type Said = { ask: number } | { account: number; device: string; key: CryptoKey }
CHANNEL?.addEventListener('message', ({ data }: MessageEvent<Said>) => {
  if ('ask' in data) {
    if (key && owner === data.ask) tell({ account: owner, device: vault.device!, key })
  } else if (data.account === vault.asks) have(data.account, data.device, data.key)
})
