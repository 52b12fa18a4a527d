import { definePreset } from '@primeuix/themes'
import base from '@primeuix/themes/aura/base'
import autocomplete from '@primeuix/themes/aura/autocomplete'
import button from '@primeuix/themes/aura/button'
import dialog from '@primeuix/themes/aura/dialog'
import inputtext from '@primeuix/themes/aura/inputtext'
import select from '@primeuix/themes/aura/select'
import textarea from '@primeuix/themes/aura/textarea'

/* Text to page: PrimeVue's dark surfaces count the other way round. */
const surface = {
  0: 'var(--milk)',
  50: 'var(--oat)',
  100: 'var(--oat)',
  200: 'var(--bran)',
  300: 'var(--bran)',
  400: 'var(--husk)',
  500: 'var(--husk)',
  600: 'var(--husk)',
  700: 'var(--cocoa)',
  800: 'var(--cocoa)',
  900: 'var(--cocoa)',
  950: 'var(--cocoa)',
}
const mirrored = Object.fromEntries(
  Object.entries(surface).map(([step], index, all) => [step, all[all.length - 1 - index]![1]]),
)
const primary = Object.fromEntries(
  Object.keys(surface)
    .slice(1)
    .map((step) => [step, 'var(--elm)']),
)
const scheme = {
  primary: {
    color: 'var(--elm)',
    contrastColor: 'var(--on-elm)',
    hoverColor: 'var(--elm-strong)',
    activeColor: 'var(--elm-strong)',
  },
  highlight: {
    background: 'var(--elm-tint)',
    focusBackground: 'var(--elm-tint)',
    color: 'var(--cocoa)',
    focusColor: 'var(--cocoa)',
  },
  text: {
    color: 'var(--cocoa)',
    hoverColor: 'var(--cocoa)',
    mutedColor: 'var(--husk)',
    hoverMutedColor: 'var(--husk)',
  },
  content: {
    background: 'var(--milk)',
    hoverBackground: 'var(--oat)',
    borderColor: 'var(--bran)',
    color: 'var(--cocoa)',
    hoverColor: 'var(--cocoa)',
  },
  formField: {
    background: 'var(--milk)',
    borderColor: 'var(--husk)',
    hoverBorderColor: 'var(--cocoa)',
    focusBorderColor: 'var(--elm)',
    color: 'var(--cocoa)',
    placeholderColor: 'var(--husk)',
    shadow: 'none',
    invalidBorderColor: 'var(--berry)',
    invalidPlaceholderColor: 'var(--husk)',
  },
  overlay: {
    select: { background: 'var(--milk)', borderColor: 'var(--bran)', color: 'var(--cocoa)' },
    popover: { background: 'var(--milk)', borderColor: 'var(--bran)', color: 'var(--cocoa)' },
    modal: { background: 'var(--milk)', borderColor: 'var(--bran)', color: 'var(--cocoa)' },
  },
  list: {
    option: {
      focusBackground: 'var(--oat)',
      selectedBackground: 'var(--elm-tint)',
      selectedFocusBackground: 'var(--elm-tint)',
      color: 'var(--cocoa)',
      focusColor: 'var(--cocoa)',
      selectedColor: 'var(--cocoa)',
      selectedFocusColor: 'var(--cocoa)',
    },
  },
  mask: { background: 'var(--shade)', color: 'var(--cocoa)' },
}
const secondary = {
  background: 'transparent',
  hoverBackground: 'var(--oat)',
  activeBackground: 'var(--bran)',
  borderColor: 'var(--husk)',
  hoverBorderColor: 'var(--cocoa)',
  activeBorderColor: 'var(--cocoa)',
  color: 'var(--cocoa)',
  hoverColor: 'var(--cocoa)',
  activeColor: 'var(--cocoa)',
}
const plain = { hoverBackground: 'var(--oat)', activeBackground: 'var(--bran)', color: 'var(--cocoa)' }
const buttonScheme = {
  root: { secondary },
  text: { primary: { ...plain, color: 'var(--elm)' }, secondary: plain },
}

/** The product's own preset: PrimeVue's measures, every colour a token of ours. */
export const preset = definePreset(
  { ...base, components: { autocomplete, button, dialog, inputtext, select, textarea } } as never,
  {
    primitive: { borderRadius: { xs: '4px', sm: '4px', md: '6px', lg: '10px', xl: '10px' } },
    semantic: {
      transitionDuration: '0.12s',
      focusRing: { width: '2px', style: 'solid', color: 'var(--elm)', offset: '2px', shadow: 'none' },
      primary,
      colorScheme: { light: { surface, ...scheme }, dark: { surface: mirrored, ...scheme } },
    },
    components: { button: { colorScheme: { light: buttonScheme, dark: buttonScheme } } },
  } as never,
)
