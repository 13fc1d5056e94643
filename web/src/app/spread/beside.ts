import { later } from '../../shared/later'

/** What stands beside the drawing comes after it. */
export const Said = later(() => import('./Said').then((module) => module.Said))
export const Strikes = later(() => import('./Strikes').then((module) => module.Strikes))
export const Strip = later(() => import('../../spread/strip/Strip').then((module) => module.Strip))
