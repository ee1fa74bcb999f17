// The browser's own database (IndexedDB): what lies in it, and the locks that seal it.
import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { Schemas } from '@/api/types'

/** One way to open a lock: the key of what lies here, sealed with what that way gives. */
export interface Opener {
  salt: Uint8Array<ArrayBuffer>
  iv: Uint8Array<ArrayBuffer>
  wrapped: ArrayBuffer
}
/** As the browser's database keeps it: nothing of it opens anything without the PIN or the passkey. */
export interface Lock {
  account: number
  /** Known to the office, which can end it. */
  device: string
  pin?: Opener
  passkey?: Opener & { credential: ArrayBuffer }
  /** Wrong PINs since the last right one, and when the next may be tried (ms). */
  wrong: number
  notBefore: number
}
/** A write of one person, in the order in which it was made. */
export interface Write {
  n?: number
  id: string
  account: number
  path: string
  body: Record<string, unknown>
  /** The device's clock, and by how many seconds it was behind the server's. */
  madeAt: string
  offset: number
  /** How many entries of its visit were known from the office when it was judged here. */
  known?: number
  /** A photograph belongs to it, kept under its id. */
  photo?: boolean
  /** sent: the server has it, but what was taken along is older than it. */
  state: 'waiting' | 'sent' | 'refused'
  problem?: Schemas['Problem']
}
export type Pack = Omit<Schemas['Pocket'], 'shown'>

export type Row = Write | { n?: number; account: number; sealed: unknown }
/** As it was kept while a PIN alone opened it. */
type OldLock = Omit<Lock, 'pin' | 'passkey'> & Opener
interface Shelf extends DBSchema {
  writes: { key: number; value: Row; indexes: { account: number } }
  packs: { key: number; value: { person: number; sealed: unknown } | Pack }
  kept: { key: string; value: unknown }
  photos: { key: string; value: { id: string; account: number; at: number; data: unknown } }
  locks: { key: number; value: Lock | OldLock }
}

let connection: Promise<IDBPDatabase<Shelf>> | null = null
export const shelf = () =>
  (connection ??= openDB<Shelf>('munimen', 2, {
    upgrade(db, before) {
      if (before < 1) {
        const writes = db.createObjectStore('writes', { keyPath: 'n', autoIncrement: true })
        writes.createIndex('account', 'account')
        db.createObjectStore('packs', { keyPath: 'person' })
        db.createObjectStore('kept')
      }
      if (before < 2) {
        db.createObjectStore('photos', { keyPath: 'id' })
        db.createObjectStore('locks', { keyPath: 'account' })
      }
    },
    // A newer version of the program wants the database: this page has to let it go.
    blocking: (_from, _to, event) => (event.target as IDBDatabase).close(),
  }))

export async function lockOf(account: number): Promise<Lock | undefined> {
  const kept = await (await shelf()).get('locks', account)
  if (!kept || !('wrapped' in kept)) return kept
  const { salt, iv, wrapped, ...rest } = kept
  return { ...rest, pin: { salt, iv, wrapped } }
}
export const putLock = async (lock: Lock) => {
  await (await shelf()).put('locks', lock)
}
