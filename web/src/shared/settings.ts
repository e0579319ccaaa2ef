import { useStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import type { Caller, Standpoint } from './api'

/** What this device remembers of the person who uses it. */
export const useSettings = defineStore('settings', () => ({
  sounds: useStorage('bersaglio.sounds', true),
  vibration: useStorage('bersaglio.vibration', true),
  leftHanded: useStorage('bersaglio.leftHanded', false),
  sun: useStorage('bersaglio.sun', false),
  theme: useStorage<'system' | 'light' | 'dark'>('bersaglio.theme', 'system'),
  unit: useStorage('bersaglio.unit', 'METRE'),
  wholeCourt: useStorage('bersaglio.wholeCourt', false),
  /** By drill, whether the court draws the target close up; by itself where nothing was chosen. */
  closeUp: useStorage<Record<string, boolean>>('bersaglio.closeUp', {}),
  place: useStorage('bersaglio.place', ''),
  standpoint: useStorage<Standpoint>('bersaglio.standpoint', 'BEHIND'),
  /** Whether the player makes the first contact of a rally. */
  hitsFirst: useStorage('bersaglio.hitsFirst', true),
  caller: useStorage<Caller>('bersaglio.caller', 'COACH'),
  /** Keys that were learned, by what they do. */
  keys: useStorage<Record<string, string>>('bersaglio.keys', {}),
}))
