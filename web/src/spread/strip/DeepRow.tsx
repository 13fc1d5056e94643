import { Select } from '../../shared/ui/Select'
import { QuantityField } from '../../shared/ui/QuantityField'
import { LureOptions } from '../../draft/LureOptions'
import { isLead, setDeep } from '../../draft/model'
import type { Deep, Gear, Line } from '../../draft/queries'
import type { Editing } from '../../draft/useEditor'
import { RANGES } from '../../shared/api/generated/ranges'

const CLIP_ABOVE_M = RANGES.DeepDraft.clipAboveM

/** Ball, cable, clip and how deep the line sits in it. */
export function DeepRow({
  deep,
  line,
  editor,
  gear,
}: {
  deep: Deep
  line: Line
  editor: Editing
  gear: Gear
}) {
  const set = (change: Partial<Deep>) => editor.edit((doc) => setDeep(doc, line.lineId, change))
  return (
    <div className="flex flex-wrap items-center gap-2 border-b border-ink/20 py-2">
      <span className="w-20 text-slate">downrigger</span>
      <Select
        aria-label="Ball"
        className="w-52"
        value={deep.ballGearId}
        onChange={(event) => set({ ballGearId: event.target.value })}
      >
        <LureOptions items={gear.lures.filter((item) => isLead(item.kind))} />
      </Select>
      <Select
        aria-label="Hold of the clip"
        value={deep.seat}
        onChange={(event) => set({ seat: event.target.value as Deep['seat'] })}
      >
        <option value="HALF">clip half seated</option>
        <option value="FULL">clip fully seated</option>
      </Select>
      <span className="flex items-center gap-2">
        <QuantityField
          label="Clip above the ball"
          what="a length"
          figure="distance"
          si={deep.clipAboveM}
          range={CLIP_ABOVE_M}
          onSet={(clipAboveM) => set({ clipAboveM })}
        />
        above the ball
      </span>
    </div>
  )
}
