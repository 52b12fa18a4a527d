import { onActivated, onBeforeUnmount, onDeactivated, onMounted } from 'vue'

/** One key: `keys` as "ctrl+z", "alt+ArrowUp", "/" ; in a text field only those with ctrl or alt act. */
export interface Shortcut {
  keys: string
  what: string
  run: (event: KeyboardEvent) => void
  /** Works while a field has the focus. */
  inFields?: boolean
}
function pressed(event: KeyboardEvent): string {
  const modifiers = [
    event.ctrlKey || event.metaKey ? 'ctrl' : '',
    event.altKey ? 'alt' : '',
    event.shiftKey && event.key.length > 1 ? 'shift' : '',
  ]
  const key = event.key.length === 1 ? event.key.toLowerCase() : event.key
  if (event.ctrlKey && event.shiftKey && event.key.length === 1) modifiers.push('shift')
  return [...modifiers.filter(Boolean), key].join('+')
}
const inField = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))

/** Listens while the view is open and in front; a dialog on top keeps the keys to itself. */
export function useShortcuts(shortcuts: () => Shortcut[]) {
  function listen(event: KeyboardEvent) {
    if (document.querySelector('[role="dialog"]')) return
    const found = shortcuts().find((each) => each.keys === pressed(event))
    if (!found || (inField(event.target) && !found.inFields)) return
    event.preventDefault()
    found.run(event)
  }
  const start = () => window.addEventListener('keydown', listen)
  const stop = () => window.removeEventListener('keydown', listen)
  onMounted(start)
  onActivated(start)
  onDeactivated(stop)
  onBeforeUnmount(stop)
}
