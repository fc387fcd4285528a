/** What stands behind a word or a figure, said where it stands: the word, and how to come by it or what it is for. */
export const FIELD_NOTES = {
  score: {
    word: 'The score',
    note:
      'The bed written like music: one line a lane, back at the top, one block a drift. A block is as long as its ' +
      'plants take up along the bed.',
  },
  lane: {
    word: 'Lane',
    note:
      'A strip of the bed from one end to the other: back, middle or front. Shares of the depth can be shifted in ' +
      'Ground, station by station in Things.',
  },
  station: {
    word: 'Station',
    note:
      'A place along the edge where the tape was read: so far along from the left end, so far out from the back. Curves' +
      ' run through the stations.',
  },
  sheet: {
    word: 'The sheet',
    note: 'The ground plan as it lies before you. Its top need not be north: say which way it looks, and light and facing follow.',
  },
  lookAgain: {
    word: 'Second look',
    note:
      'What an experienced eye would stop at: clashes with the site, gaps, repeats, heights. Each finding names the ' +
      'rule and the school it follows; accept it with a reason or mend it.',
  },
  lastFrost: {
    word: 'Frosts',
    note:
      'The day after which frost is unlikely in spring, and the first in autumn. Ask who gardened there for ten years; ' +
      'the nearest weather station says the rest. Sowing, planting out and care go by them.',
  },
  latitude: {
    word: 'Latitude and longitude',
    note:
      'In degrees, two decimals will do: any map tells them. South of the equator and west of Greenwich have a minus. ' +
      'Sun and shade are computed from them.',
  },
  hardinessZone: {
    word: 'Hardiness zone',
    note:
      'By the coldest night of a usual winter, 1a to 13b; 6b is about −20 °C. A plant is warned of where its coldest ' +
      'zone is above the garden’s.',
  },
  heatZone: {
    word: 'Summers',
    note:
      'Count the days above 30 °C of a usual year, or ask a weather station or the local extension office. Said too high, ' +
      'good plants are held back; left untold, heat is held against no plant.',
  },
  depth: {
    word: 'Depth of a bed',
    note:
      'Two layers of shrubs want 1.8 to 2.4 m, three want 3 m and more; small plants make do with less. Measure at both' +
      ' ends and in the middle.',
  },
  sunHours: {
    word: 'Hours of sun',
    note:
      'Direct sun a day, mean of the growing season. Computed from the site once the bed has its place there; or watch ' +
      'the bed on a clear day each hour and count.',
  },
  soil: {
    word: 'Texture of soil',
    note:
      'Roll a moist piece: sand falls apart, clay makes a ribbon over 5 cm, loam one of 2 to 5. Or shake it in a jar ' +
      'and measure the layers under Tests.',
  },
  spare: {
    word: 'Spare',
    note:
      'Bought beyond what is drawn, for what fails in the first year. A tenth is usual; more for bare roots and for ' +
      'what sulks.',
  },
  losses: {
    word: 'Losses',
    note:
      'The share of a phase that is replaced in its second year. The log’s own losses say more than any rule after two ' +
      'winters.',
  },
  budget: {
    word: 'Budget and hours',
    note:
      'Plants, materials and their losses are counted against the budget; the care of the third year against the hours.' +
      ' 0 leaves either open.',
  },
  tap: {
    word: 'What the tap gives',
    note:
      'Open it fully, hold a bucket of known size under it, stop the time. Shut other taps. Zones are laid so that none' +
      ' wants more.',
  },
  baseline: {
    word: 'Baseline',
    note:
      'A straight line along the back of the bed, tape laid from its left end. Plants are given along it and at right ' +
      'angles out.',
  },
  tapestry: {
    word: 'The tapestry',
    note:
      'Each line is a kind, each column a month: the thread has the colour that is seen then, and is as thick as the ' +
      'area it shows on.',
  },
  window: {
    word: 'From … to, best',
    note: 'When a task may be done, and when it is done best here, by the garden’s frosts. What is moved keeps its own day.',
  },
} as const satisfies Readonly<Record<string, { readonly word: string; readonly note: string }>>
export type FieldNoteOf = keyof typeof FIELD_NOTES
