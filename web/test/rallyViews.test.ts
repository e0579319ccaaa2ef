import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { createApp, h, nextTick, shallowRef, type App, type Component } from 'vue'
import RallyKeys from '@/matches/RallyKeys.vue'
import RallyStrip from '@/matches/RallyStrip.vue'
import { useMatchNames } from '@/matches/useMatchWords'
import type { MatchShot, MatchView, Player, Team } from '@/shared/api'
import { messages } from '@/shared/messages'
import { inApp } from './inApp'

const players = [{ id: 'n', name: 'Nora Ginestra' }, { id: 'l', name: 'Livia Sambuco' }, { id: 'a', name: 'Ada Rosmarino' }] as Player[]
const shot = (id: string, team: Team, more: Partial<MatchShot> = {}): MatchShot =>
  ({ id, team, player: 0, stroke: '', spot: 8, outcome: 'IN', side: 'NONE', serve: 0, gap: false, notes: [], ...more })
const matchOf = (shots: MatchShot[], more: Partial<MatchView> = {}) => ({
  one: ['n'], two: ['l'], depth: 'FULL', ended: false, story: [], strokes: [], open: { shots },
  agreed: { format: { sport: 'BADMINTON', doubles: false } }, ...more,
}) as unknown as MatchView

describe('the names in a match', () => {
  const match = shallowRef<MatchView>()
  const named = () => inApp(() => useMatchNames(() => match.value, () => players))

  it('are the very same for another shot, so that nothing is drawn anew for it', () => {
    match.value = matchOf([])
    const { names, nameOf } = named()
    const before = [names.value, nameOf.value]
    match.value = matchOf([shot('1', 'ONE')])
    expect([names.value, nameOf.value]).toEqual(before)
    expect(names.value('TWO')).toBe('Livia')
  })

  it('are others for others, and a visitor has none of the club', () => {
    match.value = matchOf([])
    const { names, nameOf } = named()
    match.value = matchOf([], { two: ['l', 'a'] })
    expect(names.value('TWO')).toBe('Livia / Ada')
    expect(nameOf.value('TWO', 1)).toBe('Ada')
    match.value = matchOf([], { two: [] })
    expect(names.value('TWO')).toBe('Visitor')
  })
})

describe('what a rally shows', () => {
  const match = shallowRef<MatchView>(matchOf([]))
  let app: App
  let place: HTMLElement

  beforeEach(() => {
    place = document.createElement('div')
  })
  afterEach(() => app.unmount())

  function show(view: Component, props: () => Record<string, unknown>) {
    app = createApp({ render: () => h(view, { match: match.value, ...props() }) })
    app.config.compilerOptions.isCustomElement = (tag) => tag.startsWith('v-')
    app.config.warnHandler = () => undefined
    app.use(messages).mount(place)
  }

  it('is each shot with its number, who hit it and where, also after the first of them is taken back', async () => {
    const seen = () => [...place.querySelectorAll('.shot')].map((one) => one.textContent)
    match.value = matchOf([shot('1', 'ONE', { spot: 2 }), shot('2', 'TWO', { spot: 7 })])
    show(RallyStrip, () => ({ charted: {}, players }))
    expect(seen()).toEqual(['1 Norashot to 2', '2 Liviashot to 7'])
    match.value = matchOf([shot('2', 'TWO', { spot: 7 })])
    await nextTick()
    expect(seen()).toEqual(['1 Liviashot to 7'])
    match.value = matchOf([shot('2', 'TWO', { spot: 7, stroke: 'clear' })])
    await nextTick()
    expect(seen()).toEqual(['1 Liviaclear to 7'])
  })

  it('is one kind of key between two rallies and another in one, of which each has its own', async () => {
    const winner = shallowRef<Team>()
    const visible = () => [...place.querySelectorAll<HTMLElement>('[data-test]')]
      .filter((one) => one.style.display !== 'none' && /point|winner|given/.test(one.dataset['test'] ?? ''))
      .map((one) => one.textContent.trim())
    match.value = matchOf([])
    const names = (team: Team) => team === 'ONE' ? 'Nora' : 'Livia'
    show(RallyKeys, () => ({ names, rally: { lastHitter: winner, forced: shallowRef(false) } }))
    expect(visible()).toEqual(['Point Nora', 'Point Livia'])
    winner.value = 'TWO'
    await nextTick()
    expect(visible()).toEqual(['Winner Livia', 'Given Nora', 'Given Livia'])
    match.value = matchOf([], { depth: 'POINTS' })
    await nextTick()
    expect(visible()).toEqual(['Point Nora', 'Point Livia'])
  })
})
