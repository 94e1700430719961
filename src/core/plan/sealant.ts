import { type Length, metresOf } from '../units/length'
import { roundedUp } from './rounded-up'

/** A bead of sealant: how long it is run, and how thick. */
export type Bead = { readonly length: Length; readonly diameter: Length }

const ML_A_M3 = 1e6

/** What beads take out of the tube, mL: each is a cylinder of its length, and `waste` of it is lost at its ends and in the nozzle (0.15 for 15 %). */
export const sealantMl = (beads: readonly Bead[], waste: number): number =>
  beads.reduce((sum, { length, diameter }) => sum + (metresOf(length) * Math.PI * metresOf(diameter) ** 2) / 4, 0) *
  ML_A_M3 *
  (1 + waste)

/** Whole tubes of `tubeMl` for so much sealant, mL. */
export const tubesFor = (volumeMl: number, tubeMl: number): number => roundedUp(volumeMl / tubeMl)
