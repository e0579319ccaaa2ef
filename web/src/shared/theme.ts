import { useI18n } from 'vue-i18n'
import { createVuetify, type ThemeDefinition } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'
import { createVueI18nAdapter } from 'vuetify/locale/adapters/vue-i18n'
import 'vuetify/styles/core'
import { messages } from './messages'

/** The tokens of the design; everything else on the page is made from these. */
export const tokens = {
  light: {
    paper: '#F6F4EE', sheet: '#FFFFFF', ink: '#17262B', inkSoft: '#46575E', floor: '#DCE6E1',
    saffronText: '#9A4506', saffron: '#E98A15', pine: '#14553E', plum: '#6B3263', steel: '#1F4F78',
  },
  dark: {
    paper: '#12191C', sheet: '#1A2327', ink: '#EAF0EE', inkSoft: '#9DB0B4', floor: '#223036',
    saffronText: '#F5A742', saffron: '#F5A742', pine: '#6CC7A1', plum: '#D3A1CB', steel: '#8BBDE6',
  },
} as const

type Tokens = Record<keyof typeof tokens.light, string>

function theme(dark: boolean, token: Tokens): ThemeDefinition {
  return {
    dark,
    colors: {
      'background': token.paper,
      'on-background': token.ink,
      'surface': token.sheet,
      'on-surface': token.ink,
      'primary': dark ? token.saffron : token.saffronText,
      'on-primary': dark ? '#12191C' : '#FFFFFF',
      'secondary': token.steel,
      'success': token.pine,
      'error': token.plum,
      'ink-soft': token.inkSoft,
      'floor': token.floor,
      'saffron': token.saffron,
      'pine': token.pine,
      'plum': token.plum,
      'steel': token.steel,
    },
    variables: { 'high-emphasis-opacity': 1, 'medium-emphasis-opacity': 0.86 },
  }
}

/** By which the page may add styles. */
export const nonce = document.querySelector<HTMLMetaElement>('meta[name=csp-nonce]')?.content ?? ''

export const vuetify = createVuetify({
  locale: { adapter: createVueI18nAdapter({ i18n: messages, useI18n }) },
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  theme: {
    defaultTheme: 'system',
    cspNonce: nonce,
    themes: { light: theme(false, tokens.light), dark: theme(true, tokens.dark) },
  },
  defaults: {
    // While a list or dialog still moves it takes no touch, and keys go to the one that leaves: they are there at once, or gone.
    global: { ripple: false, transition: { css: false } },
    VBtn: { rounded: 'md', variant: 'outlined', class: 'plain-words' },
    VTextField: { variant: 'outlined', density: 'comfortable' },
    VSelect: { variant: 'outlined', density: 'comfortable' },
    VAutocomplete: { variant: 'outlined', density: 'comfortable' },
    VCombobox: { variant: 'outlined', density: 'comfortable' },
    VSwitch: { color: 'on-surface', inset: true, hideDetails: true },
    VCard: { rounded: 'md', variant: 'flat' },
  },
})
