import { aboutGroup } from '@/charting/deviceLog'
import { loadRules, type LoadedRules } from '@/charting/rules'
import { useRun } from '@/charting/useRun'
import type { ChartEvent, GroupForm, GroupView } from '@/shared/api'

/** One group while it is on: who is where is worked out at once. */
export function useGroup() {
  let rules: LoadedRules
  let events: ChartEvent[] = []

  function see(all: ChartEvent[]) {
    const seen = rules.group(all)
    if ('problem' in seen) {
      return seen
    }
    events = all
    return seen.group
  }

  const run = useRun<GroupView>({
    read: (_id, all) => {
      events = all
      return all.length ? see(all) : undefined
    },
    add: (event) => see([...events, event]),
    about: (_group, id) => aboutGroup(id),
    isOver: (group) => group.ended,
  })

  async function begin(form: GroupForm, players: string[], drill: string): Promise<string | undefined> {
    rules = await loadRules()
    const id = await run.begin()
    run.startClock()
    run.write('group.opened', { form, players, ...drill && { drill } })
    await run.kept()
    return run.problem.value ? undefined : id
  }

  async function resume(id: string) {
    rules = await loadRules()
    await run.take(id)
    await run.resume(id)
  }

  /** Where another tab writes, this one writes nothing. */
  const write = (...what: Parameters<typeof run.write>) => run.watching.value ? undefined : run.write(...what)

  return {
    group: run.view, run, begin, resume,
    change: () => write('group.changed'),
    came: (player: string) => write('group.came', { player }),
    left: (player: string) => write('group.left', { player }),
    score: (team: number) => write('group.scored', { team }),
    settle: (part: number, count: number, claims: number[]) => write('count.set', { part, count, ...claims.length && { claims } }),
    end: () => write('group.ended'),
    pause: () => write(run.view.value?.pausedSince === undefined ? 'set.paused' : 'set.resumed'),
    undo: () => run.watching.value ? undefined : run.undo(),
    redo: () => run.watching.value ? undefined : run.redo(),
    callAt: (done: number) => rules.groupCall(run.view.value?.length ?? 1, run.view.value?.change.ahead ?? 0, done),
  }
}

export type Group = ReturnType<typeof useGroup>
