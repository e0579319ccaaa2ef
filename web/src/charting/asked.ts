import {
  api, type ChartEvent, type Club, type ClubList, type Contacts, type Drill, type Forecast, type GroupLine, type GroupView,
  type KeptTactic, type KeptTarget, type Ledger, type LevelPasses, type LevelRallies, type ListedDrill, type MatchLine,
  type OpenQueue, type PlacementTally, type PlayerPageView, type PlayerRecord, type Session, type Squad, type TacticRule,
  type Today, type ZoneReport,
} from '@/shared/api'
import { seenClubDays, seenServerTime } from '@/shared/clock'
import { clearOut } from './clearing'
import { recall, remember } from './deviceLog'
import { drillsOf, fetchMissing, forgetOthersThan } from './versions'

/** An answer of the server, or the last one that it gave when it cannot be asked. */
export interface Asked<T> {
  data: T
  /** When the server gave it, by this device's clock. */
  at: number
  cached: boolean
}

export class NotThere extends Error {}

const SOON = 10_000
/** Answers that an earlier page kept may have another shape. */
const SHAPE = '8.'
const keyOf = (question: string) => SHAPE + question

/** What this device need not keep any longer; once the page has long been shown. */
export function clearOutSoon(): void {
  setTimeout(() => void clearOut(SHAPE).catch(() => undefined), SOON)
}

async function ask<T>(question: string, fetch: () => Promise<{ data?: T, response: Response }>): Promise<Asked<T>> {
  const asked = await fetch().catch(() => undefined)
  if (asked?.data !== undefined) {
    // Shown at once, and by a device without room, too.
    void remember(keyOf(question), asked.data).catch(() => undefined)
    return { data: asked.data, at: Date.now(), cached: false }
  }
  if (asked?.response.status === 404) {
    throw new NotThere(question)
  }
  const last = await recall<T>(keyOf(question))
  if (!last) {
    throw new Error(`no answer to ${question}`)
  }
  return { ...last, cached: true }
}

/** The club, with its drills by name only. */
export async function askListed(): Promise<Asked<ClubList>> {
  return noted(await ask('listed', () => api.GET('/api/club') as Promise<{ data?: ClubList, response: Response }>))
}

function noted(club: Asked<ClubList>): Asked<ClubList> {
  if (!club.cached) {
    seenServerTime(club.data.serverTime)
    seenClubDays(club.data.days)
  }
  return club
}

/** Drills that the club lists; those that are not here yet are asked for, and without a network those that are here do. */
export async function askDrills(listed: ListedDrill[], { cached }: Asked<unknown>): Promise<Drill[]> {
  const refused = cached ? undefined : await fetchMissing(listed).catch((why: unknown) => why)
  const drills = await drillsOf(listed)
  if (refused && drills.length < listed.length) {
    throw refused
  }
  return drills
}

/** The club's list counts once the drills that it names are here: until then the last one does. */
export async function askClub(): Promise<Asked<Club>> {
  const club = noted(await ask('club', async () => {
    const answer = await api.GET('/api/club') as { data?: ClubList, response: Response }
    await fetchMissing(answer.data?.drills ?? [])
    return answer
  }))
  if (!club.cached) {
    await forgetOthersThan(club.data.drills).catch(() => undefined)
  }
  return { ...club, data: { ...club.data, drills: await drillsOf(club.data.drills) } }
}

export function askToday(): Promise<Asked<Today>> {
  return ask('today', () => api.GET('/api/today'))
}

export function askSquad(): Promise<Asked<Squad>> {
  return ask('squad', () => api.GET('/api/squad'))
}

/** @param day as an ISO date */
export function askSession(day: string): Promise<Asked<Session>> {
  return ask(`session.${day}`, () => api.GET('/api/sessions/{day}', { params: { path: { day } } }))
}

export function askPlayer(player: string): Promise<Asked<PlayerPageView>> {
  return ask(`player.${player}`, () => api.GET('/api/players/{player}', { params: { path: { player } } }))
}

export function askLedger(player: string, drill: string, track = ''): Promise<Asked<Ledger>> {
  return ask(`ledger.${player}.${drill}.${track}`, () =>
    api.GET('/api/players/{player}/ledger', { params: { path: { player }, query: { drill, track } } }))
}

/** The groups of a day, as an ISO date. */
export function askGroups(day: string): Promise<Asked<GroupLine[]>> {
  return ask(`groups.${day}`, () => api.GET('/api/groups/{day}', { params: { path: { day } } }))
}

/** A group as the server has it. */
export function askGroup(run: string): Promise<Asked<GroupView>> {
  return ask(`group.${run}`, async () => {
    const { data, response } = await api.GET('/api/runs/{run}', { params: { path: { run } } })
    return { ...data?.group && { data: data.group }, response }
  })
}

/** A player's record with its latest sets. */
export function askRecord(player: string, drill: string, track: string): Promise<Asked<PlayerRecord>> {
  return ask(`record.${player}.${drill}.${track}`, () =>
    api.GET('/api/players/{player}/record', { params: { path: { player }, query: { drill, track } } }))
}

/** Where a player's passes of a pattern break, level by level. */
export function askPasses(player: string, drill: string, track: string): Promise<Asked<LevelPasses[]>> {
  return ask(`passes.${player}.${drill}.${track}`, () =>
    api.GET('/api/players/{player}/passes', { params: { path: { player }, query: { drill, track } } }))
}

/** By which contacts lengths of rallies are told, those of each level where nothing is said; and the bands of the coach. */
export interface RallyQuestion { counts: Contacts | undefined, bands: number[] }

/** How long a player's rallies last, level by level. */
export function askRallies(player: string, drill: string, track: string, { counts, bands }: RallyQuestion): Promise<Asked<LevelRallies[]>> {
  return ask(`rallies.${player}.${drill}.${track}.${counts ?? ''}.${bands.join('-')}`, () =>
    api.GET('/api/players/{player}/rallies', {
      params: { path: { player }, query: { drill, track, ...counts && { counts }, bands } },
    }))
}

/** @param before the run of the first set that is known */
export async function askEarlier({ drill, track }: PlayerRecord, player: string, before: string): Promise<PlayerRecord> {
  const { data } = await api.GET('/api/players/{player}/record', { params: { path: { player }, query: { drill, track, before } } })
  if (!data) {
    throw new Error(`no sets before ${before}`)
  }
  return data
}

export interface ForecastQuestion {
  player: string
  drill: string
  level: number
  chance: number
  /** Wing, hand or side, where the drill keeps them apart. */
  track: string
  /** Others who hit in turn with the player, or against. */
  with: string[]
  /** The coach's, for a player of whom nothing is known. */
  guess?: number
}

export function askForecast({ player, ...query }: ForecastQuestion): Promise<Asked<Forecast>> {
  return ask(`forecast.${player}.${JSON.stringify(query)}`, () =>
    api.GET('/api/players/{player}/forecast', { params: { path: { player }, query } }))
}

export interface ZoneQuestion { drill: string, track: string, level: number, chance: number, place: string }

export function askZone(player: string, query: ZoneQuestion): Promise<Asked<ZoneReport>> {
  return ask(`zone.${player}.${JSON.stringify(query)}`, () =>
    api.GET('/api/players/{player}/zone', { params: { path: { player }, query } }))
}

export function askTargets(): Promise<Asked<KeptTarget[]>> {
  return ask<KeptTarget[]>('targets', () => api.GET('/api/targets') as Promise<{ data?: KeptTarget[], response: Response }>)
}

/** Queues at a drill that are open; none while the server cannot be asked. */
export async function askQueues(drill: string): Promise<OpenQueue[]> {
  const asked = await api.GET('/api/drills/{drill}/queues', { params: { path: { drill } } }).catch(() => undefined)
  return asked?.data ?? []
}

/** A run as the server has it; nothing while it cannot be asked. */
export async function runOnServer(run: string): Promise<ChartEvent[] | undefined> {
  const answer = await api.GET('/api/runs/{run}', { params: { path: { run } } }).catch(() => undefined)
  return answer?.data?.events
}

/** The latest matches. */
export function askMatches(): Promise<Asked<MatchLine[]>> {
  return ask('matches', () => api.GET('/api/matches'))
}

export function askMatchesOf(player: string): Promise<Asked<MatchLine[]>> {
  return ask(`matches.${player}`, () => api.GET('/api/players/{player}/matches', { params: { path: { player } } }))
}

/** What a player's placements came to against an opponent, in all matches but one. */
export function askPlacements(player: string, against: string, but: string): Promise<Asked<PlacementTally[]>> {
  return ask(`placements.${player}.${against}.${but}`, () =>
    api.GET('/api/players/{player}/placements/{against}', { params: { path: { player, against }, query: { but } } }))
}

/** The tactical rules of the club, and those that are ready. */
export function askTactics(): Promise<Asked<TacticRule[]>> {
  return ask('tactics', () => api.GET('/api/tactics'))
}

/** How a player kept them in the latest matches. */
export function askKeptTactics(player: string): Promise<Asked<KeptTactic[]>> {
  return ask(`tactics.${player}`, () => api.GET('/api/players/{player}/tactics', { params: { path: { player } } }))
}
