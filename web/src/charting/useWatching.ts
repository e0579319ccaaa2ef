import { ofRun, takeInLeft } from './deviceLog'
import type { ChartEvent } from '@/shared/api'
import { usePen, type News } from './usePen'

/** The chart of this tab, as far as another tab's news are about it. */
interface Followed {
  run: () => string
  /** The event that was written last, by whichever tab. */
  last: () => string | undefined
  /** Takes one event more. */
  add: (event: ChartEvent) => void
  /** Shows a run as this device has kept it. */
  read: (run: string, events: ChartEvent[]) => unknown
  /** The pen came here. */
  taken: () => Promise<string | undefined>
}

const SOON = 300

/** Follows what another tab of this browser writes in the set that this one shows. */
export function useWatching(followed: Followed) {
  const pen = usePen(follow, () => void goOn())

  async function goOn() {
    await takeInLeft()
    const run = await followed.taken()
    if (run !== undefined) {
      await catchUp(run)
    }
  }

  function follow({ run, event, after }: News) {
    if (event && run === followed.run() && after !== undefined && after === followed.last()) {
      followed.add({ ...event, seq: 1 })
    } else {
      // What came before it may not be on disc yet; that it is, is told as well.
      setTimeout(() => void catchUp(run), event ? SOON : 0)
    }
  }

  async function catchUp(run: string) {
    const events = (await ofRun(run)).filter((kept) => kept.fate !== 'aside').map((kept) => kept.event)
    const known = run === followed.run() ? followed.last() : undefined
    // What was told and is not on disc yet is told again when it is.
    const behind = known !== undefined && !events.some((event) => event.id === known)
    if (events.length > 0 && !behind && events.at(-1)?.id !== known) {
      followed.read(run, events)
    }
  }

  return pen
}
