import { beforeEach, describe, expect, it, vi } from 'vitest'
import { clubDate, clubTime, noonOf, seenClubDays, seenServerTime, shownInClub } from '@/shared/clock'
import { asDay, asTime, asWeekday } from '@/shared/format'

const HOUR = 3_600_000
/** The clocks of a club that is an hour ahead of UTC in winter and two in summer. */
const CHANGES = [
  { since: 0, ahead: HOUR },
  { since: Date.UTC(2026, 2, 29, 1), ahead: 2 * HOUR },
  { since: Date.UTC(2026, 9, 25, 1), ahead: HOUR },
]

describe('the time of the club', () => {
  beforeEach(() => seenClubDays(CHANGES))

  it('is shown by its own clocks, whatever zone the device is in', () => {
    expect(asTime(Date.UTC(2026, 10, 25, 17, 5))).toBe('18:05')
    expect(asTime(Date.UTC(2026, 6, 1, 17, 5))).toBe('19:05')
    expect(asDay(Date.UTC(2026, 10, 25, 23, 30))).toBe('26 Nov 2026')
    expect(asWeekday('2026-11-25')).toBe('Wednesday 25 Nov 2026')
  })

  it('begins its days at its midnight', () => {
    expect(clubDate(Date.UTC(2026, 10, 24, 22, 59))).toBe('2026-11-24')
    expect(clubDate(Date.UTC(2026, 10, 24, 23))).toBe('2026-11-25')
    expect(clubDate(Date.UTC(2026, 6, 1, 22))).toBe('2026-07-02')
  })

  it.each(['2026-03-28', '2026-03-29', '2026-07-01', '2026-10-25', '2026-10-26'])('has its noon on %s at twelve', (day) => {
    expect(asTime(noonOf(day))).toBe('12:00')
    expect(clubDate(noonOf(day))).toBe(day)
  })

  it('is the zone of the device while it is not known', () => {
    seenClubDays([])
    const now = Date.UTC(2026, 10, 25, 17)
    expect(shownInClub(now)).toBe(now - new Date(now).getTimezoneOffset() * 60_000)
  })

  it('is the clock of the server, however far off the device is', () => {
    vi.useFakeTimers({ now: 1_000_000 })
    seenServerTime(1_600_000)
    vi.advanceTimersByTime(500)
    expect(clubTime()).toBe(1_600_500)
    vi.useRealTimers()
  })
})
