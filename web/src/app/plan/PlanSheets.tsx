import type { CallBody, Catalogue, Plan, Step } from '../../call/queries'
import type { usePlan } from '../../call/usePlan'
import type { Boat } from '../../draft/queries'
import { later } from '../../shared/later'

const NumbersSheet = later(() => import('../../call/NumbersSheet').then((module) => module.NumbersSheet))
const RulesSheet = later(() => import('../../call/rules/RulesSheet').then((module) => module.RulesSheet))
const StepsSheet = later(() => import('../../call/StepsSheet').then((module) => module.StepsSheet))
const WaysSheet = later(() => import('../../call/WaysSheet').then((module) => module.WaysSheet))

export type PlanSheet = 'ways' | 'numbers' | 'rules' | 'steps'

/** The sheet that is open over the plan. */
export function PlanSheets({
  boat,
  words,
  body,
  plan,
  date,
  sheet,
  edit,
  steps,
  timeZone,
  onClose,
}: {
  boat: Boat
  words: Catalogue
  body: CallBody
  plan: Plan
  date: string
  sheet: PlanSheet
  edit: ReturnType<typeof usePlan>['edit']
  steps: readonly Step[]
  timeZone: string
  onClose(): void
}) {
  return (
    <>
      {sheet === 'ways' && <WaysSheet boat={boat.boatId} words={words} open onClose={onClose} />}
      {sheet === 'numbers' && <NumbersSheet boat={boat.boatId} words={words} open onClose={onClose} />}
      {sheet === 'rules' && (
        <RulesSheet boat={boat.boatId} words={words} today={date} open onClose={onClose} />
      )}
      {sheet === 'steps' && (
        <StepsSheet
          boat={boat.boatId}
          body={body}
          plan={plan}
          steps={steps}
          timeZone={timeZone}
          open
          onEdit={edit}
          onClose={onClose}
        />
      )}
    </>
  )
}
