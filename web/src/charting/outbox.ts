import { defineStore } from 'pinia'
import { ref } from 'vue'
import { api, type EventAnswer } from '@/shared/api'
import { seenServerTime } from '@/shared/clock'
import { change, countWithFate, keep, withFate, type Kept } from './deviceLog'

const MOST_EVENTS = 100
const MOST_BYTES = 64 * 1024
const FIRST_PAUSE = 1000
/** Sending waits until the mark of the shot is on the screen. */
const AFTER_PAINT = 60
const LONGEST_PAUSE = 30_000
/** Refusals of a whole request that another try may well get past. */
const PASSING = new Set([401, 403, 408, 429])

/**
 * Sends what this device has kept, in order, until the server has acknowledged it. One tab of a browser sends at a
 * time. An event that the server refuses is set aside with the rest of its run, and holds up nothing else.
 */
export const useOutbox = defineStore('outbox', () => {
  const waiting = ref(0)
  const aside = ref(0)
  const reachable = ref(true)
  const notKept = ref(false)
  let wake: (() => void) | undefined
  let pause = FIRST_PAUSE
  let started = false
  const rounds: (() => void)[] = []

  async function count() {
    waiting.value = await countWithFate('waiting')
    aside.value = await countWithFate('aside')
  }

  async function put(...given: Parameters<typeof keep>) {
    try {
      await keep(...given)
      notKept.value = false
    } catch (failure) {
      notKept.value = true
      throw failure
    }
    waiting.value++
    setTimeout(sendSoon, AFTER_PAINT)
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
    void count()
    if (navigator.locks) {
      void navigator.locks.request('bersaglio.sender', sendForEver)
    } else {
      void sendForEver()
    }
  }

  async function sendForEver(): Promise<void> {
    for (;;) {
      const batch = withinBytes(await withFate('waiting', MOST_EVENTS))
      if (batch.length === 0) {
        await until(LONGEST_PAUSE)
      } else if (!await send(batch)) {
        await until(pause)
        pause = Math.min(pause * 2, LONGEST_PAUSE)
      }
      await count()
      rounds.splice(0).forEach((done) => done())
    }
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
      reachable.value = response.status < 500
      if (data) {
        seenServerTime(data.serverTime)
        return await settle(batch, data.answers)
      }
      if (response.status >= 500 || PASSING.has(response.status)) {
        return false
      }
      const first = batch[0]
      if (batch.length > 1 && first) {
        return await send([first])
      }
      await setAside(batch, () => error)
      return true
    } catch {
      reachable.value = false
      return false
    }
  }

  async function settle(batch: Kept[], answers: EventAnswer[]): Promise<boolean> {
    const fateOf = new Map(answers.map((answer) => [answer.id, answer]))
    const stored = batch.filter((kept) => ['STORED', 'KNOWN'].includes(fateOf.get(kept.event.id)?.fate ?? ''))
    await change(stored, (kept) => ({ ...kept, fate: 'stored', storedAt: Date.now() }))
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

  async function sendAsideAgain() {
    await change(await withFate('aside'), (kept) => ({ ...kept, fate: 'waiting', problem: undefined }))
    await count()
    sendSoon()
  }

  return { waiting, aside, reachable, notKept, put, start, allSent, sendAsideAgain }
})

function withinBytes(all: Kept[]): Kept[] {
  let bytes = 0
  return all.filter((kept, place) => {
    bytes += JSON.stringify(kept.event).length
    return place === 0 || bytes < MOST_BYTES
  })
}
