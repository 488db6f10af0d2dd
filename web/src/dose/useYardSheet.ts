import { watchDebounced } from '@vueuse/core'
import { ref, type Ref } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { saysBeside, saysByField } from '../api/refusal'
import { settingsOf, unread, type DoseDraft } from '../shared/dose/doseDraft'

/** The form's own name for a field of the server's. */
export function fieldName(field: string): string {
  return field.replace(/^settings\.(?!measure$)/, '').replace(/^strength.*$/, 'strength')
}

/** The sheets of a draft, computed anew whenever it changes; the newest answer wins, and a refusal leaves the sheet before it. */
export function useYardSheet(
  apiaryId: Ref<string>,
  draft: Ref<DoseDraft>,
  whom: Ref<{ hiveIds?: string[]; seriesNumber?: number }>,
  toolId: Ref<string | undefined>,
  none: () => boolean,
  /** What else the sheet depends on. */
  also: () => unknown,
) {
  const yard = ref<Shapes['YardSheet'] | null>(null)
  const wrong = ref<Record<string, string>>({})
  const problem = ref('')
  let asked = 0

  async function compute(): Promise<void> {
    if (!apiaryId.value || !draft.value.ruleSheetId || none()) return
    wrong.value = unread(draft.value)
    if (Object.keys(wrong.value).length > 0) return
    const turn = ++asked
    try {
      const found = await ask(
        api.POST('/api/apiaries/{id}/dose-sheet', {
          params: { path: { id: apiaryId.value } },
          body: {
            ruleSheetId: draft.value.ruleSheetId,
            settings: settingsOf(draft.value),
            hiveIds: whom.value.hiveIds,
            seriesNumber: whom.value.seriesNumber,
            toolId: toolId.value,
          },
        }),
      )
      if (turn !== asked) return
      yard.value = found
      problem.value = ''
    } catch (thrown) {
      if (turn !== asked) return
      wrong.value = saysByField(thrown, fieldName)
      problem.value = saysBeside(thrown)
    }
  }

  watchDebounced([draft, apiaryId, whom, toolId, also], compute, { debounce: 150, deep: true })

  return { yard, wrong, problem }
}
