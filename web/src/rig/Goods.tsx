import { saySentence } from '../units/sentence'
import { TypedField } from '../shared/ui/TypedField'
import { useUnits, type Units } from '../units/UnitsContext'
import type { Goods as Item, Rig } from './queries'

const say = (units: Units, kind: string, si: number): string =>
  kind === 'DISTANCE'
    ? units.say('distance', si)
    : kind === 'MASS'
      ? units.say('mass', si)
      : String(Math.ceil(si))

/** What must be aboard, against what is: the shopping list first. */
export function Goods({ rig, onCount }: { rig: Rig; onCount(item: Item, amount: number | undefined): void }) {
  const short = rig.tonight.goods.filter((item) => item.lacking > 0)
  const enough = rig.tonight.goods.filter((item) => item.lacking <= 0)
  return (
    <div data-testid="goods" className="grid gap-3">
      <p className="text-sm text-slate">
        {short.length === 0
          ? 'Nothing to buy: everything needed is counted aboard.'
          : `${short.length} to buy or to count. Type what is aboard; lures, leads and reels are counted in the box.`}
      </p>
      <ul className="grid gap-x-8 md:grid-cols-2">
        {[...short, ...enough].map((item) => (
          <GoodsRow key={item.key} item={item} onCount={onCount} />
        ))}
      </ul>
    </div>
  )
}

function GoodsRow({ item, onCount }: { item: Item; onCount(item: Item, amount: number | undefined): void }) {
  const units = useUnits()
  const words = saySentence(item.words, units, 'UTC')
  const inBox = item.key.startsWith('gear:')
  const read = (typed: string): string | null => {
    if (typed.trim() === '' || typed.trim() === '–') {
      onCount(item, undefined)
      return null
    }
    const amount =
      item.kind === 'DISTANCE'
        ? units.read('distance', typed)
        : item.kind === 'MASS'
          ? units.read('mass', typed)
          : Number(typed)
    if (amount === null || !(amount >= 0 && amount <= 100_000)) return 'Type what is aboard, 0 or more.'
    onCount(item, amount)
    return null
  }
  return (
    <li className="flex min-h-12 items-center gap-3 border-b border-ink/20 py-1">
      <span className="grow">
        <b>{words}</b>
        <span className="block text-sm text-slate">{`needed ${say(units, item.kind, item.amount)}`}</span>
      </span>
      {inBox ? (
        <span className="text-sm text-slate">{`${item.have} in the box`}</span>
      ) : (
        <TypedField
          label={`Aboard of ${words}`}
          value={item.counted ? say(units, item.kind, item.have) : '–'}
          onCommit={read}
          size={6}
          className="h-11"
        />
      )}
      <span className={`w-24 text-right ${item.lacking > 0 ? 'font-bold text-rust-text' : 'text-slate'}`}>
        {item.lacking > 0 ? `buy ${say(units, item.kind, item.lacking)}` : 'enough'}
      </span>
    </li>
  )
}
