import type { Drill, SetLine } from '@/shared/api'
import { aboutSets, of, type Kept } from './deviceLog'
import type { LoadedRules } from './rules'

/**
 * The sets of a player that this device knows better than the ledger does: with events that the server has not
 * acknowledged yet, or acknowledged only after it gave that ledger.
 */
export async function ownSets(
  rules: LoadedRules, drill: Drill, player: string, ledgerAt: number,
): Promise<SetLine[]> {
  const lines: SetLine[] = []
  for (const [, kept] of byRun(await of(aboutSets(player, drill.id)))) {
    const newer = kept.some((one) => one.fate === 'waiting' || one.storedAt > ledgerAt)
    const counted = kept.filter((one) => one.fate !== 'aside')
    if (newer && counted[0]?.event.kind === 'set.opened') {
      const chart = rules.chart(drill, [])
      if (!('problem' in chart.append(counted.map((one) => one.event)))) {
        lines.push(chart.line())
      }
    }
  }
  return lines
}

export function byRun(all: Kept[]): Map<string, Kept[]> {
  const runs = new Map<string, Kept[]>()
  for (const kept of all) {
    runs.set(kept.run, [...runs.get(kept.run) ?? [], kept])
  }
  return runs
}
