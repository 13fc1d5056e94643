import type { Schemas } from '../api/client'
import { Button } from './Button'

/** Something kept from before that today's rules do not take: shown, not used, and taken out by hand. */
export function MarkedNote({
  mark,
  name,
  onRemove,
}: {
  mark: Pick<Schemas['MarkedReply'], 'says' | 'mend'>
  name: string
  onRemove(): void
}) {
  return (
    <div
      className="mb-2 flex flex-wrap items-baseline gap-x-3 border-l-4 border-rust pl-2"
      data-testid="marked"
    >
      <p className="grow">
        <b>{name}</b>: kept, not used. {mark.says}. {mark.mend}
      </p>
      <Button small onClick={onRemove}>
        Take it out
      </Button>
    </div>
  )
}
