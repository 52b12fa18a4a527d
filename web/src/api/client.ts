import createClient from 'openapi-fetch'
import type { components, paths } from './schema'

/** The typed client of the JSON API. */
export const api = createClient<paths>({ baseUrl: location.origin, fetch: (request) => fetch(request) })

type Schemas = components['schemas']
export type Assessment = Schemas['Assessment']
export type AssessedComponent = Schemas['Component']
export type AssessedFlavour = Schemas['Flavour']
export type AssessedPart = Schemas['Judged']
export type Balance = Schemas['Balance']
export type BalanceAnswer = Schemas['BalanceAnswer']
export type BowlRescue = Schemas['BowlRescue']
export type Breach = Schemas['Breach']
export type Change = Schemas['Change']
export type Clash = Schemas['Clash']
export type Comparison = Schemas['Comparison']
export type Compared = Schemas['Compared']
export type Import = Schemas['Import']
export type ImportedLine = Schemas['ImportedLine']
export type LabelAnswer = Schemas['LabelAnswer']
export type OwnIngredient = Schemas['OwnIngredient']
export type Pantry = Schemas['Pantry']
export type PartsEdit = Schemas['PartsEdit']
export type PantryRow = Schemas['PantryRow']
export type Scaling = Schemas['Scaling']
export type AssessedLine = Schemas['Line']
export type Batch = Schemas['Batch']
export type BatchSummary = Schemas['BatchSummary']
export type BatchEvent = Schemas['BatchEvent']
export type EditedParts = Schemas['EditedParts']
export type DietId = Schemas['DietId']
export type Figures = Schemas['Figures']
export type Finding = Schemas['Finding']
export type FormulaSummary = Schemas['FormulaSummary']
export type Library = Schemas['Library']
export type Nutrition = Schemas['Nutrition']
export type Pieces = Schemas['Pieces']
export type Kitchen = Schemas['Kitchen']
export type Place = NonNullable<Kitchen['places']>[number]
export type GlassAnswer = Schemas['GlassAnswer']
export type Tool = Schemas['Tool']
export type ToolKind = keyof Schemas['Tools']
export type Coat = Schemas['Coat']
export type ColdAnswer = Schemas['ColdAnswer']
export type ColdCard = Schemas['ColdCard']
export type ColdSummary = Schemas['ColdSummary']
export type ChillReady = Schemas['ChillReady']
export type ChillStep = Schemas['ChillStep']
export type Keep = Schemas['Keep']
export type CoatCard = Schemas['CoatCard']
export type ShapeAnswer = Schemas['ShapeAnswer']
export type ShapeKind = Schemas['ShapeKind']
export type ShapeWay = ShapeKind['ways'][number]
export type ShapedPieces = Schemas['ShapedPieces']
export type ToolChoice = Schemas['ToolChoice']
export type TopView = Schemas['TopView']
export type Practice = Schemas['Practice']
export type Problem = Schemas['Problem']
export type RescueOption = Schemas['RescueOption']
export type CounterRescue = Schemas['CounterRescue']
export type Device = Schemas['KitchenDevice']
export type Making = Schemas['Making']
export type MakingLine = Schemas['MakingLine']
export type MakingStage = Schemas['MakingStage']
export type SaidOf = Schemas['SaidOf']
export type Saturation = Schemas['Saturation']
export type Split = Schemas['Split']
export type StaleDraft = Schemas['StaleDraft']
export type StandingDraft = Schemas['Draft']
export type Step = Schemas['Step']
export type StepsAnswer = Schemas['Steps']
export type StepsEdit = Schemas['StepsEdit']
export type KeptPlan = Schemas['KeptPlan']
export type Plan = Schemas['Plan']
export type PlanRequest = Schemas['PlanRequest']
export type PlanRow = Schemas['PlanRow']
export type PlanTask = Schemas['PlanTask']
export type PlanWait = Schemas['PlanWait']
export type Substitutes = Schemas['Substitutes']
export type Summary = Schemas['Summary']
export type TextureId = Schemas['TextureId']
export type Trial = Schemas['Trial']
export type Version = Schemas['Version']
export type Wish = Schemas['Wish']
export type Why = Schemas['Why']

/** A place in a document in words: "/components/0/lines" is "components 1, lines"; the row of a table is in words already. */
const placeOf = (pointer: string) =>
  !pointer.startsWith('/')
    ? pointer
    : pointer
        .split('/')
        .slice(1)
        .map((part) => (/^\d+$/.test(part) ? ` ${Number(part) + 1}` : `, ${part}`))
        .join('')
        .slice(2)

/** What the server said was wrong, as a sentence for the cook. */
export function sentenceOf(problem: Pick<Problem, 'errors' | 'detail'>): string {
  const said = problem.errors.map(({ pointer, detail }) => (pointer ? `${placeOf(pointer)}: ${detail}` : detail))
  return said.join('. ') || problem.detail
}

/** Why something that is stored cannot be read, as a sentence. */
export const reasonsOf = (errors: Schemas['Reasons']) => sentenceOf({ errors, detail: '' })

const UNREACHABLE = 'The kitchen server does not answer. Nothing is lost here; try again when it runs.'

/** The data of a call, or an Error with a sentence for the cook. An aborted call goes on as the browser's AbortError. */
export async function unwrap<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  let result
  try {
    result = await call
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') throw error
    throw new Error(UNREACHABLE)
  }
  if (result.data !== undefined && result.response.ok) return result.data
  const problem = result.error as Problem | undefined
  throw new Error(problem ? sentenceOf(problem) : UNREACHABLE)
}
