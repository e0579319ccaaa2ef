import { ofKind } from '@/charting/deviceLog'
import { byRun } from '@/charting/ownSets'
import { loadRules } from '@/charting/rules'
import type { GroupLine } from '@/shared/api'
import { clubDate } from '@/shared/clock'

/** The groups of a day as this device has them, the latest first: without a network nobody else knows of them. */
export async function ownGroups(day: string): Promise<GroupLine[]> {
  const rules = await loadRules()
  const lines: GroupLine[] = []
  for (const [run, kept] of byRun(await ofKind('group'))) {
    const seen = rules.group(kept.filter(({ fate }) => fate !== 'aside').map(({ event }) => event))
    if ('group' in seen && clubDate(seen.group.openedAt) === day && !seen.group.struck) {
      const { openedAt, form, drill, turn, ended, members } = seen.group
      lines.push({ run, openedAt, form: form.kind, turns: turn, ended, players: members.map(({ player }) => player), ...drill && { drill } })
    }
  }
  return lines.reverse()
}

/** What the server lists, with what only this device knows, or knows better. */
export function withOwn(listed: GroupLine[], own: GroupLine[]): GroupLine[] {
  const known = new Set(own.map(({ run }) => run))
  return [...own, ...listed.filter(({ run }) => !known.has(run))]
}

const MOST_MEANT = 12

/** Who a group begins with, until chosen otherwise: those who are here; nobody, where so many are here that hardly all are meant. */
export const chosenAtFirst = (here: string[]) => here.length > MOST_MEANT ? [] : [...here]
