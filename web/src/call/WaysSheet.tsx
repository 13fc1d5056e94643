import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import type { Problem } from '../shared/api/client'
import { Sheet } from '../shared/ui/Sheet'
import { schoolsOf, takeSide, type Catalogue, type Side } from './queries'

/** Where practitioners disagree: the side taken is remembered, and the call follows. */
export function WaysSheet({
  boat,
  words,
  open,
  onClose,
}: {
  boat: string
  words: Catalogue
  open: boolean
  onClose(): void
}) {
  const queries = useQueryClient()
  const sides = useQuery({ ...schoolsOf(boat), enabled: open }).data ?? []
  const [problem, setProblem] = useState<string | null>(null)
  const take = async (side: Side) => {
    try {
      queries.setQueryData(schoolsOf(boat).queryKey, await takeSide(boat, side))
      setProblem(null)
    } catch (error) {
      const refused = error as Problem
      const theirs = refused.theirs as Side | undefined
      setProblem(theirs ? overtaken(side, theirs) : refused.message)
      if (theirs) await queries.invalidateQueries({ queryKey: schoolsOf(boat).queryKey })
    }
  }
  /** Both sides of a choice that was made elsewhere meanwhile. */
  const overtaken = (mine: Side, theirs: Side) => {
    const school = words.schools.find((one) => one.school === mine.school)
    return `${school?.asks}: “${school?.sides[theirs.side]}” was chosen elsewhere meanwhile and stands. Yours, “${school?.sides[mine.side]}”, was not kept; choose it again to take it.`
  }
  return (
    <Sheet title="Your ways" open={open} onClose={onClose} wide>
      <p className="mb-3">Good crews differ here. Take your side; the call and the spread follow it.</p>
      {problem && (
        <p role="alert" className="mb-2 border-l-4 border-rust pl-2">
          {problem}
        </p>
      )}
      <div className="grid gap-x-8 gap-y-3 md:grid-cols-2">
        {words.schools.map((school) => {
          const kept = sides.find((side) => side.school === school.school)
          const taken = kept?.side ?? 0
          return (
            <fieldset key={school.school} className="border-t border-ink/25 pt-2">
              <legend className="pr-2 font-bold">{school.asks}</legend>
              {school.sides.map((side, at) => (
                <label key={side} className="flex min-h-11 items-center gap-2.5">
                  <input
                    type="radio"
                    className="size-5 accent-[#17211b]"
                    name={school.school}
                    checked={taken === at}
                    onChange={() =>
                      void take({ school: school.school, side: at, version: kept?.version ?? 0 })
                    }
                  />
                  {side}
                </label>
              ))}
            </fieldset>
          )
        })}
      </div>
    </Sheet>
  )
}
