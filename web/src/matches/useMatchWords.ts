import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Hint, MatchShot, MatchLine, MatchStep, MatchView, Player, RallyEnd, Team } from '@/shared/api'
import { steady } from '@/shared/steady'

export type Names = (team: Team) => string

/** A match in words: who, the score, and what happened. */
export function useMatchWords() {
  const { t } = useI18n()

  /** First names, or who it is that is not of the club. */
  const namesOf = (match: Pick<MatchView, 'one' | 'two'>, players: Player[]): Names => (team) => {
    const ids = team === 'ONE' ? match.one : match.two
    const names = ids.map((id) => players.find((one) => one.id === id)?.name.split(' ')[0] ?? '')
    return names.length ? names.join(' / ') : t('match.visitor')
  }

  const between = (match: Pick<MatchView, 'one' | 'two'>, players: Player[]) => {
    const names = namesOf(match, players)
    return t('match.between', { one: names('ONE'), two: names('TWO') })
  }

  /** How a match that is over ended. */
  const outcome = (match: MatchLine, players: Player[]) => match.winner
    ? t('match.won', { name: namesOf(match, players)(match.winner === 'ONE' ? 'ONE' : 'TWO') })
    : t('match.stopped')

  const nameOf = (match: Pick<MatchView, 'one' | 'two'>, players: Player[]) => (team: Team, player: number): string => {
    const id = (team === 'ONE' ? match.one : match.two)[player]
    return player < 0 ? namesOf(match, players)(team) : players.find((one) => one.id === id)?.name.split(' ')[0] ?? t('match.visitor')
  }

  const partOf = (spot: number) => t('match.part', { spot, row: t(`match.row.${Math.ceil(spot / 3)}`), lane: t(`match.lane.${(spot - 1) % 3 + 1}`) })

  function call({ call }: MatchView, names: Names): string {
    return call.said === 'NOTHING' ? '' : t(`match.call.${call.said}`, { ...call, name: call.team ? names(call.team) : '' })
  }

  const shot = (one: MatchShot): string => {
    const stroke = one.stroke ? t('match.stroke', { stroke: one.stroke }) : t('match.aShot')
    return one.spot ? t(one.serve ? 'match.serveTo' : 'match.shotTo', { stroke, spot: one.spot }) : stroke
  }

  /** Where it went, or how it missed. */
  const played = (one: MatchShot): string => one.outcome === 'IN' ? shot(one) : one.outcome === 'VOID' ? t('match.let') : t(`outcome.${one.outcome}`)

  function end(ended: RallyEnd, names: Names): string {
    const winner = ended.winner ? names(ended.winner) : ''
    const loser = ended.winner ? names(ended.winner === 'ONE' ? 'TWO' : 'ONE') : ''
    const miss = ended.miss && ended.miss !== 'NOT_HIT' ? t(`outcome.${ended.miss}`).toLowerCase() : ''
    return t(miss ? `match.endMiss.${ended.how}` : `match.end.${ended.how}`, { winner, loser, miss })
  }

  function step(one: MatchStep, names: Names): string {
    if (one.rally) {
      return end(one.rally.end, names)
    }
    return t(`match.step.${one.step}`, { name: one.team ? names(one.team) : '', count: one.count }, one.count)
  }

  /** One sentence that may be said in a break. */
  function hint(one: Hint, name: string): string {
    return t(`match.hint.${one.what}`, {
      ...one, name, stroke: one.stroke, court: one.court === 'NONE' ? '' : t(`match.fromCourt.${one.court}`), where: one.spot ? partOf(one.spot) : '', other: one.other ? partOf(one.other) : '',
      when: t('match.lookedAt', { count: one.looked }, one.looked), chance: Math.round(one.chance * 100), lost: one.rallies - one.won,
    })
  }

  return { namesOf, between, outcome, nameOf, partOf, call, shot, played, end, step, hint }
}

/** Who plays, by name: the very same names as long as the same play, so that no key is drawn anew for a shot. */
export function useMatchNames(match: () => Pick<MatchView, 'one' | 'two'> | undefined, players: () => Player[]) {
  const { namesOf, nameOf } = useMatchWords()
  const one = steady(() => match()?.one ?? [])
  const two = steady(() => match()?.two ?? [])
  const who = computed(() => ({ one: one.value, two: two.value }))
  return {
    names: computed(() => namesOf(who.value, players())),
    nameOf: computed(() => nameOf(who.value, players())),
  }
}
