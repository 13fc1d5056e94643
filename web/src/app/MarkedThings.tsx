import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { markedOf, type Marked } from '../draft/queries'

const WHERE: Record<Marked['where'], { words: string; to: string }> = {
  BOAT: { words: 'the boat', to: 'boat' },
  BOX: { words: 'the box', to: 'box' },
  NUMBERS: { words: 'Plan, under Numbers', to: 'plan' },
  BENCH_NUMBERS: { words: 'Rig, under Numbers', to: 'rig' },
  RULES: { words: 'Plan, under Seasons and rules', to: 'plan' },
  PLAN: { words: 'Plan', to: 'plan' },
}

/** What is kept for this boat and today's program does not take: said on every station, mended where it lives. */
export function MarkedThings({ boat }: { boat: string }) {
  const marked = useQuery(markedOf(boat)).data ?? []
  const first = marked[0]
  if (!first) return null
  const where = WHERE[first.where]
  return (
    <p role="alert" className="shrink-0 border-y-2 border-rust bg-foam px-4 py-1">
      <b>{first.words}</b> is kept but cannot be used: {first.says}. Mend it in{' '}
      <Link className="underline" to={`/boats/${boat}/${where.to}`}>
        {where.words}
      </Link>
      .{marked.length > 1 && ` ${marked.length - 1} more like it.`}
    </p>
  )
}
