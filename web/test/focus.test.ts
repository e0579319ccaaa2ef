import { afterEach, describe, expect, it } from 'vitest'
import { createApp, defineComponent, h, nextTick, ref, type App } from 'vue'
import { useFocus } from '@/shared/useFocus'

const path = ref('/players')
const heading = ref('')
let app: App | undefined

function open() {
  document.body.innerHTML = '<div id="app"></div>'
  heading.value = ''
  app = createApp(defineComponent(() => {
    const page = ref<HTMLElement | null>(null)
    useFocus(() => page.value, path)
    return () => h('main', { ref: page }, [heading.value && h('h1', heading.value), h('button', { id: 'opens' }), h('input')])
  }))
  app.mount('#app')
}

/** Observers are told after what changed, in a task of their own. */
const settled = async () => {
  await nextTick()
  await new Promise((done) => setTimeout(done))
}

const dialog = () => {
  const place = document.createElement('div')
  place.className = 'v-overlay-container'
  document.body.append(place)
  return place
}

describe('the focus', () => {
  afterEach(() => app?.unmount())

  it('goes to the heading of a page when that has come', async () => {
    open()
    await settled()
    expect(document.activeElement).toBe(document.body)
    heading.value = 'Players'
    await settled()
    expect(document.activeElement?.textContent).toBe('Players')
    path.value = '/drills'
    heading.value = 'Drills'
    await settled()
    expect(document.activeElement?.tagName).toBe('H1')
  })

  it('stays where somebody types already', async () => {
    open()
    await settled()
    document.querySelector('input')?.focus()
    heading.value = 'Players'
    await settled()
    expect(document.activeElement?.tagName).toBe('INPUT')
  })

  it('goes back to what opened a dialog', async () => {
    open()
    heading.value = 'Players'
    await settled()
    document.querySelector<HTMLElement>('#opens')?.focus()
    const place = dialog()
    await settled()
    const within = document.createElement('div')
    within.className = 'v-overlay v-dialog'
    within.innerHTML = '<button>Close</button>'
    place.append(within)
    within.querySelector('button')?.focus()
    await settled()
    within.querySelector('button')?.blur()
    within.remove()
    await settled()
    expect(document.activeElement?.id).toBe('opens')
  })
})
