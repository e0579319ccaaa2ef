import { describe, expect, it } from 'vitest'
import { ref, watchEffect } from 'vue'
import { steady } from '@/shared/steady'

describe('a steady list', () => {
  it('stays the very same while it has the same parts, and tells nobody', () => {
    const all = ref(['net', 'rear'])
    const list = steady(() => all.value.filter((name) => name !== 'off'))
    const first = list.value
    let told = 0
    watchEffect(() => {
      told += list.value.length
    }, { flush: 'sync' })
    all.value = ['net', 'off', 'rear']
    expect(list.value).toBe(first)
    expect(told).toBe(2)
  })

  it('is another one for another order, a part more and a part less', () => {
    const all = ref([1, 2])
    const list = steady(() => [...all.value])
    for (const next of [[2, 1], [2, 1, 3], [2, 1]]) {
      const before = list.value
      all.value = next
      expect(list.value).not.toBe(before)
      expect(list.value).toEqual(next)
    }
  })
})
