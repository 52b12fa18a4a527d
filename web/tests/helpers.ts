import { mount } from '@vue/test-utils'
import PrimeVue from 'primevue/config'
import { vi } from 'vitest'
import { effectScope, type Component, type EffectScope } from 'vue'
import type { AssessedLine, Library } from '@/api/client'
import type { FormulaDocument } from '@/api/document'
import { useDraft } from '@/composables/useDraft'

/** Mounts a component as the application would. */
export function show(component: Component, props: Record<string, unknown> = {}) {
  return mount(component, {
    props,
    attachTo: document.body,
    global: { plugins: [PrimeVue], stubs: { RouterLink: { props: ['to'], template: '<a :href="to"><slot /></a>' } } },
  })
}

/** Answers every request by its path; what is asked is kept. */
export function serve(answers: Record<string, (body: unknown) => unknown>) {
  const asked: { method: string; path: string; body: unknown }[] = []
  vi.stubGlobal('fetch', async (request: Request) => {
    const path = new URL(request.url).pathname
    const body = ['POST', 'PUT'].includes(request.method) ? JSON.parse((await request.text()) || 'null') : undefined
    asked.push({ method: request.method, path, body })
    const answer = answers[`${request.method} ${path}`]?.(body)
    if (answer === undefined) {
      const problem = {
        type: 'about:blank',
        title: 'Not found',
        status: 404,
        detail: 'There is nothing here',
        errors: [],
      }
      return new Response(JSON.stringify(problem), {
        status: 404,
        headers: { 'content-type': 'application/problem+json' },
      })
    }
    return new Response(JSON.stringify(answer), { status: 200, headers: { 'content-type': 'application/json' } })
  })
  return asked
}

export const TEXTURES: Library['textures'] = (
  ['loose', 'crumbly', 'presses', 'rolls', 'tacky', 'spreads', 'pours'] as const
).map((id) => ({ id, word: id, squeeze: `it ${id}` }))

const way = { choices: [], least: 1, most: 1000, whole: false, beside: false }
export const SHAPES: Library['shapes'] = [
  {
    kind: 'ball',
    want: 'rolls',
    usual: { kind: 'ball', piece_grams: 18 },
    ways: [
      { ...way, key: 'piece_grams', word: 'grams a piece', usual: 18, unit: 'g', figure: 'piece_grams' },
      { ...way, key: 'scoop_ml', word: 'scoop', usual: 23.66, choices: [{ value: 23.66, words: '#40 (24 mL)' }] },
      { ...way, key: 'pieces', word: 'pieces', usual: 24, whole: true, figure: 'count' },
    ],
  },
]

/** An assessed line; `changes` say how it differs from two spoons of honey. */
export function line(changes: Partial<AssessedLine> = {}): AssessedLine {
  return {
    text: '2 tbsp honey',
    status: 'read',
    confidence: 0.98,
    candidates: [],
    ingredient: 'honey',
    name: 'Honey',
    form: 'syrup',
    grams: 42.4,
    share: 0.25,
    supply_ml: 29.7,
    demand_ml: 0,
    split_ml: { water: 0, syrup: 29.7, pulp: 0, fat: 0 },
    allergens: [],
    assumptions: [],
    notes: [],
    ...changes,
  }
}

/** Lets debounced work and answers come in. */
export async function settle(ms = 120) {
  for (let past = 0; past < ms; past += STEP) await vi.advanceTimersByTimeAsync(STEP)
}
const STEP = 20

/** A formula that has nothing in it yet. */
export function emptyFormula(name: string): FormulaDocument {
  return {
    elm_cup: 'formula/1',
    name,
    components: [{ name: 'dough', type: 'dough', process: 'hand', lines: [] }],
    shape: { kind: 'ball', piece_grams: 18 },
  }
}

const scopes: EffectScope[] = []
/** The draft of a formula, as a view has it; `closeDrafts` is what leaving the view does. */
export function draftOf(id: number) {
  const scope = effectScope(true)
  scopes.push(scope)
  return scope.run(() => useDraft(id))!
}
export function closeDrafts() {
  for (const scope of scopes.splice(0)) scope.stop()
}

/** A stream of server-sent events: what `script` gives comes one after the other, a promise when it is there; then the end. */
export function streamed(script: () => (readonly [event: string, data: unknown])[]) {
  class Source extends EventTarget {
    static readonly CLOSED = 2
    readyState = 1
    constructor(readonly url: string) {
      super()
      void this.play()
    }
    private async play() {
      await settle(0)
      for (const [event, data] of [...script(), ['end', {}] as const]) {
        const said = JSON.stringify(await data)
        if (this.readyState !== Source.CLOSED) this.dispatchEvent(new MessageEvent(event, { data: said }))
      }
    }
    close() {
      this.readyState = Source.CLOSED
    }
  }
  vi.stubGlobal('EventSource', Source)
  return serveAny((request) =>
    request.method === 'DELETE' ? { called_off: true } : { ticket: new URL(request.url).pathname.split('/')[3] },
  )
}
function serveAny(answer: (request: Request) => unknown) {
  const asked: string[] = []
  vi.stubGlobal('fetch', async (request: Request) => {
    asked.push(`${request.method} ${new URL(request.url).pathname}`)
    return new Response(JSON.stringify(answer(request)), { headers: { 'content-type': 'application/json' } })
  })
  return asked
}
