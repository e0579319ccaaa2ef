import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { ChartEvent } from '@/shared/api'

type Answer = { status: number, body?: unknown } | 'silence'

const PLAYER = '0190a000-0000-7000-8000-000000000001'
let answers: ((events: ChartEvent[]) => Answer | Promise<Answer>)[]
let posted: string[][]

const entry = (id: string, run = 'run') => ({ about: ['set', PLAYER, 'any-1'], event: { id, run, kind: 'shot.keyed' } as never })
const acknowledged = (events: ChartEvent[], refused: string[] = []): Answer => ({
  status: 200,
  body: {
    serverTime: Date.now(),
    answers: events.map(({ id }) => refused.includes(id) ? { id, fate: 'REFUSED', problem: { code: 'no_room' } } : { id, fate: 'STORED' }),
  },
})
const idsOf = (kept: { event: ChartEvent }[]) => kept.map(({ event }) => event.id)

/** The outbox and the log of a page that has just been loaded on a new device. */
async function page() {
  vi.resetModules()
  setActivePinia(createPinia())
  const { useOutbox, batchOf } = await import('@/charting/outbox')
  const log = await import('@/charting/deviceLog')
  return { outbox: useOutbox(), batchOf, log }
}

beforeEach(() => {
  vi.stubGlobal('indexedDB', new IDBFactory())
  localStorage.clear()
  answers = []
  posted = []
  vi.stubGlobal('fetch', async (request: Request) => {
    const { events } = await request.json() as { events: ChartEvent[] }
    posted.push(events.map(({ id }) => id))
    const answer = await (answers.shift() ?? ((all: ChartEvent[]) => acknowledged(all)))(events)
    if (answer === 'silence') {
      throw new TypeError('no network')
    }
    return new Response(JSON.stringify(answer.body ?? {}), { status: answer.status, headers: { 'content-type': 'application/json' } })
  })
})

afterEach(() => vi.unstubAllGlobals())

async function sent(outbox: Awaited<ReturnType<typeof page>>['outbox']) {
  await vi.waitFor(async () => expect(outbox.waiting + posted.length).toBeGreaterThan(0))
  await vi.waitFor(() => expect(outbox.waiting).toBe(0), { timeout: 10_000 })
}

describe('what a device has kept', () => {
  it('is numbered in the order in which it was written, and sent in it', async () => {
    // Without locks, as on a plain address of a local network, nothing tells which pages live.
    expect(navigator.locks).toBeFalsy()
    const { outbox, log } = await page()
    outbox.start()
    await Promise.all(['a', 'b', 'c'].map((id) => outbox.put(entry(id))))
    await sent(outbox)
    expect(posted.flat()).toEqual(['a', 'b', 'c'])
    const kept = await log.ofRun('run')
    expect(kept.map(({ event }) => event.seq)).toEqual([1, 2, 3])
    expect(kept.every(({ fate }) => fate === 'stored')).toBe(true)
  })

  it('is sent again after silence and after a server that is busy, and waits until then', async () => {
    let answer: () => void = () => undefined
    const looked = new Promise<void>((done) => (answer = done))
    answers = [() => 'silence', () => looked.then(() => ({ status: 503 }))]
    const { outbox, log } = await page()
    await outbox.put(entry('a'))
    outbox.start()
    // The second try is not answered before it was looked: however slow this is, there is no third.
    await vi.waitFor(() => expect(posted.length).toBe(2), { timeout: 10_000 })
    expect(idsOf(await log.withFate('waiting'))).toEqual(['a'])
    answer()
    await sent(outbox)
    expect(posted).toEqual([['a'], ['a'], ['a']])
    expect(idsOf(await log.withFate('stored'))).toEqual(['a'])
  }, 30_000)

  it('and is refused is set aside with the rest of its run, while other runs go on', async () => {
    answers = [(events) => acknowledged(events, ['b'])]
    const { outbox, log } = await page()
    for (const [id, run] of [['a', 'one'], ['b', 'two'], ['c', 'two'], ['d', 'three']] as const) {
      await outbox.put(entry(id, run))
    }
    outbox.start()
    await sent(outbox)
    expect(idsOf(await log.withFate('stored'))).toEqual(['a', 'c', 'd'])
    expect((await log.withFate('aside')).map(({ event, problem }) => [event.id, problem?.code])).toEqual([['b', 'no_room']])
  })

  it('and cannot be taken at all is found by halves and set aside by itself', async () => {
    const poison = (events: ChartEvent[]): Answer =>
      events.some(({ id }) => id === 'c') ? { status: 400, body: { code: 'odd' } } : acknowledged(events)
    answers = Array.from({ length: 12 }, () => poison)
    const { outbox, log } = await page()
    for (const id of ['a', 'b', 'c', 'd', 'e']) {
      await outbox.put(entry(id, id))
    }
    outbox.start()
    await sent(outbox)
    expect(idsOf(await log.withFate('stored')).sort()).toEqual(['a', 'b', 'd', 'e'])
    expect(idsOf(await log.withFate('aside'))).toEqual(['c'])
  })

  it('and belongs together is not cut in two', async () => {
    const { batchOf } = await page()
    const kept = (id: string, together?: string) => ({ event: { id }, together }) as never
    const all = [kept('a'), kept('b', 'x'), kept('c', 'x')]
    expect(idsOf(batchOf(all.slice(0, 2), 2))).toEqual(['a'])
    expect(idsOf(batchOf(all, 100))).toEqual(['a', 'b', 'c'])
    expect(idsOf(batchOf(all.slice(1), 1))).toEqual(['b', 'c'])
  })
})
