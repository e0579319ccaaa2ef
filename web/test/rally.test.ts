import { describe, expect, it, vi } from 'vitest'
import type { Ruling } from '@/shared/api'
import { keysOfRally, type RallyNow } from '@/courtside/useRally'

const rallyThat = (isOn: boolean) => {
  const contact = vi.fn()
  const missed = vi.fn()
  return { rally: { isOn: { value: isOn }, contact, missed } as unknown as RallyNow, contact, missed }
}
const net: Ruling = { outcome: 'NET', side: 'NONE', zone: 0 }

describe('keys while a rally is on', () => {
  it('count its contacts, and end it with the miss of the player', () => {
    const { rally, contact, missed } = rallyThat(true)
    const log = vi.fn()
    const keys = keysOfRally(rally, log)
    keys.hit()
    keys.miss(net)
    expect(contact).toHaveBeenCalledOnce()
    expect(missed).toHaveBeenCalledWith('PLAYER', net)
    expect(log).not.toHaveBeenCalled()
  })

  it('log a shot that was not seen, or does not count, as anywhere else', () => {
    const { rally, missed } = rallyThat(true)
    const log = vi.fn()
    keysOfRally(rally, log).miss({ outcome: 'NOT_SEEN', side: 'NONE', zone: 0 })
    expect(log).toHaveBeenCalledOnce()
    expect(missed).not.toHaveBeenCalled()
  })

  it('are those of shots where no rally is counted', () => {
    const { rally, contact, missed } = rallyThat(false)
    const log = vi.fn()
    const keys = keysOfRally(rally, log)
    keys.hit()
    keys.miss(net)
    expect(log.mock.calls.map(([given]) => (given as Ruling).outcome)).toEqual(['HIT', 'NET'])
    expect(contact).not.toHaveBeenCalled()
    expect(missed).not.toHaveBeenCalled()
  })
})
