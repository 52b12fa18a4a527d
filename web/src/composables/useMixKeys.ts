import { useShortcuts, type Shortcut } from './useShortcuts'

/** What the keys of Mix do. */
interface Acts {
  type: () => void
  undo: () => void
  redo: () => void
  save: () => void
  nudge: (row: number, steps: number) => void
  movePart: (by: 1 | -1) => void
  balance: () => void
  wish: () => void
  tryOut: () => void
  writeDown: () => void
  showKeys: () => void
}

/** The keys of Mix while it is open; the list of them, to be shown. */
export function useMixKeys(acts: Acts): Shortcut[] {
  function nudgeFocused(direction: 1 | -1) {
    const row = document.activeElement?.closest<HTMLElement>('[data-line]')?.dataset.line
    if (row) acts.nudge(Number(row) - 1, direction)
  }
  const shortcuts: Shortcut[] = [
    { keys: '/', what: 'To the entry line', run: acts.type },
    { keys: 'ctrl+z', what: 'Undo', run: acts.undo, inFields: true },
    { keys: 'ctrl+shift+z', what: 'Redo', run: acts.redo, inFields: true },
    { keys: 'ctrl+s', what: 'Save', run: acts.save, inFields: true },
    { keys: 'alt+ArrowUp', what: 'A spoon more of the line in hand', run: () => nudgeFocused(1), inFields: true },
    { keys: 'alt+ArrowDown', what: 'A spoon less of the line in hand', run: () => nudgeFocused(-1), inFields: true },
    { keys: 'alt+ArrowLeft', what: 'The part in hand one place earlier', run: () => acts.movePart(-1) },
    { keys: 'alt+ArrowRight', what: 'The part in hand one place later', run: () => acts.movePart(1) },
    { keys: 'b', what: 'Balance: the least change that gives what you want', run: acts.balance },
    { keys: 'w', what: 'To the wishes', run: acts.wish },
    { keys: 't', what: 'Trial spoonful: one or two pieces first', run: acts.tryOut },
    { keys: 'l', what: 'Second look', run: () => document.getElementById('second-look')?.focus() },
    { keys: 'm', what: 'Made it: write a batch down', run: acts.writeDown },
    { keys: '1 to 4', what: 'Mix, Shape, Made it, Compare', run: () => {} },
    { keys: '?', what: 'These keys', run: acts.showKeys },
  ]
  useShortcuts(() => shortcuts)
  return shortcuts
}
