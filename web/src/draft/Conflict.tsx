import { Button } from '../shared/ui/Button'
import { Sheet } from '../shared/ui/Sheet'
import { Compared } from './Compared'
import { docOf, type Doc } from './model'
import type { Boat, Gear, Kept } from './queries'

/** Someone saved in between: both sides, line by line, and which to keep. Closing keeps yours unsaved. */
export function Conflict({
  yours,
  theirs,
  boat,
  gear,
  onKeepMine,
  onTakeTheirs,
  onClose,
}: {
  yours: Doc
  theirs: Kept
  boat: Boat
  gear: Gear
  onKeepMine(): void
  onTakeTheirs(): void
  onClose(): void
}) {
  return (
    <Sheet title="This spread was changed elsewhere" open onClose={onClose} wide>
      <p>
        It was saved from another tab or device since you opened it. Your changes are still here. Nothing was
        overwritten.
      </p>
      <Compared one={yours} other={docOf(theirs)} titles={['Yours', 'Saved elsewhere']} {...{ boat, gear }} />
      <div className="flex flex-wrap gap-3">
        <Button tone="strong" onClick={onKeepMine}>
          Save mine over it
        </Button>
        <Button onClick={onTakeTheirs}>Take the saved one</Button>
        <Button tone="quiet" onClick={onClose}>
          Decide later
        </Button>
      </div>
    </Sheet>
  )
}
