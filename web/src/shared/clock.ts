/** The club's time, as far as the server's clock was seen; a device's own clock and zone may be others. */
const KEY = 'bersaglio.clockOffset'
const DAYS_KEY = 'bersaglio.clubDays'

/** How far the club's clocks are ahead of UTC, since when; all in milliseconds. */
export interface ClockChange { since: number, ahead: number }

let offset = Number(localStorage.getItem(KEY) ?? 0)
let changes: ClockChange[] = JSON.parse(localStorage.getItem(DAYS_KEY) ?? '[]')

export function clubTime(): number {
  return Math.round(Date.now() + offset)
}

export function seenServerTime(serverTime: number) {
  offset = serverTime - Date.now()
  localStorage.setItem(KEY, String(offset))
}

export const clubDays = () => changes

export function seenClubDays(days: ClockChange[]) {
  changes = days
  localStorage.setItem(DAYS_KEY, JSON.stringify(days))
}

/** What the club's clocks showed, as if it were UTC; by this device's zone while the club's is not known. */
export function shownInClub(millis: number): number {
  const ahead = [...changes].reverse().find((change) => change.since <= millis)?.ahead
  return millis + (ahead ?? -new Date(millis).getTimezoneOffset() * 60_000)
}

/** "2026-11-25", by the club's days. */
export function clubDate(millis: number): string {
  return new Date(shownInClub(millis)).toISOString().slice(0, 10)
}

/** Noon of a day of the club, in milliseconds since 1970. */
export function noonOf(isoDay: string): number {
  const noon = Date.parse(`${isoDay}T12:00:00Z`)
  return noon - (shownInClub(noon) - noon)
}
