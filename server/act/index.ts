export { act, actIn, answer, type Acted, type Effects } from './act';
export { actOnMany, FEW } from './many';
export { actInSteps, isForeignKeyFault, rollBackUnfinished, type Step } from './steps';
export {
  changedLater,
  changedSince,
  forgetOld,
  idsIn,
  KEPT_DAYS,
  recentActions,
  revert,
  runsOf,
  writableColumns,
  type Run,
} from './changes';
export { REACT_AGAIN, REACTIONS, type Reaction } from './reactions';
export {
  emptyingOrder,
  personTables,
  references,
  tableFaults,
  TABLES,
  type MergeRows,
  type PersonTable,
  type Reference,
} from './tables';
export { dropWhatCameByItself, undoAction } from './undo';
export { progressOf, cancelWork } from './progress';
export { idempotent } from './idempotent';
