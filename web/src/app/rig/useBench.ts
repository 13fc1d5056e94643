import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useMemo } from 'react'
import { catalogue, originOf, schoolsOf, takeSide } from '../../call/queries'
import type { Dropped } from '../../rig/chain/useDropping'
import type { BaitActions } from '../../rig/bait/BaitFields'
import type { PartActions } from '../../rig/part/actions'
import type { Part, RigAsk, Side } from '../../rig/queries'
import type { School } from '../../rig/WaysPanel'
import { footOf, setFoot, setItem, setPieceLine, setRig, tieIn } from '../../draft/bench'
import { changed, type Aboard } from '../../draft/change'
import { removePiece, setPiece } from '../../draft/model'
import type { Gear } from '../../draft/queries'
import type { Editor } from '../../draft/useEditor'
import type { TripOfDay } from '../useTrip'

export interface Wanted {
  fishKg: number | undefined
  deadBaits: number | undefined
}

/** What the bench is asked: the draft, how it was called, and for which day. */
export function useAsk(boat: string, editor: Editor, trip: TripOfDay, wanted: Wanted): RigAsk {
  const spreadId = editor.base.spreadId
  const playbook = useQuery(originOf(boat, spreadId)).data?.playbook
  const { draft } = editor.doc
  const { fishKg, deadBaits } = wanted
  return useMemo(
    () => ({
      draft,
      spreadId,
      day: trip.date,
      timeZone: trip.place.timeZone,
      ...(playbook && { playbook }),
      ...(fishKg !== undefined && { fishKg }),
      ...(deadBaits !== undefined && { deadBaits }),
    }),
    [draft, spreadId, trip.date, trip.place.timeZone, playbook, fishKg, deadBaits],
  )
}

/** What the chosen part of a line can become, as changes of the spread. */
export function usePartActions(
  editor: Editor,
  lineId: string,
  gear: Gear,
): PartActions & { bait: BaitActions } {
  const { edit } = editor
  return useMemo(
    () => ({
      line: (piece, gearId) => edit((doc) => setPieceLine(doc, lineId, piece, gearId)),
      length: (piece, lengthM) => edit((doc) => setPiece(doc, lineId, piece, { lengthM })),
      joint: (part, kind) =>
        edit((doc) => {
          const side = part.sort === 'END_BELOW' ? 'below' : 'above'
          return setFoot(doc, lineId, part.piece, { ...footOf(doc, lineId, part.piece), [side]: kind })
        }),
      fitting: (part, fitting, fittingN) =>
        edit((doc) =>
          setFoot(doc, lineId, part.piece, { ...footOf(doc, lineId, part.piece), fitting, fittingN }),
        ),
      item: (piece, gearId) => edit((doc) => setItem(doc, lineId, piece, gearId)),
      hooks: (hookKind, hookCount, hookStrengthN) =>
        edit((doc) => setRig(doc, lineId, { hookKind, hookCount, hookStrengthN })),
      scent: (scent) => edit((doc) => setRig(doc, lineId, { scent })),
      reel: (reelGearId) => edit((doc) => setRig(doc, lineId, { reelGearId })),
      takeOut: (piece) => edit((doc) => removePiece(doc, lineId, piece)),
      asUsual: (piece) => edit((doc) => setFoot(doc, lineId, piece, undefined)),
      add: (what: Dropped, part: Part) => edit((doc) => tieIn(doc, lineId, what, part.piece, gear)),
      bait: {
        kind: (baitKind) => edit((doc) => setRig(doc, lineId, { baitKind, baitAngleRad: undefined })),
        length: (baitLengthM) => edit((doc) => setRig(doc, lineId, { baitLengthM })),
        angle: (baitAngleRad) => edit((doc) => setRig(doc, lineId, { baitAngleRad })),
      },
    }),
    [edit, lineId, gear],
  )
}

/** The disagreements the bench can put figures to, and taking a side of one. */
export function useWays(boat: string, editor: Editor, aboard: Aboard, onTaken: () => void) {
  const queries = useQueryClient()
  const words = useQuery(catalogue()).data
  const sides = useQuery(schoolsOf(boat)).data
  const schools: School[] = (words?.schools ?? []).map((school) => ({
    school: school.school,
    asks: school.asks,
    sides: school.sides,
    taken: sides?.find((side) => side.school === school.school)?.side ?? 0,
  }))
  const take = async (school: string, side: number, by: Side) => {
    const taken = school as Parameters<typeof takeSide>[1]['school']
    const version = sides?.find((one) => one.school === taken)?.version ?? 0
    queries.setQueryData(schoolsOf(boat).queryKey, await takeSide(boat, { school: taken, side, version }))
    if (by.changes.length > 0) editor.edit((doc) => changed(doc, by.changes, aboard))
    else onTaken()
  }
  return { schools, take }
}
