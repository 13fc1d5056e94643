import { ask, Problem, type Schemas } from '../shared/api/client'
import { holds } from '../shared/api/keep'
import { sources } from '../shared/device'
import { outbox, type Item, type Outcome } from '../shared/outbox/outbox'
import type { Kept } from './queries'

type Body = Schemas['SpreadBody']

/** What became of a save: kept, or why not. Plain, so that another tab can hear it. */
type Answer = { save: string } & (
  { kept: Kept } | { problem: Pick<Problem, 'status' | 'message' | 'faults' | 'theirs' | 'yours'> }
)

interface Save extends Item {
  body: { save: string; spread: Body }
}

/**
 * Saves a spread: kept on this device until the server says what became of it, also when the page goes meanwhile.
 *
 * @throws Problem where it is refused, with what is kept where it is stale
 */
export async function saveSpread(boat: string, spread: Body): Promise<Kept> {
  const save = sources.uuid()
  const answered = new Promise<Answer>((done) => {
    const stop = outbox.onSent((sent) => {
      const mine = sent.find(({ answer }) => (answer as Answer | undefined)?.save === save)
      if (!mine) return
      stop()
      done(mine.answer as Answer)
    })
  })
  const item = { id: `spread/${spread.spreadId}`, way: 'spread', boat, words: `Save of ${spread.name}` }
  await outbox.add({ ...item, body: { save, spread } })
  const answer = await answered
  if ('kept' in answer) return answer.kept
  const { status, message, faults, theirs, yours } = answer.problem
  throw new Problem(status, message, faults, theirs, yours)
}

/** What is refused is held by the editor that saved it, as unsaved work, and shown there with both sides. */
async function sent(item: Save): Promise<Answer> {
  const { save, spread } = item.body
  try {
    const kept = await ask((api) =>
      api.PUT('/api/boats/{boat}/spreads/{spread}', {
        params: { path: { boat: item.boat, spread: spread.spreadId } },
        body: spread,
      }),
    )
    return { save, kept }
  } catch (error) {
    if (!(error instanceof Problem) || error.away || (error.status !== 409 && error.faults.length === 0))
      throw error
    // Sent again, it meets itself.
    if (error.status === 409 && holds(error.theirs, error.yours)) return { save, kept: error.theirs as Kept }
    const { status, message, faults, theirs, yours } = error
    return { save, problem: { status, message, faults, theirs, yours } }
  }
}

outbox.sends('spread', async (items): Promise<Outcome[]> => {
  const outcomes: Outcome[] = []
  for (const item of items) outcomes.push({ answer: await sent(item as Save) })
  return outcomes
})
