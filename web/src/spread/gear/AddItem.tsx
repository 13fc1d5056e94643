import { useQuery } from '@tanstack/react-query'
import { Select } from '../../shared/ui/Select'
import { lineKinds, lureKinds, type Gear } from '../../draft/queries'
import { KIND_WORDS, LINE_WORDS } from '../words'
import { freshLine, freshLure, freshReel, type Item } from './item'

/** A new item of any kind, begun as usual for it. */
export function AddItem({ gear, onItem }: { gear: Gear; onItem(item: Item): void }) {
  const lures = useQuery(lureKinds()).data ?? []
  const lines = useQuery(lineKinds()).data ?? []
  const choose = (chosen: string) => {
    const lure = lures.find(({ kind }) => kind === chosen)
    const line = lines.find(({ kind }) => kind === chosen)
    if (lure) onItem({ what: 'lure', body: freshLure(lure) })
    else if (line) onItem({ what: 'line', body: freshLine(line) })
    else onItem({ what: 'reel', body: freshReel(gear.lines) })
  }
  const options = (kinds: readonly { kind: string }[], words: Record<string, string>) =>
    kinds.map(({ kind }) => (
      <option key={kind} value={kind}>
        {words[kind]}
      </option>
    ))
  return (
    <Select aria-label="Add to the box" value="" onChange={(event) => choose(event.target.value)}>
      <option value="" disabled>
        Add…
      </option>
      <optgroup label="Lures and baits">
        {options(
          lures.filter(({ lead }) => !lead),
          KIND_WORDS,
        )}
      </optgroup>
      <optgroup label="Leads">
        {options(
          lures.filter(({ lead }) => lead),
          KIND_WORDS,
        )}
      </optgroup>
      <optgroup label="Lines">{options(lines, LINE_WORDS)}</optgroup>
      <optgroup label="Rods and reels">
        <option value="reel">a rod with its reel</option>
      </optgroup>
    </Select>
  )
}
