import { Problem } from '../shared/api/client'
import { outbox, type Item, type Outcome } from '../shared/outbox/outbox'
import { tick, type Ticked } from './queries'

/** A tick on its way; another of the same task takes its place. */
export interface TickItem {
  spread: string
  task: string
  done: boolean
  version: number
}

export const tickId = (spread: string, task: string) => `tick/${spread}/${task}`

/** How the ticks of a spread stand when one was sent, and what must be said of it. */
export interface TickAnswer {
  ticked: readonly Ticked[]
  problem: string | null
}

/** One that was set elsewhere meanwhile stands so; it is said, and not fought over. */
async function send(item: Item): Promise<TickAnswer> {
  const { spread, ...body } = item.body as TickItem
  try {
    return { ticked: await tick(item.boat, spread, body), problem: null }
  } catch (error) {
    const theirs = error instanceof Problem && (error.theirs as Ticked | undefined)
    if (!theirs) throw error
    const says = `It was ${theirs.done ? 'ticked' : 'opened again'} elsewhere meanwhile, and stands so now.`
    return { ticked: [theirs], problem: theirs.done === body.done ? null : says }
  }
}

outbox.sends('tick', async (items): Promise<Outcome[]> => {
  const outcomes: Outcome[] = []
  for (const item of items) outcomes.push({ answer: await send(item) })
  return outcomes
})
