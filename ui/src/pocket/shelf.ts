// What the browser keeps of its own (IndexedDB): writes until the server has them, photographs,
// what was taken along for the time without a signal, and who was signed in. What a person's lock
// seals (vault.ts) is sealed here, in one place.
import { shelf, type Pack, type Row, type Write } from './database'
import { close, opened as lockOpened, seal, unseal, unsealPhoto } from './vault'

export { lockOf, putLock, type Pack, type Write } from './database'

/** Without what a screen watches it by; sealed where the person has a lock. */
async function row(write: Write): Promise<Row> {
  const plain = JSON.parse(JSON.stringify(write)) as Write
  const sealed = await seal(plain, write.account)
  if (sealed === plain) return plain
  return { ...(write.n === undefined ? {} : { n: write.n }), account: write.account, sealed }
}
async function written(kept: Row): Promise<Write> {
  return 'sealed' in kept ? { ...(await unseal<Write>(kept.sealed)), n: kept.n } : kept
}

export const addWrite = async (write: Write) => {
  const kept = await row(write)
  return (await shelf()).add('writes', kept)
}
export const changeWrite = async (write: Write) => {
  const kept = await row(write)
  await (await shelf()).put('writes', kept)
}
export const dropWrite = async (n: number) => (await shelf()).delete('writes', n)
/** Those of a person, in order. Waits for the person's PIN where there is one. */
export async function writesOf(account: number): Promise<Write[]> {
  await lockOpened(account)
  const rows = await (await shelf()).getAllFromIndex('writes', 'account', account)
  return Promise.all(rows.map(written))
}
/** The same, of those alone that came after the one of a number. */
export async function writesSince(account: number, n: number): Promise<Write[]> {
  await lockOpened(account)
  const rows = await (await shelf()).getAll('writes', IDBKeyRange.lowerBound(n, true))
  return Promise.all(rows.filter((one) => one.account === account).map(written))
}
/** How many writes of anybody wait here for the office, as far as can be seen while it is locked. */
export async function waitingOfAll() {
  const rows = await (await shelf()).getAll('writes')
  return rows.filter((one) => !('state' in one) || one.state === 'waiting').length
}
/** How many writes of a person lie here, readable or not. */
export const countOf = async (account: number) =>
  (await shelf()).countFromIndex('writes', 'account', account)

export async function keepPack(pack: Pack) {
  const sealed = await seal(pack, pack.person)
  await (await shelf()).put('packs', sealed === pack ? pack : { person: pack.person, sealed })
}
export async function packOf(account: number): Promise<Pack | undefined> {
  await lockOpened(account)
  const kept = await (await shelf()).get('packs', account)
  return kept && 'sealed' in kept ? unseal<Pack>(kept.sealed) : kept
}
export const dropPack = async (account: number) => (await shelf()).delete('packs', account)

export const keep = async (key: string, value: unknown) => {
  await (await shelf()).put('kept', value, key)
}
export const kept = async (key: string) => (await shelf()).get('kept', key)
export const unkeep = async (key: string) => (await shelf()).delete('kept', key)

const WHO = 'who'
const SHOWN = 'shown'
const MOST_SHOWN = 12
/** A visit as the screen shows it, so that it stands there at once the next time. Of whoever is
 * signing out, or was sent out, nothing is written any more. */
export async function keepShown(account: number, id: string, visit: object, at: number) {
  await lockOpened(account)
  const sealed = await seal({ account, visit, at }, account)
  const { store, done } = (await shelf()).transaction('kept', 'readwrite')
  if ((await store.get(WHO)) === account) {
    const before = ((await store.get(SHOWN)) as string[]) ?? []
    const ids = [id, ...before.filter((one) => one !== id)]
    await store.put(sealed, `${SHOWN}.${id}`)
    await store.put(ids.slice(0, MOST_SHOWN), SHOWN)
    for (const old of ids.slice(MOST_SHOWN)) await store.delete(`${SHOWN}.${old}`)
  }
  await done
}
/** What was shown of a visit to this person last; nothing where something has been written in it
 * since: what was done would be offered again. */
export async function shownOf(account: number, id: string): Promise<object | null> {
  const sealed = await kept(`${SHOWN}.${id}`)
  if (!sealed) return null
  await lockOpened(account)
  const was = await unseal<{ account: number; visit: object; at?: number }>(sealed)
  if (was.account !== account) return null
  const own = (await writesOf(account)).filter((one) => one.path.includes(`/${id}/`))
  return own.some((one) => Date.parse(one.madeAt) > (was.at ?? 0)) ? null : was.visit
}
export async function dropShown() {
  for (const id of ((await kept(SHOWN)) as string[]) ?? []) await unkeep(`${SHOWN}.${id}`)
  await unkeep(SHOWN)
}

const SESSION = '/api/session'
/** Who was signed in here last. */
export const lastHere = async () => ((await kept(WHO)) as number | undefined) ?? null
/** Who is signed in, for the time without a server. Waits for the person's PIN. */
export async function keepSession(account: number, session: object) {
  await lockOpened(account)
  const sealed = await seal(session, account)
  await keep(WHO, account)
  await keep(SESSION, sealed)
}
export async function sessionOf(account: number): Promise<object | null> {
  const sealed = await kept(SESSION)
  if (!sealed) return null
  await lockOpened(account)
  return unseal<object>(sealed)
}
export const forgetSession = async () => {
  const db = await shelf()
  await Promise.all([db.delete('kept', WHO), db.delete('kept', SESSION)])
}

/** Photographs, by their ids. */
export async function keepPhoto(id: string, account: number, photo: Blob) {
  const data = await seal(photo, account)
  await (await shelf()).put('photos', { id, account, at: Date.now(), data })
}
export async function photoOf(id: string): Promise<Blob | null> {
  const kept = await (await shelf()).get('photos', id)
  return kept ? unsealPhoto(kept.data) : null
}
/** Those that have lain here for longer than `days`, where nothing of their person is unsent. */
export async function dropPhotos(days: number) {
  const db = await shelf()
  const before = Date.now() - days * 86_400_000
  for (const one of await db.getAll('photos'))
    if (one.at < before && !(await countOf(one.account))) await db.delete('photos', one.id)
}

/** Runs a change of the lock and keeps all that a person has here anew, sealed as it then is. */
export async function resealed(account: number, change: () => Promise<unknown>) {
  const writes = await writesOf(account)
  const pack = await packOf(account)
  const db = await shelf()
  const mine = (await db.getAll('photos')).filter((one) => one.account === account)
  const photos = await Promise.all(
    mine.map(async (one) => ({ ...one, data: await unsealPhoto(one.data) })),
  )
  await dropShown() // it is shown anew
  await change()
  for (const write of writes) await changeWrite(write)
  if (pack) await keepPack(pack)
  for (const one of photos) await db.put('photos', { ...one, data: await seal(one.data, account) })
}
/** What lies here is no longer sealed. */
export const unlockForGood = (account: number) =>
  resealed(account, async () => {
    await (await shelf()).delete('locks', account)
    close()
  })

/** Nothing of a person stays on this device. */
export async function wipe(account: number) {
  const db = await shelf()
  for (const n of await db.getAllKeysFromIndex('writes', 'account', account))
    await db.delete('writes', n)
  for (const one of await db.getAll('photos'))
    if (one.account === account) await db.delete('photos', one.id)
  await Promise.all([db.delete('packs', account), db.delete('locks', account), db.clear('kept')])
}
