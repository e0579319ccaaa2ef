import { clubDate, clubTime } from '@/shared/clock'
import { drop, forget, recallAll, withFate, type Kept } from './deviceLog'

const DAY = 24 * 60 * 60 * 1000
/** Where a player stands is asked for whenever a set is begun; what is older was not charted here for so long. */
const LEDGER_DAYS = 21
/** Pages that were looked at, for when there is no network. */
const MOST_PAGES = 80
const LEDGER = 'ledger.'
const ALWAYS = ['club', 'listed', 'today', 'squad', 'targets', 'matches', 'tactics']
/** After these nothing is gone on with. */
const ENDED = ['group.ended', 'match.ended']

/**
 * Keeps of what the server has only what charting without a network needs: sets of today, sets of which the last ledger of
 * their drill does not know, and what was asked lately.
 *
 * @param shape what the names of answers begin with that this page can read
 */
export async function clearOut(shape: string): Promise<void> {
  const answers = await recallAll<unknown>('')
  const ledgers = new Map<string, number>()
  for (const [name, { at }] of answers) {
    if (name.startsWith(shape + LEDGER)) {
      const about = name.slice(shape.length + LEDGER.length).split('.').slice(0, 2).join(' ')
      ledgers.set(about, Math.min(at, ledgers.get(about) ?? at))
    }
  }
  const going = [...await withFate('waiting'), ...await withFate('aside')]
  await drop(outlived(await withFate('stored'), new Set(going.map(({ run }) => run)), ledgers))
  await forget(stale([...answers].map(([name, { at }]) => ({ name, at })), shape))
}

/** Acknowledged events of runs that nothing here asks for any more. */
export function outlived(stored: Kept[], going: Set<string>, ledgers: Map<string, number>, now = clubTime()): Kept[] {
  const runs = new Map<string, Kept[]>()
  stored.forEach((kept) => runs.set(kept.run, [...runs.get(kept.run) ?? [], kept]))
  return [...runs].filter(([run]) => !going.has(run)).flatMap(([, all]) => {
    const isOfToday = all.some(({ event }) => clubDate(event.wall) === clubDate(now))
    const [, player, drill] = all[0]?.about ?? []
    const told = ledgers.get(`${player} ${drill}`) ?? Infinity
    return isOfToday || isOpen(all, now) || all.some(({ storedAt }) => storedAt > told) ? [] : all
  })
}

/** What was left open lately may be gone on with. */
function isOpen(all: Kept[], now: number): boolean {
  if (all.some(({ event }) => ENDED.includes(event.kind))) {
    return false
  }
  const ends = all.filter(({ event }) => event.kind === 'set.closed' || event.kind === 'set.reopened')
  return ends.at(-1)?.event.kind !== 'set.closed' && all.some(({ event }) => now - event.wall < LEDGER_DAYS * DAY)
}

/** Answers that no page can read, or is likely to be shown. */
export function stale(answers: { name: string, at: number }[], shape: string, now = Date.now()): string[] {
  const asked = answers.filter(({ name }) => /^[0-9]+\./.test(name))
  const ours = asked.filter(({ name }) => name.startsWith(shape))
  const kind = (name: string) => name.slice(shape.length)
  const ledgers = ours.filter(({ name }) => kind(name).startsWith(LEDGER))
  const pages = ours.filter(({ name }) => !kind(name).startsWith(LEDGER) && !ALWAYS.includes(kind(name)))
  return [
    ...asked.filter((one) => !ours.includes(one)),
    ...ledgers.filter(({ at }) => now - at > LEDGER_DAYS * DAY),
    ...pages.sort((one, other) => other.at - one.at).slice(MOST_PAGES),
  ].map(({ name }) => name)
}
