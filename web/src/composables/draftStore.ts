import type { FormulaDocument } from '@/api/document'
import type { HistoryState } from './useHistory'

/** A draft as this browser keeps it. */
export interface KeptDraft {
  document: FormulaDocument
  /** The version that it stands on; none where nothing was saved yet. */
  baseId?: number
  /** The newest version that this device knew of. */
  newestId?: number
  history: HistoryState
  /** The revision at the server that it was typed on, and whether the server has it. */
  revision?: number
  sent?: boolean
}
/** A formula's number alone would mix the drafts of two databases that were served at one address. */
export const draftKey = (formula: { id: number; created_at: string }) =>
  `elm-cup:draft:${formula.id}:${formula.created_at}`

/** The draft of a key; nothing where there is none that can be read. */
export function keptDraft(key: string): KeptDraft | undefined {
  try {
    const text = localStorage.getItem(key)
    return text ? (JSON.parse(text) as KeptDraft) : undefined
  } catch {
    return undefined
  }
}
/** Keeps it; whether there was room. */
export function keepDraft(key: string, kept: KeptDraft): boolean {
  try {
    localStorage.setItem(key, JSON.stringify(kept))
    return true
  } catch {
    return false
  }
}
