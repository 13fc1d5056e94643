import { Button } from '../../shared/ui/Button'

/** Where nothing is shown: how to begin, or why. */
export function Bare({
  bare,
  away,
  onFill,
}: {
  /** Nothing at all is in the box. */
  bare: boolean
  /** The shelf of what is put away. */
  away: boolean
  onFill(waters: 'WARM' | 'COLD'): void
}) {
  if (!bare)
    return (
      <p className="py-8">
        {away ? 'Nothing is put away.' : 'Nothing here by these words. Add it above, or take in a table.'}
      </p>
    )
  return (
    <div className="py-8">
      <p>The box is empty.</p>
      <p className="mb-3 max-w-prose">
        Begin with usual lures, lines and reels and correct them to your own, take in a table, or add one by
        one.
      </p>
      <div className="flex flex-wrap gap-3">
        <Button tone="strong" onClick={() => onFill('WARM')}>
          Usual box, warm water
        </Button>
        <Button tone="strong" onClick={() => onFill('COLD')}>
          Usual box, cold water
        </Button>
      </div>
    </div>
  )
}
