import { later } from '../shared/later'

/** A script for each station: the one asked for comes first. */
export const PlanPage = later(() => import('./PlanPage').then((module) => module.PlanPage))
export const RigPage = later(() => import('./RigPage').then((module) => module.RigPage))
export const SpreadPage = later(() => import('./SpreadPage').then((module) => module.SpreadPage))
export const BoatPage = later(() => import('./BoatPage').then((module) => module.BoatPage))
export const BoxPage = later(() => import('./BoxPage').then((module) => module.BoxPage))
export const PrintPage = later(() => import('./PrintPage').then((module) => module.PrintPage))
