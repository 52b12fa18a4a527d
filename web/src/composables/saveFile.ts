/** Saves text, or what a file holds, as a file of this device. */
export function saveFile(name: string, content: string | Blob) {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(typeof content === 'string' ? new Blob([content], { type: 'text/plain' }) : content)
  link.download = name
  link.click()
  URL.revokeObjectURL(link.href)
}
/** A name as files have it. */
export const fileName = (name: string) => name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()
