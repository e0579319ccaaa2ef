import 'fake-indexeddb/auto'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { ListedDrill } from '@/shared/api'

let asked: string[][]
let network: boolean
let broken: boolean

beforeEach(() => {
  vi.stubGlobal('indexedDB', new IDBFactory())
  localStorage.clear()
  asked = []
  network = true
  broken = false
  vi.stubGlobal('fetch', async (request: Request) => {
    if (!network) {
      throw new TypeError('no network')
    }
    const names = new URL(request.url).searchParams.getAll('of')
    asked.push(names)
    const body = names.map((name) => ({ id: name.split('.')[0], name }))
    return new Response(JSON.stringify(body), { status: broken ? 404 : 200, headers: { 'content-type': 'application/json' } })
  })
})

afterEach(() => vi.unstubAllGlobals())

async function page() {
  vi.resetModules()
  return { ...await import('@/charting/versions'), ...await import('@/charting/asked') }
}

const listed = (id: string, tag: string) => ({ id, tag } as ListedDrill)
const namesOf = (drills: { name: string }[]) => drills.map(({ name }) => name)

describe('drill versions', () => {
  it('are asked for once, in pieces, and kept for the pages to come', async () => {
    const all = Array.from({ length: 90 }, (_, place) => listed(`drill-${place}`, 'a'))
    const first = await page()
    await first.fetchMissing(all)
    expect(asked.map(({ length }) => length)).toEqual([40, 40, 10])
    const next = await page()
    await next.fetchMissing([...all, listed('drill-90', 'a')])
    expect(asked.slice(3)).toEqual([['drill-90.a']])
    network = false
    expect(await (await page()).drillsOf(all)).toHaveLength(90)
  })

  it('are shown as they were told before while the newest telling cannot be had', async () => {
    const before = await page()
    await before.fetchMissing([listed('clear-1', 'a')])
    network = false
    const now = await page()
    const fresh = { data: undefined, at: 0, cached: false }
    expect(namesOf(await now.askDrills([listed('clear-1', 'b')], fresh))).toEqual(['clear-1.a'])
    await expect(now.askDrills([listed('clear-1', 'b'), listed('drop-1', 'a')], fresh)).rejects.toThrow()
    network = true
    expect(namesOf(await now.askDrills([listed('clear-1', 'b')], fresh))).toEqual(['clear-1.b'])
    await now.forgetOthersThan([listed('clear-1', 'b')])
    network = false
    expect(namesOf(await (await page()).drillsOf([listed('clear-1', 'b')]))).toEqual(['clear-1.b'])
  })

  it('are not known by an answer that says that they are not there', async () => {
    broken = true
    const { fetchMissing } = await page()
    await expect(fetchMissing([listed('gone-1', 'a')])).rejects.toThrow()
  })

  it('are asked for where the device gives nothing back', async () => {
    vi.stubGlobal('indexedDB', {
      open: () => {
        throw new Error('no disc')
      },
    })
    const { fetchMissing, drillsOf } = await page()
    await fetchMissing([listed('clear-1', 'a')])
    expect(namesOf(await drillsOf([listed('clear-1', 'a')]))).toEqual(['clear-1.a'])
  })
})
