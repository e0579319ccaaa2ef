import { shallowRef } from 'vue'
import type { Entry } from './deviceLog'
import type { Noted } from './justWritten'

const TRY_AGAIN = 2000
/** What the disc has not answered for so long is not told to be kept. */
const PATIENCE = 1000

/** Entries that are kept together or not at all. */
interface Waiting { entries: Entry[], note: Noted, done: () => void }

/**
 * Keeps what is written in the order in which it is written. While the disc has no room, what it cannot take waits in memory
 * in front of all that comes after it, and goes to disc when there is room; until then nobody is told that it is kept.
 */
export function keeperOf(keep: (entries: Entry[]) => Promise<void>, note: (entries: Entry[]) => Noted, kept: (entries: Entry[]) => void) {
  /** Events that are neither on disc nor noted beside it: gone with this page. */
  const unkept = shallowRef<string[]>([])
  const waiting: Waiting[] = []
  let busy = false
  let failing = false
  let gathered: Entry[] | undefined

  const inMemory = () => waiting.filter((one) => !one.note.noted).flatMap((one) => one.entries.map(({ event }) => event.id))

  function tell() {
    unkept.value = failing ? inMemory() : []
  }

  function fail() {
    failing = true
    tell()
  }

  /** @return fulfilled when it is on disc; of what belongs to others, at once */
  async function put(entry: Entry): Promise<void> {
    if (gathered) {
      gathered.push(entry)
    } else {
      await add([entry])
    }
  }

  function add(entries: Entry[]): Promise<void> {
    return new Promise((done) => {
      waiting.push({ entries, note: note(entries), done })
      tell()
      void work()
    })
  }

  /** What is written while this is done belongs together. */
  async function together(written: () => Promise<void>): Promise<void> {
    gathered = []
    try {
      await written()
    } finally {
      const entries = gathered
      gathered = undefined
      if (entries.length > 0) {
        void add(entries)
      }
    }
  }

  async function work(): Promise<void> {
    if (busy) {
      return
    }
    busy = true
    try {
      for (let first = waiting[0]; first; first = waiting[0]) {
        const slow = setTimeout(fail, PATIENCE)
        await keep(first.entries).finally(() => clearTimeout(slow))
        waiting.shift()
        failing = false
        first.note.onDisc()
        first.done()
        kept(first.entries)
        tell()
      }
    } catch {
      fail()
      setTimeout(() => void work(), TRY_AGAIN)
    } finally {
      busy = false
    }
  }

  return {
    unkept, put, together,
    /** Whether anything would be gone with this page, told or not yet. */
    holdsUnkept: () => inMemory().length > 0,
  }
}
