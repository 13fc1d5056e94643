import { useAway } from '../shared/reach'

/** Shown until the first answer is here; says so when the server or its database is away. */
export function Waiting({ error }: { error: Error | null }) {
  const away = useAway()
  return (
    <main className="p-8" role="status">
      {away
        ? 'The server or its database is away. This page goes on by itself when it is back.'
        : (error?.message ?? 'One moment…')}
    </main>
  )
}
