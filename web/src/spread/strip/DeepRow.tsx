import { Select } from '../../shared/ui/Select'
import { TypedField } from '../../shared/ui/TypedField'
import { useUnits } from '../../units/UnitsContext'
import { isLead, setDeep } from '../model'
import type { Deep, Gear, Line } from '../queries'
import type { Editing } from '../useEditor'

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
  const units = useUnits()
  const set = (change: Partial<Deep>) => editor.edit((doc) => setDeep(doc, line.lineId, change))
  const typed = (text: string): string | null => {
    const read = units.read('distance', text)
    if (read === null || read < 0.5 || read > 60)
      return `Type a length from ${units.say('distance', 0.5)} to ${units.say('distance', 60)}.`
    set({ clipAboveM: read })
    return null
  }
  return (
    <div className="flex flex-wrap items-center gap-2 border-b border-ink/20 py-2">
      <span className="w-20 text-slate">downrigger</span>
      <Select
        aria-label="Ball"
        className="w-52"
        value={deep.ballGearId}
        onChange={(event) => set({ ballGearId: event.target.value })}
      >
        {gear.lures
          .filter((item) => isLead(item.kind))
          .map((item) => (
            <option key={item.gearId} value={item.gearId}>
              {item.name}
            </option>
          ))}
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
        <TypedField
          label="Clip above the ball"
          value={units.say('distance', deep.clipAboveM)}
          onCommit={typed}
          size={7}
          className="h-11"
        />
        above the ball
      </span>
    </div>
  )
}
