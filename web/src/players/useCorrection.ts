import { v7 as uuid } from 'uuid'
import { aboutSets, deviceId, type NewEvent } from '@/charting/deviceLog'
import { useOutbox } from '@/charting/outbox'
import { api, EVENT_VERSION, type ChartEvent } from '@/shared/api'
import { clubTime } from '@/shared/clock'

/** Writes one correction to a set that is not on court: it names what it acts on, and takes the pen if need be. */
export function useCorrection() {
  const outbox = useOutbox()

  async function correct(run: string, kind: ChartEvent['kind'], body: ChartEvent['body']) {
    const { data } = await api.GET('/api/runs/{run}', { params: { path: { run } } })
    const last = data?.events.at(-1)
    const set = data?.set
    if (!set || !last) {
      throw new Error('the set is not there')
    }
    const device = await deviceId()
    const own = data.events.filter((event) => event.pen === set.pen).at(-1)?.device === device
    const pen = own ? set.pen : set.pen + 1
    const event = (what: ChartEvent['kind'], its: ChartEvent['body']): NewEvent => ({
      id: uuid(), kind: what, v: EVENT_VERSION, session: set.session, run, pen, device,
      at: Math.max(0, clubTime() - set.openedAt), wall: clubTime(), body: its,
    })
    const { player, drill } = set
    const put = (one: NewEvent) => outbox.put({ event: one, about: aboutSets(player, drill) })
    if (!own) {
      await put(event('pen.taken', { pen, lastSeen: last.id }))
    }
    await put(event(kind, body))
    await outbox.allSent()
  }

  return { correct }
}
