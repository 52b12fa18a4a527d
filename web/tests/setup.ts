import { vi } from 'vitest'

// jsdom has no media queries; every screen is a wide, light one there.
window.matchMedia ??= vi.fn((query: string) => ({
  matches: query.includes('min-width'),
  media: query,
  addEventListener: vi.fn(),
  removeEventListener: vi.fn(),
})) as never
