import { answerOf, withAnswer } from '../../call/model'
import type { Plan } from '../../call/queries'
import type { Place } from '../../water/queries'

/** The chips of step and colour are answered from the place; running out takes as long as it is away. */
export const begunAt =
  (place: Place, runMin: number) =>
  (before: Plan): Plan => ({
    ...before,
    runOutMin: runMin,
    answers: withAnswer(
      place.stepPerMileK > 0
        ? withAnswer(before.answers, 'STEP', {
            topic: 'STEP',
            value: Math.round(10 * place.stepPerMileK) / 10,
          })
        : before.answers,
      'CLARITY',
      place.colour ? { topic: 'CLARITY', choice: 'EDGE' } : (answerOf(before.answers, 'CLARITY') ?? null),
    ),
  })
