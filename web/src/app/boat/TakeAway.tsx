import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { boats, putAway, takeOut, type Boat } from '../../draft/queries'
import { ask, type Problem } from '../../shared/api/client'
import { dropHeld } from '../../shared/held'
import { download } from '../../shared/download'
import { Button } from '../../shared/ui/Button'
import { Sheet } from '../../shared/ui/Sheet'

const path = (boat: string) => ({ params: { path: { boat } } })

/** Everything kept of a boat as one file, and, with that file in hand, the way to have her forgotten. */
export function TakeAway({ boat }: { boat: Boat }) {
  const [open, setOpen] = useState(false)
  return (
    <>
      <Button small tone="quiet" onClick={() => setOpen(true)}>
        All of her…
      </Button>
      {open && (
        <Sheet title={`All that is kept of ${boat.name}`} open onClose={() => setOpen(false)}>
          <PutAwayBoat boat={boat} />
          <Away boat={boat} />
        </Sheet>
      )}
    </>
  )
}

/** Out of sight, with everything kept; or back again. */
function PutAwayBoat({ boat }: { boat: Boat }) {
  const queries = useQueryClient()
  const all = useQuery(boats()).data ?? []
  const [problem, setProblem] = useState<string | null>(null)
  const isAway = all.some((one) => one.boatId === boat.boatId && one.putAway)
  const change = async () => {
    try {
      await (isAway ? takeOut : putAway)(boat.boatId, boat.boatId)
      setProblem(null)
    } catch (error) {
      setProblem((error as Problem).said.join(' '))
    }
    await queries.invalidateQueries({ queryKey: boats().queryKey })
  }
  return (
    <section className="mb-6">
      <h3 className="font-bold">{isAway ? 'She is put away' : 'Put her away'}</h3>
      <p className="mb-2">
        {isAway
          ? 'She stands last in the list of boats and is not opened by herself. Nothing of hers is changed.'
          : 'She goes to the end of the list of boats and is not opened by herself. Nothing of hers is lost.'}
      </p>
      <Button onClick={() => void change()}>{isAway ? 'Take her out again' : `Put ${boat.name} away`}</Button>
      {problem && <p role="alert">{problem}</p>}
    </section>
  )
}

function Away({ boat }: { boat: Boat }) {
  const queries = useQueryClient()
  const go = useNavigate()
  /** Of the file that was taken: it says that nothing was kept since. */
  const [mark, setMark] = useState<string | null>(null)
  const [typed, setTyped] = useState('')
  const [problem, setProblem] = useState<string | null>(null)
  const attempt = async (act: () => Promise<void>) => {
    try {
      await act()
      setProblem(null)
    } catch (error) {
      setMark(null)
      setProblem((error as Problem).said.join(' '))
    }
  }
  const take = () =>
    attempt(async () => {
      const text = await ask((api) =>
        api.GET('/api/boats/{boat}/export', { ...path(boat.boatId), parseAs: 'text' }),
      )
      download(text as unknown as string, `${boat.name}.json`, 'application/json')
      setMark((JSON.parse(text as unknown as string) as { mark: string }).mark)
    })
  const forget = () =>
    attempt(async () => {
      await ask((api) =>
        api.POST('/api/boats/{boat}/forget', { ...path(boat.boatId), body: { mark: mark ?? '' } }),
      )
      await dropHeld()
      await queries.invalidateQueries({ queryKey: boats().queryKey })
      void go('/')
    })
  return (
    <>
      <h3 className="font-bold">Take it with you</h3>
      <p className="mb-2">
        Boat and box with all their versions, spreads, plans, days and facts: one file of plain JSON.
      </p>
      <Button tone="strong" onClick={() => void take()}>
        Take the file
      </Button>
      <h3 className="mt-6 font-bold">Forget her</h3>
      <p className="mb-2">
        Removes all of it here, for good. What her devices still hold is refused afterwards, and a backup
        brings her back no more; only the file does, under Add a boat. Daily dumps hold her for up to four
        weeks.
      </p>
      <div className="flex flex-wrap items-center gap-2">
        <input
          aria-label={`Type ${boat.name} to forget her`}
          placeholder={boat.name}
          className="h-11 w-48 rounded-sm border-2 border-ink/50 px-2"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
        <Button disabled={mark === null || typed.trim() !== boat.name} onClick={() => void forget()}>
          Forget {boat.name}
        </Button>
        {mark === null && <span className="text-slate">Take the file first, then type her name.</span>}
      </div>
      {problem && (
        <p role="alert" className="mt-3 border-l-4 border-rust pl-3">
          {problem}
        </p>
      )}
    </>
  )
}
