#!/usr/bin/env node
// @ts-check
// A simulated digital level: true slopes come in millimetres a metre and go out in the unit it is set to.
import { portOf, runDevice } from './device.mjs'

runDevice(
  {
    name: 'Stand-in level',
    serial: 'DL-0042',
    instrument: 'level',
    exactness: '0.5 mm/m',
    jitter: 0.6,
    units: {
      'mm/m': slope => ({ value: slope, places: 1, unit: 'mm/m' }),
      'in/ft': slope => ({ value: (slope / 1000) * 12, places: 3, unit: 'in/ft' }),
      '°': slope => ({ value: (Math.atan(slope / 1000) * 180) / Math.PI, places: 2, unit: '°' }),
    },
  },
  portOf(process.argv.slice(2)),
)
