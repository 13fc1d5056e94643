import { useEffect, useRef } from 'react'
import { useSwitch } from '../../shared/useSwitch'

/** A warning is heard over an engine, a clock beside a talk (Hz, s). */
const SOUND = { WARNING: { hz: 1180, times: 3 }, CLOCK: { hz: 780, times: 1 } } as const
const BEEP_S = 0.16
const GAP_S = 0.1

export interface Asking {
  warnings: readonly string[]
  clocks: readonly string[]
}

/** Calls out, where it is wanted, what asks anew: by sound, and by shaking a device that can. */
export function useCalls({ warnings, clocks }: Asking) {
  const [on, toggle] = useSwitch('moss.calls')
  const before = useRef<ReadonlySet<string> | null>(null)
  const audio = useRef<AudioContext | null>(null)
  const all = [...warnings.map((one) => `WARNING ${one}`), ...clocks.map((one) => `CLOCK ${one}`)].join('|')
  useEffect(() => {
    const asking = new Set(all === '' ? [] : all.split('|'))
    const fresh = [...asking].filter((one) => before.current !== null && !before.current.has(one))
    before.current = asking
    if (!on || fresh.length === 0) return
    const kind = fresh.some((one) => one.startsWith('WARNING')) ? 'WARNING' : 'CLOCK'
    audio.current ??= new AudioContext()
    call(audio.current, kind)
  }, [all, on])
  return {
    calls: on,
    /** Heard once as it is switched on: a browser lets a page be heard only after a touch, and one knows how loud it is. */
    toggleCalls: () => {
      if (!on) {
        audio.current ??= new AudioContext()
        call(audio.current, 'CLOCK')
      }
      toggle()
    },
  }
}

function call(audio: AudioContext, kind: keyof typeof SOUND) {
  const { hz, times } = SOUND[kind]
  void audio.resume()
  for (let i = 0; i < times; i++) {
    const beep = audio.createOscillator()
    beep.frequency.value = hz
    beep.connect(audio.destination)
    beep.start(audio.currentTime + i * (BEEP_S + GAP_S))
    beep.stop(audio.currentTime + i * (BEEP_S + GAP_S) + BEEP_S)
  }
  // Absent on desks, and refused before the page was touched.
  navigator.vibrate?.(kind === 'WARNING' ? [300, 120, 300, 120, 300] : 200)
}
