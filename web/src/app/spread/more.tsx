import type { Title } from '../../draft/queries'
import type { MenuItem } from '../../shared/ui/Menu'
import { keyName } from '../keys'
import type { SpreadState } from './useSpread'

/** What is not needed every minute, with its key; then the other spreads. */
export function moreOf(s: SpreadState): MenuItem[] {
  const { editor, turn, view, titles } = s
  const item = (key: string, words: string, onSelect: (() => void) | undefined, stroke = ''): MenuItem[] =>
    onSelect ? [{ key, words: <Words words={words} stroke={stroke} />, onSelect }] : []
  const apart = ([first, ...rest]: MenuItem[]): MenuItem[] =>
    first ? [{ ...first, apart: true }, ...rest] : []
  return [
    ...item('redo', 'Redo', editor.canRedo ? editor.redo : undefined, 'Ctrl+Shift+Z'),
    ...item('refill', 'Call the rest', s.building.share === null ? s.refill : undefined),
    ...item('water', 'Water', () => s.setSheet('water'), keyName('KeyW')),
    ...item('gear', 'Gear', () => s.setSheet('gear'), keyName('KeyG')),
    ...item(
      'set',
      turn.order === 'set' ? 'Hide the order' : 'Setting order',
      () => turn.toggleOrder('set'),
      keyName('KeyO'),
    ),
    ...item(
      'clear',
      turn.order === 'clear' ? 'Hide the order' : 'Clearing order',
      s.selected ? () => turn.toggleOrder('clear') : undefined,
      keyName('KeyC'),
    ),
    ...item(
      'helm',
      view === 'helm' ? 'Drawing' : 'Weave or draw a way',
      () => s.toggle('helm'),
      keyName('KeyH'),
    ),
    ...item('table', view === 'table' ? 'Drawing' : 'Table', () => s.toggle('table'), keyName('KeyT')),
    ...apart(
      here(titles, editor.base.spreadId).map((title) => ({
        key: title.spreadId,
        words: (
          <>
            <span className={title.spreadId === editor.base.spreadId ? 'font-bold' : ''}>{title.name}</span>
            <span className="ml-auto text-slate">
              {title.lines === 1 ? 'one line' : `${title.lines} lines`}
            </span>
          </>
        ),
        onSelect: () => s.open(title.spreadId),
      })),
    ),
    ...apart(item('new', 'New, from nothing', () => void s.make(false))),
    ...item('copy', 'New, from this one', () => void s.make(true)),
    ...item('away', 'Put away, take out', () => s.setSheet('away')),
    ...item('saved', 'Back to saved', editor.dirty ? () => editor.reload(editor.base) : undefined),
  ]
}

/** What is put away is in the list only while it is open. */
const here = (titles: readonly Title[], open: string): readonly Title[] =>
  titles.filter((title) => !title.putAway || title.spreadId === open)

function Words({ words, stroke }: { words: string; stroke: string }) {
  return (
    <>
      {words}
      {stroke && (
        <span aria-hidden className="ml-auto font-mono text-sm text-slate">
          {stroke}
        </span>
      )}
    </>
  )
}
