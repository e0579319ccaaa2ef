import { createApp } from 'vue'
import { messages } from '@/shared/messages'

/** What a composable gives to a component of the application. */
export function inApp<T>(composable: () => T): T {
  let given: T | undefined
  const app = createApp({
    setup() {
      given = composable()
      return () => null
    },
  })
  app.use(messages).mount(document.createElement('div'))
  if (given === undefined) {
    throw new Error('it gave nothing')
  }
  return given
}
