import type { ReactNode } from 'react'
import { Button } from '../../shared/ui/Button'
import { sayThickness, useUnits } from '../../units/UnitsContext'
import type { Gear, Lure } from '../../draft/queries'
import { Silhouette } from '../../shared/drawing/Silhouette'
import { KIND_WORDS, LINE_WORDS } from '../words'
import { roleWords } from './model'

/** Things of one sort under heads: what it is, with what matters of it beneath, and how many. */
export function Shelf({ title, heads, children }: { title: string; heads: string; children: ReactNode }) {
  return (
    <section className="mt-3">
      <table className="w-full">
        <thead>
          <tr className="text-left align-bottom">
            <th scope="col" className="py-1">
              <h2 className="font-bold">{title}</h2>
              <span className="text-sm font-normal text-slate">{heads}</span>
            </th>
            <th scope="col" className="w-36 py-1 text-center text-sm font-normal text-slate">
              aboard
            </th>
          </tr>
        </thead>
        <tbody>{children}</tbody>
      </table>
    </section>
  )
}

export function LureRow({
  lure,
  onOpen,
  onCount,
}: {
  lure: Lure
  onOpen(): void
  onCount(by: number): void
}) {
  const units = useUnits()
  const { slowestMps, fastestMps } = lure
  const works =
    slowestMps === undefined || fastestMps === undefined
      ? null
      : `works at ${units.figure('speed', slowestMps)} to ${units.say('speed', fastestMps)}`
  const beneath = [
    KIND_WORDS[lure.kind],
    units.say('small', lure.lengthM),
    units.say('mass', lure.massKg),
    works,
  ]
  return (
    <Row
      glyph={<Silhouette kind={lure.kind} x={22} y={13} />}
      name={lure.name}
      beside={[lure.colour, roleWords(lure)]}
      beneath={beneath}
      onOpen={onOpen}
    >
      <Button tone="quiet" className="w-11" aria-label={`One ${lure.name} fewer`} onClick={() => onCount(-1)}>
        −
      </Button>
      <span className="inline-block w-8 text-center font-mono">{lure.count ?? 1}</span>
      <Button tone="quiet" className="w-11" aria-label={`One ${lure.name} more`} onClick={() => onCount(1)}>
        +
      </Button>
    </Row>
  )
}

export function LineRow({ line, onOpen }: { line: Gear['lines'][number]; onOpen(): void }) {
  const units = useUnits()
  return (
    <Row
      name={line.name}
      beneath={[
        LINE_WORDS[line.kind],
        sayThickness(units, line.diameterM),
        units.say('pull', line.strengthN),
      ]}
      onOpen={onOpen}
    />
  )
}

export function ReelRow({ reel, gear, onOpen }: { reel: Gear['reels'][number]; gear: Gear; onOpen(): void }) {
  const units = useUnits()
  const main = gear.lines.find((line) => line.gearId === reel.mainLineGearId)
  const holds = `${units.say('distance', reel.ratedM)} of ${sayThickness(units, reel.ratedDiameterM)}`
  return (
    <Row name={reel.name} beneath={[main?.name ?? 'nothing spooled', `holds ${holds}`]} onOpen={onOpen}>
      <span className="font-mono">{reel.count}</span>
    </Row>
  )
}

function Row({
  glyph,
  name,
  beside = [],
  beneath,
  onOpen,
  children,
}: {
  glyph?: ReactNode
  name: string
  beside?: readonly string[]
  beneath: readonly (string | null | undefined)[]
  onOpen(): void
  children?: ReactNode
}) {
  return (
    <tr className="border-t border-ink/15">
      <td className="py-1">
        <button
          type="button"
          aria-label={name}
          className="flex min-h-11 w-full items-center gap-2 text-left"
          onClick={onOpen}
        >
          <svg width={44} height={26} aria-hidden className="shrink-0">
            {glyph}
          </svg>
          <span className="min-w-0">
            <span className="font-semibold hover:underline">{name}</span>{' '}
            <span className="text-slate">{beside.filter((word) => word).join(', ')}</span>
            <span className="flex flex-wrap gap-x-3 text-sm text-slate">
              {beneath.map((word) => word && <span key={word}>{word}</span>)}
            </span>
          </span>
        </button>
      </td>
      <td className="w-36 py-1 text-center whitespace-nowrap">{children}</td>
    </tr>
  )
}
