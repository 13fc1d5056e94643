import type { Scale } from '../shared/scale'
import { NARROW } from '../shared/useWidth'
import { strength, weight } from './model'
import type { Call, Catalogue, Playbook } from './queries'
import { choiceWords, playbookWords } from './words'

/** From one band to the next (px). */
export const ROW = 46
const BAR = 30

interface Over {
  band: Call['bands'][number]
  call: Call
  x: Scale
  y: number
  span: { start: number; end: number }
  /** The moment shown (ms). */
  at: number
}

/** One playbook over the hours; taken by a touch. */
export function BandRow({
  words,
  width,
  best,
  onTake,
  ...over
}: Over & {
  words: Catalogue
  width: number
  /** Tenths of the heaviest hour of all. */
  best: number
  onTake(playbook: Playbook): void
}) {
  const { band, call, x, y, span } = over
  const name = playbookWords(words, band.playbook)
  const score = call.scores.find((one) => one.playbook === band.playbook)
  const taken = band.playbook === call.taken.playbook
  const first = band.playbook === call.scores[0]?.playbook
  const all = (score?.targets ?? []).map((one) => choiceWords('TARGET', one))
  const most = width < NARROW ? 1 : 3
  const targets = all.length > most ? `${all.slice(0, Math.max(1, most - 1)).join(', ')}…` : all.join(', ')
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={taken}
      aria-label={`${name}, ${weight(score?.tenths ?? 0)} now, for ${targets}`}
      data-playbook={band.playbook}
      className="group cursor-pointer outline-none"
      onClick={() => onTake(band.playbook)}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return
        event.preventDefault()
        onTake(band.playbook)
      }}
    >
      <rect
        x={0}
        y={y - 4}
        width={width}
        height={ROW}
        className="fill-transparent group-hover:fill-shade/60"
      />
      <text x={16} y={y + 13} className="fill-ink text-[14px] font-bold">
        {name}
      </text>
      <text x={16} y={y + 29} className="fill-slate text-[12px]">
        {targets}
      </text>
      <Spells {...{ band, x, y, span, best, first }} />
      <Now {...over} first={first} taken={taken} />
      <line x1={0} x2={width} y1={y + ROW - 6} y2={y + ROW - 6} className="stroke-ink/15" />
      <rect
        x={2}
        y={y - 3}
        width={width - 4}
        height={ROW - 4}
        className="fill-none stroke-transparent stroke-[3] group-focus-visible:stroke-ink"
      />
    </g>
  )
}

/** The hours it may be called, the heavier the darker. */
function Spells({
  band,
  x,
  y,
  span,
  best,
  first,
}: Omit<Over, 'call' | 'at'> & { best: number; first: boolean }) {
  return band.spells
    .filter((spell) => spell.tenths > 0)
    .map((spell) => {
      const from = Math.max(x(Date.parse(spell.from)), x(span.start))
      const to = Math.min(x(Date.parse(spell.to)), x(span.end))
      if (to <= from) return null
      return (
        <rect
          key={spell.from}
          x={from}
          y={y}
          width={to - from}
          height={BAR}
          fillOpacity={0.12 + 0.78 * strength(spell.tenths, best) ** 2}
          className={first ? 'fill-lichen' : 'fill-moss'}
        />
      )
    })
}

/** Weight at the moment, and the outline of how long the first stays first. */
function Now({ band, x, y, at, span, first, taken, call }: Over & { first: boolean; taken: boolean }) {
  const now = band.spells.find((spell) => Date.parse(spell.from) <= at && at < Date.parse(spell.to))
  if (!now) return null
  const from = Math.max(x(span.start), x(Date.parse(call.from)))
  const to = Math.min(x(span.end), x(Date.parse(call.to)))
  return (
    <g className="pointer-events-none">
      {first && (
        <rect
          x={from}
          y={y}
          width={Math.max(2, to - from)}
          height={BAR}
          className="fill-none stroke-ink stroke-2"
        />
      )}
      <text
        x={x(at) + 7}
        y={y + 20}
        className={`fill-ink stroke-foam stroke-[3] font-mono text-[13px] [paint-order:stroke] ${first || taken ? 'font-bold' : ''}`}
      >
        {(now.tenths / 10).toFixed(1)}
      </text>
    </g>
  )
}
