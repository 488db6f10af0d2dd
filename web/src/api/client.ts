import createClient, { type Middleware } from 'openapi-fetch'
import type { components, paths } from './schema'
import { inWords, type Fact } from '../words/facts'
import { refusalWords } from '../words/refusals'
import { fetchRoom, t } from '../words/words'

/** Every shape that the server speaks of. */
export type Shapes = components['schemas']

/** One field that the server refused, with what is allowed. */
export interface FieldProblem {
  field: string
  says: string
  /** The same as a lasting code with its values, where it has one. */
  code?: string
  values?: Record<string, unknown>
}

/** The server answered, and said no. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    detail: string,
    readonly fields: readonly FieldProblem[] = [],
  ) {
    super(detail)
  }

  /** What is wrong with a field, or with a part of it. */
  at(field: string): string | undefined {
    return this.fields.find((problem) => problem.field === field)?.says
  }
}

/** The server did not answer at all. */
export class Unreachable extends Error {
  constructor() {
    super(t('api.client.serverDoesNotAnswer'))
  }
}

function cookie(name: string): string | undefined {
  return document.cookie
    .split('; ')
    .find((pair) => pair.startsWith(name + '='))
    ?.slice(name.length + 1)
}

const token: Middleware = {
  onRequest({ request }) {
    const value = cookie('XSRF-TOKEN')
    if (value && request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', value)
    return request
  },
}

/** The server's API, typed by its own description. */
export const api = createClient<paths>({
  baseUrl: window.location.origin,
  fetch: (request) => globalThis.fetch(request),
})
api.use(token)

interface Answer<T> {
  data?: T
  error?: unknown
  response: Response
}

/** What is wrong with each field, in the language of who typed it where the catalogue has it. */
async function inOwnWords(errors: readonly FieldProblem[]): Promise<FieldProblem[]> {
  if (errors.some((each) => each.code)) await Promise.all([fetchRoom('refusal'), fetchRoom('fact')])
  return errors.map((each) => ({
    ...each,
    says: (each.code && refusalWords(each.code, each.values ?? {})) || each.says,
  }))
}

/** Why a whole request was refused, in the language of who asked. */
async function wholeInOwnWords(
  problem: { detail?: string; fact?: Fact } | undefined,
): Promise<string | undefined> {
  if (!problem?.fact) return problem?.detail
  await fetchRoom('fact')
  const words = inWords(problem.fact)
  return words === problem.fact.code ? problem.detail : words
}

/** Unwraps an answer: the data, or a thrown Refused or Unreachable. */
export async function ask<T>(asked: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>
  try {
    answer = await asked
  } catch {
    throw new Unreachable()
  }
  if (answer.response.ok) return answer.data as T
  const problem = answer.error as
    { detail?: string; fact?: Fact; errors?: FieldProblem[] } | undefined
  const errors = problem?.errors && (await inOwnWords(problem.errors))
  throw new Refused(
    answer.response.status,
    errors?.length === 1 && errors[0]?.code
      ? `${errors[0].field} ${errors[0].says}`
      : ((await wholeInOwnWords(problem)) ??
          t('api.client.serverAnswered', { status: answer.response.status })),
    errors,
  )
}

/** Words for whatever was thrown. */
export function words(thrown: unknown): string {
  return thrown instanceof Error ? thrown.message : t('api.client.somethingBrokeHere')
}
