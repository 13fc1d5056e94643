import { describe, expect, it } from 'vitest'
import { newestNext } from './useNewestNext'

function byHand() {
  const started: number[] = []
  const done: (() => void)[] = []
  const queue = newestNext<number>((asked) => {
    started.push(asked)
    return new Promise((resolve) => done.push(resolve))
  })
  return { started, done, queue }
}
const tick = () => new Promise((resolve) => setTimeout(resolve, 0))

describe('one piece of work at a time', () => {
  it('takes the newest next and leaves out what came between', async () => {
    const { started, done, queue } = byHand()
    queue.ask(1)
    queue.ask(2)
    expect(queue.overtaken()).toBe(true)
    queue.ask(3)
    expect(started).toEqual([1])
    done[0]!()
    await tick()
    expect(started).toEqual([1, 3])
    expect(queue.overtaken()).toBe(false)
  })

  it('is settled when the last is done, and starts again after that', async () => {
    const { started, done, queue } = byHand()
    let settled = false
    await queue.settled()
    queue.ask(1)
    void queue.settled().then(() => (settled = true))
    await tick()
    expect(settled).toBe(false)
    done[0]!()
    await tick()
    expect(settled).toBe(true)
    queue.ask(2)
    expect(started).toEqual([1, 2])
  })
})
