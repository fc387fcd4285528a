export { driftLabels, type DriftLabel } from './driftLabels'
export { elevationSheet, SEASON_MONTHS } from './elevationSheet'
export {
  type Block,
  type DrawingPage,
  PAPER_SIZES,
  type Paper,
  type PaperPage,
  type Panel,
  PLAN_SCALES,
  POINTS_PER_M,
  POINTS_PER_MM,
  type SheetHead,
  type TextPage,
} from './paper'
export { inManner } from './inManner'
export { planSheets, type PlanAsk } from './planSheet'
export { portraitSheets } from './portraitSheets'
export { waterPlanSheets, waterSheet } from './waterSheets'
export { SHEET_KINDS, type SheetKind } from './sheetKinds'
export { labelSheet, orderSheet, scheduleSheet } from './buyingSheets'
export { cautionSheet, setOutSheet, type SetOutSheetAsk, worksSheet } from './crewSheets'
export { careSheet, coverSheet } from './clientSheets'
export { type Box, type Tile, tiles } from './tiles'
