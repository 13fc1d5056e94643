import { describe, expect, it } from 'vitest'
import { edited, previewed, redone, settled, startHistory, undone } from './history'

describe('history', () => {
  it('goes back and forth', () => {
    const two = edited(edited(startHistory(0), 1), 2)
    expect(undone(two).now).toBe(1)
    expect(undone(undone(undone(two))).now).toBe(0)
    expect(redone(undone(two)).now).toBe(2)
    expect(redone(two)).toBe(two)
  })

  it('makes a drag one step', () => {
    let drag = startHistory(0)
    for (let i = 1; i <= 20; i++) drag = previewed(drag, i)
    const done = settled(drag)
    expect(done.past).toEqual([0])
    expect(undone(done).now).toBe(0)
    expect(settled(startHistory(5)).past).toEqual([])
  })

  it('forgets what was undone when something new is done', () => {
    const after = edited(undone(edited(startHistory(0), 1)), 9)
    expect(after.future).toEqual([])
    expect(undone(after).now).toBe(0)
  })

  it('records nothing where nothing changed', () => {
    expect(edited(startHistory(3), 3).past).toEqual([])
  })
})
