import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { computed, effectScope, nextTick, ref, shallowRef } from 'vue'
import { useCalls } from '@/courtside/useCalls'
import type { Charted } from '@/courtside/useSet'
import type { Pattern } from '@/shared/api'
import { useSettings } from '@/shared/settings'

const PATTERN = {
  steps: [
    { by: 'A', ways: [{ zone: 1 }] }, { by: 'B', ways: [{ zone: 2 }] }, { by: 'A', ways: [{ zone: 1 }, { zone: 3 }] },
  ],
} as unknown as Pattern

const shot = (id: string, hitter?: 'PARTNER') => ({ id, ...hitter && { hitter } })
const charted = (shots: object[]) => ({ shots, closed: false, count: { full: false }, passes: { now: [{}] } })

describe('calls ahead of a step that leaves several ways', () => {
  const scope = effectScope()
  const set = shallowRef<unknown>(undefined)
  const called: unknown[] = []

  beforeEach(() => {
    vi.useFakeTimers()
    setActivePinia(createPinia())
    useSettings().callsSteps = true
  })
  afterEach(() => vi.useRealTimers())

  it('come so long after the own shot, whatever another hits meanwhile', async () => {
    const stub = {
      set, run: { watching: ref(false) }, says: { callAfter: () => 2000 },
      entries: { callStep: (step: number, way: object) => called.push({ step, ...way }) },
    } as unknown as Charted
    scope.run(() => useCalls(stub, {
      pattern: computed(() => PATTERN), as: computed(() => 'A' as const), expected: computed(() => [2]),
      enter: (write) => Promise.resolve(void write()), cue: () => undefined, isActive: () => true,
    }))
    set.value = charted([shot('a')])
    await nextTick()
    vi.advanceTimersByTime(1500)
    set.value = charted([shot('a'), shot('b', 'PARTNER')])
    await nextTick()
    expect(called).toHaveLength(0)
    vi.advanceTimersByTime(600)
    expect(called).toHaveLength(1)
    expect([{ step: 2, zone: 1 }, { step: 2, zone: 3 }]).toContainEqual(called[0])
    scope.stop()
  })
})
