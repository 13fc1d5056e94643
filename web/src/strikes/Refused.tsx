import { useState } from 'react'
import type { Item } from '../shared/outbox/outbox'
import { Button } from '../shared/ui/Button'
import type { FactBody } from './queries'

/** A fact that the server would not take: why, and its members at fault to be mended. It stays until somebody decides. */
export function Refused({
  item,
  onAgain,
  onDiscard,
}: {
  item: Item
  onAgain(item: Item, body: unknown): void
  onDiscard(id: string): void
}) {
  const payload = (item.body as Partial<FactBody>).payload as Record<string, unknown> | undefined
  const members = (item.refused?.faults ?? []).flatMap(({ field }) => {
    const name = /^payload\.(\w+)$/.exec(field)?.[1]
    return name !== undefined && typeof payload?.[name] !== 'object' ? [name] : []
  })
  const [mended, setMended] = useState<Record<string, string>>({})
  const body = {
    ...(item.body as object),
    ...(payload && { payload: { ...payload, ...typed(payload, mended) } }),
  }
  return (
    <li className="py-1.5" role="alert">
      <p>
        <b>{item.words}</b> was not taken: {item.refused?.says}
      </p>
      <div className="mt-1 flex flex-wrap items-center gap-1.5">
        {members.map((name) => (
          <input
            key={name}
            aria-label={name}
            placeholder={name}
            className="h-11 w-28 rounded-sm border-2 border-ink/50 px-2"
            value={mended[name] ?? String(payload?.[name] ?? '')}
            onChange={(event) => setMended({ ...mended, [name]: event.target.value })}
          />
        ))}
        <Button small onClick={() => onAgain(item, body)}>
          Send again
        </Button>
        <Button small tone="quiet" onClick={() => onDiscard(item.id)}>
          Throw away
        </Button>
      </div>
    </li>
  )
}

/** What was typed, as numbers where numbers stood. */
const typed = (payload: Record<string, unknown>, mended: Record<string, string>) =>
  Object.fromEntries(
    Object.entries(mended).map(([name, text]) => [
      name,
      typeof payload[name] === 'number' && text.trim() !== '' && Number.isFinite(Number(text))
        ? Number(text)
        : text,
    ]),
  )
