import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { keeperOf } from '@/charting/keeper'

const entry = (id: string) => ({ about: ['set', 'p', 'd'], event: { id } as never })
const idsOf = (entries: { event: { id: string } }[]) => entries.map(({ event }) => event.id)

describe('a disc without room', () => {
  let full = false
  let onDisc: string[][]
  let noted: boolean

  const made = () => keeperOf(
    async (entries) => {
      if (full) {
        throw new DOMException('no room', 'QuotaExceededError')
      }
      onDisc.push(idsOf(entries))
    },
    () => ({ noted, onDisc: () => undefined }) as never,
    () => undefined,
  )

  beforeEach(() => {
    vi.useFakeTimers()
    full = false
    onDisc = []
    noted = false
  })

  afterEach(() => {
    vi.useRealTimers()
  })

  it('keeps nobody from charting on, and nothing is told to be kept before it is', async () => {
    const keeper = made()
    full = true
    const done = vi.fn()
    void keeper.put(entry('a')).then(done)
    void keeper.put(entry('b'))
    await vi.advanceTimersByTimeAsync(5000)
    expect(keeper.unkept.value).toEqual(['a', 'b'])
    expect(done).not.toHaveBeenCalled()

    full = false
    await vi.advanceTimersByTimeAsync(2000)
    expect(onDisc).toEqual([['a'], ['b']])
    expect(keeper.unkept.value).toEqual([])
    expect(done).toHaveBeenCalledOnce()
  })

  it('is the same as one that does not answer', async () => {
    let answer: () => void = () => undefined
    const keeper = keeperOf(() => new Promise((done) => (answer = done)), () => ({ noted, onDisc: () => undefined }), () => undefined)
    void keeper.put(entry('a'))
    expect(keeper.holdsUnkept()).toBe(true)
    await vi.advanceTimersByTimeAsync(1500)
    expect(keeper.unkept.value).toEqual(['a'])
    answer()
    await vi.advanceTimersByTimeAsync(0)
    expect(keeper.unkept.value).toEqual([])
    expect(keeper.holdsUnkept()).toBe(false)
  })

  it('is not told of what is noted beside it', async () => {
    noted = true
    full = true
    const keeper = made()
    void keeper.put(entry('a'))
    await vi.advanceTimersByTimeAsync(100)
    expect(keeper.unkept.value).toEqual([])
  })

  it('takes what belongs together at once or not at all', async () => {
    const keeper = made()
    await keeper.together(async () => {
      await keeper.put(entry('a'))
      await keeper.put(entry('b'))
      expect(onDisc).toEqual([])
    })
    await vi.advanceTimersByTimeAsync(0)
    expect(onDisc).toEqual([['a', 'b']])
  })
})
