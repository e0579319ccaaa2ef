import { useSettings } from '@/shared/settings'

export type Cue = 'hit' | 'miss' | 'refused' | 'tick' | 'warn' | 'signal'

const TONES: Record<Cue, { pitch: number, seconds: number, shape: OscillatorType, buzz: number[] }> = {
  hit: { pitch: 880, seconds: 0.07, shape: 'sine', buzz: [25] },
  miss: { pitch: 330, seconds: 0.09, shape: 'triangle', buzz: [60] },
  tick: { pitch: 620, seconds: 0.03, shape: 'sine', buzz: [10] },
  warn: { pitch: 520, seconds: 0.2, shape: 'sine', buzz: [30, 60, 30] },
  signal: { pitch: 740, seconds: 0.6, shape: 'sawtooth', buzz: [200] },
  refused: { pitch: 140, seconds: 0.25, shape: 'square', buzz: [40, 60, 40] },
}
const LOUDNESS = 0.12
let shared: AudioContext | undefined

/** Short sounds and vibrations that tell a hit, another shot, and a touch that was not accepted apart. */
export function useFeedback() {
  const settings = useSettings()
  // Made ahead, as opening the sound takes far longer than a touch may; it plays from the first touch on.
  shared ??= 'AudioContext' in window ? new AudioContext() : undefined
  const audio = shared

  return function give(cue: Cue) {
    const tone = TONES[cue]
    if (settings.vibration && 'vibrate' in navigator) {
      navigator.vibrate(tone.buzz)
    }
    if (!settings.sounds || !audio) {
      return
    }
    if (audio.state === 'suspended') {
      void audio.resume()
    }
    const gain = new GainNode(audio, { gain: LOUDNESS })
    const oscillator = new OscillatorNode(audio, { type: tone.shape, frequency: tone.pitch })
    gain.gain.setTargetAtTime(0, audio.currentTime + tone.seconds * 0.6, tone.seconds * 0.2)
    oscillator.connect(gain).connect(audio.destination)
    oscillator.start()
    oscillator.stop(audio.currentTime + tone.seconds)
  }
}
