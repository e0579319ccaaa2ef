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
  /** Whether the shots of both sides of a pattern are charted. */
  bothSides: useStorage('bersaglio.bothSides', false),
  /** Whether the tool calls which way a step that leaves several is to be played, and so many seconds ahead. */
  callsSteps: useStorage('bersaglio.callsSteps', false),
  callAhead: useStorage('bersaglio.callAhead', 1),
  /** Whether choice, execution and causes are graded beside the court. */
  grades: useStorage('bersaglio.grades', false),
  caller: useStorage<Caller>('bersaglio.caller', 'COACH'),
  /** Keys that were learned, by what they do. */
  keys: useStorage<Record<string, string>>('bersaglio.keys', {}),
}))
