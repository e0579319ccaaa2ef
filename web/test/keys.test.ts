import { describe, expect, it } from 'vitest'
import { KEYS, actionOf, tokenOf, type ActionId } from '@/courtside/keys'

const key = (name: string, shiftKey = false) => tokenOf(new KeyboardEvent('keydown', { key: name, shiftKey }))

describe('keys beside the court', () => {
  it('each do one thing', () => {
    expect(new Set(Object.values(KEYS)).size).toBe(Object.keys(KEYS).length)
    for (const [action, token] of Object.entries(KEYS)) {
      expect(actionOf(token, {})).toBe(action as ActionId)
    }
  })

  it('are remembered with shift only where that makes another key', () => {
    expect(key(' ')).toBe('Space')
    expect(key('Backspace', true)).toBe('Shift+Backspace')
    expect(key('W', true)).toBe('Shift+w')
    expect(key('W')).toBe('w')
    expect(key('?', true)).toBe('?')
  })

  it('that were learned come before what they did, and leave the old one free', () => {
    expect(actionOf('PageDown', { hit: 'PageDown' })).toBe('hit')
    expect(actionOf('Space', { hit: 'PageDown' })).toBeUndefined()
    expect(actionOf('n', { hit: 'n' })).toBe('hit')
  })
})
