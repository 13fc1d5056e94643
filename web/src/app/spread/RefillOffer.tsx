import { useQuery } from '@tanstack/react-query'
import { catalogue } from '../../call/queries'
import { playbookWords } from '../../call/words'
import { Compared } from '../../draft/Compared'
import { Button } from '../../shared/ui/Button'
import { Sheet } from '../../shared/ui/Sheet'
import type { SpreadState } from './useSpread'
import type { Offer } from './useRefill'

/** What calling the rest would change, before it does. */
export function RefillOffer({ s, offer }: { s: SpreadState; offer: Offer }) {
  const words = useQuery(catalogue()).data
  const now = s.editor.doc
  const locked = now.draft.lines.filter((line) => line.locked).length
  return (
    <Sheet title="Call the rest" open onClose={s.leave} wide>
      <p>
        By {words ? playbookWords(words, offer.playbook) : 'the plan'}.{' '}
        {locked === 0
          ? 'No line is locked: every one is called anew.'
          : `${locked === 1 ? 'One locked line stays' : `${locked} locked lines stay`} as ${locked === 1 ? 'it is' : 'they are'}.`}
      </p>
      <Compared
        one={now}
        other={{ ...now, draft: { ...now.draft, ...offer.draft } }}
        titles={['As it is', 'Called anew']}
        boat={s.boat}
        gear={s.gear}
      />
      <div className="flex flex-wrap gap-3">
        <Button tone="strong" onClick={s.take}>
          Take it
        </Button>
        <Button onClick={s.leave}>Leave it as it is</Button>
      </div>
    </Sheet>
  )
}
