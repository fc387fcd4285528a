/** The words that what is kept goes by; schemas and screens take them from here. */

/** The longest name, characters. */
export const NAME_LIMIT = 120

export const BED_KINDS = [
  'foundation',
  'screen',
  'terrace',
  'two-sided',
  'island',
  'ring',
  'court',
  'container',
] as const
export type BedKind = (typeof BED_KINDS)[number]
/** What stands in the middle of an island: drawn at its height and kept clear by the rim. */
export const CENTREPIECES = ['none', 'post', 'urn', 'tree', 'obelisk'] as const
export const COURT_PLANS = ['square', 'round', 'oval'] as const
export type CourtPlan = (typeof COURT_PLANS)[number]
export const COURT_SEGMENTS = [4, 6, 8] as const

export const DRAINAGE = ['quick', 'steady', 'slow', 'stands'] as const
export const EXPOSURE = ['none', 'some', 'much'] as const
export const IRRIGATION = ['none', 'hose', 'drip', 'sprinkler'] as const

export const SCHOOL_IDS = [
  'layered',
  'close-knit',
  'formal',
  'carpet',
  'screen',
  'single-colour',
  'lush',
  'dry',
] as const
export type SchoolId = (typeof SCHOOL_IDS)[number]

export const FATES = ['keep', 'move', 'divide', 'cut-back', 'take-out', 'reserve'] as const
export const CONDITIONS = ['good', 'tired', 'poor'] as const

export const FEATURE_KINDS = [
  'gravel',
  'paving',
  'stepping',
  'boulder',
  'pot',
  'urn',
  'post',
  'obelisk',
  'trellis',
  'wires',
  'bench',
  'edging',
] as const
export type FeatureKind = (typeof FEATURE_KINDS)[number]
export const ORDER_KINDS = ['mirror', 'steps', 'aligned', 'together', 'apart'] as const
export type OrderKind = (typeof ORDER_KINDS)[number]

/** `mass` fills the lane's depth, `staggered` two rows, `row` one, `dotted` singles repeated along the bed. */
export const PATTERNS = ['mass', 'staggered', 'row', 'dotted'] as const
export type Pattern = (typeof PATTERNS)[number]
export const MIX_WAYS = ['matrix', 'threes', 'turns'] as const
export type MixWay = (typeof MIX_WAYS)[number]
export const SHAPE_KINDS = [
  'lens',
  'outline',
  'ribbon',
  'edge',
  'ring',
  'grid',
  'hedge',
  'scatter',
  'spots',
  'exact',
  'beneath',
  'climb',
] as const
export type ShapeKind = (typeof SHAPE_KINDS)[number]
export const THIN_TO = ['none', 'left', 'right', 'back', 'front'] as const
export type ThinTo = (typeof THIN_TO)[number]
export const SPOTS_AT = ['corners', 'sides', 'centre', 'diagonals'] as const
export type SpotsAt = (typeof SPOTS_AT)[number]

/** What walls are made of. */
export const MATERIALS = ['brick', 'stone', 'render', 'boards'] as const
export const COVERS = ['path', 'paving', 'lawn', 'water', 'gravel', 'drive', 'street'] as const
export const SITE_FEATURES = ['post', 'urn', 'tap', 'bench', 'other'] as const
export const SERVICES = ['water', 'gas', 'electric', 'drain', 'telecom', 'drip', 'overhead'] as const
export const VIEWERS = ['path', 'street', 'seat', 'driver', 'window', 'upper-floor'] as const

export const PURPOSES = ['welcome', 'display', 'rest', 'screen', 'learning', 'work'] as const
export const MANNERS = ['clipped and polished', 'neat', 'loose', 'wild at the edges'] as const
export const TRAITS = [
  'evergreen',
  'scent',
  'wildlife',
  'long-flower',
  'poison',
  'sap',
  'thorns',
  'deer-food',
  'rabbit-food',
  'thirsty',
  'runs',
  'invasive',
  'annual',
  'heavy-work',
] as const
export type TraitId = (typeof TRAITS)[number]
export const WEIGHTS = ['must', 'wish', 'never', 'open'] as const
export type Weight = (typeof WEIGHTS)[number]

/** How the plants of a line are come by. */
export const WAYS = ['pot', 'plug', 'seed', 'cutting', 'division'] as const
export type Way = (typeof WAYS)[number]
/** How far an order has come. */
export const ORDER_STATES = ['draft', 'asked', 'ordered', 'confirmed', 'delivered'] as const
export const TRAY_STEPS = ['sown', 'germinated', 'prickedOut', 'hardenedOff', 'plantedOut'] as const
export type TrayStep = (typeof TRAY_STEPS)[number]
export const SIZE_CLASSES = ['plug', 'small', 'pot', 'large', 'bulb'] as const
export type SizeClass = (typeof SIZE_CLASSES)[number]

/** What is ticked of a plant on site. */
export const TICKS = ['set', 'turned', 'planted', 'watered', 'missing', 'instead'] as const
export type TickKind = (typeof TICKS)[number]
/** What happened. */
export const LOG_KINDS = [
  'planted',
  'came up',
  'first flower',
  'last flower',
  'tallest',
  'flopped',
  'eaten',
  'sulked',
  'died',
  'moved',
  'divided',
  'self-sown',
  'wrong colour',
  'wrong plant',
  'cut',
  'fed',
  'watered',
  'bought',
  'thought',
  'question',
  'learned',
] as const
export type LogKind = (typeof LOG_KINDS)[number]
/** Why a plant was lost, as far as it is known. */
export const CAUSES = [
  'wet',
  'dry',
  'shade',
  'sun',
  'wind',
  'frost',
  'eaten',
  'roots',
  'sick',
  'not known',
] as const
export type Cause = (typeof CAUSES)[number]
/** What is to change with a plant next season. */
export const WISHES = ['move', 'split', 'thin', 'more', 'less', 'never', 'try'] as const
export type Wish = (typeof WISHES)[number]
