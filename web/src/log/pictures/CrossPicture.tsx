import { cell, text } from '@observablehq/plot'
import { useCallback, useMemo } from 'react'
import { saySentence } from '../../units/sentence'
import { useUnits } from '../../units/UnitsContext'
import { shortHours } from '../model'
import type { Cross } from '../queries'
import { Plotted } from './Plotted'

const ROW_PX = 46
const LEFT_PX = 116
/** No room for the time beside the strikes. */
const NARROW_PX = 420

interface Told {
  row: string
  column: string
  strikes: number
  minutes: number
  per100: number
}

/** What was taken in how much time, told apart two ways at once: the darker, the more for the time. */
export function CrossPicture({ cross }: { cross: Cross }) {
  const units = useUnits()
  const title = `Strikes for the time fished, by ${cross.rowWords} and ${cross.columnWords}`
  const rows = useMemo(
    () => cross.rows.map(({ says }) => short(saySentence(says, units, 'UTC'))),
    [cross, units],
  )
  const columns = useMemo(
    () => cross.columns.map(({ says }) => short(saySentence(says, units, 'UTC'))),
    [cross, units],
  )
  const told = useMemo<Told[]>(
    () =>
      cross.cells.map(({ row, column, sum }) => ({
        row: rows[row]!,
        column: columns[column]!,
        strikes: sum.strikes,
        minutes: sum.minutes,
        per100: sum.per100 ?? 0,
      })),
    [cross, rows, columns],
  )
  const options = useCallback(
    (width: number) => ({
      height: 52 + ROW_PX * rows.length,
      marginLeft: LEFT_PX,
      marginTop: 42,
      marginBottom: 6,
      x: {
        domain: columns,
        axis: 'top' as const,
        label: cross.columnFacet === 'HOUR' ? "o'clock" : null,
        tickSize: 0,
      },
      y: { domain: rows, label: null, tickSize: 0 },
      color: { range: ['#f3f2ea', '#3f5f46'], domain: [0, mostOf(told)], clamp: true },
      marks: [
        cell(told, { x: 'column', y: 'row', fill: 'per100', stroke: '#17211b', strokeWidth: 1 }),
        text(told, {
          x: 'column',
          y: 'row',
          text: (one: Told) =>
            width < NARROW_PX ? `${one.strikes}` : `${one.strikes}\n${shortHours(one.minutes)}`,
          fill: (one: Told) => (one.per100 > 0.75 * mostOf(told) ? '#f3f2ea' : '#17211b'),
          lineHeight: 1.15,
        }),
      ],
    }),
    [told, rows, columns, cross.columnFacet],
  )
  if (told.length === 0) return null
  return (
    <figure className="min-w-0" data-testid={`picture-${cross.rowFacet}-${cross.columnFacet}`}>
      <figcaption className="font-bold">{title}</figcaption>
      <Plotted title={title} options={options} />
      <Twin {...{ title, told, rows, columns }} />
    </figure>
  )
}

/** Rates of hardly anything fished would drown the others. */
const mostOf = (told: readonly Told[]): number => {
  const rates = told.filter(({ minutes }) => minutes >= 60).map(({ per100 }) => per100)
  return Math.max(...rates, 1e-6)
}

const short = (words: string): string =>
  words.replace(/^(depth|hour|stream) /, '').replace(/^(\d+) to (\d+) o'clock$/, '$1–$2')

/** The same in a table. */
function Twin({
  title,
  told,
  rows,
  columns,
}: {
  title: string
  told: readonly Told[]
  rows: readonly string[]
  columns: readonly string[]
}) {
  const at = (row: string, column: string) => told.find((one) => one.row === row && one.column === column)
  return (
    <details className="text-sm print:hidden">
      <summary className="min-h-11 cursor-pointer py-2">As a table</summary>
      <div className="overflow-x-auto">
        <table className="w-full text-left">
          <caption className="sr-only">{title}: strikes, and line-hours</caption>
          <thead>
            <tr className="border-b-2 border-ink">
              <td />
              {columns.map((column) => (
                <th key={column} scope="col" className="pr-3">
                  {column}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row} className="border-b border-ink/20">
                <th scope="row" className="pr-3 whitespace-nowrap">
                  {row}
                </th>
                {columns.map((column) => (
                  <td key={column} className="pr-3 whitespace-nowrap">
                    {cellWords(at(row, column))}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  )
}

const cellWords = (one: Told | undefined): string =>
  one ? `${one.strikes} in ${shortHours(one.minutes)}` : 'not fished'
