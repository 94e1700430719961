export { SealLadder } from './SealLadder'
export { SealFindings } from './SealPlanPanel'
