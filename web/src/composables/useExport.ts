import { api, unwrap } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import { fileName, saveFile } from './saveFile'
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
    const name = `${fileName(document.name)}.${format}`
    saveFile(name, text)
    say(`“${document.name}” is exported as ${name}.`)
  } catch (failure) {
    say((failure as Error).message)
  }
}
