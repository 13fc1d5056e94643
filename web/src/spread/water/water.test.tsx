import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it } from 'vitest'
import { useState } from 'react'
import { docOf, type Doc } from '../../draft/model'
import { kept } from '../../draft/test/fixtures'
import { WaterSheet } from './WaterSheet'

let now: Doc
function Page() {
  const [doc, setDoc] = useState(docOf(kept))
  now = doc
  return (
    <WaterSheet
      editor={{ doc, edit: setDoc }}
      engines={2}
      tide={{ mps: 0.8, towardsDeg: 340, when: '07:33' }}
      open
      onClose={() => {}}
    />
  )
}
const type = (label: string, text: string) => {
  const field = screen.getByLabelText(label)
  fireEvent.change(field, { target: { value: text } })
  fireEvent.keyDown(field, { key: 'Enter' })
}
afterEach(cleanup)

describe('the water as known', () => {
  it('is typed, and forgotten when emptied', () => {
    render(<Page />)
    type('Bottom', '100 ft')
    expect(now.draft.here!.bottomM).toBeCloseTo(30.48, 6)
    type('Bottom', '')
    expect(now.draft.here).toEqual({})
  })

  it('keeps a band and a stream only whole, and nothing that was not typed', () => {
    render(<Page />)
    type('Bait from', '12')
    expect(now.draft.here ?? {}).toEqual({})
    expect(screen.getByRole('status').textContent).toContain('one end alone is not kept')
    type('Bait to', '9')
    expect(screen.getByRole('alert').textContent).toContain('from 12.1 m')
    type('Bait to', '15')
    expect(now.draft.here).toEqual({ baitTopM: 12, baitBottomM: 15 })
    type('Stream', '1 kn')
    expect(now.draft.here).toEqual({ baitTopM: 12, baitBottomM: 15 })
    type('Sets towards', 'NE')
    expect(now.draft.here).toMatchObject({ streamTowardsDeg: 45 })
    type('Sets towards', '')
    expect(now.draft.here).toEqual({ baitTopM: 12, baitBottomM: 15 })
  })

  it('takes the stream from the tide of the moment shown', () => {
    render(<Page />)
    fireEvent.click(screen.getByText('Take the tide of 07:33'))
    expect(now.draft.here).toEqual({ streamMps: 0.8, streamTowardsDeg: 340 })
  })

  it('refuses what is out of range and counts the engines', () => {
    render(<Page />)
    type('Heading', '400')
    expect(screen.getByRole('alert').textContent).toContain('0° to 360°')
    fireEvent.change(screen.getByLabelText('Engines running'), { target: { value: '1' } })
    expect(now.draft.enginesRunning).toBe(1)
  })
})
