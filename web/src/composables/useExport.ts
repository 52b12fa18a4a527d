import { api, unwrap } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import { say } from './useNotice'

/** The open formats that a formula goes out in. */
export const FORMATS = [
  { id: 'md', word: 'Markdown card' },
  { id: 'jsonld', word: 'schema.org JSON-LD' },
  { id: 'json', word: 'Formula document' },
  { id: 'csv', word: 'Lines as CSV' },
] as const
export type Format = (typeof FORMATS)[number]['id']

/** Saves a formula document as a file of this device. */
export async function exportAs(document: FormulaDocument, format: Format) {
  try {
    const { text } = await unwrap(api.POST('/api/export', { body: { document: document, format } }))
    const link = window.document.createElement('a')
    link.href = URL.createObjectURL(new Blob([text], { type: 'text/plain' }))
    link.download = `${document.name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}.${format}`
    link.click()
    URL.revokeObjectURL(link.href)
    say(`“${document.name}” is exported as ${link.download}.`)
  } catch (failure) {
    say((failure as Error).message)
  }
}
