import { ref, watchEffect } from 'vue'
import { useKept } from '@/composables/useKept'

export type Scheme = 'device' | 'light' | 'dark'
const device = window.matchMedia?.('(prefers-color-scheme: dark)')
const deviceDark = ref(device?.matches ?? false)
device?.addEventListener?.('change', (event) => (deviceDark.value = event.matches))

/** Light, dark, or as the device says; kept on this device. */
export const scheme = useKept<Scheme>('elm-cup:scheme', () => 'device')

/** Keeps the page's class in step with the choice. */
export function followScheme() {
  watchEffect(() => {
    const dark = scheme.value === 'dark' || (scheme.value === 'device' && deviceDark.value)
    document.documentElement.classList.toggle('dark', dark)
  })
}
