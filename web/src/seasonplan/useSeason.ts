import { useIntervalFn } from '@vueuse/core'
import { ref, shallowRef } from 'vue'
import { api, ask, type Shapes } from '../api/client'
import { saysBeside, saysByField } from '../api/refusal'
import { useRequest } from '../shared/request'

type View = Shapes['SeasonView']

/** The season plan of the outfit: loaded, changed, and watched while a search runs. */
export function useSeason() {
  const view = shallowRef<View | null>(null)
  const { problem, attempt } = useRequest()
  const wrong = ref<Record<string, string>>({})

  function show(found: View): void {
    view.value = found
    problem.value = ''
    wrong.value = {}
  }

  function refuse(thrown: unknown): void {
    wrong.value = saysByField(thrown)
    problem.value = saysBeside(thrown, 'Not kept: ' + Object.values(wrong.value).join('; '))
  }

  async function load(): Promise<void> {
    try {
      show(await ask(api.GET('/api/season-plan')))
    } catch (thrown) {
      refuse(thrown)
    }
  }

  /** Sends a change that answers with the whole plan; true where it was taken. */
  async function change(asked: Parameters<typeof ask<View>>[0]): Promise<boolean> {
    try {
      show(await ask(asked))
      return true
    } catch (thrown) {
      refuse(thrown)
      return false
    }
  }

  async function search(seconds: number): Promise<void> {
    try {
      await ask(api.POST('/api/season-plan/search', { body: { seconds } }))
      await load()
    } catch (thrown) {
      refuse(thrown)
    }
  }

  async function whatIf(what: Shapes['WhatIfQuestion']['what'], seconds: number): Promise<void> {
    try {
      await ask(api.POST('/api/season-plan/what-if', { body: { what, seconds } }))
      await load()
    } catch (thrown) {
      refuse(thrown)
    }
  }

  useIntervalFn(async () => {
    const before = view.value?.search
    if (!before?.running) return
    await attempt(async () => {
      const now = await ask(api.GET('/api/season-plan/search'))
      const found = JSON.stringify(now.figures) !== JSON.stringify(before.figures)
      if (found || !now.running) await load()
      else if (view.value) view.value = { ...view.value, search: now }
    })
  }, 1000)

  return { view, problem, wrong, load, change, search, whatIf }
}

/** A round's key among all rounds. */
export function keyOf(visit: { seriesId: string; number: number }): string {
  return `${visit.seriesId}/${visit.number}`
}
