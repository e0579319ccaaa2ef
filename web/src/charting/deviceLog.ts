import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import { v7 as uuid } from 'uuid'
import type { ChartEvent, Problem } from '@/shared/api'
import { leftBehind } from './justWritten'

export type Fate = 'waiting' | 'stored' | 'aside'

/** An event as this device keeps it: what was written, and how far it has got. */
export interface Kept {
  seq: number
  run: string
  about: About
  fate: Fate
  /** When the server's answer came, in milliseconds since 1970 by this device's clock. */
  storedAt: number
  event: ChartEvent
  problem?: Problem | undefined
  /** The same for events that are kept, and sent, all or none. */
  together?: string
}

/** What the runs are about that bear on one another: the kind of chart first, then whatever tells one from another. */
export type About = string[]

/** Sets of a player on a drill version. */
export const aboutSets = (player: string, drill: string): About => ['set', player, drill]

/** One group, which nothing else bears on. */
export const aboutGroup = (run: string): About => ['group', run]

/** One match, which nothing else bears on. */
export const aboutMatch = (run: string): About => ['match', run]

/** An event with what its run is about. */
export interface Entry { event: NewEvent, about: About }

/** What is written down: the number comes with it, and is the event's own unless another device had given one. */
type Written = Omit<Kept, 'seq' | 'event'> & { seq?: number, event: NewEvent & { seq?: number } }

/** An event before this device has numbered it. */
export type NewEvent = Omit<ChartEvent, 'seq'>

interface DeviceSchema extends DBSchema {
  events: { key: number, value: Written, indexes: { run: string, fate: Fate, about: About } }
  facts: { key: string, value: string | number }
  snapshots: { key: string, value: { at: number, data: unknown } }
}

type Log = IDBPDatabase<DeviceSchema>

let opened: Promise<Log> | undefined

function database(): Promise<Log> {
  opened ??= open().catch((failure: unknown) => {
    opened = undefined
    throw failure
  })
  return opened
}

async function open(): Promise<Log> {
  const db = await openDB<DeviceSchema>('bersaglio', 2, {
    async upgrade(db, from, _to, tx) {
      if (from === 0) {
        const events = db.createObjectStore('events', { keyPath: 'seq', autoIncrement: true })
        events.createIndex('run', 'run')
        events.createIndex('fate', 'fate')
        events.createIndex('about', 'about')
        db.createObjectStore('facts')
        db.createObjectStore('snapshots')
      } else if (from === 1) {
        const events = tx.objectStore('events')
        events.deleteIndex('of' as 'about')
        events.createIndex('about', 'about')
        for (let cursor = await events.openCursor(); cursor; cursor = await cursor.continue()) {
          await cursor.update({ ...cursor.value, about: aboutOf(cursor.value) })
        }
      }
    },
    // A page of a later version, in another tab, may do the same.
    blocking: (_at, _to, event) => (event.target as IDBDatabase).close(),
    // The browser closed it, as it does when the disc has no room.
    terminated: () => {
      opened = undefined
    },
  })
  // What cannot be taken in now stays noted for the next page; it must not keep this one from its log.
  await takeIn(db).catch(() => undefined)
  return db
}

/** Opens the log anew where it was closed under this page, and asks once more. */
async function using<T>(ask: (db: Log) => Promise<T>): Promise<T> {
  const db = await database()
  try {
    return await ask(db)
  } catch (failure) {
    if (!(failure instanceof DOMException && failure.name === 'InvalidStateError')) {
      throw failure
    }
    opened = undefined
    return ask(await database())
  }
}

/** Keeps what a page that is gone had written and could not keep any more. */
async function takeIn(db: IDBPDatabase<DeviceSchema>): Promise<void> {
  for (const { key, written } of await leftBehind()) {
    const tx = db.transaction('events', 'readwrite', { durability: 'strict' })
    for (const one of written.map(fromNote)) {
      const known = await tx.store.index('run').getAll(one.run)
      if (!known.some((kept) => kept.event.id === one.event.id)) {
        await tx.store.add(one)
      }
    }
    await tx.done
    localStorage.removeItem(key)
  }
}

/** What pages that have gone since this one opened have left is kept, too. */
export async function takeInLeft(): Promise<void> {
  await using(takeIn).catch(() => undefined)
}

/** A page of an earlier version noted what it would write down, not what it was given. */
function fromNote(noted: unknown): Written {
  const one = noted as Written | Entry
  const about = aboutOf(one)
  return 'fate' in one ? { ...one, about } : writtenOf({ event: one.event, about })
}

/** Earlier versions knew nothing but sets. */
function aboutOf(one: { about?: About, player?: string, drill?: string }): About {
  return one.about ?? aboutSets(one.player ?? '', one.drill ?? '')
}

function writtenOf({ event, about }: Entry, together?: string): Written {
  return { run: event.run, about, fate: 'waiting', storedAt: 0, event, ...together && { together } }
}

/** Whether a try to keep something was broken off, so that nobody knows what of it is on disc. */
let brokenOff = false

/**
 * Keeps events, all or none: a single transaction, forced to disc, gives them the device's next numbers. They have been kept
 * once the promise is fulfilled.
 */
export async function keep(entries: Entry[]): Promise<void> {
  const together = entries.length > 1 ? uuid() : undefined
  try {
    await using(async (db) => {
      const tx = db.transaction('events', 'readwrite', { durability: 'strict' })
      const known = brokenOff ? await idsOf(entries, tx.store.index('run')) : undefined
      const fresh = entries.filter(({ event }) => !known?.has(event.id))
      await Promise.all([...fresh.map((entry) => tx.store.add(writtenOf(entry, together))), tx.done])
    })
    brokenOff = false
  } catch (failure) {
    brokenOff = true
    throw failure
  }
}

async function idsOf(entries: Entry[], runs: { getAll: (run: string) => Promise<Written[]> }): Promise<Set<string>> {
  const ids = new Set<string>()
  for (const run of new Set(entries.map(({ event }) => event.run))) {
    (await runs.getAll(run)).forEach(({ event }) => ids.add(event.id))
  }
  return ids
}

/** Takes over a run that another device, or this one long ago, has written; these events are on the server already. */
export function adopt(events: ChartEvent[], about: About): Promise<void> {
  return using(async (db) => {
    const tx = db.transaction('events', 'readwrite', { durability: 'strict' })
    const known = new Set((await tx.store.index('run').getAll(events[0]?.run)).map((kept) => kept.event.id))
    const added = events.filter((one) => !known.has(one.id))
      .map((event) => tx.store.add({ run: event.run, about, fate: 'stored', storedAt: Date.now(), event }))
    await Promise.all([...added, tx.done])
  })
}

function read({ seq = 0, event, ...rest }: Written): Kept {
  return { ...rest, seq, event: { ...event, seq: event.seq ?? seq } }
}

export async function ofRun(run: string): Promise<Kept[]> {
  return (await using((db) => db.getAllFromIndex('events', 'run', run))).map(read)
}

export async function of(about: About): Promise<Kept[]> {
  return (await using((db) => db.getAllFromIndex('events', 'about', about))).map(read)
}

/** All of one kind of chart, whatever they are about. */
export async function ofKind(kind: string): Promise<Kept[]> {
  return (await using((db) => db.getAllFromIndex('events', 'about', IDBKeyRange.bound([kind], [kind, []])))).map(read)
}

export async function withFate(fate: Fate, most?: number): Promise<Kept[]> {
  return (await using((db) => db.getAllFromIndex('events', 'fate', fate, most))).map(read)
}

export function countWithFate(fate: Fate): Promise<number> {
  return using((db) => db.countFromIndex('events', 'fate', fate))
}

export function change(all: Kept[], to: (kept: Kept) => Kept): Promise<void> {
  return using(async (db) => {
    const tx = db.transaction('events', 'readwrite', { durability: 'strict' })
    for (const kept of all) {
      await tx.store.put(to(kept))
    }
    await tx.done
  })
}

export function drop(all: Kept[]): Promise<void> {
  return using(async (db) => {
    const tx = db.transaction('events', 'readwrite')
    await Promise.all([...all.map(({ seq }) => tx.store.delete(seq)), tx.done])
  })
}

/** A fact of this device, made once. */
export function fact(name: string, make: () => string): Promise<string> {
  return using(async (db) => {
    const tx = db.transaction('facts', 'readwrite')
    let value = await tx.store.get(name)
    if (value === undefined) {
      value = make()
      await tx.store.put(value, name)
    }
    await tx.done
    return String(value)
  })
}

export function deviceId(): Promise<string> {
  return fact('device', uuid)
}

/** All of a day's sets on this device share one session. */
export function sessionOf(day: string): Promise<string> {
  return fact(`session.${day}`, uuid)
}

/** The last answer of the server to a question, for when it cannot be asked. */
export async function remember(question: string, data: unknown): Promise<void> {
  await using((db) => db.put('snapshots', { at: Date.now(), data }, question))
}

/** All of them or none: one by one they would keep a slow device busy for longer than they take to be told. */
export function rememberAll(told: Map<string, unknown>): Promise<void> {
  return using(async (db) => {
    const tx = db.transaction('snapshots', 'readwrite')
    const at = Date.now()
    await Promise.all([...[...told].map(([question, data]) => tx.store.put({ at, data }, question)), tx.done])
  })
}

/** All that is remembered under names that begin alike, by what follows that. */
export async function recallAll<T>(beginning: string): Promise<Map<string, { at: number, data: T }>> {
  const range = IDBKeyRange.bound(beginning, `${beginning}\uffff`)
  const [keys, values] = await using((db) => {
    const { store } = db.transaction('snapshots')
    return Promise.all([store.getAllKeys(range), store.getAll(range)])
  })
  return new Map(keys.map((key, place) => [key.slice(beginning.length), values[place] as { at: number, data: T }]))
}

export function forget(questions: string[]): Promise<void> {
  return using(async (db) => {
    const tx = db.transaction('snapshots', 'readwrite')
    await Promise.all([...questions.map((question) => tx.store.delete(question)), tx.done])
  })
}

export function recall<T>(question: string): Promise<{ at: number, data: T } | undefined> {
  return using((db) => db.get('snapshots', question)) as Promise<{ at: number, data: T } | undefined>
}
