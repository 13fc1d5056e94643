import { Suspense, useMemo } from 'react'
import { DayLine } from '../../clock/DayLine'
import { dayInWords } from '../../clock/model'
import { Button } from '../../shared/ui/Button'
import { later } from '../../shared/later'
import { usePhone } from '../../shared/usePhone'
import { SpreadBar } from '../../spread/SpreadBar'
import { Frame } from '../Frame'
import { useFrameItems } from '../frameItems'
import type { Loaded } from '../WithSpread'
import { Desk } from './Desk'
import { moreOf } from './more'
import { Sheets } from './Sheets'
import { useSpreadCommands } from './useSpreadCommands'
import { useSpread, useSpreadKeys, type SpreadState } from './useSpread'

const Phone = later(() => import('./Phone').then((module) => module.Phone))

/** What goes where, and how deep it runs. */
export function SpreadStation(loaded: Loaded) {
  const s = useSpread(loaded)
  useSpreadKeys(s)
  useSpreadCommands(s)
  const { boat, boats, trip } = s
  return (
    <Frame boat={boat} boats={boats} words={`${dayInWords(trip.date)}, ${trip.place.name}`} bare>
      <Body s={s} />
    </Frame>
  )
}

/** The day's line lies under the name where the name is the first thing on the page. */
function Body({ s }: { s: SpreadState }) {
  const phone = usePhone()
  const ways = useFrameItems()
  const bar = (
    <SpreadBar
      editor={s.editor}
      saving={s.saving.busy}
      onAdd={s.add}
      onSave={() => void s.saving.save()}
      more={[...moreOf(s), ...(phone ? ways : [])]}
    />
  )
  return (
    <>
      {phone && bar}
      <Day s={s} />
      {!phone && bar}
      <Notices s={s} />
      <Suspense fallback={<div className="flex-1" />}>{phone ? <Phone s={s} /> : <Desk s={s} />}</Suspense>
      <Sheets s={s} />
    </>
  )
}

function Day({ s: { day, trip, reports } }: { s: SpreadState }) {
  const marks = useMemo(
    () => reports.strikes.map((strike) => ({ at: Date.parse(strike.happenedAt), label: strike.label })),
    [reports.strikes],
  )
  if (!day) return <div className="h-16 shrink-0" />
  return <DayLine day={day} timeZone={trip.place.timeZone} at={trip.at} marks={marks} onMove={trip.setAt} />
}

/** What went wrong, and what is being worked out. */
function Notices({ s: { saving, building, hindered, toMend } }: { s: SpreadState }) {
  const at = hindered?.at
  return (
    <>
      {saving.problem && (
        <p role="alert" className="border-b-2 border-rust px-4 py-2">
          {saving.problem}
        </p>
      )}
      {hindered && (
        <p role="alert" className="flex items-center gap-3 border-b-2 border-rust px-4 py-1">
          {hindered.says}
          {at && <Button onClick={() => toMend(at)}>{at === 'box' ? 'To the box' : 'To the boat'}</Button>}
        </p>
      )}
      {building.share !== null && (
        <p className="flex items-center gap-3 border-b border-ink/20 px-4 py-1" role="status">
          Calling the lines that are not locked.
          <progress className="w-48" max={1} value={building.share} aria-label="Search" />
          <Button small onClick={building.cancel}>
            Cancel
          </Button>
        </p>
      )}
      {building.problem && (
        <p role="alert" className="border-b-2 border-rust px-4 py-1">
          {building.problem}
        </p>
      )}
    </>
  )
}
