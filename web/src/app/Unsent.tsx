import { useEffect, useSyncExternalStore } from 'react'
import { Link } from 'react-router'
import '../draft/saves'
import { flush, outbox } from '../shared/outbox/outbox'
import type { FactBody } from '../strikes/queries'

/** What this device holds and the server has not taken. Says nothing while everything goes through. */
export function Unsent({ away }: { away: boolean }) {
  const items = useSyncExternalStore(outbox.subscribe, outbox.items)
  const failing = useSyncExternalStore(outbox.subscribe, outbox.isFailing)
  useEffect(() => {
    void Promise.all([import('../strikes/ways'), import('../rig/ticks')])
      .then(([{ takeUpFirstQueue }]) => takeUpFirstQueue())
      .then(flush)
  }, [])
  const refused = items.filter((item) => item.refused)
  const waiting = items.length - refused.length
  const fleeting = waiting > 0 && outbox.keepsNothing()
  if (refused.length === 0 && !fleeting && (waiting === 0 || !(away || failing))) return null
  return (
    <p role="status" className="shrink-0 border-b-2 border-rust bg-foam px-4 py-1.5 text-rust-text">
      {fleeting && 'This browser lets nothing be kept: do not close the page before all is sent. '}
      {waiting > 0 && (away || failing) && `${things(waiting)} kept on this device and will be sent again. `}
      {refused[0] && (
        <>
          {things(refused.length)} kept on this device because the server would not take{' '}
          {refused.length === 1 ? 'it' : 'them'}:{' '}
          <Link className="underline" to={dayOf(refused[0].boat, refused[0].body as Partial<FactBody>)}>
            see why
          </Link>
          .
        </>
      )}
    </p>
  )
}

const things = (count: number) => (count === 1 ? 'One report is' : `${count} reports are`)

const dayOf = (boat: string, { tripId }: Partial<FactBody>) =>
  `/boats/${boat}/spread${tripId === undefined ? '' : `?trip=${tripId}`}`
