import type { Gear, Lure } from '../../draft/queries'
import type { Item } from '../gear/item'
import type { Found } from './model'
import { LineRow, LureRow, ReelRow, Shelf } from './Shelf'

/** What was found, sort by sort. */
export function Shelves({
  found,
  gear,
  onItem,
  onCount,
}: {
  found: Found
  gear: Gear
  onItem(item: Item): void
  onCount(lure: Lure, by: number): void
}) {
  return (
    <>
      {found.lures.length > 0 && (
        <Shelf title="Lures, baits and leads" heads="name and colour; kind, length, weight, speed">
          {found.lures.map((lure) => (
            <LureRow
              key={lure.gearId}
              lure={lure}
              onOpen={() => onItem({ what: 'lure', body: lure })}
              onCount={(by) => onCount(lure, by)}
            />
          ))}
        </Shelf>
      )}
      {found.lines.length > 0 && (
        <Shelf title="Lines" heads="name; kind, thickness, rated strength">
          {found.lines.map((line) => (
            <LineRow key={line.gearId} line={line} onOpen={() => onItem({ what: 'line', body: line })} />
          ))}
        </Shelf>
      )}
      {found.reels.length > 0 && (
        <Shelf title="Rods and reels" heads="name; main line, what it holds">
          {found.reels.map((reel) => (
            <ReelRow
              key={reel.gearId}
              {...{ reel, gear }}
              onOpen={() => onItem({ what: 'reel', body: reel })}
            />
          ))}
        </Shelf>
      )}
    </>
  )
}
