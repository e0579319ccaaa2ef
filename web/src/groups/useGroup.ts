import { v7 as uuid } from 'uuid'
import { ref, shallowRef } from 'vue'
import { aboutGroup, adopt, deviceId, ofRun, sessionOf, type NewEvent } from '@/charting/deviceLog'
import { useOutbox } from '@/charting/outbox'
import { loadRules, type LoadedRules, type RulesProblem } from '@/charting/rules'
import { hasWaiting, runOnServer, setClock } from '@/courtside/opening'
import { useWatching } from '@/courtside/useWatching'
import { EVENT_VERSION, type ChartEvent, type GroupForm, type GroupView } from '@/shared/api'
import { clubDate, clubTime } from '@/shared/clock'

type Body = ChartEvent['body'] | Record<string, never>

/** One group while it is on: who is where is worked out at once, kept on this device, sent by the outbox. */
export function useGroup() {
  const outbox = useOutbox()
  const group = shallowRef<GroupView>()
  const problem = shallowRef<RulesProblem>()
  const tookPen = ref(false)
  let rules: LoadedRules
  let events: ChartEvent[] = []
  let device = ''
  let session = ''
  let run = ''
  let kept: Promise<unknown> = Promise.resolve()
  const clock = setClock()
  const pens = useWatching({
    run: () => run,
    last: () => events.at(-1)?.id,
    add: (event) => see([...events, event]),
    read: (_run, all) => see(all),
    taken: () => Promise.resolve(run || undefined),
  })

  async function load() {
    rules = await loadRules()
    device = await deviceId()
  }

  function see(all: ChartEvent[]): GroupView | undefined {
    const seen = rules.group(all)
    if ('problem' in seen) {
      problem.value = seen.problem
      return undefined
    }
    problem.value = undefined
    events = all
    group.value = seen.group
    return seen.group
  }

  /** @return whether the rules take it */
  function write(kind: ChartEvent['kind'], body: Body = {}, pen = group.value?.pen ?? 1): boolean {
    const event: NewEvent = {
      id: uuid(), kind, v: EVENT_VERSION, session, run, pen, device,
      at: Math.max(0, Math.round(clock.at())), wall: clubTime(),
      // What comes from a field is watched, and cannot be kept as it is.
      body: JSON.parse(JSON.stringify(body)) as Body,
    }
    const after = events.at(-1)?.id
    if (pens.watching.value || !see([...events, { ...event, seq: 1 }])) {
      return false
    }
    pens.tell({ run, event, after })
    kept = outbox.put({ event, about: aboutGroup(run) }).then(() => pens.tell({ run: event.run }))
    return true
  }

  async function begin(form: GroupForm, players: string[], drill: string): Promise<string | undefined> {
    await load()
    session = await sessionOf(clubDate(clubTime()))
    run = uuid()
    events = []
    clock.begin()
    const begun = write('group.opened', { form, players, ...drill && { drill } })
    await kept
    return begun ? run : undefined
  }

  /** Goes on with a group; one that another device wrote is taken over, openly. */
  async function resume(id: string) {
    await load()
    run = id
    await pens.take(id)
    const here = await ofRun(id)
    let all = here.filter((one) => one.fate !== 'aside').map((one) => one.event)
    if (!all.some((event) => event.kind === 'group.opened') || !hasWaiting(here)) {
      all = await runOnServer(id) ?? all
    }
    const seen = see(all)
    const last = all.at(-1)
    if (!seen || !last) {
      throw new Error('the group cannot be opened')
    }
    session = seen.session
    clock.goOn(seen.openedAt)
    await adopt(all, aboutGroup(id))
    const lastWriter = all.filter((event) => event.pen === seen.pen).at(-1)
    tookPen.value = lastWriter?.device !== device && !seen.ended
    if (tookPen.value && !pens.watching.value) {
      write('pen.taken', { pen: seen.pen + 1, lastSeen: last.id }, seen.pen + 1)
    }
  }

  const turnBack = (kind: 'entry.undone' | 'entry.redone', target?: string) => target !== undefined && write(kind, { target })

  return {
    group, problem, tookPen, watching: pens.watching, takeOver: pens.takeOver, begin, resume,
    change: () => write('group.changed'),
    came: (player: string) => write('group.came', { player }),
    left: (player: string) => write('group.left', { player }),
    score: (team: number) => write('group.scored', { team }),
    settle: (part: number, count: number, claims: number[]) => write('count.set', { part, count, ...claims.length && { claims } }),
    end: () => write('group.ended'),
    pause: () => write(group.value?.pausedSince === undefined ? 'set.paused' : 'set.resumed'),
    undo: () => turnBack('entry.undone', group.value?.undo),
    redo: () => turnBack('entry.redone', group.value?.redo),
    /** Milliseconds of play since the group began. */
    played: () => group.value ? Math.max(0, (group.value.pausedSince ?? clock.at()) - group.value.paused) : 0,
    callAt: (done: number) => rules.groupCall(group.value?.length ?? 1, group.value?.change.ahead ?? 0, done),
  }
}

export type Group = ReturnType<typeof useGroup>
