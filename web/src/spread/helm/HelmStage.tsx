import { useMemo, useState, type MouseEvent } from 'react'
import { useSize } from '../../shared/useWidth'
import { Button } from '../../shared/ui/Button'
import type { Boat, Gear } from '../../draft/queries'
import type { Doc } from '../../draft/model'
import { HelmPicture, type HelmScales } from './HelmPicture'
import { HelmSays } from './HelmSays'
import { WayPanel } from './WayPanel'
import { reachOf, seenAt, WEAVE, type Place, type Way } from './model'
import { useHelm } from './useHelm'

const MARGIN = { x: 60, top: 96, bottom: 40 }

/** The water from above: she is steered a way that is set or drawn, and the hand takes her along it. */
export function HelmStage({
  boat,
  gear,
  doc,
  label,
  radiusM,
  onClose,
}: {
  boat: Boat
  gear: Gear
  doc: Doc
  label(lineId: string): string
  radiusM: number
  onClose(): void
}) {
  const [frame, width, height] = useSize()
  const [way, setWay] = useState<Way>(WEAVE)
  const [at, setAt] = useState(0)
  const { helmed, busy, problem } = useHelm(boat.boatId, doc.draft, radiusM, way)
  const marks = way.kind === 'track' ? way.marks : NONE
  const scales = useMemo(
    () => scalesFor(reachOf(helmed, marks, boat.lengthM), width, height),
    [helmed, marks, boat.lengthM, width, height],
  )
  const last = Math.max(0, (helmed?.frames.length ?? 1) - 1)
  const seen = helmed && seenAt(helmed, Math.min(at, last))
  const onWater = (event: MouseEvent<SVGSVGElement>) => {
    if (way.kind !== 'track') return
    const box = event.currentTarget.getBoundingClientRect()
    setWay({
      kind: 'track',
      marks: [...way.marks, scales.place(event.clientX - box.left, event.clientY - box.top)],
    })
  }
  return (
    <div className="flex min-h-0 flex-1 flex-col" data-testid="helm">
      <WayPanel way={way} onWay={setWay}>
        <Button small onClick={onClose}>
          Straight again
        </Button>
      </WayPanel>
      <div ref={frame} className="relative min-h-[300px] flex-1 overflow-hidden bg-water">
        <svg
          width={width}
          height={height}
          className={`absolute inset-0 select-none ${way.kind === 'track' ? 'cursor-crosshair' : ''}`}
          role="group"
          aria-label="Spread along the way she is steered"
          onClick={onWater}
        >
          {helmed && seen && <HelmPicture {...{ boat, gear, doc, label, helmed, seen, scales }} />}
          {marks.map((mark, i) => (
            <circle
              key={i}
              cx={scales.x(mark.asternM)}
              cy={scales.y(mark.starboardM)}
              r={6}
              className="fill-foam stroke-ink stroke-2"
              data-mark
            />
          ))}
        </svg>
        <HelmSays
          {...{ helmed, seen, busy, problem, label, drawn: marks.length > 0 || way.kind === 'weave' }}
        />
      </div>
      {helmed && seen && (
        <label className="flex min-h-11 items-center gap-3 border-t border-ink/20 px-4">
          <span className="shrink-0">Along the way</span>
          <input
            type="range"
            min={0}
            max={last}
            value={Math.min(at, last)}
            onChange={(event) => setAt(event.target.valueAsNumber)}
            aria-valuetext={`${Math.round(seen.afterS)} s`}
            className="min-w-0 flex-1 accent-moss"
          />
          <span className="w-14 shrink-0 text-right font-mono">{Math.round(seen.afterS)} s</span>
        </label>
      )}
    </div>
  )
}

const NONE: readonly Place[] = []

function scalesFor(reach: ReturnType<typeof reachOf>, width: number, height: number) {
  const along = Math.max(1, width - 2 * MARGIN.x) / (reach.aheadM + reach.asternM)
  const across = Math.max(1, height - MARGIN.top - MARGIN.bottom) / (reach.starboardM + reach.portM)
  const pxPerM = Math.min(along, across, 12)
  const x0 = MARGIN.x + reach.aheadM * pxPerM
  const spare = height - MARGIN.top - MARGIN.bottom - (reach.starboardM + reach.portM) * pxPerM
  const y0 = MARGIN.top + spare / 2 + reach.starboardM * pxPerM
  const scales: HelmScales & { place(x: number, y: number): Place } = {
    pxPerM,
    x: (asternM) => x0 + asternM * pxPerM,
    y: (starboardM) => y0 - starboardM * pxPerM,
    place: (x, y) => ({
      asternM: Math.round((10 * (x - x0)) / pxPerM) / 10,
      starboardM: Math.round((10 * (y0 - y)) / pxPerM) / 10,
    }),
  }
  return scales
}
