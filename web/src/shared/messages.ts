import { createI18n } from 'vue-i18n'
import { language, spoken } from './language'

export const messages = createI18n({ legacy: false, locale: language, messages: { [language]: await spoken() }, missingWarn: false })
