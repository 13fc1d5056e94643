import { describe, expect, it, vi } from 'vitest'
import { likely, perform, type Command } from './commands'

const commands = (): [Command[], ReturnType<typeof vi.fn>] => {
  const run = vi.fn()
  return [
    [
      { words: 'let … out to …', run: (...typed) => void run('let', ...typed) },
      { words: 'units feet', run: () => void run('feet') },
      { words: 'speed …', run: (typed) => (typed === 'fast' ? 'Type a speed.' : void run('speed', typed)) },
    ],
    run,
  ]
}

describe('a command', () => {
  it.each([
    ['let C1 out to 120 yd', ['let', 'C1', '120 yd']],
    ['  LET c1   out to   84', ['let', 'c1', '84']],
    ['units feet', ['feet']],
    ['Speed 7.5 kn', ['speed', '7.5 kn']],
  ])('%s is understood', (typed, done) => {
    const [all, run] = commands()
    expect(perform(all, typed)).toBeNull()
    expect(run).toHaveBeenCalledWith(...done)
  })

  it('says what is not understood or cannot be done, and does nothing', () => {
    const [all, run] = commands()
    expect(perform(all, 'let C1 out')).toContain('is not understood')
    expect(perform(all, 'speed')).toContain('is not understood')
    expect(perform(all, 'speed fast')).toBe('Type a speed.')
    expect(run).not.toHaveBeenCalled()
  })

  it('is offered by how it begins', () => {
    const [all] = commands()
    expect(likely(all, 'le').map((one) => one.words)).toEqual(['let … out to …'])
    expect(likely(all, '')).toHaveLength(3)
    expect(likely(all, 'zzz')).toHaveLength(3)
  })
})
