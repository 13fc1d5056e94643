import { Sheet } from '../shared/ui/Sheet'
import { useSingleKeysSetting } from './keys'

const LIST: readonly (readonly [string, string])[] = [
  ['1, 2, 3', 'to Plan, to Rig, to Spread'],
  ['J, K', 'on Rig: the line before, the next'],
  ['P', 'on Rig: the card on paper'],
  ['D, W', 'on Plan: steps of the day, your ways'],
  ['Tab', 'next line on the drawing'],
  ['← →', 'let the focused line in or out by one'],
  ['Shift + ← →', 'by ten'],
  ['[ ]', 'slower, faster by 0.1'],
  ['N', 'add a line'],
  ['Delete', 'remove the selected line'],
  ['O', 'order of setting the lines'],
  ['C', 'what to clear for a fish on the selected line'],
  ['on the ring at the bow: ↑ ↓', 'turn to starboard, to port; Home goes straight'],
  ['X', 'strike on the selected line'],
  ['T', 'drawing or table'],
  ['Ctrl + Z, Ctrl + Shift + Z', 'undo, redo'],
  ['Ctrl + S', 'save'],
  ['W, G, H', 'on Spread: water, gear, weave or draw a way'],
  ['/', 'type what to do: let C1 out to 120 yd'],
  ['?', 'this list'],
]

export function KeysSheet({ open, onClose }: { open: boolean; onClose(): void }) {
  const [on, setOn] = useSingleKeysSetting()
  return (
    <Sheet title="Keys" open={open} onClose={onClose}>
      <dl className="grid grid-cols-[max-content_1fr] gap-x-6 gap-y-1.5">
        {LIST.map(([key, does]) => (
          <div key={key} className="contents">
            <dt className="font-mono">{key}</dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
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
