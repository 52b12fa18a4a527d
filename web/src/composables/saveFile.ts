/** Saves text as a file of this device. */
export function saveFile(name: string, text: string) {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([text], { type: 'text/plain' }))
  link.download = name
  link.click()
  URL.revokeObjectURL(link.href)
}
/** A name as files have it. */
export const fileName = (name: string) => name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()
