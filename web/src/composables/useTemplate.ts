import { api, unwrap } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import { fileName, saveFile } from './saveFile'
import { say } from './useNotice'

/** Saves the cut of a document at true size as a PDF of this device. */
export async function saveTemplate(document: FormulaDocument) {
  try {
    const file = await unwrap(api.POST('/api/shape/template', { body: document, parseAs: 'blob' }))
    const name = `${fileName(document.name)}-cut.pdf`
    saveFile(name, file as unknown as Blob)
    say(`The cut is saved as ${name}. Print it at 100 %.`)
  } catch (failure) {
    say((failure as Error).message)
  }
}
