// What the browser keeps of its own (IndexedDB): writes until the server has them, what was taken
// along for the time without a signal, and who was signed in.
import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { Schemas } from '@/api/client'

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
  /** sent: the server has it, but what was taken along is older than it. */
  state: 'waiting' | 'sent' | 'refused'
  problem?: Schemas['Problem']
}
export type Pack = Schemas['Pocket']

interface Shelf extends DBSchema {
  writes: { key: number; value: Write; indexes: { account: number } }
  packs: { key: number; value: Pack }
  kept: { key: string; value: unknown }
}

let opened: Promise<IDBPDatabase<Shelf>> | null = null
const shelf = () =>
  (opened ??= openDB<Shelf>('munimen', 1, {
    upgrade(db) {
      db.createObjectStore('writes', { keyPath: 'n', autoIncrement: true }).createIndex(
        'account',
        'account',
      )
      db.createObjectStore('packs', { keyPath: 'person' })
      db.createObjectStore('kept')
    },
  }))

/** Without what a screen watches it by. */
const plain = (write: Write) => JSON.parse(JSON.stringify(write)) as Write

export const addWrite = async (write: Write) => (await shelf()).add('writes', plain(write))
export const changeWrite = async (write: Write) => {
  await (await shelf()).put('writes', plain(write))
}
export const dropWrite = async (n: number) => (await shelf()).delete('writes', n)
/** Those of a person, in order. */
export const writesOf = async (account: number): Promise<Write[]> =>
  (await shelf()).getAllFromIndex('writes', 'account', account)

export const keepPack = async (pack: Pack) => {
  await (await shelf()).put('packs', pack)
}
export const packOf = async (account: number) => (await shelf()).get('packs', account)
export const dropPack = async (account: number) => (await shelf()).delete('packs', account)

export const keep = async (key: string, value: unknown) => {
  await (await shelf()).put('kept', value, key)
}
export const kept = async (key: string) => (await shelf()).get('kept', key)
