export { driftLabels } from './driftLabels'
export { elevationSheet } from './elevationSheet'
export {
  type Block,
  type DrawingPage,
  PAPER_SIZES,
  type Paper,
  type PaperPage,
  PLAN_SCALES,
  POINTS_PER_M,
  type SheetHead,
  type TextPage,
} from './paper'
export { inManner } from './inManner'
export { planSheets } from './planSheet'
export { portraitSheets } from './portraitSheets'
export { waterPlanSheets, waterSheet } from './waterSheets'
export { SHEET_KINDS, type SheetKind } from './sheetKinds'
export { labelSheet, orderSheet, scheduleSheet } from './buyingSheets'
export { cautionSheet, setOutSheet, worksSheet } from './crewSheets'
export { careSheet, coverSheet } from './clientSheets'
export { tiles } from './tiles'
