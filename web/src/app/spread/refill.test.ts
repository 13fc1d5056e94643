import { describe, expect, it } from 'vitest'
import { docOf } from '../../draft/model'
import { kept } from '../../draft/test/fixtures'
import type { Catalogue } from '../../call/queries'
import { renamed } from './RefillOffer'
import { refilled } from './useRefill'

const words = {
  playbooks: [
    { playbook: 'MIXED', words: 'Mixed surface' },
    { playbook: 'BIRDS', words: 'Ahead of birds' },
  ],
} as Catalogue

describe('a refill', () => {
  it('keeps what is known of the water', () => {
    const doc = docOf({ ...kept, draft: { ...kept.draft, here: { bottomM: 74 } } })
    const draft = { ...kept.draft, speedThroughWaterMps: 4, here: { bottomM: 60, streamMps: 0.4 } }
    const next = refilled(doc, { draft, playbook: 'BIRDS' })
    expect(next.draft.here).toEqual({ bottomM: 74, streamMps: 0.4 })
    expect(next.draft.speedThroughWaterMps).toBe(4)
  })

  it('renames what changes its nature, and nothing else', () => {
    expect(renamed('Mixed surface, 18 Jun', words, 'BIRDS')).toBe('Ahead of birds, 18 Jun')
    expect(renamed('Mixed surface', words, 'MIXED')).toBe('Mixed surface')
    expect(renamed('Saturday', words, 'BIRDS')).toBe('Saturday')
  })
})
