import { shownInClub } from './clock'
import { region } from './language'

const percent = new Intl.NumberFormat(region, { style: 'percent', maximumFractionDigits: 0 })
const day = new Intl.DateTimeFormat(region, { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' })
const weekday = new Intl.DateTimeFormat(region, { weekday: 'long', day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' })
const time = new Intl.DateTimeFormat(region, { hour: '2-digit', minute: '2-digit', timeZone: 'UTC' })
const metres = new Intl.NumberFormat(region, { minimumFractionDigits: 2, maximumFractionDigits: 2 })

/** "62 %", as units stand after numbers with a space; a share that only rounds to none or all does not read as that. */
export function asPercent(share: number): string {
  if (share > 0 && share < 0.005) {
    return '<\u00a01\u00a0%'
  }
  if (share < 1 && share >= 0.995) {
    return '>\u00a099\u00a0%'
  }
  return percent.format(share).replace(/\s*%/, '\u00a0%')
}

/** "25 Nov 2026" */
export function asDay(millis: number): string {
  return day.format(shownInClub(millis))
}

/** "18:05" */
export function asTime(millis: number): string {
  return time.format(shownInClub(millis))
}

/** "Wednesday 25 Nov 2026" */
export function asWeekday(isoDay: string): string {
  return weekday.format(new Date(`${isoDay}T12:00:00Z`)).replace(',', '')
}

export function asMetres(length: number): string {
  return metres.format(length)
}

/** "4:05" */
export function asMinutes(seconds: number): string {
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}
