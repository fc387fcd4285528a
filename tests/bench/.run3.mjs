// core/bed/bed.ts
var DRAINAGE = ["quick", "steady", "slow", "stands"];
var EXPOSURE = ["none", "some", "much"];
var IRRIGATION = ["none", "hose", "drip", "sprinkler"];
var PATTERNS = ["mass", "staggered", "row", "dotted"];
var SCHOOL_IDS = [
  "layered",
  "close-knit",
  "formal",
  "carpet",
  "screen",
  "single-colour",
  "lush",
  "dry"
];

// core/bed/form.ts
var CENTREPIECES = ["none", "post", "urn", "tree", "obelisk"];
var isRound = (form2) => form2.kind === "island" || form2.kind === "ring" || form2.kind === "court" || form2.kind === "container";

// core/geometry/circleIndex.ts
import Flatbush from "flatbush";

// core/geometry/flattenEdge.ts
import { curveLinear, curveMonotoneX, line } from "d3-shape";
var RISER_M = 1e-3;
var SEGMENTS_PER_CURVE = 16;
function flattenEdge(kind, stations) {
  if (kind === "stepped") return stepped(stations);
  const recorder = new Recorder();
  const path = line(
    (p) => p.x,
    (p) => p.y
  ).curve(kind === "curved" ? curveMonotoneX : curveLinear);
  path.context(recorder)([...stations]);
  return recorder.points;
}
function stepped(stations) {
  const points = [];
  stations.forEach((p, i) => {
    const before = stations[i - 1];
    const isLast = i === stations.length - 1;
    if (before && before.y !== p.y && !isLast) points.push({ x: p.x - RISER_M, y: before.y });
    points.push(isLast && before ? { x: p.x, y: before.y } : { x: p.x, y: p.y });
  });
  return points;
}
var Recorder = class {
  points = [];
  moveTo(x, y) {
    this.points.push({ x, y });
  }
  lineTo(x, y) {
    this.points.push({ x, y });
  }
  closePath() {
  }
  bezierCurveTo(x1, y1, x2, y2, x3, y3) {
    const from = this.points[this.points.length - 1];
    for (let i = 1; i <= SEGMENTS_PER_CURVE; i++) {
      const u = i / SEGMENTS_PER_CURVE;
      const v = 1 - u;
      this.points.push({
        x: v * v * v * from.x + 3 * v * v * u * x1 + 3 * v * u * u * x2 + u * u * u * x3,
        y: v * v * v * from.y + 3 * v * v * u * y1 + 3 * v * u * u * y2 + u * u * u * y3
      });
    }
  }
};

// core/geometry/point.ts
var distance = (a, b2) => Math.hypot(a.x - b2.x, a.y - b2.y);
function clamp(value, low, high) {
  if (value < low) return low;
  return value > high ? high : value;
}
var lerp = (a, b2, u) => a + (b2 - a) * u;

// core/geometry/polyline.ts
var Polyline = class {
  constructor(points) {
    this.points = points;
    const lengths = [0];
    for (let i = 1; i < points.length; i++) {
      const a = points[i - 1];
      const b2 = points[i];
      lengths.push(lengths[i - 1] + Math.hypot(b2.x - a.x, b2.y - a.y));
    }
    this.lengths = lengths;
  }
  points;
  lengths;
  get length() {
    return this.lengths[this.lengths.length - 1];
  }
  get firstX() {
    return this.points[0].x;
  }
  get lastX() {
    return this.points[this.points.length - 1].x;
  }
  /** y at x; beyond the ends the end's y. */
  yAt(x) {
    const i = this.segment((k) => this.points[k].x, x);
    const a = this.points[i];
    const b2 = this.points[i + 1];
    return lerp(a.y, b2.y, clamp((x - a.x) / (b2.x - a.x), 0, 1));
  }
  /** Length along the line at x, in metres. */
  lengthAt(x) {
    const i = this.segment((k) => this.points[k].x, x);
    const a = this.points[i];
    const b2 = this.points[i + 1];
    return lerp(this.lengths[i], this.lengths[i + 1], clamp((x - a.x) / (b2.x - a.x), 0, 1));
  }
  /** The point at a length along the line, in metres. */
  pointAt(length) {
    const i = this.segment((k) => this.lengths[k], length);
    const from = this.lengths[i];
    const u = clamp((length - from) / (this.lengths[i + 1] - from), 0, 1);
    const a = this.points[i];
    const b2 = this.points[i + 1];
    return { x: lerp(a.x, b2.x, u), y: lerp(a.y, b2.y, u) };
  }
  segment(valueAt, value) {
    let low = 0;
    let high = this.points.length - 2;
    while (low < high) {
      const middle = low + high + 1 >> 1;
      if (valueAt(middle) <= value) low = middle;
      else high = middle - 1;
    }
    return low;
  }
};

// core/geometry/seeded.ts
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";

// core/bed/roundFrame.ts
import { line as d3Line, curveCardinalClosed } from "d3-shape";
var TENSION = 0;
function closedLine({ smooth, stations }) {
  if (!smooth) return [...stations];
  const recorder = new Recorder();
  d3Line(
    (p) => p.x,
    (p) => p.y
  ).curve(curveCardinalClosed.tension(TENSION)).context(recorder)([...stations]);
  const { points } = recorder;
  const open = distance(points[0], points[points.length - 1]) < 1e-9 ? points.slice(0, -1) : points;
  const first = open.findIndex((p) => distance(p, stations[0]) < 1e-6);
  return [...open.slice(first), ...open.slice(0, first)];
}
function middleOf2(line2) {
  const xs = line2.map((p) => p.x);
  const ys = line2.map((p) => p.y);
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const cx = (x0 + x1) / 2;
  const cy = (y0 + y1) / 2;
  const half = (x1 - x0 - (y1 - y0)) / 2;
  const long = Math.abs(half) < 0.1 * Math.min(x1 - x0, y1 - y0) ? 0 : Math.abs(half);
  const from = half >= 0 ? { x: cx - long, y: cy } : { x: cx, y: cy - long };
  const to = half >= 0 ? { x: cx + long, y: cy } : { x: cx, y: cy + long };
  return {
    from,
    to,
    spine: (p) => half >= 0 ? { x: clamp(p.x, from.x, to.x), y: cy } : { x: cx, y: clamp(p.y, from.y, to.y) }
  };
}
function rayHits(line2, from, d) {
  const hits = [];
  for (let i = 0; i < line2.length; i++) {
    const a = line2[i];
    const b2 = line2[(i + 1) % line2.length];
    const ex = b2.x - a.x;
    const ey = b2.y - a.y;
    const cross = d.x * ey - d.y * ex;
    if (Math.abs(cross) < 1e-14) continue;
    const at = ((a.x - from.x) * ey - (a.y - from.y) * ex) / cross;
    const share = ((a.x - from.x) * d.y - (a.y - from.y) * d.x) / cross;
    if (at > 1e-9 && share >= -1e-9 && share < 1 - 1e-9) hits.push({ at, side: i, share: clamp(share, 0, 1) });
  }
  return hits.sort((p, q) => p.at - q.at);
}

// core/result.ts
var ok = (value) => ({ ok: true, value });
var fail = (error) => ({ ok: false, error });

// core/bed/checkForm.ts
var LEAST_DEPTH_M = 0.1;
function checkForm(form2) {
  if (form2.kind === "court") return checkCourt(form2);
  if (!isRound(form2) || form2.kind === "container") return ok(true);
  return checkEdge(form2);
}
function checkCourt(form2) {
  const quarter = Math.min(form2.widthM, form2.depthM) - form2.pathM;
  if (quarter < 1)
    return fail(
      `The paths take the whole court: with ${show(form2.pathM)} m paths it needs to be more than ${show(form2.pathM + 1)} m each way.`
    );
  if (form2.repeat === "turned" && Math.abs(form2.widthM - form2.depthM) > 0.01)
    return fail(
      `Quarters can only be turned in a square court; this one is ${show(form2.widthM)} by ${show(form2.depthM)} m. Mirror them, or make it square.`
    );
  return ok(true);
}
var isFar = (p) => !Number.isFinite(p.x) || !Number.isFinite(p.y) || Math.abs(p.x) > FAR_M || Math.abs(p.y) > FAR_M;
var FAR_M = 200;
function checkEdge(form2) {
  const { stations } = form2.edge;
  if (stations.length < 3) return fail("A closed edge needs at least three stations.");
  if (stations.some(isFar)) return fail("A station lies more than 200 m from the middle: check the unit.");
  const line2 = closedLine(form2.edge);
  const { spine } = middleOf2(line2);
  for (let i = 0; i < line2.length; i++) {
    const e = line2[i];
    const b2 = spine(e);
    const depth = Math.hypot(e.x - b2.x, e.y - b2.y) - form2.rimM;
    if (depth < LEAST_DEPTH_M)
      return fail(
        `The edge comes within ${show(Math.max(0, depth))} m of the ${form2.kind === "ring" ? "planting inside" : "middle"}; ${LEAST_DEPTH_M} m is the least. Move the stations out, or make the rim smaller.`
      );
    const d = { x: e.x - b2.x, y: e.y - b2.y };
    if (rayHits(line2, b2, d).length > 1)
      return fail(
        "Seen from the middle the edge folds back behind itself: move the station that turns in, or cut the bed in two."
      );
  }
  return ok(true);
}
var show = (n) => String(Math.round(n * 100) / 100);

// core/bed/checkOutline.ts
var LEAST_DEPTH_M2 = 0.2;
var LEAST_LENGTH_M = 0.5;
var GREATEST_M = 200;
var MOST_STATIONS = 100;
function checkOutline({ back, front }) {
  for (const [name2, edge2] of [
    ["back", back],
    ["front", front]
  ]) {
    const checked = checkEdge2(name2, edge2);
    if (!checked.ok) return checked;
  }
  const f = new Polyline(flattenEdge(front.kind, front.stations));
  const b2 = new Polyline(flattenEdge(back.kind, back.stations));
  if (f.lastX - f.firstX < LEAST_LENGTH_M)
    return fail(`The bed is ${show2(f.lastX - f.firstX)} m long; it needs at least ${LEAST_LENGTH_M} m.`);
  if (Math.abs(f.firstX - b2.firstX) > 1e-6 || Math.abs(f.lastX - b2.lastX) > 1e-6)
    return fail("The back and the front edge must begin and end at the same places along the wall.");
  const crossing = [...f.points, ...b2.points].find(({ x }) => f.yAt(x) - b2.yAt(x) < LEAST_DEPTH_M2);
  if (crossing)
    return fail(
      `At ${show2(crossing.x)} m along, the front edge comes within ${LEAST_DEPTH_M2} m of the back edge or crosses it: move the front out or the back in there.`
    );
  return ok(true);
}
function checkEdge2(name2, edge2) {
  const { stations } = edge2;
  if (stations.length < 2) return fail(`The ${name2} edge needs at least two stations: one at each end.`);
  if (stations.length > MOST_STATIONS)
    return fail(`The ${name2} edge has ${stations.length} stations; ${MOST_STATIONS} is the most.`);
  for (let i = 0; i < stations.length; i++) {
    const { x, y } = stations[i];
    if (!Number.isFinite(x) || !Number.isFinite(y))
      return fail(`Station ${i + 1} of the ${name2} edge is not a measure.`);
    if (Math.abs(x) > GREATEST_M || Math.abs(y) > GREATEST_M)
      return fail(`Station ${i + 1} of the ${name2} edge is more than ${GREATEST_M} m away: check the unit.`);
    const before = stations[i - 1];
    if (before && x - before.x < 0.01)
      return fail(
        `Station ${i + 1} of the ${name2} edge (${show2(x)} m along) must lie further along than station ${i} (${show2(before.x)} m): an edge may not turn back or cross itself.`
      );
  }
  return ok(true);
}
var show2 = (n) => String(Math.round(n * 100) / 100);
var rectangle = (lengthM, depthM) => ({
  back: {
    kind: "straight",
    stations: [
      { x: 0, y: 0 },
      { x: lengthM, y: 0 }
    ]
  },
  front: {
    kind: "straight",
    stations: [
      { x: 0, y: depthM },
      { x: lengthM, y: depthM }
    ]
  }
});

// core/bed/existing.ts
var FATES = ["keep", "move", "divide", "cut-back", "take-out", "reserve"];
var CONDITIONS = ["good", "tired", "poor"];

// core/bed/lanes.ts
var START_SHARES = {
  1: [1],
  2: [0.58, 0.42],
  3: [0.46, 0.31, 0.23],
  4: [0.37, 0.26, 0.2, 0.17]
};
var startShares = (count, kind = "foundation") => (kind === "two-sided" ? TWO_SIDED_SHARES : START_SHARES)[count] ?? [1];
var TWO_SIDED_SHARES = {
  1: [1],
  3: [0.3, 0.4, 0.3],
  5: [0.16, 0.2, 0.28, 0.2, 0.16]
};

// core/bed/schools.ts
var layered = {
  id: "layered",
  name: "Layered foundation",
  spacing: 0.9,
  bareShare: 0.2,
  bareCircleM: 0.75,
  singlesShare: 0.4,
  paletteTolerance: 13,
  evergreenShare: 0.25,
  lines: "free",
  groups: "odd for anchors",
  tall: "behind",
  upkeep: "in between",
  reason: "Neighbours meet and keep their shape; each row is seen over the one in front."
};
var SCHOOLS = {
  layered,
  "close-knit": {
    ...layered,
    id: "close-knit",
    name: "Loose and close-knit",
    spacing: 0.8,
    bareShare: 0.1,
    bareCircleM: 0.5,
    singlesShare: 0.6,
    paletteTolerance: 100,
    evergreenShare: 0.1,
    groups: "any",
    tall: "airy ones anywhere",
    upkeep: "left to seed",
    reason: "Closer than the label, so that everything knits and no soil shows."
  },
  formal: {
    ...layered,
    id: "formal",
    name: "Formal",
    spacing: 1,
    bareShare: 0.3,
    bareCircleM: 0.9,
    singlesShare: 0.25,
    paletteTolerance: 11,
    evergreenShare: 0.4,
    lines: "straight",
    groups: "odd always",
    upkeep: "clipped and deadheaded",
    reason: "Label width: each plant shows its shape; straight lines, clipped edges, few kinds."
  },
  carpet: {
    ...layered,
    id: "carpet",
    name: "Carpet of groundcovers",
    spacing: 0.85,
    bareShare: 0.06,
    bareCircleM: 0.45,
    singlesShare: 0.4,
    evergreenShare: 0.4,
    groups: "any",
    reason: "Groundcover closes over all soil between a few taller plants."
  },
  screen: {
    ...layered,
    id: "screen",
    name: "Mixed screen",
    spacing: 0.85,
    bareShare: 0.3,
    bareCircleM: 1,
    singlesShare: 0.95,
    paletteTolerance: 100,
    evergreenShare: 0.35,
    groups: "any",
    reason: "One of each, so that one pest, storm or cold winter takes one plant and not the whole screen."
  },
  "single-colour": {
    ...layered,
    id: "single-colour",
    name: "One colour with green",
    spacing: 0.85,
    bareCircleM: 0.6,
    paletteTolerance: 9,
    reason: "One colour and all its greens: shape and texture do the rest."
  },
  lush: {
    ...layered,
    id: "lush",
    name: "Lush and big-leaved",
    spacing: 0.75,
    bareShare: 0.05,
    bareCircleM: 0.5,
    singlesShare: 0.6,
    paletteTolerance: 100,
    evergreenShare: 0.1,
    groups: "any",
    tall: "airy ones anywhere",
    reason: "Big leaves overlap on purpose; foliage first, flowers as they come."
  },
  dry: {
    ...layered,
    id: "dry",
    name: "Dry and rosette",
    spacing: 1,
    bareShare: 0.45,
    bareCircleM: 1.2,
    singlesShare: 0.5,
    paletteTolerance: 100,
    evergreenShare: 0.35,
    reason: "Gravel shows between plants that want their air; rosettes, silver and fine leaf."
  }
};

// core/bed/startForm.ts
var plainForm = { kind: "foundation" };
var plainGround = {
  sunHours: 5,
  sunByHand: false,
  facing: "south",
  water: "average",
  soil: "loam",
  ph: 6.5,
  drainage: "steady",
  wetInWinter: false,
  wind: "none",
  salt: "none",
  reflectedHeat: "none",
  deer: "none",
  rabbits: "none",
  irrigation: "none"
};

// tests/support/library.ts
import { readFileSync } from "node:fs";

// core/time/climate.ts
var YEAR = 12;
var HALF_YEAR = 6;
var MIDSUMMER = 7.5;
var LEAST_SEASON = 0.5;
function monthFraction(monthDay) {
  const [month = 1, day = 1] = monthDay.split("-").map(Number);
  return month + (day - 1) / 31;
}
function climateOf(place) {
  const southern = place.latitude < 0;
  const turn = southern ? HALF_YEAR : 0;
  const from = monthFraction(place.lastFrost) + turn;
  const gap = ((monthFraction(place.firstFrost) + turn - from) % YEAR + YEAR) % YEAR;
  const length = gap < LEAST_SEASON ? YEAR : gap;
  const shift = Math.round((MIDSUMMER - (from + length / 2)) / YEAR) * YEAR;
  return { lastFrost: from + shift, firstFrost: from + shift + length, southern };
}

// core/plant/findPlants.ts
import MiniSearch from "minisearch";

// core/plant/plant.ts
var SUN_CLASSES = ["full-sun", "part-sun", "part-shade", "shade"];
var WATER_CLASSES = ["dry", "average", "moist", "wet"];
var SOILS = ["sand", "loam", "clay"];
var KINDS = [
  "tree",
  "conifer",
  "shrub",
  "rose",
  "climber",
  "perennial",
  "grass",
  "fern",
  "groundcover",
  "bulb",
  "annual",
  "biennial"
];
var LIFE_CYCLES = ["woody", "herbaceous", "bulb", "annual", "biennial", "tender"];
var HABITS = [
  "mound",
  "globe",
  "cone",
  "column",
  "vase",
  "fountain",
  "sheaf",
  "spire",
  "mat",
  "rosette",
  "fronds",
  "trailing",
  "climber",
  "tree"
];
var LEAF_SIZES = ["fine", "medium", "bold"];
var LEAF_OUTLINES = ["linear", "rounded", "divided", "palmate", "needle", "scale"];
var LEAF_SURFACES = ["gloss", "matt", "felt"];
var RETENTIONS = [
  "evergreen",
  "semi-evergreen",
  "deciduous",
  "dies-back",
  "stands",
  "summer-dormant",
  "one-season"
];
var FLOWER_FORMS = [
  "none",
  "spike",
  "plume",
  "panicle",
  "plate",
  "daisy",
  "ball",
  "bell",
  "cup",
  "trumpet",
  "haze"
];
var TRAVELS = ["stays", "runs", "seeds", "suckers", "roots"];
var BROWSING = ["resists", "sometimes", "browsed"];
var HAZARDS = ["poison", "sap", "thorns"];
var PRUNING_GROUPS = [
  "none",
  "after-flowering",
  "late-winter",
  "leaf",
  "clip",
  "cut-down",
  "deadhead"
];
var SPACING_HABITS = ["stands", "weaves", "carpets", "specimen"];

// core/colour/colour.ts
import { converter, differenceEuclidean, formatHex } from "culori";
var toOklch = converter("oklch");
var toOklab = converter("oklab");
var inOklab = differenceEuclidean("oklab");

// core/colour/colourWords.ts
import { converter as converter2 } from "culori";
var toOklch2 = converter2("oklch");

// core/colour/theme.ts
import { converter as converter3, formatHex as formatHex2, clampChroma } from "culori";
var toOklch3 = converter3("oklch");

// core/colour/vision.ts
import { converter as converter4, filterDeficiencyDeuter, filterDeficiencyProt, filterDeficiencyTrit, formatHex as formatHex3 } from "culori";
var toRgb = converter4("rgb");
var FILTERS = {
  "no-red": filterDeficiencyProt(1),
  "no-green": filterDeficiencyDeuter(1),
  "no-blue": filterDeficiencyTrit(1)
};

// core/plant/plantLists.ts
import Papa2 from "papaparse";

// core/plant/plantRow.ts
import { z } from "zod";
var NAME_LIMIT = 120;
var text = (limit) => z.string().trim().max(limit, `a text of at most ${limit} characters`);
var name = text(NAME_LIMIT).min(1, "a name").regex(/^[^<>]*$/, "a name without < or >");
var oneOf = (values) => z.enum(values, `one of ${values.join(", ")}`);
var number = (low, high) => z.string().trim().regex(/^\d+(\.\d+)?$/, `a number from ${low} to ${high}`).transform(Number).pipe(z.number().min(low, `a number from ${low} to ${high}`).max(high, `a number from ${low} to ${high}`));
var colour = z.string().trim().toLowerCase().regex(/^#[0-9a-f]{6}$/, "a colour such as #8aa05b");
var manyOf = (values, least = 0) => z.string().trim().transform((s) => s === "" ? [] : s.split("|")).pipe(
  z.array(z.enum(values, `any of ${values.join(", ")} with | between`)).min(least, `at least one of ${values.join(", ")}`)
);
var months = z.string().trim().regex(/^$|^\d{1,2}(-\d{1,2})?(\|\d{1,2}(-\d{1,2})?)*$/, "months such as 6-8, 11-2 or 8|11").transform((s) => s === "" ? [] : s.split("|").flatMap(monthRange)).pipe(z.array(z.number().min(1, "months from 1 to 12").max(12, "months from 1 to 12")));
function monthRange(part) {
  const [from = 0, to = from] = part.split("-").map(Number);
  if (from < 1 || from > 12 || to < 1 || to > 12) return [0];
  const list = [from];
  for (let m = from; m !== to; ) list.push(m = m % 12 + 1);
  return list;
}
var classRange = (values) => z.string().trim().transform((s) => s.split(":")).pipe(z.tuple([oneOf(values), oneOf(values)], `a range such as ${values[0]}:${values[1]}`)).refine(([a, b2]) => values.indexOf(a) <= values.indexOf(b2), `a range in the order ${values.join(", ")}`);
var numberRange = (low, high) => z.string().trim().regex(/^\d+(\.\d+)?:\d+(\.\d+)?$/, `a range from ${low} to ${high} such as ${low + 1}:${high - 1}`).transform((s) => s.split(":").map(Number)).refine(([a, b2]) => a >= low && b2 <= high && a <= b2, `a range from ${low} to ${high}, the lower figure first`);
var sizes = z.string().trim().regex(/^[^|<>]+ \d+(\.\d+)?(\|[^|<>]+ \d+(\.\d+)?)*$/, "sizes with prices such as 9 cm 6.50|2 L 14.00").transform(
  (s) => s.split("|").map((part) => {
    const cut = part.lastIndexOf(" ");
    return { label: part.slice(0, cut), price: Number(part.slice(cut + 1)) };
  })
);
var plantRowSchema = z.object({
  botanical_name: name,
  common_name: name,
  kind: oneOf(KINDS),
  life_cycle: oneOf(LIFE_CYCLES),
  foliage_height_m: number(0.02, 40),
  flower_height_m: number(0.02, 40),
  spread_m: number(0.03, 30),
  years_to_90: number(0.5, 60),
  habit: oneOf(HABITS),
  clear_stem_m: number(0, 10),
  leaf_size: oneOf(LEAF_SIZES),
  leaf_outline: oneOf(LEAF_OUTLINES),
  leaf_surface: oneOf(LEAF_SURFACES),
  density: number(0.1, 1),
  spring_colour: colour,
  summer_colour: colour,
  autumn_colour: colour,
  winter_colour: colour,
  retention: oneOf(RETENTIONS),
  flower_colour: z.union([z.literal("").transform(() => null), colour], "a colour such as #8aa05b, or nothing"),
  flower_months: months,
  flower_form: oneOf(FLOWER_FORMS),
  fragrance: oneOf(["none", "slight", "strong"]),
  sun: classRange(SUN_CLASSES),
  water: classRange(WATER_CLASSES),
  soil: manyOf(SOILS, 1),
  ph: numberRange(3, 10),
  zones: numberRange(1, 13),
  travels: oneOf(TRAVELS),
  run_m_per_year: number(0, 3),
  deer: oneOf(BROWSING),
  rabbits: oneOf(BROWSING),
  hazards: manyOf(HAZARDS),
  invasive_note: text(200),
  pruning_group: oneOf(PRUNING_GROUPS),
  pruning_months: months,
  spacing_habit: oneOf(SPACING_HABITS),
  sizes
}).superRefine((row, context) => {
  const say = (column, message) => context.addIssue({ code: "custom", path: [column], message });
  if (row.flower_height_m < row.foliage_height_m && row.habit !== "trailing")
    say("flower_height_m", "a height at or above foliage_height_m");
  if (row.flower_form === "none" !== (row.flower_months.length === 0))
    say("flower_months", "months when flower_form is given, nothing when it is none");
  if (row.flower_form === "none" !== (row.flower_colour === null))
    say("flower_colour", "a colour when flower_form is given, nothing when it is none");
  if (row.clear_stem_m >= row.foliage_height_m) say("clear_stem_m", "a stem shorter than foliage_height_m");
});
var PLANT_COLUMNS = Object.keys(plantRowSchema.shape);

// core/plant/readPlants.ts
import Papa from "papaparse";
var ERROR_LIMIT = 200;
function readPlants(csv) {
  const parsed = Papa.parse(csv.replace(/^\uFEFF/, ""), {
    header: true,
    skipEmptyLines: "greedy"
  });
  const header = checkHeader(parsed.meta.fields ?? []);
  if (!header.ok)
    return {
      ok: false,
      errors: [
        { row: 1, column: "", came: (parsed.meta.fields ?? []).join(",").slice(0, 80), expected: header.error }
      ]
    };
  const errors = parsed.errors.map((e) => ({
    row: (e.row ?? 0) + 2,
    column: "",
    came: e.code,
    expected: `${PLANT_COLUMNS.length} cells, quotes in pairs (${e.message})`
  }));
  const rows = [];
  const rowOf = /* @__PURE__ */ new Map();
  parsed.data.forEach((cells, index) => {
    const row = index + 2;
    const read2 = plantRowSchema.safeParse(cells);
    if (!read2.success) {
      for (const issue of read2.error.issues) {
        const column = String(issue.path[0] ?? "");
        errors.push({ row, column, came: shorten(cells[column] ?? "(nothing)"), expected: issue.message });
      }
      return;
    }
    const plant = toPlant(read2.data);
    const first = rowOf.get(plant.id);
    if (first)
      errors.push({
        row,
        column: "botanical_name",
        came: plant.botanicalName,
        expected: `a name that is not in the list already (row ${first})`
      });
    rowOf.set(plant.id, first ?? row);
    rows.push({ plant, cells: Object.fromEntries(PLANT_COLUMNS.map((c) => [c, cells[c] ?? ""])) });
  });
  if (rows.length === 0 && errors.length === 0)
    errors.push({ row: 2, column: "", came: "(nothing)", expected: "at least one plant below the header" });
  return errors.length > 0 ? { ok: false, errors: errors.slice(0, ERROR_LIMIT) } : { ok: true, plants: rows.map((r) => r.plant), rows };
}
function checkHeader(fields) {
  const missing = PLANT_COLUMNS.filter((c) => !fields.includes(c));
  return missing.length > 0 ? fail(
    `a header with the columns ${missing.slice(0, 6).join(", ")}${missing.length > 6 ? ` and ${missing.length - 6} more` : ""}`
  ) : ok(true);
}
var plantId = (botanicalName) => botanicalName.toLowerCase().replace(/×/g, "x").normalize("NFD").replace(/[\u0300-\u036f]/g, "").replace(/[^a-z0-9]+/g, "-").replace(/^-|-$/g, "");
function toPlant(row) {
  return {
    id: plantId(row.botanical_name),
    botanicalName: row.botanical_name,
    commonName: row.common_name,
    kind: row.kind,
    lifeCycle: row.life_cycle,
    foliageHeightM: row.foliage_height_m,
    flowerHeightM: row.flower_height_m,
    spreadM: row.spread_m,
    yearsTo90: row.years_to_90,
    habit: row.habit,
    clearStemM: row.clear_stem_m,
    leafSize: row.leaf_size,
    leafOutline: row.leaf_outline,
    leafSurface: row.leaf_surface,
    density: row.density,
    foliage: {
      spring: row.spring_colour,
      summer: row.summer_colour,
      autumn: row.autumn_colour,
      winter: row.winter_colour
    },
    retention: row.retention,
    flowerColour: row.flower_colour,
    flowerMonths: row.flower_months,
    flowerForm: row.flower_form,
    fragrance: row.fragrance,
    sun: { brightest: row.sun[0], darkest: row.sun[1] },
    water: { driest: row.water[0], wettest: row.water[1] },
    soils: row.soil,
    ph: { low: row.ph[0], high: row.ph[1] },
    zones: { coldest: row.zones[0], warmest: row.zones[1] },
    travels: row.travels,
    runMPerYear: row.run_m_per_year,
    deer: row.deer,
    rabbits: row.rabbits,
    hazards: row.hazards,
    invasiveNote: row.invasive_note,
    pruningGroup: row.pruning_group,
    pruningMonths: row.pruning_months,
    spacingHabit: row.spacing_habit,
    sizes: row.sizes
  };
}
var shorten = (s) => s.length > 60 ? `${s.slice(0, 60)}\u2026` : s;

// core/plant/silhouette.ts
var shouldered = (shoulder, foot, rise, power, top = 1) => (u) => u < shoulder ? foot + rise * Math.pow(u / shoulder, power) : (foot + rise) * Math.sqrt(Math.max(0, 1 - ((u - shoulder) / (1 - shoulder)) ** 2 * top));
var MAT = (u) => Math.sqrt(1 - Math.pow(u, 3) * 0.9);
var OUTLINES = {
  mound: (u) => Math.sqrt(1 - u * u) * (0.86 + 0.14 * Math.sqrt(u)),
  globe: (u) => Math.sqrt(Math.max(0, 1 - (2 * u - 1) ** 2 * 0.96)) * Math.min(1, 0.55 + u * 1.6),
  cone: (u) => Math.pow(1 - u, 0.8) * Math.min(1, 0.78 + u * 2),
  column: (u) => u < 0.12 ? 0.8 + u * 1.5 : Math.pow(1 - Math.pow((u - 0.12) / 0.88, 3.2), 0.55),
  vase: shouldered(0.6, 0.3, 0.7, 0.75, 0.94),
  fountain: shouldered(0.7, 0.22, 0.78, 0.7),
  sheaf: shouldered(0.8, 0.3, 0.6, 1, 0.9),
  spire: (u) => u < 0.3 ? 0.85 + u * 0.5 : 1 - 0.35 * ((u - 0.3) / 0.7),
  mat: MAT,
  trailing: MAT,
  rosette: shouldered(0.6, 0.45, 0.55, 0.5),
  fronds: shouldered(0.65, 0.25, 0.75, 0.75),
  climber: (u) => 0.55 + 0.45 * Math.sin(Math.PI * Math.min(1, u * 0.9 + 0.1)),
  tree: shouldered(0.4, 0.45, 0.55, 0.5, 0.95)
};

// shared/textSchema.ts
import { z as z2 } from "zod";

// core/measure/parseLength.ts
var UNIT = String.raw`mm|cm|metres|metre|meters|meter|m|'|ft\.?|feet|foot|"|inches|inch|in\.?|yards|yard|yds|yd`;
var TERM = new RegExp(
  String.raw`^\s*(?<number>\d+\s+\d+\/\d+|\d+\/\d+|\d*[.,]\d+|\d+)(?![\d.,/]*[\d])\s*(?<unit>${UNIT})?(?![a-z])`,
  "i"
);

// core/measure/cutText.ts
var characters = (text2) => [...text2].length;
var CONTROL = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f-\u009f]/;
var HALF_CHARACTER = /\p{Surrogate}/u;
function faultOfText(text2) {
  if (CONTROL.test(text2))
    return "It holds a control character that cannot be kept: delete it, or type the text again.";
  return HALF_CHARACTER.test(text2) ? "It holds half a character (a broken emoji): delete it, or type it again." : null;
}

// shared/textSchema.ts
var textSchema = (most, what = "This text") => z2.string().superRefine((value, context) => {
  const fault = faultOfText(value);
  if (fault) context.addIssue({ code: "custom", message: fault });
  else if (characters(value) > most)
    context.addIssue({
      code: "custom",
      message: `${what} can have at most ${most} characters; this one has ${characters(value)}.`
    });
});
var NAME_LIMIT2 = 120;
var nameSchema = z2.string().trim().min(1, "A name is needed.").pipe(textSchema(NAME_LIMIT2, "A name"));
var revisionSchema = z2.number().int().min(0).max(2 ** 31 - 2, "There is no such revision.");

// shared/bedSchema.ts
import { z as z3 } from "zod";
var metre = (low, high, what) => z3.number().min(low, `${what} must be at least ${low} m.`).max(high, `${what} can be at most ${high} m.`);
var idSchema = z3.string().min(1).max(80).regex(/^[A-Za-z0-9_-]+$/, "An id of letters, digits, - and _.");
var plantIdSchema = z3.string().min(1).max(160).regex(/^[a-z0-9-]+$/, "A plant id of small letters, digits and -.");
var point = z3.object({ x: z3.number().min(-500).max(500), y: z3.number().min(-500).max(500) });
var edge = z3.object({ kind: z3.enum(["straight", "stepped", "curved"]), stations: z3.array(point).min(2).max(100) });
var outline = z3.object({ back: edge, front: edge }).superRefine((value, context) => {
  const checked = checkOutline(value);
  if (!checked.ok) context.addIssue({ code: "custom", message: checked.error });
});
var opening = z3.object({
  id: idSchema,
  x: metre(-500, 500, "A window\u2019s place"),
  widthM: metre(0.1, 20, "A window\u2019s width"),
  sillM: metre(0, 20, "A sill"),
  headM: metre(0.1, 30, "A window\u2019s head")
}).refine((o) => o.headM > o.sillM, "A window\u2019s head must be above its sill.");
var wall = z3.object({
  heightM: metre(0.3, 40, "The wall\u2019s height"),
  material: z3.enum(["brick", "stone", "render", "boards"]),
  colour: z3.string().regex(/^#[0-9a-f]{6}$/i, "A colour such as #a4573f."),
  openings: z3.array(opening).max(60)
});
var roundEdge = z3.object({
  smooth: z3.boolean(),
  stations: z3.array(point).min(3, "A closed edge needs at least three stations.").max(100)
});
var form = z3.discriminatedUnion("kind", [
  z3.object({ kind: z3.literal("foundation") }),
  z3.object({ kind: z3.literal("screen") }),
  z3.object({ kind: z3.literal("two-sided") }),
  z3.object({
    kind: z3.literal("terrace"),
    baseM: metre(0, 10, "A terrace\u2019s height"),
    fallM: metre(-5, 5, "A terrace\u2019s fall")
  }),
  z3.object({
    kind: z3.literal("island"),
    edge: roundEdge,
    rimM: metre(0, 50, "The rim"),
    centre: z3.enum(CENTREPIECES),
    centreHeightM: metre(0.1, 30, "The centrepiece\u2019s height"),
    showFromM: metre(0, 30, "What must stay in view")
  }),
  z3.object({
    kind: z3.literal("ring"),
    edge: roundEdge,
    rimM: metre(0.05, 50, "The radius of what stands inside"),
    insideHeightM: metre(0.1, 30, "The height of what stands inside")
  }),
  z3.object({
    kind: z3.literal("court"),
    widthM: metre(2, 60, "The court\u2019s width"),
    depthM: metre(2, 60, "The court\u2019s depth"),
    pathM: metre(0.3, 6, "A path"),
    repeat: z3.enum(["mirrored", "turned"])
  }),
  z3.object({
    kind: z3.literal("container"),
    diameterM: metre(0.15, 5, "A pot\u2019s width"),
    heightM: metre(0.1, 3, "A pot\u2019s height"),
    pots: z3.number().int().min(1, "At least one pot.").max(12, "At most 12 pots."),
    apartM: metre(0, 50, "The distance between pots")
  })
]).superRefine((value, context) => {
  const checked = checkForm(value);
  if (!checked.ok) context.addIssue({ code: "custom", message: checked.error });
});
var driftSchema = z3.object({
  id: idSchema,
  plantId: plantIdSchema,
  lane: z3.number().int().min(0).max(4),
  count: z3.number().int().min(1, "A drift has at least one plant.").max(500, "A drift has at most 500 plants."),
  pattern: z3.enum(PATTERNS),
  at: z3.number().min(0).max(500),
  everyM: z3.number().min(0.01).max(100),
  numbers: z3.array(z3.number().int().min(0).max(1e6)).max(500).nullable().optional(),
  nextNumber: z3.number().int().min(0).max(1000001).nullable().optional()
});
var bedShape = {
  name: nameSchema,
  form: form.default({ kind: "foundation" }),
  outline,
  laneShares: z3.array(z3.number().min(0.02).max(1)).min(1).max(5),
  wall: wall.nullable(),
  viewpoint: z3.object({
    name: nameSchema,
    eyeHeightM: metre(0.2, 15, "Eye height"),
    distanceM: metre(0.2, 100, "The distance"),
    turnDeg: z3.number().min(-360).max(360).default(0)
  }),
  ground: z3.object({
    sunHours: z3.number().min(0, "Sun hours must be at least 0.").max(18, "Sun hours can be at most 18 a day."),
    sunByHand: z3.boolean().default(true),
    facing: textSchema(40),
    water: z3.enum(WATER_CLASSES),
    soil: z3.enum(SOILS),
    ph: z3.number().min(3, "pH must be at least 3.").max(10, "pH can be at most 10."),
    drainage: z3.enum(DRAINAGE).default("steady"),
    wetInWinter: z3.boolean().default(false),
    wind: z3.enum(EXPOSURE).default("none"),
    salt: z3.enum(EXPOSURE).default("none"),
    reflectedHeat: z3.enum(EXPOSURE).default("none"),
    deer: z3.enum(EXPOSURE).default("none"),
    rabbits: z3.enum(EXPOSURE).default("none"),
    irrigation: z3.enum(IRRIGATION).default("none")
  }),
  school: z3.enum(SCHOOL_IDS),
  drifts: z3.array(driftSchema).max(400),
  existing: z3.array(
    z3.object({
      id: idSchema,
      name: nameSchema,
      plantId: z3.union([z3.literal(""), plantIdSchema]),
      x: z3.number().min(-500).max(500),
      y: z3.number().min(-500).max(500),
      heightM: metre(0.02, 40, "A height"),
      spreadM: metre(0.02, 30, "A spread"),
      condition: z3.enum(CONDITIONS),
      fate: z3.enum(FATES),
      into: z3.number().int().min(1, "At least one part.").max(50, "At most 50 parts."),
      note: textSchema(500, "A note")
    })
  ).max(200).default([]),
  pins: z3.array(
    z3.object({
      driftId: idSchema,
      index: z3.number().int().min(0).max(1e6),
      x: z3.number().min(-500).max(500),
      y: z3.number().min(-500).max(500)
    })
  ).max(5e3),
  accepted: z3.array(
    z3.object({
      findingId: z3.string().min(1).pipe(textSchema(200)),
      title: textSchema(300),
      reason: z3.string().trim().min(1, "A reason is needed.").pipe(textSchema(500, "A reason"))
    })
  ).max(500),
  shortlist: z3.array(plantIdSchema).max(400).transform((ids) => [...new Set(ids)]),
  buying: z3.array(z3.object({ plantId: plantIdSchema, size: textSchema(60), have: z3.number().int().min(0).max(1e5) })).max(400)
};
var bedSchema = z3.object(bedShape).superRefine((bed, context) => {
  const say = (path, message) => context.addIssue({ code: "custom", path: [path], message });
  const ids = new Set(bed.drifts.map((d) => d.id));
  const twice = (keys) => new Set(keys).size !== keys.length;
  if (ids.size !== bed.drifts.length) say("drifts", "Two drifts have the same id.");
  if (bed.drifts.some((d) => d.lane >= bed.laneShares.length))
    say("drifts", "A drift stands in a lane the bed does not have.");
  if (bed.pins.some((p) => !ids.has(p.driftId))) say("pins", "A pin belongs to a drift the bed does not have.");
  if (twice(bed.pins.map((p) => `${p.driftId}:${p.index}`))) say("pins", "One plant is pinned in two places.");
  if (twice(bed.accepted.map((a) => a.findingId))) say("accepted", "One finding is accepted twice.");
  if (twice(bed.buying.map((b2) => b2.plantId))) say("buying", "One plant is bought in two sizes.");
  if (twice(bed.existing.map((e) => e.id))) say("existing", "Two plants that stand there have the same id.");
  if (bed.drifts.some((d) => d.numbers && (d.numbers.length !== d.count || twice(d.numbers.map(String)))))
    say("drifts", "The plants of a drift are not numbered one by one.");
  if (bed.drifts.reduce((sum, d) => sum + d.count, 0) > 5e3) say("drifts", "A bed holds at most 5000 plants.");
});

// tests/support/library.ts
var libraryCsv = readFileSync(new URL("../../data/plants.csv", import.meta.url), "utf8");
var read = readPlants(libraryCsv);
if (!read.ok) throw new Error("the library must read");
var plants = read.plants;
var library = new Map(plants.map((p) => [p.id, p]));
var portLinnet = { latitude: 44.6, lastFrost: "05-08", firstFrost: "10-14" };
var climate = climateOf(portLinnet);
var demo = JSON.parse(
  readFileSync(new URL("../../data/demo/saltmarsh-row.json", import.meta.url), "utf8")
);
function testBed(change = {}) {
  return {
    name: "Test bed",
    form: plainForm,
    outline: rectangle(10, 3),
    laneShares: startShares(3),
    wall: { heightM: 3, material: "render", colour: "#d9cdb8", openings: [] },
    viewpoint: { name: "The path", eyeHeightM: 1.6, distanceM: 3, turnDeg: 0 },
    ground: { ...plainGround, sunHours: 6, sunByHand: true },
    school: "layered",
    existing: [],
    drifts: [],
    pins: [],
    accepted: [],
    shortlist: [],
    buying: [],
    ...change
  };
}

// tests/bench/bed1500.ts
var LENGTH_M = 108;
var STANDING = plants.filter((p) => p.kind !== "climber" && p.kind !== "tree" && p.spacingHabit !== "weaves");
function bed1500() {
  const tall = STANDING.filter((p) => p.foliageHeightM >= 0.7 && p.spreadM <= 1.3);
  const middle = STANDING.filter((p) => p.foliageHeightM >= 0.3 && p.foliageHeightM < 0.7 && p.spreadM <= 0.7);
  const low = STANDING.filter((p) => p.foliageHeightM < 0.3 && p.spreadM <= 0.5);
  const drifts = [];
  const lanes = [
    { from: tall, n: 40, count: 3 },
    { from: middle, n: 60, count: 9 },
    { from: low, n: 60, count: 14 }
  ];
  lanes.forEach(({ from, n, count }, lane) => {
    for (let i = 0; i < n; i++)
      drifts.push({
        id: `l${lane}d${i}`,
        plantId: from[i * 7 % from.length].id,
        lane,
        count,
        pattern: "mass",
        at: (i + 0.5) / n * LENGTH_M,
        everyM: 1
      });
  });
  return testBed({ name: "Display border", outline: rectangle(LENGTH_M, 5), drifts });
}

// ../../tmp/q3.ts
var b = bed1500();
console.log(b.drifts.length, Math.max(...b.drifts.map((d) => library.get(d.plantId).spreadM)), b.laneShares, b.outline.front.stations);
