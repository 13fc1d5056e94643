import { useState, type KeyboardEvent } from 'react'
import { Button } from '../shared/ui/Button'
import { Sheet } from '../shared/ui/Sheet'
import { keyName, remap, useSingleKeysSetting } from './keys'

/** Keys that can be others, by their usual place, in the order of the stations. */
const OWN: readonly (readonly [string, string])[] = [
  ['Digit1', 'to Plan'],
  ['Digit2', 'to Rig'],
  ['Digit3', 'to Spread'],
  ['Digit4', 'to Underway'],
  ['Digit5', 'to the Log'],
  ['Slash', 'type what to do: let C1 out to 120 yd'],
  ['KeyN', 'add a line'],
  ['KeyX', 'strike on the selected line'],
  ['BracketLeft', 'slower by 0.1'],
  ['BracketRight', 'faster by 0.1'],
  ['KeyO', 'order of setting the lines'],
  ['KeyC', 'what to clear for a fish on the selected line'],
  ['KeyT', 'drawing or table'],
  ['KeyW', 'water; on Plan: your ways'],
  ['KeyG', 'gear'],
  ['KeyH', 'weave or draw a way'],
  ['KeyD', 'on Plan: steps of the day'],
  ['KeyJ', 'on Rig: the line before'],
  ['KeyK', 'on Rig: the next line'],
  ['KeyP', 'on Rig: the card on paper'],
]

/** Keys that browsers and hands expect where they are. */
const FIXED: readonly (readonly [string, string])[] = [
  ['Tab', 'next line on the drawing'],
  ['← →', 'let the focused line in or out by one; with Shift by ten'],
  ['Delete', 'remove the selected line'],
  ['on the ring at the bow: ↑ ↓', 'turn to starboard, to port; Home goes straight'],
  ['Ctrl + Z, Ctrl + Shift + Z', 'undo, redo'],
  ['Ctrl + S', 'save'],
  ['Q to T, A to G, Z to B', 'Underway: a strike on the line that lies there'],
  ['?', 'this list'],
]

export function KeysSheet({ open, onClose }: { open: boolean; onClose(): void }) {
  const [on, setOn] = useSingleKeysSetting()
  const [changed, setChanged] = useState(remap.all)
  const [waiting, setWaiting] = useState<string | null>(null)
  const press = (usual: string) => (event: KeyboardEvent) => {
    if (waiting !== usual) return
    if (event.code === 'Tab' || event.ctrlKey || event.metaKey || event.altKey || event.shiftKey) return
    event.preventDefault()
    event.stopPropagation()
    setWaiting(null)
    if (CAN_BE.test(event.code)) setChanged(remap.put(usual, event.code))
  }
  return (
    <Sheet title="Keys" open={open} onClose={onClose}>
      <p className="mb-2 text-slate">Press a key here, then the one you want in its place.</p>
      <dl className="grid grid-cols-[max-content_1fr] items-center gap-x-6">
        {OWN.map(([usual, does]) => (
          <div key={usual} className="contents">
            <dt>
              <Button
                className="min-w-16 font-mono"
                aria-label={`Key for: ${does}`}
                aria-pressed={waiting === usual}
                tone={waiting === usual ? 'strong' : 'plain'}
                onClick={() => setWaiting(waiting === usual ? null : usual)}
                onKeyDown={press(usual)}
                onBlur={() => setWaiting(null)}
              >
                {waiting === usual ? 'press' : keyName(usual, changed)}
              </Button>
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <dl className="mt-3 grid grid-cols-[max-content_1fr] gap-x-6 gap-y-1">
        {FIXED.map(([key, does]) => (
          <div key={key} className="contents">
            <dt className="py-1 font-mono">{key}</dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      {Object.keys(changed).length > 0 && (
        <Button className="mt-3" onClick={() => setChanged(remap.clear())}>
          All as usual
        </Button>
      )}
      <label className="mt-4 flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="size-5"
          checked={on}
          onChange={(event) => setOn(event.target.checked)}
        />
        Single keys act at once
      </label>
      <p className="mt-3 text-sm text-slate">
        Licences of what is shipped:{' '}
        {['scripts.txt', 'jars.txt'].map((file) => (
          <a key={file} className="mr-3 underline" href={`/licences/${file}`}>
            {file}
          </a>
        ))}
      </p>
    </Sheet>
  )
}

/** Letters, figures and signs; never a key that moves or confirms. */
const CAN_BE =
  /^(Key[A-Z]|Digit\d|Bracket(Left|Right)|Slash|Semicolon|Quote|Comma|Period|Minus|Equal|Backquote|Backslash|Numpad\d)$/
