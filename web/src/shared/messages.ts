import en from '@messages/en.json'
import { createI18n } from 'vue-i18n'

export const messages = createI18n({ legacy: false, locale: 'en', messages: { en }, missingWarn: false })
