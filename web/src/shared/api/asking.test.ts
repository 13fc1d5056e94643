import { onlineManager, QueryObserver } from '@tanstack/react-query'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { askAnew, newQueries } from './asking'

const blink = async () => {
  onlineManager.setOnline(false)
  onlineManager.setOnline(true)
  await new Promise((done) => setTimeout(done, 0))
}

describe('a link that comes back', () => {
  afterEach(() => onlineManager.setOnline(true))

  it.each([
    ['asks nothing again that stood a moment ago', 10_000, 1],
    ['asks again what is older than a minute', 61_000, 2],
  ])('%s', async (_what, ageMs, asked) => {
    const queries = newQueries()
    queries.mount()
    const ask = vi.fn().mockResolvedValue('answer')
    const observer = new QueryObserver(queries, {
      queryKey: ['thing'],
      queryFn: ask as () => Promise<string>,
    })
    const stop = observer.subscribe(() => {})
    await vi.waitFor(() => expect(observer.getCurrentResult().data).toBe('answer'))
    queries.setQueryData(['thing'], 'answer', { updatedAt: Date.now() - ageMs })
    await blink()
    expect(ask).toHaveBeenCalledTimes(asked)
    stop()
    queries.unmount()
  })
})

describe('what has changed', () => {
  it('is asked again although the first answer was still on its way, and that one does not come in', async () => {
    const queries = newQueries()
    queries.mount()
    const answers: ((answer: string) => void)[] = []
    const queryFn = () => new Promise<string>((resolve) => answers.push(resolve))
    const observer = new QueryObserver(queries, { queryKey: ['log'], queryFn })
    const stop = observer.subscribe(() => undefined)
    await vi.waitFor(() => expect(answers).toHaveLength(1))
    await askAnewWhile(queries, answers)
    expect(observer.getCurrentResult().data).toBe('with the fact')
    stop()
  })
})

/** The server read the first answer before it had the fact. */
async function askAnewWhile(queries: ReturnType<typeof newQueries>, answers: ((answer: string) => void)[]) {
  const asked = askAnew(queries, ['log'])
  await vi.waitFor(() => expect(answers).toHaveLength(2))
  answers[0]!('without')
  answers[1]!('with the fact')
  await asked
  await new Promise((done) => setTimeout(done, 0))
}
