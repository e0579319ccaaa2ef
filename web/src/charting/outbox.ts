import { defineStore } from 'pinia'
import { ref } from 'vue'
import { api, type EventAnswer } from '@/shared/api'
import { seenServerTime } from '@/shared/clock'
import { change, countWithFate, keep, withFate, type Kept } from './deviceLog'
import { note } from './justWritten'
import { keeperOf } from './keeper'

const MOST_EVENTS = 100
const MOST_BYTES = 64 * 1024
const FIRST_PAUSE = 1000
/** Sending waits until the mark of the shot is on the screen. */
const AFTER_PAINT = 60
const LONGEST_PAUSE = 30_000
/** Refusals of a whole request that another try may well get past. */
const PASSING = new Set([401, 403, 408, 429])
/** What the server fails on so often, all by itself, is set aside. */
const MOST_FAILURES = 3

/**
 * Sends what this device has kept, in order, until the server has acknowledged it. One tab of a browser sends at a
 * time. An event that the server refuses is set aside with the rest of its run, and holds up nothing else.
 */
export const useOutbox = defineStore('outbox', () => {
  const waiting = ref(0)
  const aside = ref(0)
  /** Runs that another device has taken over, so that what this one still wrote in them is kept apart. */
  const apart = ref(new Set<string>())
  const reachable = ref(true)
  /** Why the server takes nothing though it can be reached; empty while it does. */
  const serverSays = ref('')
  let most = MOST_EVENTS
  const failures = new Map<string, number>()
  /** Between the tabs of this browser: one has kept something, or the one that sends has got somewhere. */
  const tabs = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel('bersaglio.outbox')
  tabs?.addEventListener('message', ({ data }: MessageEvent<'kept' | 'sent'>) => {
    void count()
    if (data === 'kept') {
      sendSoon()
    }
  })
  const keeper = keeperOf(keep, note, (entries) => {
    waiting.value += entries.length
    setTimeout(() => {
      sendSoon()
      tabs?.postMessage('kept')
    }, AFTER_PAINT)
  })
  let wake: (() => void) | undefined
  let pause = FIRST_PAUSE
  let started = false
  const rounds: (() => void)[] = []

  async function count() {
    waiting.value = await countWithFate('waiting')
    aside.value = await countWithFate('aside')
  }

  function sendSoon() {
    pause = FIRST_PAUSE
    wake?.()
  }

  /** Fulfilled when nothing waits any more; refused when the server cannot be reached now. */
  async function allSent(): Promise<void> {
    while (await countWithFate('waiting') > 0) {
      await new Promise<void>((resolve) => rounds.push(resolve))
      if (!reachable.value) {
        throw new Error('not sent yet')
      }
    }
  }

  function start() {
    if (started) {
      return
    }
    started = true
    window.addEventListener('online', sendSoon)
    document.addEventListener('visibilitychange', sendSoon)
    window.addEventListener('beforeunload', (event) => {
      if (keeper.holdsUnkept()) {
        event.preventDefault()
      }
    })
    void count()
    if (navigator.locks) {
      void navigator.locks.request('bersaglio.sender', sendForEver)
    } else {
      void sendForEver()
    }
  }

  async function sendForEver(): Promise<void> {
    for (;;) {
      // A log that cannot be read now, as when the disc is full, is read later.
      await sendOnce().catch(() => until(FIRST_PAUSE))
      tabs?.postMessage('sent')
      rounds.splice(0).forEach((done) => done())
    }
  }

  async function sendOnce(): Promise<void> {
    const batch = batchOf(await withFate('waiting', most), most)
    if (batch.length === 0) {
      await until(LONGEST_PAUSE)
    } else if (!await send(batch)) {
      await until(pause)
      pause = Math.min(pause * 2, LONGEST_PAUSE)
    }
    await count()
  }

  function until(milliseconds: number): Promise<void> {
    return new Promise((resolve) => {
      const timer = setTimeout(resolve, milliseconds)
      wake = () => {
        clearTimeout(timer)
        resolve()
      }
    })
  }

  /** @returns whether it got anywhere, so that the next batch may follow at once */
  async function send(batch: Kept[]): Promise<boolean> {
    try {
      const { data, error, response } = await api.POST('/api/events', { body: { events: batch.map((kept) => kept.event) } })
      reachable.value = response.status < 500 || response.status === 507
      serverSays.value = response.status === 507 ? (error as EventAnswer['problem'])?.detail ?? '' : ''
      if (data) {
        seenServerTime(data.serverTime)
        most = Math.min(MOST_EVENTS, most * 2)
        return await settle(batch, data.answers)
      }
      if (response.status > 500 || PASSING.has(response.status)) {
        return false
      }
      return await refusedWhole(batch, response.status === 500, error)
    } catch {
      reachable.value = false
      return false
    }
  }

  /** What the server cannot take at all is found by halves, and set aside by itself; the rest goes on. */
  async function refusedWhole(batch: Kept[], failed: boolean, problem: EventAnswer['problem']): Promise<boolean> {
    const [first] = batch
    if (batch.length > 1 || !first) {
      most = Math.ceil(batch.length / 2)
      return true
    }
    const times = (failures.get(first.event.id) ?? 0) + 1
    failures.set(first.event.id, times)
    if (failed && times < MOST_FAILURES) {
      return false
    }
    await setAside((await withFate('waiting')).filter((kept) => kept.run === first.run), (kept) => kept.seq === first.seq ? problem : undefined)
    most = MOST_EVENTS
    return true
  }

  async function settle(batch: Kept[], answers: EventAnswer[]): Promise<boolean> {
    const fateOf = new Map(answers.map((answer) => [answer.id, answer]))
    const stored = batch.filter((kept) => ['STORED', 'KNOWN'].includes(fateOf.get(kept.event.id)?.fate ?? ''))
    await change(stored, (kept) => ({ ...kept, fate: 'stored', storedAt: Date.now() }))
    const runsApart = stored.filter((kept) => fateOf.get(kept.event.id)?.apart).map((kept) => kept.run)
    if (runsApart.length > 0) {
      apart.value = new Set([...apart.value, ...runsApart])
    }
    const refused = batch.filter((kept) => fateOf.get(kept.event.id)?.fate === 'REFUSED')
    if (refused.length > 0) {
      const runs = new Set(refused.map((kept) => kept.run))
      const rest = (await withFate('waiting')).filter((kept) => runs.has(kept.run))
      await setAside(rest, (kept) => fateOf.get(kept.event.id)?.problem)
    }
    return stored.length + refused.length > 0
  }

  async function setAside(all: Kept[], problem: (kept: Kept) => EventAnswer['problem']) {
    await change(all, (kept) => ({ ...kept, fate: 'aside', problem: problem(kept) }))
  }

  function heardOfApart(run: string) {
    apart.value = new Set([...apart.value].filter((one) => one !== run))
  }

  async function sendAsideAgain() {
    await change(await withFate('aside'), (kept) => ({ ...kept, fate: 'waiting', problem: undefined }))
    await count()
    sendSoon()
  }

  return {
    waiting, aside, reachable, serverSays, unkept: keeper.unkept, put: keeper.put, together: keeper.together, start, allSent,
    sendAsideAgain, apart, heardOfApart,
  }
})

/** As many as fit; what belongs together is not cut unless there is nothing else. */
export function batchOf(all: Kept[], most: number): Kept[] {
  let bytes = 0
  const fitting = all.filter((kept, place) => {
    bytes += JSON.stringify(kept.event).length
    return place === 0 || bytes < MOST_BYTES
  })
  const last = fitting.at(-1)?.together
  const cut = last !== undefined && (fitting.length < all.length || all.length >= most)
  const from = fitting.findIndex((kept) => kept.together === last)
  return cut && from > 0 ? fitting.slice(0, from) : fitting
}
