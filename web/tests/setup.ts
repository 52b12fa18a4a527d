import { afterEach, beforeEach, vi } from 'vitest'

// No test waits by the clock: `settle` of the helpers moves it.
beforeEach(() => void vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'setInterval', 'clearInterval'] }))
afterEach(() => void vi.useRealTimers())

// jsdom has no media queries; every screen is a wide, light one there.
window.matchMedia ??= vi.fn((query: string) => ({
  matches: query.includes('min-width'),
  media: query,
  addEventListener: vi.fn(),
  removeEventListener: vi.fn(),
})) as never
