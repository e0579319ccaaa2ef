import { beforeEach, describe, expect, it, vi } from 'vitest'

let isMeant: (event: PointerEvent) => boolean

function touch(timeStamp: number, clientX: number, width = 20): PointerEvent {
  const event = new PointerEvent('pointerdown', { clientX, clientY: 100, width, height: 20 })
  Object.defineProperty(event, 'timeStamp', { value: timeStamp })
  return event
}

describe('a touch', () => {
  beforeEach(async () => {
    vi.resetModules()
    isMeant = (await import('@/courtside/fingers')).isMeant
  })

  it('is no shot where a finger bounces, and one where it comes down elsewhere or later', () => {
    expect(isMeant(touch(1000, 100))).toBe(true)
    expect(isMeant(touch(1100, 110))).toBe(false)
    expect(isMeant(touch(1100, 200))).toBe(true)
    expect(isMeant(touch(1400, 205))).toBe(true)
  })

  it('of a palm is none, and does not make the next one a bounce', () => {
    expect(isMeant(touch(1000, 100, 90))).toBe(false)
    expect(isMeant(touch(1100, 100))).toBe(true)
  })

  it('ends with itself: its click reaches nothing that has come under the finger', () => {
    const clicked = vi.fn()
    document.body.addEventListener('click', clicked)
    isMeant(touch(1000, 100))
    document.body.click()
    expect(clicked).not.toHaveBeenCalled()
    document.body.click()
    expect(clicked).toHaveBeenCalledOnce()
  })
})
