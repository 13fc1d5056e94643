import { describe, expect, it } from 'vitest'
import { docOf } from '../../draft/model'
import { kept } from '../../draft/test/fixtures'
import type { Catalogue, Made, Origin } from '../../call/queries'
import { renamed } from './RefillOffer'
import { refilled, retold } from './useRefill'

const words = {
  playbooks: [
    { playbook: 'MIXED', words: 'Mixed surface' },
    { playbook: 'BIRDS', words: 'Ahead of birds' },
  ],
} as Catalogue

const made = (playbook: Made['playbook'], says: Record<string, string>) =>
  ({
    playbook,
    stories: Object.entries(says).map(([lineId, text]) => ({ lineId, says: [{ text, figures: [] }] })),
  }) as unknown as Made

describe('a refill', () => {
  it('tells the lines called anew by the new call, leaves those that stay their story, and drops those that went', () => {
    const before = made('MIXED', { stays: 'for birds', went: 'once' }) as unknown as Origin
    const line = kept.draft.lines[0]!
    const draft = { ...kept.draft, lines: ['stays', 'fresh'].map((lineId) => ({ ...line, lineId })) }
    const after = retold(before, { draft, made: made('BIRDS', { fresh: 'ahead' }) })
    expect(after.playbook).toBe('BIRDS')
    expect(after.stories.map(({ lineId, says }) => [lineId, says[0]!.text])).toEqual([
      ['stays', 'for birds'],
      ['fresh', 'ahead'],
    ])
  })

  it('keeps what is known of the water', () => {
    const doc = docOf({ ...kept, draft: { ...kept.draft, here: { bottomM: 74 } } })
    const draft = { ...kept.draft, speedThroughWaterMps: 4, here: { bottomM: 60, streamMps: 0.4 } }
    const next = refilled(doc, { draft, made: made('BIRDS', {}) })
    expect(next.draft.here).toEqual({ bottomM: 74, streamMps: 0.4 })
    expect(next.draft.speedThroughWaterMps).toBe(4)
  })

  it('renames what changes its nature, and nothing else', () => {
    expect(renamed('Mixed surface, 18 Jun', words, 'BIRDS')).toBe('Ahead of birds, 18 Jun')
    expect(renamed('Mixed surface', words, 'MIXED')).toBe('Mixed surface')
    expect(renamed('Saturday', words, 'BIRDS')).toBe('Saturday')
  })
})
