#!/usr/bin/env node
// @ts-check
// A simulated laser: true lengths come in millimetres and go out in the unit it is set to.
import { portOf, runDevice } from './device.mjs'

runDevice(
  {
    name: 'Stand-in laser',
    serial: 'SL-0117',
    instrument: 'laser',
    exactness: '1.0 mm',
    jitter: 1.5,
    units: {
      mm: mm => ({ value: mm, places: 1, unit: 'mm' }),
      m: mm => ({ value: mm / 1000, places: 4, unit: 'm' }),
      in: mm => ({ value: mm / 25.4, places: 3, unit: 'in' }),
      ft: mm => ({ value: mm / 304.8, places: 4, unit: 'ft' }),
    },
  },
  portOf(process.argv.slice(2)),
)
