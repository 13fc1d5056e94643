import { describe, expect, it } from 'vitest'
import { codeIn, pairingAddress, spelt, usualName } from './words'

describe('the words of pairing', () => {
  it('carries the code to the device that reads it', () => {
    const address = pairingAddress('https://192.0.2.7:8443', 'ABCDEFGH')
    expect(codeIn(new URL(address).search)).toBe('ABCDEFGH')
    expect(codeIn('')).toBe('')
    expect(spelt('ABCDEFGH')).toBe('ABCD-EFGH')
  })

  it('calls a device what it is', () => {
    expect(usualName('Mozilla/5.0 (Linux; Android 14; Some) Mobile Safari')).toBe('Phone')
    expect(usualName('Mozilla/5.0 (Linux; Android 14; Some) Safari')).toBe('Tablet')
    expect(usualName('Mozilla/5.0 (X11; Linux x86_64)')).toBe('Computer')
  })
})
