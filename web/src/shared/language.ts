import type en from '@messages/en.json'

type Messages = typeof en

/** Each file of messages is a language, and nothing else is needed for one; of those that there are the browser's first is spoken. */
const files = import.meta.glob<{ default: Messages }>('@messages/*.json')
const nameOf = (path: string) => path.replace(/^.*\//, '').replace('.json', '')
const languages = new Map(Object.entries(files).map(([path, load]) => [nameOf(path), load]))
const PLAIN = 'en'

export const language = navigator.languages.map((one) => one.split('-')[0] ?? '').find((one) => languages.has(one)) ?? PLAIN

/** By which dates and numbers are written. */
export const region = navigator.languages.find((one) => one.split('-')[0] === language && language !== PLAIN) ?? 'en-GB'

export async function spoken(): Promise<Messages> {
  return (await languages.get(language)?.())?.default ?? {} as Messages
}
