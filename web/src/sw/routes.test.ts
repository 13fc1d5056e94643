import { describe, expect, it } from 'vitest'
import { tooMany } from '../shared/tooMany'
import { wayOf } from './routes'

const shell = new Set(['/assets/page-1.js', '/favicon.svg'])
const way = (path: string, method = 'GET', isPage = false) => wayOf(method, path, isPage, shell)

describe('how a request is answered', () => {
  it('has its own scripts at hand, and no other edition’s', () => {
    expect(way('/assets/page-1.js')).toBe('SHELL')
    expect(way('/assets/page-0.js')).toBe('NETWORK')
  })

  it('holds the page and what was read', () => {
    expect(way('/boats/b/deck/s', 'GET', true)).toBe('PAGE')
    expect(way('/', 'GET', true)).toBe('PAGE')
    expect(way('/api/boats/b/spreads/s/deck')).toBe('DATA')
  })

  it('never holds what is written, of now, or of one reader', () => {
    expect(way('/api/boats/b/facts', 'POST')).toBe('NETWORK')
    expect(way('/api/boats/b/instruments')).toBe('NETWORK')
    expect(way('/api/boats/b/practice')).toBe('NETWORK')
    expect(way('/api/boats/b/export', 'GET', true)).toBe('NETWORK')
    expect(way('/api/devices')).toBe('NETWORK')
    expect(way('/api/boats/b/spreads/s/solved')).toBe('NETWORK')
    expect(way('/actuator/health')).toBe('NETWORK')
  })

  it('lets the oldest go', () => {
    expect(tooMany([1, 2, 3], 2)).toEqual([1])
    expect(tooMany([1], 2)).toEqual([])
  })
})
