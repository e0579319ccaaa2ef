import 'fake-indexeddb/auto'
import { forceCloseDatabase } from 'fake-indexeddb'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Kept } from '@/charting/deviceLog'

const DAY = 24 * 60 * 60 * 1000
const NOW = 20_000 * DAY + DAY / 2

async function device() {
  vi.resetModules()
  return { log: await import('@/charting/deviceLog'), clearing: await import('@/charting/clearing') }
}

beforeEach(() => {
  vi.stubGlobal('indexedDB', new IDBFactory())
  localStorage.clear()
})

const kept = (run: string, storedAt: number, wall: number, fate: Kept['fate'] = 'stored'): Kept =>
  ({ seq: 1, run, about: ['set', 'nora', 'clear-1'], fate, storedAt, event: { id: run, run, wall, kind: 'set.closed' } as never })

describe('the log of a device', () => {
  it('is read as it was written when it knew nothing but sets of a player on a drill', async () => {
    await new Promise<void>((done) => {
      const opening = indexedDB.open('bersaglio', 1)
      opening.onupgradeneeded = () => {
        const events = opening.result.createObjectStore('events', { keyPath: 'seq', autoIncrement: true })
        events.createIndex('run', 'run')
        events.createIndex('fate', 'fate')
        events.createIndex('of', ['player', 'drill'])
        opening.result.createObjectStore('facts')
        opening.result.createObjectStore('snapshots')
        events.add({ run: 'a', player: 'nora', drill: 'clear-1', fate: 'waiting', storedAt: 0, event: { id: '1', run: 'a' } })
        events.add({ run: 'b', player: 'livia', drill: 'clear-1', fate: 'stored', storedAt: 5, event: { id: '2', run: 'b' } })
      }
      opening.onsuccess = () => {
        opening.result.close()
        done()
      }
    })
    localStorage.setItem('bersaglio.written.gone.000000001',
      JSON.stringify([{ run: 'c', player: 'nora', drill: 'clear-1', fate: 'waiting', storedAt: 0, event: { id: '3', run: 'c' } }]))
    const { log } = await device()
    const own = await log.of(log.aboutSets('nora', 'clear-1'))
    expect(own.map(({ run, fate }) => [run, fate])).toEqual([['a', 'waiting'], ['c', 'waiting']])
    expect((await log.withFate('stored')).map(({ about }) => about)).toEqual([['set', 'livia', 'clear-1']])
    await log.keep([{ event: { id: '4', run: 'a' } as never, about: ['set', 'nora', 'clear-1'] }])
    expect((await log.ofRun('a')).map(({ seq }) => seq)).toEqual([1, 4])
  })

  it('is opened anew when the browser has closed it, and keeps each event once', async () => {
    const dbs: IDBDatabase[] = []
    const opens = IDBDatabase.prototype.transaction
    vi.spyOn(IDBDatabase.prototype, 'transaction').mockImplementation(function (this: IDBDatabase, ...given: Parameters<typeof opens>) {
      dbs.push(this)
      return opens.apply(this, given)
    })
    const { log } = await device()
    const entry = (id: string) => [{ event: { id, run: 'a' } as never, about: log.aboutSets('nora', 'clear-1') }]
    await log.keep(entry('1'))
    forceCloseDatabase(dbs.at(-1) as never)
    await log.keep(entry('2'))
    // Closed without a word, as a page finds it after another has asked for a newer log.
    dbs.at(-1)?.close()
    await log.keep(entry('3'))
    // Closed while it writes: whether that is on disc is not known, and it is tried again.
    const broken = log.keep(entry('4'))
    forceCloseDatabase(dbs.at(-1) as never)
    await broken.catch(() => log.keep(entry('4')))
    expect((await log.ofRun('a')).map(({ event }) => event.id)).toEqual(['1', '2', '3', '4'])
    expect(await log.countWithFate('waiting')).toBe(4)
    vi.restoreAllMocks()
  })

  it('is tried again when it could not be opened', async () => {
    const failing = vi.spyOn(indexedDB, 'open').mockImplementationOnce(() => {
      throw new DOMException('no room', 'QuotaExceededError')
    })
    const { log } = await device()
    await expect(log.deviceId()).rejects.toThrow('no room')
    expect(await log.deviceId()).toHaveLength(36)
    failing.mockRestore()
  })

  it('keeps of what the server has only what charting without a network needs', async () => {
    const { clearing: { outlived } } = await device()
    const ledgers = new Map([['nora clear-1', NOW - 2 * DAY]])
    const old = NOW - 5 * DAY
    const all = [
      kept('told', old, old), kept('told', old + 1, old),
      kept('not told yet', NOW - DAY, NOW - DAY), kept('of today', old, NOW - 1), kept('going on', old, old),
    ]
    const open = { ...kept('left open', old, old), event: { id: 'open', run: 'left open', wall: old, kind: 'shot.landed' } as never }
    expect(outlived([open], new Set(), ledgers, NOW)).toEqual([])
    expect(outlived([open], new Set(), ledgers, NOW + 30 * DAY)).toEqual([open])
    expect(outlived(all, new Set(['going on']), ledgers, NOW).map(({ run }) => run)).toEqual(['told', 'told'])
    expect(outlived(all, new Set(), new Map(), NOW)).toHaveLength(4)
  })

  it('forgets answers that no page reads', async () => {
    const { clearing: { stale } } = await device()
    const names = ['7.club', '7.today', '6.club', 'drill.clear-1.1234abcd', '7.ledger.nora.clear-1.', '7.ledger.livia.clear-1.']
    const answers = names.map((name) => ({ name, at: name.includes('livia') ? NOW - 60 * DAY : NOW - DAY }))
    const pages = Array.from({ length: 100 }, (_, place) => ({ name: `7.record.${place}`, at: place }))
    const gone = stale([...answers, ...pages], '7.', NOW)
    expect(gone.filter((name) => !name.includes('record'))).toEqual(['6.club', '7.ledger.livia.clear-1.'])
    expect(gone).toContain('7.record.0')
    expect(gone).not.toContain('7.record.99')
    expect(gone.filter((name) => name.includes('record'))).toHaveLength(20)
  })

  it('keeps many answers in one go, and gives them back by what their names have in common', async () => {
    const { log } = await device()
    await log.remember('club', 1)
    await log.rememberAll(new Map([['drill.a', { id: 'a' }], ['drill.b', { id: 'b' }]]))
    const drills = await log.recallAll<{ id: string }>('drill.')
    expect([...drills].map(([name, { data }]) => [name, data.id])).toEqual([['a', 'a'], ['b', 'b']])
    await log.forget(['drill.a'])
    expect([...(await log.recallAll('drill.')).keys()]).toEqual(['b'])
  })

  it('is five megabytes at most after 100,000 shots', async () => {
    const { log, clearing: { clearOut } } = await device()
    vi.setSystemTime(NOW)
    const shots = 100
    for (let set = 0; set < 1000; set++) {
      const wall = NOW - (1000 - set) * DAY / 4
      const events = Array.from({ length: shots }, (_, place) => ({
        id: `0190a000-0000-7000-8000-${set}-${place}`, run: `run-${set}`, session: 's', kind: place === shots - 1 ? 'set.closed' : 'shot.landed', v: 6, pen: 1, device: 'd',
        at: place * 6000, wall, seq: 1, body: { x: 1.234, y: 5.678, by: 'COACH' },
      }))
      vi.setSystemTime(wall)
      await log.adopt(events as never, ['set', `player-${set % 40}`, 'clear-1'])
    }
    vi.setSystemTime(NOW)
    const lines = Array.from({ length: 25 }, (_, set) => ({ run: `run-${set}`, level: 1, trials: '10'.repeat(shots / 2), said: 'x'.repeat(200) }))
    for (let player = 0; player < 40; player++) {
      await log.remember(`7.ledger.player-${player}.clear-1.`, { sets: lines })
    }
    await log.adopt([{ id: 'x', run: 'today', wall: NOW } as never], ['set', 'player-1', 'clear-1'])
    await clearOut('7.')
    const left = await log.withFate('stored')
    expect(left.map(({ run }) => run)).toContain('today')
    const bytes = JSON.stringify(left).length + JSON.stringify([...(await log.recallAll('')).values()]).length
    expect(bytes).toBeLessThan(5_000_000)
    vi.useRealTimers()
  }, 120_000)
})
