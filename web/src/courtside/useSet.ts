import { v7 as uuid } from 'uuid'
import { computed, ref, shallowRef } from 'vue'
import { askLedger } from '@/charting/asked'
import { adopt, deviceId, ofPlayer, ofRun, sessionOf, type NewEvent } from '@/charting/deviceLog'
import { useOutbox } from '@/charting/outbox'
import { byRun, ownSets } from '@/charting/ownSets'
import { loadRules, type Chart, type LoadedRules, type RulesProblem, type Standing } from '@/charting/rules'
import { api, type Caller, type ChartEvent, type Drill, type Player, type Ruling, type SetView, type Standpoint, type Verdict } from '@/shared/api'
import { clubTime } from '@/shared/clock'

type Body = ChartEvent['body']
type Logged = { ok: true, set: SetView } | { ok: false, problem: RulesProblem }

/** One set while it is charted: judged at once by the rules, kept on this device, sent by the outbox. */
export function useSet() {
  const outbox = useOutbox()
  const set = shallowRef<SetView>()
  const standing = shallowRef<Standing>()
  const tookPen = ref(false)
  let rules: LoadedRules
  let chart: Chart
  let player: Player
  let drill: Drill
  let device = ''
  let session = ''
  let run = ''
  let pen = 1
  let openedAt = 0
  let openedTick = 0

  const level = computed(() => set.value?.level ?? standing.value?.level ?? 1)

  async function load(given: { player: Player, drill: Drill, run?: string, openRun?: string }) {
    player = given.player
    drill = given.drill
    rules = await loadRules()
    device = await deviceId()
    await settleStanding()
    const open = given.run ?? await openHere() ?? given.openRun
    if (open) {
      await resume(open)
    } else {
      await fresh()
    }
  }

  async function settleStanding() {
    const ledger = await askLedger(player.id, drill.id)
    const own = await ownSets(rules, drill, player.id, ledger.at)
    standing.value = rules.standing(drill, ledger.data, own, player.id)
  }

  async function openHere(): Promise<string | undefined> {
    const day = dayOf(clubTime())
    for (const [id, kept] of byRun(await ofPlayer(player.id, drill.id))) {
      const last = kept.at(-1)
      if (!last || dayOf(last.event.wall) !== day || kept.some((one) => one.fate === 'aside')) {
        continue
      }
      const seen = rules.chart(drill, []).append(kept.map((one) => one.event))
      if (!('problem' in seen) && !seen.closed && !seen.struck && seen.player === player.id) {
        return id
      }
    }
    return undefined
  }

  async function fresh() {
    session = await sessionOf(dayOf(clubTime()))
    set.value = undefined
    tookPen.value = false
    run = uuid()
    pen = 1
    chart = rules.chart(drill, standing.value?.sets ?? [])
  }

  /** Goes on with a set; one that another device wrote is taken over, openly. */
  async function resume(open: string) {
    let events = (await ofRun(open)).filter((kept) => kept.fate !== 'aside').map((kept) => kept.event)
    if (!events.some((event) => event.kind === 'set.opened') || !hasWaiting(await ofRun(open))) {
      events = await fromServer(open) ?? events
    }
    chart = rules.chart(drill, (standing.value?.sets ?? []).filter((line) => line.run !== open))
    const seen = chart.append(events)
    const first = events[0]
    if ('problem' in seen || !first) {
      throw new Error('the set cannot be opened')
    }
    await adopt(events, seen.player, seen.drill)
    set.value = seen
    run = open
    session = first.session
    openedAt = seen.openedAt
    openedTick = performance.now() - (clubTime() - openedAt)
    pen = seen.pen
    const lastWriter = events.filter((event) => event.pen === pen).at(-1)
    tookPen.value = lastWriter?.device !== device
    if (tookPen.value) {
      pen = seen.pen + 1
      write('pen.taken', { pen, lastSeen: events.at(-1)?.id ?? first.id })
    }
  }

  async function fromServer(open: string): Promise<ChartEvent[] | undefined> {
    const answer = await api.GET('/api/runs/{run}', { params: { path: { run: open } } }).catch(() => undefined)
    return answer?.data?.events
  }

  function write(kind: ChartEvent['kind'], body: Body): Logged {
    const event: NewEvent = {
      id: uuid(), kind, v: 1, session, run, pen, device,
      at: Math.max(0, Math.round(performance.now() - openedTick)), wall: clubTime(), body,
    }
    // Its number is given when it is kept; the rules judge it at once and do not look at numbers.
    const seen = chart.append({ ...event, seq: 1 })
    if ('problem' in seen) {
      return { ok: false, problem: seen.problem }
    }
    set.value = seen
    outbox.put(event, seen.player, seen.drill).catch(() => undefined)
    return { ok: true, set: seen }
  }

  /** Logs a shot; the first one opens the set. */
  function shoot(kind: 'shot.landed' | 'shot.keyed', body: Body, standpoint: Standpoint): Logged {
    if (!set.value) {
      openedAt = clubTime()
      openedTick = performance.now()
      void navigator.storage?.persist?.()
      const opened = write('set.opened', { player: player.id, hand: player.hand, drill: drill.id, level: level.value, standpoint })
      if (!opened.ok) {
        return opened
      }
    }
    return write(kind, body)
  }

  const land = (at: { x: number, y: number }, by: Caller, standpoint: Standpoint) =>
    shoot('shot.landed', { x: toTheMillimetre(at.x), y: toTheMillimetre(at.y), by }, standpoint)
  const key = (ruling: Ruling, by: Caller, standpoint: Standpoint) => shoot('shot.keyed', { ...ruling, by }, standpoint)
  const call = (shot: string, ruling: Ruling) => write('shot.called', { shot, ...ruling })
  const undo = () => set.value?.undo ? write('entry.undone', { target: set.value.undo }) : undefined
  const redo = () => set.value?.redo ? write('entry.redone', { target: set.value.redo }) : undefined
  const close = () => write('set.closed', { said: chart.closing() })
  const reopen = () => write('set.reopened', {})
  const moveLevel = (to: number, by: 'RULE' | 'COACH', unmet: boolean) =>
    write('level.moved', { from: level.value, to, by, unmet })
  const verdict = (): Verdict | undefined => set.value ? chart.verdict() : undefined

  async function next() {
    const line = set.value ? chart.line() : undefined
    if (line && standing.value) {
      standing.value = rules.standing(drill, standing.value.sets, [line], player.id)
    }
    await fresh()
  }

  return { set, standing, level, tookPen, load, land, key, call, undo, redo, close, reopen, moveLevel, verdict, next }
}

function hasWaiting(all: { fate: string }[]): boolean {
  return all.some((kept) => kept.fate === 'waiting')
}

function dayOf(millis: number): string {
  const date = new Date(millis)
  return `${date.getFullYear()}-${date.getMonth() + 1}-${date.getDate()}`
}

function toTheMillimetre(metres: number): number {
  return Math.round(metres * 1000) / 1000
}
