export { FitFindings } from './FitPacks'
export { FitLadder } from './FitSteps'
