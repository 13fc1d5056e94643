import { describe, expect, it } from 'vitest'
import { gear } from '../../draft/test/fixtures'
import { look, roleWords } from './model'

const names = (found: ReturnType<typeof look>) =>
  [...found.lures, ...found.lines, ...found.reels].map((item) => item.name)

const NONE: ReadonlySet<string> = new Set()

describe('the box', () => {
  it('finds by every word, wherever it stands', () => {
    const lure = gear.lures[0]!
    expect(names(look(gear, NONE, 'all', `${lure.colour} ${lure.name.split(' ')[0]}`))).toContain(lure.name)
    expect(names(look(gear, NONE, 'all', `${lure.colour} nowhere`))).toEqual([])
    expect(names(look(gear, NONE, 'all', ''))).toHaveLength(
      gear.lures.length + gear.lines.length + gear.reels.length,
    )
  })

  it('keeps leads apart from lures', () => {
    const leads = look(gear, NONE, 'leads', '').lures
    expect(leads.every((lure) => lure.kind.endsWith('_LEAD'))).toBe(true)
    expect(look(gear, NONE, 'lures', '').lures).toHaveLength(gear.lures.length - leads.length)
    expect(look(gear, NONE, 'lines', '').lures).toEqual([])
  })

  it('says of the colour only what was chosen', () => {
    const lure = gear.lures[0]!
    expect(roleWords(lure)).toBe('')
    expect(roleWords({ ...lure, colourRole: 'ATTRACTOR', shade: 'DARK' })).toBe('shows itself, dark')
  })
})
