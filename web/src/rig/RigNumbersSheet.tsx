import { useQuery, useQueryClient } from '@tanstack/react-query'
import { NumbersSheet } from '../shared/ui/NumbersSheet'
import { rigCatalogue, rigNumbersOf, setRigNumbers } from './queries'

const NONE = { version: 0, set: [], marked: [] }

/** Efficiencies of joints, moduli, shares, minutes: every number of the bench, and the skipper's own. */
export function RigNumbersSheet({
  boat,
  open,
  onClose,
  onChanged,
}: {
  boat: string
  open: boolean
  onClose(): void
  onChanged(): void
}) {
  const queries = useQueryClient()
  const all = useQuery({ ...rigCatalogue(), enabled: open }).data ?? []
  const kept = useQuery({ ...rigNumbersOf(boat), enabled: open }).data ?? NONE
  return (
    <NumbersSheet
      title="Numbers of the bench"
      hint="find: crimp, waste, brine, minutes…"
      numbers={all.map(({ kind, range, ...one }) => ({
        ...one,
        figure: kind,
        least: range.least,
        most: range.most,
      }))}
      kept={kept}
      onKept={(theirs) => queries.setQueryData(rigNumbersOf(boat).queryKey, theirs)}
      onPut={async (next) => {
        queries.setQueryData(rigNumbersOf(boat).queryKey, await setRigNumbers(boat, next))
        onChanged()
      }}
      {...{ open, onClose }}
    />
  )
}
