import { Select } from '../shared/ui/Select'
import { TypedField } from '../shared/ui/TypedField'
import { useUnits } from '../units/UnitsContext'
import {
  isLead,
  leastLetOut,
  LONGEST_LET_OUT_M,
  setHolder,
  setLetOut,
  setPiece,
  usableHolders,
} from '../draft/model'
import type { Boat, Gear, Line, SolvedLine } from '../draft/queries'
import type { Editor } from '../draft/useEditor'
import { percent, likelyRange } from './why/sentences'

/** The drawing as a table, for those who cannot see it: the same figures, the same changes. */
export function TableTwin({
  editor,
  boat,
  gear,
  solved,
  selected,
  onSelect,
}: {
  editor: Editor
  boat: Boat
  gear: Gear
  solved: readonly SolvedLine[]
  selected: string | null
  onSelect(lineId: string): void
}) {
  return (
    <div className="min-h-[420px] flex-1 overflow-auto bg-foam p-4" data-testid="table">
      <table className="w-full border-collapse text-left">
        <caption className="mb-2 text-left text-lg font-bold">
          {editor.doc.name}: {editor.doc.draft.lines.length} lines
        </caption>
        <thead>
          <tr className="border-b-2 border-ink">
            {['Line', 'Holder', 'Lure', 'Let out', 'Runs at', 'Astern', 'Pull'].map((head) => (
              <th key={head} scope="col" className="p-2">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {editor.doc.draft.lines.map((line) => (
            <Row
              key={line.lineId}
              {...{ line, editor, boat, gear, onSelect }}
              answer={solved.find((s) => s.lineId === line.lineId)}
              selected={line.lineId === selected}
            />
          ))}
        </tbody>
      </table>
    </div>
  )
}

function Row({
  line,
  answer,
  editor,
  boat,
  gear,
  selected,
  onSelect,
}: {
  line: Line
  answer: SolvedLine | undefined
  editor: Editor
  boat: Boat
  gear: Gear
  selected: boolean
  onSelect(lineId: string): void
}) {
  const units = useUnits()
  const label = answer?.label ?? '…'
  const tow = answer?.tow
  const typed = (text: string): string | null => {
    const read = units.read('distance', text)
    if (read === null || read < leastLetOut(line) || read > LONGEST_LET_OUT_M)
      return `Type a let-out from ${units.say('distance', leastLetOut(line))} to ${units.say('distance', LONGEST_LET_OUT_M)}.`
    editor.edit((doc) => setLetOut(doc, line.lineId, read))
    return null
  }
  const range = likelyRange(answer?.likely, units)
  return (
    <tr
      className={`border-b border-ink/20 ${selected ? 'bg-lichen/40' : ''}`}
      onFocus={() => onSelect(line.lineId)}
    >
      <th scope="row" className="p-2 text-lg">
        {label}
      </th>
      <td className="p-2">
        <Select
          aria-label={`Holder of ${label}`}
          className="max-w-44"
          value={line.holderId}
          onChange={(event) => {
            const holder = boat.holders.find((h) => h.holderId === event.target.value)
            if (holder) editor.edit((doc) => setHolder(doc, line.lineId, holder, gear))
          }}
        >
          {usableHolders(boat.holders, gear).map((holder) => (
            <option key={holder.holderId} value={holder.holderId}>
              {holder.name}
            </option>
          ))}
        </Select>
      </td>
      <td className="p-2">
        <Select
          aria-label={`Lure of ${label}`}
          className="max-w-44"
          value={line.tackle[0]?.lureGearId ?? ''}
          onChange={(event) =>
            editor.edit((doc) => setPiece(doc, line.lineId, 0, { lureGearId: event.target.value }))
          }
        >
          {gear.lures
            .filter((item) => !isLead(item.kind))
            .map((item) => (
              <option key={item.gearId} value={item.gearId}>
                {item.name}, {item.colour}
              </option>
            ))}
        </Select>
      </td>
      <td className="p-2">
        <TypedField
          label={`Let-out of ${label}`}
          value={units.say('distance', line.letOutM)}
          onCommit={typed}
          size={8}
          className="h-11"
        />
      </td>
      <td className="p-2 font-mono whitespace-nowrap">
        {!tow
          ? '…'
          : tow.depthM === undefined
            ? 'in the air'
            : (tow.skippingShare ?? 0) > 0.005
              ? `out ${percent(tow.skippingShare ?? 0)}`
              : units.say('distance', tow.depthM)}
        {range && <span className="block text-sm text-slate">{range}</span>}
      </td>
      <td className="p-2 font-mono whitespace-nowrap">
        {tow?.asternM === undefined || !answer
          ? '–'
          : units.say('distance', answer.tip.asternM + tow.asternM)}
      </td>
      <td className="p-2 font-mono whitespace-nowrap">
        {tow?.tensionAtTipN === undefined ? '–' : units.say('pull', tow.tensionAtTipN)}
      </td>
    </tr>
  )
}
