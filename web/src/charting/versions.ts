import { api, type Drill, type ListedDrill } from '@/shared/api'
import { forget, recallAll, rememberAll } from './deviceLog'

/** Drill versions never change: each is asked for once, and kept on this device as long as the club lists it. */
const KEY = 'drill.'
const AT_ONCE = 40
const kept = new Map<string, Drill>()
let recalled: Promise<void> | undefined

const nameOf = ({ id, tag }: ListedDrill) => `${id}.${tag}`

/** A device that gives nothing back is told everything again. */
async function recall(): Promise<void> {
  for (const [name, { data: drill }] of await recallAll<Drill>(KEY).catch(() => [])) {
    kept.set(name, drill)
  }
}

/** Asks for those of these that are not here yet; refused when any of them cannot be had. */
export async function fetchMissing(listed: ListedDrill[]): Promise<void> {
  await (recalled ??= recall())
  const missing = listed.map(nameOf).filter((name) => !kept.has(name))
  for (let from = 0; from < missing.length; from += AT_ONCE) {
    const some = missing.slice(from, from + AT_ONCE)
    const { data } = await api.GET('/api/drills/versions', { params: { query: { of: some } } })
    if (!data) {
      throw new Error('drills cannot be had')
    }
    const told = new Map(data.map((drill, place) => [some[place] ?? '', drill]))
    told.forEach((drill, name) => kept.set(name, drill))
    // A device without room still shows what it was told.
    await rememberAll(new Map([...told].map(([name, drill]) => [KEY + name, drill]))).catch(() => undefined)
  }
}

/** Those of these that are here, in their order; one of which only an older telling is here, as that has it. */
export async function drillsOf(listed: ListedDrill[]): Promise<Drill[]> {
  await (recalled ??= recall())
  const older = new Map([...kept.values()].map((drill) => [drill.id, drill]))
  return listed.flatMap((one) => kept.get(nameOf(one)) ?? older.get(one.id) ?? [])
}

export async function forgetOthersThan(listed: ListedDrill[]): Promise<void> {
  const names = new Set(listed.map(nameOf))
  const gone = [...kept.keys()].filter((name) => !names.has(name))
  gone.forEach((name) => kept.delete(name))
  await forget(gone.map((name) => KEY + name))
}
