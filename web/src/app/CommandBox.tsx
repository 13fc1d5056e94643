import { useState } from 'react'
import { Sheet } from '../shared/ui/Sheet'
import { allCommands, likely, perform } from './commands'

/** What can be done, by typing it; what is not understood stays typed. */
export function CommandBox({ open, onClose }: { open: boolean; onClose(): void }) {
  const [typed, setTyped] = useState('')
  const [said, setSaid] = useState<string | null>(null)
  const commands = allCommands()
  const enter = (words: string) => {
    const message = perform(commands, words)
    setSaid(message)
    if (message === null) onClose()
  }
  return (
    <Sheet title="Type what to do" open={open} onClose={onClose}>
      <input
        autoFocus
        aria-label="Command"
        aria-invalid={said !== null}
        className={`h-12 w-full border-2 bg-white px-3 text-lg ${said ? 'border-rust' : 'border-ink'}`}
        value={typed}
        onChange={(event) => {
          setTyped(event.target.value)
          setSaid(null)
        }}
        onKeyDown={(event) => event.key === 'Enter' && enter(typed)}
      />
      {said && (
        <p role="alert" className="mt-2 border-l-4 border-rust pl-2">
          {said}
        </p>
      )}
      <ul className="mt-3 max-h-72 overflow-y-auto" aria-label="What can be typed">
        {likely(commands, typed).map(({ words }) => (
          <li key={words}>
            <button
              type="button"
              className="min-h-11 w-full px-2 text-left hover:bg-shade"
              onClick={() => {
                if (!words.includes('…')) enter(words)
                else setTyped(words.slice(0, words.indexOf('…')))
              }}
            >
              {words}
            </button>
          </li>
        ))}
      </ul>
    </Sheet>
  )
}
