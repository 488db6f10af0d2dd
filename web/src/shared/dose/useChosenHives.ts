import { computed, ref, watch, type Ref } from 'vue'
import type { LocationQuery } from 'vue-router'
import { api, ask, type Shapes } from '../../api/client'
import { t } from '../../words/words'

/**
 * Which hives of the apiary a round treats: those of the series that it belongs to, or all that were not left out by decision; the
 * keeper changes it.
 */
export function useChosenHives(apiaryId: Ref<string>) {
  const hives = ref<Shapes['Hive'][]>([])
  const chosen = ref<string[]>([])
  const leftBy = ref('')
  const plan = ref<Shapes['Series'] | null>(null)
  const number = ref<number>()
  /** Hives that the address names: those of a catch-up run. */
  let asked: string[] = []

  /** The series that the address asks for, if it does; gives its apiary. */
  async function load(query: LocationQuery): Promise<string | undefined> {
    asked = typeof query.hives === 'string' ? query.hives.split(',') : []
    if (typeof query.series !== 'string') return undefined
    plan.value = await ask(api.GET('/api/series/{id}', { params: { path: { id: query.series } } }))
    number.value = Number(query.round) || undefined
    return plan.value.apiaryId
  }

  /** The series in hand, where it belongs to this apiary. */
  function of(id: string): Shapes['Series'] | null {
    return plan.value?.apiaryId === id ? plan.value : null
  }

  watch(apiaryId, async (id) => {
    hives.value = []
    chosen.value = []
    leftBy.value = ''
    if (!id) return
    const path = { id }
    const board = await ask(api.GET('/api/apiaries/{id}/counts', { params: { path } })).catch(
      () => null,
    )
    if (!board || id !== apiaryId.value) return
    hives.value = board.lines.map((line) => line.hive)
    const series = of(id)
    if (series) {
      chosen.value = series.hives.map((each) => each.id)
      return
    }
    number.value = undefined
    const named = hives.value.map((each) => each.id).filter((each) => asked.includes(each))
    if (named.length > 0) {
      chosen.value = named
      return
    }
    const left = board.lines.filter((line) => line.decision?.choice === 'LEAVE')
    const names = new Set(left.map((line) => line.hive.id))
    chosen.value = hives.value.map((each) => each.id).filter((each) => !names.has(each))
    leftBy.value = left.length
      ? t('shared.useChosenHives.leftUntreatedByDecision', {
          left: left.map((line) => line.hive.name).join(', '),
        })
      : ''
  })

  const body = computed(() => ({
    hiveIds: chosen.value.length === hives.value.length ? undefined : chosen.value,
    seriesId: number.value ? plan.value?.id : undefined,
    seriesNumber: number.value,
  }))

  return { hives, chosen, leftBy, number, body, series: { load, of } }
}
