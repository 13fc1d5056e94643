import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { gearOf, saveLure, type Boat } from '../../draft/queries'
import type { AfterOfDay, TackleGone, UsedUp } from '../../log/queries'
import { countStock, stockOf } from '../../rig/queries'
import type { Problem } from '../../shared/api/client'
import type { useDay } from '../../strikes/useDay'
import { saySentence } from '../../units/sentence'
import { useUnits, type Units } from '../../units/UnitsContext'

/** How much of something the evening counts: metres of line, or pieces. */
export const amountWords = (units: Units, { kind }: Pick<TackleGone, 'kind'>, amount: number): string =>
  kind === 'DISTANCE' ? units.say('distance', amount) : String(amount)

/**
 * Lowers what was counted by what a day used up. The count goes down first, then the day is told of it: told twice it
 * would be taken off once too often.
 *
 * @param end the last that happened on the day: it is told then, for the day is no longer for it (ms)
 */
export function useTakeOff(
  boat: Boat,
  trip: string,
  end: number,
  report: ReturnType<typeof useDay>['report'],
) {
  const client = useQueryClient()
  const units = useUnits()
  const [busy, setBusy] = useState(false)
  const [said, setSaid] = useState<string | null>(null)
  const tell = (routine: string, words: string) =>
    report({ kind: 'TENDED', at: end, payload: { routine }, words, label: '' }, trip)
  const once = async (take: () => Promise<string>) => {
    setBusy(true)
    try {
      setSaid(await take())
    } catch (error) {
      setSaid(`Not taken off: ${(error as Problem).message}`)
    } finally {
      setBusy(false)
    }
  }
  const offBox = async ({ gearId, name, gone }: UsedUp) => {
    const gear = await client.fetchQuery(gearOf(boat.boatId))
    const lure = gear.lures.find((one) => one.gearId === gearId)
    const had = lure?.count
    if (lure && had !== undefined) {
      await saveLure(boat.boatId, { ...lure, count: Math.max(0, had - gone) })
      await client.invalidateQueries({ queryKey: gearOf(boat.boatId).queryKey })
    }
    const words = `${gone} ${name} taken off the box`
    await tell(`TAKEN_OFF ${gearId} ${gone}`, words)
    return had !== undefined
      ? `${words}: ${Math.max(0, had - gone)} left.`
      : `${name} is not counted in the box: nothing to take off.`
  }
  const offCount = async ({ tackle, losses }: AfterOfDay) => {
    const counted = await client.fetchQuery({ ...stockOf(boat.boatId), staleTime: 0 })
    const left: string[] = []
    for (const one of tackle) {
      const stock = counted.find(({ item }) => item === one.key)
      if (stock?.amount === undefined) continue
      const amount = Math.max(0, stock.amount - one.amount)
      await countStock(boat.boatId, { ...stock, amount })
      left.push(`${saySentence(one.words, units, 'UTC')}: ${amountWords(units, one, amount)} left`)
    }
    await client.invalidateQueries({ queryKey: stockOf(boat.boatId).queryKey })
    for (const loss of losses) await tell(`TACKLE_OFF ${loss}`, 'Lost tackle taken off the count')
    return left.length > 0
      ? `${left.join('; ')}.`
      : 'None of it is counted on the evening’s list: nothing to take off.'
  }
  return {
    takeOff: (one: UsedUp) => once(() => offBox(one)),
    takeTackle: (after: AfterOfDay) => once(() => offCount(after)),
    busy,
    said,
  }
}
