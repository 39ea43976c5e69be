export * from './types.js';
export {
  labelGrid,
  type LabelPlace,
  labelPlaces,
  labelSheetProblem,
  paperMillimetres,
  usualLabelSheet,
} from './sheet.js';
export { storageLabels } from './labels.js';
