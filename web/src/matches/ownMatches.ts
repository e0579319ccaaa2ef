import { ofKind } from '@/charting/deviceLog'
import { byRun } from '@/charting/ownSets'
import { loadRules } from '@/charting/rules'
import type { MatchLine } from '@/shared/api'

/** The matches as this device has them, the latest first: without a network nobody else knows of them. */
export async function ownMatches(): Promise<MatchLine[]> {
  const rules = await loadRules()
  const lines: MatchLine[] = []
  for (const [run, kept] of byRun(await ofKind('match'))) {
    const seen = rules.match().append(kept.filter(({ fate }) => fate !== 'aside').map(({ event }) => event))
    if (!('problem' in seen) && !seen.struck) {
      lines.push({
        run, openedAt: seen.openedAt, sport: seen.agreed.format.sport, format: seen.agreed.format.id, game: seen.game, score: seen.line,
        rallies: seen.story.filter(({ rally }) => rally && !rally.surplus).length, ended: seen.ended, one: seen.one, two: seen.two,
        ...seen.winner && { winner: seen.winner },
      })
    }
  }
  return lines
}

/** What the server lists, with what only this device knows, or knows better. */
export function withOwn(listed: MatchLine[], own: MatchLine[]): MatchLine[] {
  const known = new Set(own.map(({ run }) => run))
  return [...own, ...listed.filter(({ run }) => !known.has(run))].sort((one, other) => other.openedAt - one.openedAt)
}
