import { useQueryClient } from '@tanstack/react-query'
import { useCallback, useState } from 'react'
import { Problem } from '../shared/api/client'
import { spreadOf, titlesOf, type Kept } from './queries'
import { saveSpread } from './saves'
import type { Editor } from './useEditor'

export interface Saving {
  busy: boolean
  /** Why the last save did not work; what was edited is still here. */
  problem: string | null
  /** What someone else saved in between. */
  conflict: Kept | null
  save(): Promise<void>
  keepMine(): Promise<void>
  takeTheirs(): void
  decideLater(): void
}

export function useSaving(boat: string, editor: Editor): Saving {
  const queries = useQueryClient()
  const [busy, setBusy] = useState(false)
  const [problem, setProblem] = useState<string | null>(null)
  const [conflict, setConflict] = useState<Kept | null>(editor.parted)
  const { doc, base, saved, reload } = editor

  const saveAs = useCallback(
    async (version: number) => {
      setBusy(true)
      try {
        const kept = await saveSpread(boat, {
          spreadId: base.spreadId,
          version,
          name: doc.name,
          draft: doc.draft,
        })
        queries.setQueryData(spreadOf(boat, base.spreadId).queryKey, kept)
        void queries.invalidateQueries({ queryKey: titlesOf(boat).queryKey })
        saved(kept)
        setConflict(null)
        setProblem(null)
      } catch (error) {
        const refused = error as Problem
        if (refused.status === 409 && refused.theirs) setConflict(refused.theirs as Kept)
        else setProblem(whyNot(refused))
      } finally {
        setBusy(false)
      }
    },
    [base.spreadId, boat, doc, queries, saved],
  )

  return {
    busy,
    problem,
    conflict,
    save: () => saveAs(base.version),
    keepMine: () => saveAs(conflict?.version ?? base.version),
    takeTheirs: () => {
      if (!conflict) return
      queries.setQueryData(spreadOf(boat, base.spreadId).queryKey, conflict)
      reload(conflict)
      setConflict(null)
    },
    decideLater: () => setConflict(null),
  }
}

const whyNot = (refused: Problem): string =>
  refused.away
    ? 'Not saved: the server or its database is away. Your changes are kept here; save again when it is back.'
    : `Not saved. ${refused.said.join(' ')}`
