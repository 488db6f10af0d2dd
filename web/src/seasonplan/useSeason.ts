import { useIntervalFn } from '@vueuse/core'
import { shallowRef } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { useForm } from '../shared/request'
import { t } from '../words/words'

type View = Shapes['SeasonView']

/** The season plan of the outfit: loaded, changed, and watched while a search runs. */
export function useSeason() {
  const view = shallowRef<View | null>(null)
  const { problem, wrong, attempt } = useForm({
    marked: (fields) =>
      t('seasonplan.useSeason.notKept', { fields: Object.values(fields).join('; ') }),
  })

  function show(found: View): void {
    view.value = found
    problem.value = ''
    wrong.value = {}
  }

  async function fetch(): Promise<void> {
    show(await ask(api.GET('/api/season-plan')))
  }

  async function load(): Promise<void> {
    await attempt(fetch)
  }

  /** Sends a change that answers with the whole plan; true where it was taken. */
  function change(asked: Parameters<typeof ask<View>>[0]): Promise<boolean> {
    return attempt(async () => {
      show(await ask(asked))
    })
  }

  async function search(seconds: number): Promise<void> {
    await attempt(async () => {
      await ask(api.POST('/api/season-plan/search', { body: { seconds } }))
      await fetch()
    })
  }

  async function whatIf(what: Shapes['WhatIfQuestion']['what'], seconds: number): Promise<void> {
    await attempt(async () => {
      await ask(api.POST('/api/season-plan/what-if', { body: { what, seconds } }))
      await fetch()
    })
  }

  useIntervalFn(async () => {
    const before = view.value?.search
    if (!before?.running) return
    await attempt(async () => {
      const now = await ask(api.GET('/api/season-plan/search'))
      const found = JSON.stringify(now.figures) !== JSON.stringify(before.figures)
      if (found || !now.running) await fetch()
      else if (view.value) view.value = { ...view.value, search: now }
    })
  }, 1000)

  return { view, problem, wrong, load, change, search, whatIf }
}

/** A round's key among all rounds. */
export function keyOf(visit: { seriesId: string; number: number }): string {
  return `${visit.seriesId}/${visit.number}`
}
