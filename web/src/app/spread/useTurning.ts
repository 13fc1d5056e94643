import { useMemo, useState } from 'react'
import { changed } from '../../draft/change'
import type { Boat, Gear, Mend, Turns } from '../../draft/queries'
import { orderNumbers, type OrderKind } from '../../spread/turn/Orders'
import { useTurns } from '../../spread/turn/useTurns'
import type { Editor } from '../../draft/useEditor'
import type { Solving } from '../../draft/useSolved'
import type { PutAddress } from '../../shared/useAddress'

const USUAL_RADIUS_M = 40

/** The turn of the spread on the station: how far the ring is pulled, at which radius, and which order is shown. */
export function useTurning(
  { doc, edit, dragging }: Editor,
  solving: Solving,
  carried: { boat: Boat; gear: Gear; gearStamp: number },
  selected: string | null,
  [params, put]: [URLSearchParams, PutAddress],
) {
  const { boat, gear, gearStamp } = carried
  const [radiusM, setRadiusM] = useState(USUAL_RADIUS_M)
  const [turned, setTurned] = useState(0)
  // A drag asks nothing of the turns: they follow once it is let go.
  const asked = dragging || solving.problem ? null : solving.asked
  const turning = useTurns(boat.boatId, asked, radiusM, gearStamp)
  const present = doc.draft.lines.map((line) => line.lineId).join(' ')
  const turns = turning.turns && linesOf(turning.turns) === present ? turning.turns : null
  const order = orderOf(params.get('order'))
  const numbers = useMemo(() => orderNumbers(turns, order, selected), [turns, order, selected])
  const showOrder = (kind: OrderKind | null) => {
    setTurned(0)
    put({ order: kind })
  }
  return {
    turning: { ...turning, turns },
    turns,
    radiusM,
    setRadiusM,
    turned,
    setTurned,
    order,
    numbers,
    showOrder,
    /** Shows it, or no order where it is shown already. */
    toggleOrder: (kind: OrderKind) => showOrder(order === kind ? null : kind),
    widen: (by: Mend) => edit((before) => changed(before, by.changes, { holders: boat.holders, gear })),
  }
}

const orderOf = (text: string | null): OrderKind | null => (text === 'set' || text === 'clear' ? text : null)

/** Which lines an answer is about, in the order of the draft. */
const linesOf = (turns: Turns): string =>
  turns.port.halfTurn[0]?.lines.map((line) => line.lineId).join(' ') ?? ''
