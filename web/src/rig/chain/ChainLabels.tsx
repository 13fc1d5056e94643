import { isLine, type labelled, type Placed } from '../model'
import type { Part } from '../queries'

/** Two lines of words (px). */
export const LABEL_ROW = 36

/** What the parts are, over and under the chain; those with a second leader make room for it. */
export function ChainLabels({
  labels,
  parts,
  of,
  twig,
  chainY,
}: {
  labels: ReturnType<typeof labelled>
  parts: readonly Placed[]
  of: readonly Part[]
  twig: boolean
  chainY: number
}) {
  const below = twig ? 34 : 0
  return (
    <>
      {labels.map((label) => {
        const part = of[label.at]!
        const own = parts.find((one) => one.at === label.at)!
        const up = label.row > 0
        const led = up || !twig || isLine(part.sort)
        const y = up
          ? chainY - 24 - label.row * LABEL_ROW
          : chainY + 28 + below + (-label.row - 1) * LABEL_ROW
        return (
          <g key={label.at} className="pointer-events-none">
            {led && (
              <line
                x1={own.x + own.width / 2}
                x2={own.x + own.width / 2}
                y1={up ? y + 22 : chainY + 14}
                y2={up ? chainY - 14 : y}
                className="stroke-ink/35"
              />
            )}
            <text
              x={label.x}
              y={up ? y : y + 13}
              textAnchor="middle"
              className={`stroke-water stroke-[4] text-[13.5px] font-bold [paint-order:stroke] ${part.weakest ? 'fill-rust-text' : 'fill-ink'}`}
            >
              {label.title}
            </text>
            <text
              x={label.x}
              y={up ? y + 15 : y + 28}
              textAnchor="middle"
              className="fill-slate stroke-water stroke-[4] text-[13px] [paint-order:stroke]"
            >
              {label.detail}
            </text>
          </g>
        )
      })}
    </>
  )
}
