import { ref } from 'vue'

/** A word at the foot of the screen: what happened and, where it can be, the way back. It stays until put away. */
export interface Notice {
  text: string
  action?: { word: string; run: () => void | Promise<void> }
}
export const notice = ref<Notice>()

export function say(text: string, action?: Notice['action']) {
  notice.value = { text, action }
}
