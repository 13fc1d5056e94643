import { useQuery } from '@tanstack/react-query'
import { catalogue, type Catalogue, type Playbook } from '../../call/queries'
import { playbookWords } from '../../call/words'
import { Compared } from '../../draft/Compared'
import { Button } from '../../shared/ui/Button'
import { Sheet } from '../../shared/ui/Sheet'
import type { SpreadState } from './useSpread'
import { refilled, type Offer } from './useRefill'

/** What calling the rest would change, before it does. */
export function RefillOffer({ s, offer }: { s: SpreadState; offer: Offer }) {
  const words = useQuery(catalogue()).data
  const now = s.editor.doc
  const name = words ? renamed(now.name, words, offer.made.playbook) : now.name
  const locked = now.draft.lines.filter((line) => line.locked).length
  return (
    <Sheet title="Call the rest" open onClose={s.leave} wide>
      <p>
        By {words ? playbookWords(words, offer.made.playbook) : 'the plan'}.{' '}
        {locked === 0
          ? 'No line is locked: every one is called anew.'
          : `${locked === 1 ? 'One locked line stays' : `${locked} locked lines stay`} as ${locked === 1 ? 'it is' : 'they are'}.`}
      </p>
      <Compared
        one={now}
        other={{ ...refilled(now, offer), name }}
        titles={['As it is', 'Called anew']}
        boat={s.boat}
        gear={s.gear}
      />
      <div className="flex flex-wrap gap-3">
        <Button tone="strong" onClick={() => s.take(name)}>
          Take it
        </Button>
        <Button onClick={s.leave}>Leave it as it is</Button>
      </div>
    </Sheet>
  )
}

/** A name that says another method than the one it is called by says that one. */
export function renamed(name: string, words: Catalogue, playbook: Playbook): string {
  const said = words.playbooks.find((book) => name.startsWith(book.words))
  return said && said.playbook !== playbook ? name.replace(said.words, playbookWords(words, playbook)) : name
}
