export { FitFindings } from './FitPacks'
export { FitLadder } from './fit/FitSteps'
