import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { changed } from '../../draft/change'
import { lineOf } from '../../draft/model'
import { spreadOf, type Boat, type Gear, type Mend } from '../../draft/queries'
import { saveSpread } from '../../draft/saves'
import type { Editor } from '../../draft/useEditor'
import { moveOf } from '../../log/queries'
import type { Problem } from '../../shared/api/client'
import type { Reports } from '../spread/useStrikeReports'

/** Hours of the day are not known to the deck: what is left is taken to be this (min). */
const LEFT_MIN = 120

/** The change that the day suggests, and doing it: in the spread, in what is fished from now on, and in the log. */
export function useMove({
  boat,
  gear,
  trip,
  editor,
  reports,
  labelOf,
  at,
  wanted,
  facts,
}: {
  boat: Boat
  gear: Gear
  trip: string | undefined
  editor: Editor
  reports: Reports
  labelOf(lineId: string): string
  /** A moment that stands for a minute. */
  at: string
  /** The day suggests something. */
  wanted: boolean
  facts: number
}) {
  const client = useQueryClient()
  const [problem, setProblem] = useState<string | null>(null)
  const { doc } = editor
  const { data } = useQuery({
    ...moveOf(boat.boatId, trip ?? '', { draft: doc.draft, at, leftMin: LEFT_MIN }, facts),
    enabled: wanted && trip !== undefined,
  })
  const taking = useRef(false)
  /** A glove that taps twice makes one change. */
  const take = async (move: Mend) => {
    if (taking.current) return
    taking.current = true
    await make(move).finally(() => (taking.current = false))
  }
  const make = async (move: Mend) => {
    const next = changed(doc, move.changes, { holders: boat.holders, gear })
    const moved = [...new Set(move.changes.flatMap(({ lineId }) => lineId ?? []))]
    // The water first: a page that closes between the two may lose the save, never the fact.
    for (const lineId of moved) {
      const letOutM = lineOf(next, lineId)?.letOutM
      await reports.tell(
        'CHANGED',
        { lineId, ...(letOutM !== undefined && { letOutM }) },
        `${labelOf(lineId)} changed`,
        labelOf(lineId),
        next.draft,
      )
    }
    editor.edit(() => next)
    const { spreadId, version } = editor.base
    try {
      const kept = await saveSpread(boat.boatId, { spreadId, version, name: next.name, draft: next.draft })
      client.setQueryData(spreadOf(boat.boatId, spreadId).queryKey, kept)
      editor.saved(kept)
      setProblem(null)
    } catch (error) {
      const stale = (error as Problem).status === 409
      setProblem(
        stale
          ? 'Done on the water and told. The spread was changed elsewhere meanwhile: decide on Spread which stands.'
          : `Done on the water and told. The spread was not saved: ${(error as Problem).message}`,
      )
    }
  }
  return { move: data, take, problem }
}
