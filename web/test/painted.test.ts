import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { nextTick, ref } from 'vue'
import { usePainted } from '@/shared/painted'

beforeEach(() => vi.useFakeTimers({ toFake: ['requestAnimationFrame', 'setTimeout'] }))
afterEach(() => vi.useRealTimers())

it('follows only after the next picture, with what is true then, once for all that changed', async () => {
  const shots = ref(0)
  let asked = 0
  const painted = usePainted(() => (asked += 1, shots.value))
  shots.value = 1
  await nextTick()
  shots.value = 2
  await nextTick()
  expect(painted.value).toBe(0)

  const before = asked
  vi.runAllTimers()
  expect(painted.value).toBe(2)
  expect(asked - before).toBe(1)
})

it('follows again what changes after that', async () => {
  const shots = ref(0)
  const painted = usePainted(() => shots.value)
  shots.value = 1
  await nextTick()
  vi.runAllTimers()
  shots.value = 7
  await nextTick()
  expect(painted.value).toBe(1)
  vi.runAllTimers()
  expect(painted.value).toBe(7)
})
