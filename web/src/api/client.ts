import createClient from 'openapi-fetch'
import type { components, paths } from './schema'

/** The typed client of the JSON API. */
export const api = createClient<paths>({ baseUrl: location.origin, fetch: (request) => fetch(request) })

type Schemas = components['schemas']
export type Assessment = Schemas['Assessment']
export type AssessedComponent = Schemas['Component']
export type AssessedLine = Schemas['Line']
export type Batch = Schemas['Batch']
export type BatchRecord = Schemas['BatchRecord']
export type Finding = Schemas['Finding']
export type FormulaSummary = Schemas['FormulaSummary']
export type Library = Schemas['Library']
export type Nutrition = Schemas['Nutrition']
export type Pieces = Schemas['Pieces']
export type Practice = Schemas['Practice']
export type Problem = Schemas['Problem']
export type RescueOption = Schemas['RescueOption']
export type Saturation = Schemas['Saturation']
export type Split = Schemas['Split']
export type Summary = Schemas['Summary']
export type TextureId = Schemas['TextureId']
export type Version = Schemas['Version']
export type Why = Schemas['Why']

/** What the server said was wrong, as a sentence for the cook. */
export class ApiError extends Error {
  constructor(
    message: string,
    readonly problem?: Problem,
  ) {
    super(message)
  }
}

const UNREACHABLE = 'The kitchen server does not answer. Nothing is lost here; try again when it runs.'

/** The data of a call, or an ApiError. An aborted call goes on as the browser's AbortError. */
export async function unwrap<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  let result
  try {
    result = await call
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') throw error
    throw new ApiError(UNREACHABLE)
  }
  if (result.data !== undefined && result.response.ok) return result.data
  const problem = result.error as Problem | undefined
  throw new ApiError(problem?.detail ?? UNREACHABLE, problem)
}
