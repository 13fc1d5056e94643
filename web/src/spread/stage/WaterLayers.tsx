import { useUnits, type Units } from '../../units/UnitsContext'
import type { Here } from '../../draft/queries'
import type { Label } from '../../shared/drawing/labels'
import type { StageScales } from './scales'

const NARROW_PX = 560

const baitWords = (topM: number, bottomM: number, units: Units): string =>
  `bait ${units.figure('distance', topM)}–${units.say('distance', bottomM)}`

/** Where the words of the bait stand, for labels to keep off. */
export function baitLabel(here: Here | undefined, scales: StageScales, units: Units): Label[] {
  if (here?.baitTopM === undefined || here.baitBottomM === undefined) return []
  const width = 7.5 * baitWords(here.baitTopM, here.baitBottomM, units).length
  return [{ id: 'bait', x: scales.width - 16 - width, y: scales.side(-here.baitTopM) + 2, width, height: 17 }]
}

/** Bottom, bait and the step of temperature, as far as they are known; what lies deeper than the drawing is written. */
export function WaterLayers({ here, scales }: { here: Here | undefined; scales: StageScales }) {
  const units = useUnits()
  if (!here) return null
  const { side, sideTop, sideHeight, width, x } = scales
  const foot = sideTop + sideHeight
  // Two sentences of the lower edge do not fit beside each other, nor a label beside the layer's.
  const narrow = width < NARROW_PX
  const shown = (depthM: number | undefined): depthM is number =>
    depthM !== undefined && side(-depthM) < foot - 6
  const say = (depthM: number) => units.say('distance', depthM)
  const deep = here.bottomM !== undefined && !shown(here.bottomM) ? here.bottomM : undefined
  return (
    <g data-testid="layers">
      <defs>
        <pattern id="bait" width={9} height={6} patternUnits="userSpaceOnUse">
          <path d="M0 1.5 h4 M5 4.5 h3" className="stroke-slate" strokeWidth={1.3} opacity={0.65} />
        </pattern>
        <pattern id="bottom" width={8} height={8} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width={8} height={8} className="fill-[#b9b7a0]" />
          <path d="M0 0 V8" className="stroke-ink" strokeWidth={1.2} opacity={0.45} />
        </pattern>
      </defs>
      {shown(here.layerM) && (
        <>
          <rect
            x={0}
            y={side(-here.layerM)}
            width={width}
            height={foot - side(-here.layerM)}
            className="fill-[#bccfca]"
          />
          <text
            x={width - 16}
            y={side(-here.layerM) + (narrow ? 16 : -6)}
            textAnchor="end"
            className="fill-slate text-[13px]"
          >
            {layerWords(here, say, (c) => units.say('temperature', c))}
          </text>
        </>
      )}
      {shown(here.baitTopM) && here.baitBottomM !== undefined && (
        <>
          <rect
            x={x(0)}
            y={side(-here.baitTopM)}
            width={Math.max(0, width - x(0))}
            height={Math.max(3, Math.min(foot, side(-here.baitBottomM)) - side(-here.baitTopM))}
            fill="url(#bait)"
          />
          <text
            x={width - 16}
            y={side(-here.baitTopM) + 15}
            textAnchor="end"
            className="fill-ink stroke-[#cddfd9] stroke-[4] text-[13px] [paint-order:stroke]"
          >
            {baitWords(here.baitTopM, here.baitBottomM, units)}
          </text>
        </>
      )}
      {shown(here.bottomM) && (
        <>
          <rect
            x={0}
            y={side(-here.bottomM)}
            width={width}
            height={foot - side(-here.bottomM)}
            fill="url(#bottom)"
          />
          <line
            x1={0}
            x2={width}
            y1={side(-here.bottomM)}
            y2={side(-here.bottomM)}
            className="stroke-ink stroke-2"
          />
          <text x={x(0) + 4} y={side(-here.bottomM) - 5} className="fill-ink text-[13px]">
            bottom {say(here.bottomM)}
          </text>
        </>
      )}
      {deep !== undefined && (
        <text x={x(0) + 4} y={foot - (narrow ? 26 : 8)} className="fill-slate text-[13px]">
          bottom {say(deep)}, below this drawing
        </text>
      )}
    </g>
  )
}

function layerWords(here: Here, say: (m: number) => string, degrees: (c: number) => string): string {
  const { layerM, aboveC, belowC } = here
  if (layerM === undefined) return ''
  if (aboveC === undefined || belowC === undefined) return `step at ${say(layerM)}`
  return `${degrees(aboveC)} above, ${degrees(belowC)} below ${say(layerM)}`
}
