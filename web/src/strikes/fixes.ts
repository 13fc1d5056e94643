import { ask, type Schemas } from '../shared/api/client'
import { deviceId, sources } from '../shared/device'
import { outbox, type Outcome } from '../shared/outbox/outbox'

export type Fix = Schemas['FixBody']

/** What a device says of where it is; `speed` (m/s) and `heading` only where it moves. */
export interface Told {
  timestamp: number
  coords: {
    latitude: number
    longitude: number
    accuracy: number
    speed: number | null
    heading: number | null
  }
}

/** A place that could be this far off is none (m). */
const WORST_M = 100
/** One each second is enough for a boat that trolls (ms). */
const EVERY_MS = 950
/** So long a page holds fixes before they are kept on the device: what a crash loses (ms). */
const HELD_MS = 20_000

/** Null for a place too uncertain to keep. */
export function fixOf({ timestamp, coords }: Told): Fix | null {
  const { latitude, longitude, accuracy, speed, heading } = coords
  if (!(accuracy <= WORST_M) || !Number.isFinite(latitude) || !Number.isFinite(longitude)) return null
  return {
    at: new Date(timestamp).toISOString(),
    latitudeDeg: latitude,
    longitudeDeg: longitude,
    ...(speed !== null && Number.isFinite(speed) && { speedOverGroundMps: speed }),
    ...(heading !== null && Number.isFinite(heading) && { courseDeg: heading }),
  }
}

/** Gathers the boat's fixes and keeps them, some at a time, in what this device sends. */
export function fixesOf(boat: string) {
  let held: Fix[] = []
  let lastMs = -Infinity
  let sinceMs = 0
  const keep = async () => {
    const fixes = held
    held = []
    if (fixes.length === 0) return
    const body = { deviceId: deviceId(), fixes }
    await outbox.add({
      id: `fixes/${sources.uuid()}`,
      way: 'fix',
      boat,
      body,
      words: `${fixes.length} places`,
    })
  }
  return {
    /** Returns the fix where it is one. */
    take(told: Told): Fix | null {
      const fix = fixOf(told)
      if (!fix) return null
      // A clock that is set back is a clock all the same.
      if (Math.abs(told.timestamp - lastMs) < EVERY_MS) return fix
      lastMs = told.timestamp
      if (held.length === 0) sinceMs = told.timestamp
      held.push(fix)
      if (Math.abs(told.timestamp - sinceMs) >= HELD_MS) void keep()
      return fix
    },
    /** What is held is kept now: a strike wants the places about it. */
    keep,
  }
}

outbox.sends('fix', async (items): Promise<Outcome[]> => {
  for (const item of items) {
    await ask((api) =>
      api.POST('/api/boats/{boat}/fixes', {
        params: { path: { boat: item.boat } },
        body: item.body as Schemas['Batch'],
      }),
    )
  }
  return items.map(() => 'kept')
})
