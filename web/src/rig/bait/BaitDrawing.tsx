import { useWidth } from '../../shared/useWidth'
import { asSentence, saySentence } from '../../units/sentence'
import { useUnits } from '../../units/UnitsContext'
import { BaitFields, type BaitActions } from './BaitFields'
import { BaitOutline } from './BaitOutline'
import { HooksOnBait } from './HooksOnBait'
import type { Bait } from '../queries'
import { SmallRuler } from './SmallRuler'
import { BAITS } from '../words'

/** A bait to its length with its hooks where they belong, over a ruler. */
export function BaitDrawing({ bait, act }: { bait: Bait; act: BaitActions }) {
  const [frame, width] = useWidth()
  const units = useUnits()
  const total = bait.kind === 'DOUBLE_LIVE' ? 2 * bait.lengthM + 0.05 : bait.lengthM
  const left = 24
  const scale = (Math.min(width, 760) - 2 * left) / total
  const x = (metres: number) => left + metres * scale
  const y = 46
  const depth = Math.min(34, 0.115 * bait.lengthM * scale)
  return (
    <div className="grid gap-2" data-testid="bait">
      <BaitFields {...{ bait, act }} />
      <div ref={frame} className="overflow-x-auto">
        <svg width={Math.min(width, 760)} height={128} role="img" aria-label={described(bait, units.say)}>
          <BaitOutline {...{ bait, x, y, depth }} from={0} />
          {bait.kind === 'DOUBLE_LIVE' && (
            <BaitOutline {...{ bait, x, y, depth }} from={bait.lengthM + 0.05} />
          )}
          <HooksOnBait {...{ bait, x, y, depth }} />
          <SmallRuler total={total} x={x} y={102} />
        </svg>
      </div>
      <ul className="grid gap-x-6 md:grid-cols-2">
        {bait.hooks.map((hook, at) => (
          <li key={`${hook.alongM} ${hook.words}`}>
            <b className="font-mono">{at + 1}</b> {hook.words}
          </li>
        ))}
      </ul>
      <ul className="text-slate">
        {bait.notes.map((note) => (
          <li key={note.text}>{asSentence(saySentence(note, units, 'UTC'))}</li>
        ))}
      </ul>
    </div>
  )
}

const described = (bait: Bait, say: (figure: 'small', si: number) => string): string =>
  `${BAITS[bait.kind]} of ${say('small', bait.lengthM)}: ${bait.hooks.map((hook) => `${hook.words} at ${say('small', hook.alongM)}`).join('; ')}`
