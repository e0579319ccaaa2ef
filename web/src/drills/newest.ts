import { v7 as uuid } from 'uuid'
import type { Drill } from '@/shared/api'

/** The newest version of every drill. */
export function newestOf<T extends Pick<Drill, 'family' | 'version'>>(drills: T[]): T[] {
  return drills.filter((drill) => drills.every((other) => other.family !== drill.family || other.version <= drill.version))
}

const LONGEST = 40

/** A family for a new drill: its name, and something of its own where another has that name. */
export function freeFamily(name: string, drills: Drill[]): string {
  const plain = name.toLowerCase().replace(/[^a-z0-9]+/g, '-').slice(0, LONGEST).replace(/^-|-$/g, '') || 'drill'
  return drills.some((one) => one.family === plain) ? `${plain}-${uuid().slice(-8)}` : plain
}
