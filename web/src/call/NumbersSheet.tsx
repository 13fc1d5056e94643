import { useQuery, useQueryClient } from '@tanstack/react-query'
import { NumbersSheet as Numbers } from '../shared/ui/NumbersSheet'
import { numbersOf, setNumbers, type Catalogue } from './queries'

const NONE = { version: 0, set: [], marked: [] }

/** Every number a call is made with: its default, where that comes from, and the skipper's own. */
export function NumbersSheet({
  boat,
  words,
  open,
  onClose,
}: {
  boat: string
  words: Catalogue
  open: boolean
  onClose(): void
}) {
  const queries = useQueryClient()
  const kept = useQuery({ ...numbersOf(boat), enabled: open }).data ?? NONE
  return (
    <Numbers
      title="Numbers of the call"
      hint="find: mahi, first light, let-out…"
      numbers={words.numbers}
      kept={kept}
      onKept={(theirs) => queries.setQueryData(numbersOf(boat).queryKey, theirs)}
      onPut={async (next) => {
        queries.setQueryData(numbersOf(boat).queryKey, await setNumbers(boat, next))
      }}
      {...{ open, onClose }}
    />
  )
}
