import type { Drill } from '@/shared/api'

/** The newest version of every drill. */
export function newestOf(drills: Drill[]): Drill[] {
  return drills.filter((drill) => drills.every((other) => other.family !== drill.family || other.version <= drill.version))
}
