import { useState } from 'react'
import { Field } from '../shared/ui/Field'
import { QuantityField } from '../shared/ui/QuantityField'
import { Sheet } from '../shared/ui/Sheet'
import { SEEN } from '../strikes/seen'
import { Scope, type Where } from './Scope'
import { Big } from './StrikeCard'

/** Depths that bait on the sounder lies between (m). */
export interface Layer {
  topM?: number | undefined
  bottomM?: number | undefined
}

const DEPTH = { least: 0, most: 400 }

/** What is seen from the boat, one tap each; where it lies, where that is known too, is a tap before. */
export function Sighted({
  placed,
  onSeen,
  onClose,
}: {
  /** Her place and heading are heard: what lies beside her lies somewhere. */
  placed: boolean
  onSeen(what: string, words: string, where: Where | null, layer?: Layer): void
  onClose(): void
}) {
  const [where, setWhere] = useState<Where | null>(null)
  const [layer, setLayer] = useState<Layer>({})
  return (
    <Sheet title="Seen now" open onClose={onClose} wide={placed}>
      {placed && <Scope where={where} onWhere={setWhere} />}
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
        {SEEN.map(([what, words]) => (
          <Big
            key={what}
            onClick={() => {
              onSeen(what, words, where, ...(what === 'BAIT' ? [layer] : []))
              onClose()
            }}
          >
            {words}
          </Big>
        ))}
      </div>
      <div className="mt-3 flex flex-wrap gap-4">
        {(['topM', 'bottomM'] as const).map((end) => (
          <Field key={end} label={end === 'topM' ? 'Bait from' : 'down to'}>
            <QuantityField
              label={end === 'topM' ? 'Bait from' : 'Bait down to'}
              what="a depth"
              figure="distance"
              si={layer[end]}
              range={DEPTH}
              onSet={(metres) => setLayer({ ...layer, [end]: metres })}
              onClear={() => setLayer({ ...layer, [end]: undefined })}
            />
          </Field>
        ))}
      </div>
      {placed && (
        <p className="mt-3">
          A boat that sends nothing: say where she is, and again half a minute later. Then her way is known,
          and a line that it may cross is called.
        </p>
      )}
    </Sheet>
  )
}
