import { computed, onActivated, onDeactivated, ref } from 'vue'
import { api, unwrap, type Step, type StepsEdit } from '@/api/client'
import { useAnswer } from './useAnswer'
import type { Draft } from './useDraft'
import { say } from './useNotice'

/** Milliseconds of rest before the steps are asked for: they need the cold, which takes a moment. */
const REST = 350

/** The steps of a draft, and the changes that a cook makes to them. The core makes each change; each is one edit. */
export function useSteps(draft: Draft) {
  const open = ref(true)
  onActivated(() => (open.value = true))
  onDeactivated(() => (open.value = false))
  const asked = computed(() => (open.value && draft.loaded.value ? draft.document.value : undefined))
  const { answer, error } = useAnswer(
    asked,
    (document, signal) =>
      unwrap(
        api.POST('/api/steps', {
          body: { document, ...(draft.base.value ? { before: draft.base.value.document } : {}) },
          signal,
        }),
      ),
    REST,
  )
  let last: Promise<unknown> = Promise.resolve()
  /** Makes a change after the one before it. */
  function change(edit: StepsEdit) {
    const making = last.then(() => make(edit))
    last = making
    return draft.expect(making)
  }
  async function make(edit: StepsEdit): Promise<string | undefined> {
    try {
      for (;;) {
        const document = draft.document.value
        const made = await unwrap(api.POST('/api/steps/edit', { body: { document, edit } }))
        // What was typed while the core was at it comes first.
        if (draft.document.value !== document) continue
        draft.put(made.words, made.formula)
        return made.id ?? undefined
      }
    } catch (failure) {
      say((failure as Error).message)
    }
  }
  const undo = { word: 'Undo', run: () => draft.undo() }
  async function drop(step: Step) {
    await change({ kind: step.asked ? 'drop' : 'reset', id: step.id })
    say(step.asked ? `“${step.text}” is left out.` : `“${step.text}” is gone.`, undo)
  }
  return {
    answer,
    error,
    set: (id: string, set: Record<string, unknown>) => change({ kind: 'set', id, set }),
    move: (id: string, to: number) => change({ kind: 'move', id, to }),
    add: (after: string | undefined, text: string, step = 'own') =>
      change({ kind: 'add', after: after ?? null, text, step }),
    drop,
    restore: (id: string) => change({ kind: 'restore', id }),
    reset: (id: string) => change({ kind: 'reset', id }),
  }
}
export type Steps = ReturnType<typeof useSteps>
