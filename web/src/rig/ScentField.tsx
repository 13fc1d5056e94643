import { TypedField } from '../shared/ui/TypedField'

const LONGEST = 40

/** What the lure or bait smells of, in the crew's own word; emptied it is not said. */
export function ScentField({
  scent,
  used,
  onSet,
}: {
  scent: string | undefined
  /** On other lines. */
  used: readonly string[]
  onSet(scent: string | undefined): void
}) {
  const typed = (text: string): string | null => {
    const said = text.trim()
    if (said.length > LONGEST) return `Say it in ${LONGEST} letters.`
    onSet(said || undefined)
    return null
  }
  return (
    <label className="flex items-center gap-1.5">
      <span className="text-sm text-slate">Scent</span>
      <TypedField
        label="Scent"
        value={scent ?? ''}
        onCommit={typed}
        size={12}
        className="h-11"
        suggest={[...new Set(['none', ...used])]}
      />
    </label>
  )
}
