/** The club's time, as far as the server's clock was seen; a device's own clock may be wrong. */
const KEY = 'bersaglio.clockOffset'

let offset = Number(localStorage.getItem(KEY) ?? 0)

export function clubTime(): number {
  return Math.round(Date.now() + offset)
}

export function seenServerTime(serverTime: number) {
  offset = serverTime - Date.now()
  localStorage.setItem(KEY, String(offset))
}
