import { useQuery } from '@tanstack/react-query'
import { useState, type ReactNode } from 'react'
import type { Problem } from '../../shared/api/client'
import { Button } from '../../shared/ui/Button'
import { gearColumns, lineRated, type Gear, type GearColumn, type LineGear } from '../../draft/queries'
import { isLead } from '../../draft/model'
import { Field, type Value } from './fields'
import type { Item } from './item'
import type { OpenedItem } from './useItem'

/** One item of the box as it is edited; what is refused is said by field, and nothing typed is lost. */
export function ItemForm({
  gear,
  item,
  opened,
  onKeep,
  children,
}: {
  gear: Gear
  item: Item
  opened: OpenedItem
  /** Throws what is refused. */
  onKeep(item: Item): Promise<void>
  /** What else can be done with it. */
  children?: ReactNode
}) {
  const [faults, setFaults] = useState<readonly string[]>([])
  const keep = async () => {
    try {
      await onKeep(item)
    } catch (problem) {
      setFaults((problem as Problem).said)
    }
  }
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        void keep()
      }}
    >
      {opened.restored && (
        <p role="status" className="mb-3 flex flex-wrap items-center gap-3">
          What you changed before is not kept yet{opened.elsewhere && ', and it was changed elsewhere since'}.
          <Button small onClick={opened.forget}>
            {item.body.version === 0 ? 'A new one' : 'As it is kept'}
          </Button>
        </p>
      )}
      <Fields key={`${opened.restored}`} item={item} onChange={opened.change} lines={gear.lines} />
      {faults.map((fault) => (
        <p key={fault} role="alert" className="mt-2 border-l-4 border-rust pl-2">
          {fault}
        </p>
      ))}
      <p className="mt-3 text-slate">
        Spreads that carry it are solved anew. Strikes already logged keep the depth they had.
      </p>
      <div className="mt-4 flex flex-wrap gap-3">
        <Button tone="strong" type="submit">
          Keep it
        </Button>
        <Button tone="quiet" onClick={opened.close}>
          Back
        </Button>
        {children}
      </div>
    </form>
  )
}

/** One field a column; what says nothing without another goes with it. */
function Fields({
  item,
  lines,
  onChange,
}: {
  item: Item
  lines: readonly LineGear[]
  onChange(item: Item): void
}) {
  const columns = useQuery(gearColumns()).data?.[item.what] ?? []
  const body = item.body as unknown as Record<string, Value>
  const asked = columns.filter(
    (column) =>
      column.words &&
      (!column.with || body[column.with] !== undefined) &&
      !(item.what === 'lure' && isLead(item.body.kind) && OF_COLOUR.has(column.field)),
  )
  const set = (field: string, value: Value) => {
    const without = columns.filter((one) => one.with === field && value === undefined).map((one) => one.field)
    const next = Object.fromEntries(
      Object.entries({ ...body, [field]: value }).filter(
        ([name, held]) => held !== undefined && !without.includes(name),
      ),
    )
    onChange({ ...item, body: next } as unknown as Item)
    if (item.what === 'line' && item.body.version === 0 && field === 'strengthN') void rate(next, value)
  }
  /** A new line is as thick as its kind is at that strength, until its thickness is typed. */
  const rate = async (next: Record<string, unknown>, strengthN: Value) => {
    if (item.what !== 'line' || typeof strengthN !== 'number') return
    const metre = await lineRated(item.body.kind, strengthN).catch(() => null)
    if (metre) onChange({ ...item, body: { ...next, diameterM: metre.diameterM } } as unknown as Item)
  }
  const fields = (some: readonly GearColumn[]) => (
    <div className="grid gap-3 md:grid-cols-2">
      {some.map((column) => (
        <Field
          key={column.field}
          {...{ column, lines }}
          value={body[column.field]}
          onChange={(value) => set(column.field, value)}
        />
      ))}
    </div>
  )
  const finer = asked.filter((column) => column.finer)
  return (
    <>
      {fields(asked.filter((column) => !column.finer))}
      {finer.length > 0 && (
        <details className="mt-3" onInvalidCapture={(event) => (event.currentTarget.open = true)}>
          <summary className="flex min-h-11 cursor-pointer items-center font-semibold">
            How it pulls and sinks, as usual for its kind
          </summary>
          {fields(finer)}
        </details>
      )}
    </>
  )
}

/** A lead has no colour that fish choose by. */
const OF_COLOUR = new Set(['colourRole', 'shade'])
