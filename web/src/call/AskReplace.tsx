import { Button } from '../shared/ui/Button'
import { Sheet } from '../shared/ui/Sheet'

/** A day has its spread already: it is replaced, or both are kept. */
export function AskReplace({
  name,
  onReplace,
  onBoth,
  onClose,
}: {
  name: string
  onReplace(): void
  onBoth(): void
  onClose(): void
}) {
  return (
    <Sheet title="This day has a spread" open onClose={onClose}>
      <p className="mb-4">
        {name} was called for it. Replaced, it keeps its name and every revision it had; its strikes stay as
        they were.
      </p>
      <div className="flex flex-wrap gap-2">
        <Button tone="strong" onClick={onReplace}>
          Replace it
        </Button>
        <Button onClick={onBoth}>Keep both</Button>
      </div>
    </Sheet>
  )
}
