import { later } from '../shared/later'
import type { Boat, Gear } from '../draft/queries'
import type { Editor } from '../draft/useEditor'
import type { useSaving } from '../draft/useSaving'

const Conflict = later(() => import('../draft/Conflict').then((module) => module.Conflict))

/** Both sides of a spread that was saved elsewhere meanwhile, until somebody decides. */
export function SpreadConflict({
  saving,
  editor,
  boat,
  gear,
}: {
  saving: ReturnType<typeof useSaving>
  editor: Editor
  boat: Boat
  gear: Gear
}) {
  return (
    saving.conflict && (
      <Conflict
        yours={editor.doc}
        theirs={saving.conflict}
        {...{ boat, gear }}
        onKeepMine={() => void saving.keepMine()}
        onTakeTheirs={saving.takeTheirs}
        onClose={saving.decideLater}
      />
    )
  )
}
