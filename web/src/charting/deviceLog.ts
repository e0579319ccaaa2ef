import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import { v7 as uuid } from 'uuid'
import type { ChartEvent, Problem } from '@/shared/api'

export type Fate = 'waiting' | 'stored' | 'aside'

/** An event as this device keeps it: what was written, and how far it has got. */
export interface Kept {
  seq: number
  run: string
  player: string
  drill: string
  fate: Fate
  /** When the server's answer came, in milliseconds since 1970 by this device's clock. */
  storedAt: number
  event: ChartEvent
  problem?: Problem | undefined
}

interface DeviceSchema extends DBSchema {
  events: { key: number, value: Kept, indexes: { run: string, fate: Fate, of: [string, string] } }
  facts: { key: string, value: string | number }
  snapshots: { key: string, value: { at: number, data: unknown } }
}

let opened: Promise<IDBPDatabase<DeviceSchema>> | undefined

function database(): Promise<IDBPDatabase<DeviceSchema>> {
  opened ??= openDB<DeviceSchema>('bersaglio', 1, {
    upgrade(db) {
      const events = db.createObjectStore('events', { keyPath: 'seq' })
      events.createIndex('run', 'run')
      events.createIndex('fate', 'fate')
      events.createIndex('of', ['player', 'drill'])
      db.createObjectStore('facts')
      db.createObjectStore('snapshots')
    },
  })
  return opened
}

/**
 * Keeps one event: a single transaction, forced to disc, gives it the device's next number. It has been kept once the
 * promise is fulfilled.
 */
export async function keep(event: ChartEvent, player: string, drill: string): Promise<void> {
  const tx = (await database()).transaction(['events', 'facts'], 'readwrite', { durability: 'strict' })
  const facts = tx.objectStore('facts')
  const seq = Number(await facts.get('seq') ?? 0) + 1
  await facts.put(seq, 'seq')
  const numbered = { ...event, seq }
  await tx.objectStore('events').add({
    seq, run: event.run, player, drill, fate: 'waiting', storedAt: 0, event: numbered,
  })
  await tx.done
}

/** Takes over a run that another device, or this one long ago, has written; these events are on the server already. */
export async function adopt(events: ChartEvent[], player: string, drill: string): Promise<void> {
  const tx = (await database()).transaction(['events', 'facts'], 'readwrite', { durability: 'strict' })
  const known = new Set((await tx.objectStore('events').index('run').getAll(events[0]?.run)).map((kept) => kept.event.id))
  let seq = Number(await tx.objectStore('facts').get('seq') ?? 0)
  for (const event of events.filter((one) => !known.has(one.id))) {
    seq++
    await tx.objectStore('events').add({
      seq, run: event.run, player, drill, fate: 'stored', storedAt: Date.now(), event,
    })
  }
  await tx.objectStore('facts').put(seq, 'seq')
  await tx.done
}

export async function ofRun(run: string): Promise<Kept[]> {
  return (await database()).getAllFromIndex('events', 'run', run)
}

export async function ofPlayer(player: string, drill: string): Promise<Kept[]> {
  return (await database()).getAllFromIndex('events', 'of', [player, drill])
}

export async function withFate(fate: Fate, most?: number): Promise<Kept[]> {
  return (await database()).getAllFromIndex('events', 'fate', fate, most)
}

export async function countWithFate(fate: Fate): Promise<number> {
  return (await database()).countFromIndex('events', 'fate', fate)
}

export async function change(all: Kept[], to: (kept: Kept) => Kept): Promise<void> {
  const tx = (await database()).transaction('events', 'readwrite', { durability: 'strict' })
  for (const kept of all) {
    await tx.store.put(to(kept))
  }
  await tx.done
}

/** A fact of this device, made once. */
export async function fact(name: string, make: () => string): Promise<string> {
  const tx = (await database()).transaction('facts', 'readwrite')
  let value = await tx.store.get(name)
  if (value === undefined) {
    value = make()
    await tx.store.put(value, name)
  }
  await tx.done
  return String(value)
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
  await (await database()).put('snapshots', { at: Date.now(), data }, question)
}

export async function recall<T>(question: string): Promise<{ at: number, data: T } | undefined> {
  return (await database()).get('snapshots', question) as Promise<{ at: number, data: T } | undefined>
}
