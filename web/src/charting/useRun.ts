import { v7 as uuid } from 'uuid'
import { computed, ref, shallowRef } from 'vue'
import { EVENT_VERSION, type ChartEvent } from '@/shared/api'
import { clubDate, clubTime } from '@/shared/clock'
import { runOnServer } from './asked'
import { adopt, deviceId, ofRun, sessionOf, type About, type NewEvent } from './deviceLog'
import { useOutbox } from './outbox'
import type { Or, RulesProblem } from './rules'
import { useWatching } from './useWatching'

export type Body = ChartEvent['body'] | Record<string, never>

/** What every kind of chart says of its run. */
interface Charted {
  session: string
  openedAt: number
  pen: number
  paused: number
  pausedSince?: number
  undo?: string
  redo?: string
}

/** How a kind of chart makes of events what is shown. */
interface ChartKind<V extends Charted> {
  /** A run from its beginning, in place of the one before; of no events, one that nothing is in yet. */
  read: (run: string, events: ChartEvent[]) => Or<V> | undefined
  /** One event more. */
  add: (event: ChartEvent) => Or<V>
  /** What the run is about, as the device keeps it. */
  about: (view: V, run: string) => About
  /** Nothing more is written in it, so that reading it takes nobody's pen. */
  isOver?: (view: V) => boolean
  /** After every change of what is shown; after one event more, or all of it anew. */
  shown?: (view: V | undefined, anew: boolean) => void
  /** The pen came here from another tab; which run is gone on with. */
  taken?: (open: string | undefined) => Promise<string | undefined>
}

/**
 * One run of any kind of chart while it is charted here: worked out at once by the rules, kept on this device, sent by the
 * outbox; written by one tab, watched by the others.
 */
export function useRun<V extends Charted>(kind: ChartKind<V>) {
  const outbox = useOutbox()
  const view = shallowRef<V>()
  const problem = shallowRef<RulesProblem>()
  /** Another device had written it last. */
  const tookPen = ref(false)
  let device = ''
  let session = ''
  let run = ''
  let pen = 1
  /** The event that was written last, by whichever tab. */
  let last: string | undefined
  /** Another device has the pen, and keeps it until something is written here. */
  let elsewhere = false
  /** Another device took the pen while this one wrote: what it writes is kept apart. */
  const outdated = computed(() => !!view.value && outbox.apart.has(run))
  let kept: Promise<unknown> = Promise.resolve()
  const clock = runClock()
  const pens = useWatching({ run: () => run, last: () => last, add: follow, read, taken })

  function taken(): Promise<string | undefined> {
    return kind.taken ? kind.taken(view.value && run) : Promise.resolve(run || undefined)
  }

  function show(seen: V | undefined, anew = false) {
    view.value = seen
    kind.shown?.(seen, anew)
  }

  function follow(event: ChartEvent) {
    const seen = kind.add(event)
    if (!('problem' in seen)) {
      last = event.id
      show(seen)
    }
  }

  /** Goes on with a run as these events make it, whoever wrote them. */
  function read(id: string, events: ChartEvent[]): V | undefined {
    const seen = kind.read(id, events)
    problem.value = seen && 'problem' in seen ? seen.problem : undefined
    if (!seen || 'problem' in seen) {
      return undefined
    }
    run = id
    last = events.at(-1)?.id
    session = seen.session
    clock.goOn(seen.openedAt)
    pen = seen.pen
    show(seen, true)
    return seen
  }

  async function load() {
    device ||= await deviceId()
  }

  /** A run that nothing is in yet. */
  async function begin(): Promise<string> {
    await load()
    session = await sessionOf(clubDate(clubTime()))
    run = uuid()
    last = undefined
    pen = 1
    tookPen.value = elsewhere = false
    kind.read(run, [])
    show(undefined, true)
    return run
  }

  /** Shows a run, as this device has it where it has what the server does not. */
  async function look(id: string) {
    await load()
    const here = await ofRun(id)
    let events = here.filter(({ fate }) => fate !== 'aside').map(({ event }) => event)
    const begins = events.some(({ kind }) => kind.endsWith('.opened'))
    if (!begins || !here.some(({ fate }) => fate === 'waiting')) {
      events = await runOnServer(id) ?? events
    }
    const seen = read(id, events)
    const final = events.at(-1)
    if (!seen || !final) {
      throw new Error('the run cannot be opened')
    }
    tookPen.value = elsewhere = false
    return { events, seen, final }
  }

  /** Goes on with a run; one that another device wrote is taken over, openly. */
  async function resume(id: string): Promise<void> {
    const { events, seen, final } = await look(id)
    await adopt(events, kind.about(seen, id))
    elsewhere = events.filter((event) => event.pen === pen).at(-1)?.device !== device
    if (elsewhere && !kind.isOver?.(seen)) {
      takeOverPen(final.id)
    }
  }

  /**
   * Shows what another device has written meanwhile, once the server has all that this one wrote. Which of them writes next
   * takes the pen openly.
   */
  async function catchUp(): Promise<void> {
    const [id, known] = [run, last]
    const events = await runOnServer(id) ?? []
    const hasAll = events.some((event) => event.id === known)
    if (hasAll && run === id && last === known && (events.at(-1)?.id !== known || outbox.apart.has(id))) {
      const seen = read(id, events)
      if (seen) {
        await adopt(events, kind.about(seen, id))
        elsewhere = events.filter((event) => event.pen === pen).at(-1)?.device !== device
      }
      outbox.heardOfApart(id)
    }
  }

  /** From here on this device writes; another one that had is told. */
  function takeOverPen(lastSeen: string) {
    elsewhere = false
    tookPen.value = true
    if (!pens.watching.value) {
      pen += 1
      write('pen.taken', { pen, lastSeen })
    }
  }

  /** Shows at once what the rules make of it; that it is kept comes after. */
  function write(what: ChartEvent['kind'], body: Body = {}): Or<V> {
    if (elsewhere && last) {
      takeOverPen(last)
    }
    const event: NewEvent = {
      id: uuid(), kind: what, v: EVENT_VERSION, session, run, pen, device,
      at: Math.max(0, Math.round(clock.at())), wall: clubTime(),
      // What comes from a field is watched, and cannot be kept as it is.
      body: JSON.parse(JSON.stringify(body)) as Body,
    }
    // Its number is given when it is kept; the rules do not look at numbers.
    const seen = kind.add({ ...event, seq: 1 })
    if ('problem' in seen) {
      problem.value = seen.problem
      return seen
    }
    problem.value = undefined
    pens.tell({ run, event, after: last })
    last = event.id
    show(seen)
    kept = outbox.put({ event, about: kind.about(seen, run) }).then(() => pens.tell({ run: event.run }))
    return seen
  }

  const turnBack = (what: 'entry.undone' | 'entry.redone', target: string | undefined) =>
    target === undefined ? undefined : write(what, { target })

  return {
    view, problem, tookPen, outdated, watching: pens.watching, takeOver: pens.takeOver, take: pens.take, catchUp,
    id: () => run,
    begin, look, resume, write,
    /** Its time runs from here. */
    startClock: clock.begin,
    /** What was written is on this device's disc. */
    kept: () => kept,
    undo: () => turnBack('entry.undone', view.value?.undo),
    redo: () => turnBack('entry.redone', view.value?.redo),
    canUndo: computed(() => view.value?.undo !== undefined),
    canRedo: computed(() => view.value?.redo !== undefined),
    /** Milliseconds since its start in which it was played. */
    played: () => view.value ? Math.max(0, (view.value.pausedSince ?? clock.at()) - view.value.paused) : 0,
  }
}

export type Run = ReturnType<typeof useRun>

/** Milliseconds since a run was opened, by a clock that nobody sets. */
function runClock() {
  let tick = 0
  return {
    begin: () => {
      tick = performance.now()
    },
    goOn: (openedAt: number) => {
      tick = performance.now() - (clubTime() - openedAt)
    },
    at: () => performance.now() - tick,
  }
}
