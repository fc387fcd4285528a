// core/time/climate.ts
var YEAR = 12;
var HALF_YEAR = 6;
var MIDSUMMER = 7.5;
var LEAST_SEASON = 0.5;
function monthFraction(monthDay) {
  const [month = 1, day = 1] = monthDay.split("-").map(Number);
  return month + (day - 1) / 31;
}
function climateOf(place2) {
  const southern = place2.latitude < 0;
  const turn = southern ? HALF_YEAR : 0;
  const from = monthFraction(place2.lastFrost) + turn;
  const gap2 = ((monthFraction(place2.firstFrost) + turn - from) % YEAR + YEAR) % YEAR;
  const length = gap2 < LEAST_SEASON ? YEAR : gap2;
  const shift = Math.round((MIDSUMMER - (from + length / 2)) / YEAR) * YEAR;
  return { lastFrost: from + shift, firstFrost: from + shift + length, southern };
}
var turned = (month, { southern }) => southern ? (month + 5) % YEAR + 1 : month;
var libraryMonth = (month, climate2) => turned(month, climate2);
var placeMonth = (month, climate2) => turned(month, climate2);
var placeMonths = (months3, climate2) => months3.map((m) => placeMonth(m, climate2));

// core/time/months.ts
var MONTH_NAMES = [
  "January",
  "February",
  "March",
  "April",
  "May",
  "June",
  "July",
  "August",
  "September",
  "October",
  "November",
  "December"
];
var monthName = (month) => MONTH_NAMES[month - 1] ?? "";

// core/geometry/circleIndex.ts
import Flatbush from "flatbush";
function circleIndex(circles) {
  if (circles.length === 0) return { search: () => [] };
  const tree = new Flatbush(circles.length);
  for (const c of circles) tree.add(c.x - c.r, c.y - c.r, c.x + c.r, c.y + c.r);
  tree.finish();
  return { search: (a, b, c, d) => tree.search(a, b, c, d) };
}

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
var distance = (a, b) => Math.hypot(a.x - b.x, a.y - b.y);
function clamp(value, low, high) {
  if (value < low) return low;
  return value > high ? high : value;
}
var lerp = (a, b, u) => a + (b - a) * u;

// core/geometry/polygonArea.ts
function polygonArea(line2) {
  let twice = 0;
  line2.forEach((a, i) => {
    const b = line2[(i + 1) % line2.length];
    twice += a.x * b.y - b.x * a.y;
  });
  return Math.abs(twice) / 2;
}

// core/geometry/polyline.ts
var Polyline = class {
  constructor(points) {
    this.points = points;
    const lengths = [0];
    for (let i = 1; i < points.length; i++) {
      const a = points[i - 1];
      const b = points[i];
      lengths.push(lengths[i - 1] + Math.hypot(b.x - a.x, b.y - a.y));
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
    const b = this.points[i + 1];
    return lerp(a.y, b.y, clamp((x - a.x) / (b.x - a.x), 0, 1));
  }
  /** Length along the line at x, in metres. */
  lengthAt(x) {
    const i = this.segment((k) => this.points[k].x, x);
    const a = this.points[i];
    const b = this.points[i + 1];
    return lerp(this.lengths[i], this.lengths[i + 1], clamp((x - a.x) / (b.x - a.x), 0, 1));
  }
  /** The point at a length along the line, in metres. */
  pointAt(length) {
    const i = this.segment((k) => this.lengths[k], length);
    const from = this.lengths[i];
    const u = clamp((length - from) / (this.lengths[i + 1] - from), 0, 1);
    const a = this.points[i];
    const b = this.points[i + 1];
    return { x: lerp(a.x, b.x, u), y: lerp(a.y, b.y, u) };
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
function hashText(text2) {
  let hash = 2166136261;
  for (let i = 0; i < text2.length; i++) hash = Math.imul(hash ^ text2.charCodeAt(i), 16777619);
  return hash | 0;
}

// core/time/seasonsGrown.ts
var YEAR2 = 12;
var HALF_YEAR2 = 6;
var BEFORE_FROST = 1;
var REST_BEFORE = 0.5;
var EARLIEST = 2;
var LATEST = 12;
function seasonsGrown({ month, year }, climate2) {
  const start = climate2.southern ? HALF_YEAR2 : 0;
  return Math.max(0, progress(start + YEAR2 * year + month - 0.5, climate2) - progress(start, climate2));
}
function progress(months3, { lastFrost, firstFrost }) {
  const from = Math.max(EARLIEST, lastFrost - BEFORE_FROST);
  const to = Math.max(from + 1, Math.min(LATEST, firstFrost - REST_BEFORE));
  const year = Math.floor(months3 / YEAR2);
  return year + clamp((months3 - YEAR2 * year + 1 - from) / (to - from), 0, 1);
}
var seasonNumber = ({ month, year }, { southern }) => year + (southern && month > HALF_YEAR2 ? 1 : 0);

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
var fullHeightM = (plant) => Math.max(plant.foliageHeightM, plant.flowerHeightM);

// core/plant/saltShy.ts
var SALT_SHY = /* @__PURE__ */ new Set([
  "Abies",
  "Acer",
  "Aesculus",
  "Astilbe",
  "Carpinus",
  "Cercidiphyllum",
  "Cercis",
  "Cornus",
  "Corylus",
  "Dicentra",
  "Fagus",
  "Hamamelis",
  "Kalmia",
  "Leucothoe",
  "Liriodendron",
  "Magnolia",
  "Picea",
  "Pieris",
  "Primula",
  "Rhododendron",
  "Skimmia",
  "Taxus",
  "Tilia",
  "Tsuga"
]);
var isSaltShy = (plant) => SALT_SHY.has(plant.botanicalName.split(" ")[0] ?? "");

// core/plant/fit.ts
function sunClass(hours, morningOnly = false) {
  if (hours >= 6) return "full-sun";
  if (hours >= 4 && !morningOnly) return "part-sun";
  return hours >= 2 ? "part-shade" : "shade";
}
function zoneNumber(zone) {
  const match = /^(\d{1,2})[ab]?$/i.exec(zone.trim());
  const n = match ? Number(match[1]) : 0;
  return n >= 1 && n <= 13 ? n : null;
}
var words = (id) => id.replace(/-/g, " ");
var known = /* @__PURE__ */ new WeakMap();
function misfits(plant, site2) {
  let here = known.get(site2);
  if (!here) known.set(site2, here = /* @__PURE__ */ new WeakMap());
  let found = here.get(plant);
  if (!found) here.set(plant, found = reasons(plant, site2));
  return found;
}
var reasons = (plant, site2) => [
  ...inLight(plant, site2),
  ...inHeat(plant, site2),
  ...inZone(plant, site2),
  ...inWater(plant, site2),
  ...inExposure(plant, site2),
  ...inSoil(plant, site2)
];
var MONTH_TOLERANCE_H = 1;
var rank = (sun) => SUN_CLASSES.indexOf(sun);
var round = (h) => Math.round(h * 10) / 10;
function inLight(plant, site2) {
  const here = sunClass(site2.sunHours, site2.morningOnly);
  const { brightest, darkest } = plant.sun;
  const say2 = (text2) => [{ want: "sun", text: text2 }];
  if (rank(here) < rank(brightest))
    return say2(`${site2.sunHours} h of sun is ${words(here)}; it burns above ${words(brightest)}`);
  if (rank(here) > rank(darkest))
    return say2(`${site2.sunHours} h of sun is ${words(here)}; it needs at least ${words(darkest)}`);
  const { brightestH: most, darkestH: least } = site2;
  if (most !== void 0 && rank(sunClass(most - MONTH_TOLERANCE_H)) < rank(brightest))
    return say2(`${round(most)} h of sun in the brightest month; it burns above ${words(brightest)}`);
  if (least !== void 0 && rank(sunClass(least + MONTH_TOLERANCE_H)) > rank(darkest))
    return say2(`${round(least)} h of sun in the darkest month it grows in; it needs at least ${words(darkest)}`);
  return [];
}
var HOT_AFTERNOON_H = 3;
function inHeat(plant, { lateSummerH = 0, reflectedHeat }) {
  const isOfShade = rank(plant.sun.brightest) >= rank("part-shade");
  if (isOfShade && lateSummerH >= HOT_AFTERNOON_H)
    return [{ want: "heat", text: `${round(lateSummerH)} h of sun on summer afternoons; it wants shade by then` }];
  const isThirsty = plant.water.driest === "moist" || plant.water.driest === "wet";
  if (reflectedHeat === "much" && (isOfShade || isThirsty))
    return [
      {
        want: "heat",
        text: `heat comes back from walls and paving; it wants it ${isOfShade ? "shady" : "moist"} and cool`
      }
    ];
  return [];
}
function inZone(plant, { zone }) {
  if (isSeasonal(plant)) return [];
  const { coldest, warmest } = plant.zones;
  if (zone < coldest) return [{ want: "zone", text: `zone ${zone} winters; it is hardy to zone ${coldest}` }];
  if (zone > warmest) return [{ want: "zone", text: `zone ${zone}; it fades above zone ${warmest}` }];
  return [];
}
var isSeasonal = (plant) => plant.lifeCycle === "annual" || plant.lifeCycle === "tender";
var wet = (water) => WATER_CLASSES.indexOf(water);
function inWater(plant, site2) {
  const isLaid = site2.irrigation === "drip" || site2.irrigation === "sprinkler";
  const lifted = wet(site2.water) + (isLaid ? 1 : 0);
  if (lifted < wet(plant.water.driest))
    return [{ want: "water", text: `${site2.water} ground; it wants ${plant.water.driest}` }];
  if (wet(site2.water) > wet(plant.water.wettest))
    return [{ want: "water", text: `${site2.water} ground; it wants ${plant.water.wettest} at most` }];
  if (plant.water.wettest !== "dry") return [];
  const standsWet = site2.wetInWinter || site2.drainage === "stands";
  if (standsWet && !isSeasonal(plant))
    return [{ want: "water", text: "it stands wet in winter; it rots unless it is dry" }];
  return site2.irrigation === "sprinkler" ? [{ want: "water", text: "a sprinkler wets it; it wants to stay dry" }] : [];
}
var LEANS_FROM_M = 1.2;
function inExposure(plant, site2) {
  const found = [];
  const isSoft = plant.lifeCycle !== "woody" && plant.kind !== "grass" && plant.kind !== "climber";
  if (site2.wind === "much" && isSoft && plant.flowerHeightM >= LEANS_FROM_M)
    found.push({
      want: "wind",
      text: `much wind; ${plant.flowerHeightM} m of soft stem wants a stake or a sheltered place`
    });
  if (site2.salt === "much" && isSaltShy(plant))
    found.push({ want: "salt", text: "salt in wind or water; its leaves scorch" });
  for (const eater of ["deer", "rabbits"])
    if (site2[eater] === "much" && plant[eater] === "browsed")
      found.push({ want: "harm", text: `many ${eater}; they eat it` });
  return found;
}
function inSoil(plant, site2) {
  const found = [];
  if (!plant.soils.includes(site2.soil))
    found.push({ want: "soil", text: `${site2.soil}; it wants ${plant.soils.join(" or ")}` });
  if (site2.ph < plant.ph.low || site2.ph > plant.ph.high)
    found.push({ want: "ph", text: `pH ${site2.ph}; it wants ${plant.ph.low} to ${plant.ph.high}` });
  return found;
}

// core/colour/colour.ts
import { converter, differenceEuclidean, formatHex } from "culori";
var toOklch = converter("oklch");
var toOklab = converter("oklab");
var inOklab = differenceEuclidean("oklab");
var deltaE = (a, b) => inOklab(a, b) * 100;
function mix(a, b, u) {
  const from = lab(a);
  const to = lab(b);
  return formatHex({
    mode: "oklab",
    l: from.l + (to.l - from.l) * u,
    a: from.a + (to.a - from.a) * u,
    b: from.b + (to.b - from.b) * u
  });
}
var saturation = (colour2) => toOklch(colour2)?.c ?? 0;
function lab(colour2) {
  return toOklab(colour2) ?? { mode: "oklab", l: 0.5, a: 0, b: 0 };
}

// core/colour/colourWords.ts
import { converter as converter2 } from "culori";
var toOklch2 = converter2("oklch");
var HUES = [
  [12, "rose"],
  [32, "red"],
  [52, "terracotta"],
  [72, "orange"],
  [92, "amber"],
  [112, "yellow"],
  [130, "lime"],
  [150, "green"],
  [172, "sea green"],
  [205, "teal"],
  [245, "sky blue"],
  [272, "blue"],
  [295, "violet"],
  [322, "purple"],
  [345, "magenta"],
  [361, "rose"]
];
var byLightness = (l, steps, last) => steps.find(([over]) => l > over)?.[1] ?? last;
var GREYS = [
  [0.95, "white"],
  [0.75, "pale grey"],
  [0.45, "grey"],
  [0.25, "slate"]
];
var NEAR_GREYS = [
  [0.6, "pale grey"],
  [0.35, "slate grey"]
];
var NAMED = [
  { is: ({ c }) => c < 0.02, say: ({ l }) => byLightness(l, GREYS, "black") },
  { is: ({ l, c, hue }) => l > 0.9 && c < 0.08 && hue > 55 && hue < 120, say: () => "cream" },
  { is: ({ l, c }) => l > 0.93 && c < 0.05, say: () => "white" },
  { is: ({ c, hue }) => c < 0.05 && hue > 120 && hue < 220, say: ({ l }) => l > 0.55 ? "silver" : "grey green" },
  { is: ({ c }) => c < 0.045, say: ({ l }) => byLightness(l, NEAR_GREYS, "near black") },
  {
    is: ({ l, c, hue }) => c < 0.1 && hue > 95 && hue < 120 && l < 0.72,
    say: ({ l }) => l < 0.45 ? "dark olive" : "olive"
  },
  {
    is: ({ l, c, hue }) => l < 0.62 && hue > 30 && hue < 95 && c < 0.1,
    say: ({ l }) => l < 0.38 ? "dark brown" : "brown"
  },
  { is: ({ l, hue }) => l < 0.45 && (hue < 25 || hue > 325), say: () => "plum" }
];
var PALE_ANYWAY = /* @__PURE__ */ new Set(["yellow", "lime", "amber"]);
function toneOf({ l, c }, name2) {
  if (l > 0.82 && !PALE_ANYWAY.has(name2)) return "pale ";
  if (l < 0.42) return "dark ";
  return c < 0.09 ? "soft " : "";
}
function colourWords(colour2) {
  const { l, c, h } = toOklch2(colour2) ?? { l: 0.5, c: 0, h: 0 };
  const tone = { l, c, hue: ((h ?? 0) % 360 + 360) % 360 };
  const named = NAMED.find(({ is }) => is(tone));
  if (named) return named.say(tone);
  const name2 = HUES.find(([to]) => tone.hue < to)[1];
  return `${toneOf(tone, name2)}${name2}`;
}
function isGreen(colour2) {
  const c = toOklch2(colour2);
  const hue = ((c?.h ?? 0) % 360 + 360) % 360;
  return !!c && c.c > 0.02 && hue > (c.c < 0.1 ? 95 : 108) && hue < 175 && c.l < 0.82;
}

// core/colour/theme.ts
import { converter as converter3, formatHex as formatHex2, clampChroma } from "culori";
var toOklch3 = converter3("oklch");
function nearestOf(theme2, colour2, month) {
  const wanted = theme2.colours.filter((t2) => t2.months.length === 0 || t2.months.includes(month));
  if (wanted.length === 0) return null;
  return wanted.map((t2) => ({ colour: t2.colour, distance: deltaE(t2.colour, colour2), words: colourWords(t2.colour) })).reduce((a, b) => b.distance < a.distance ? b : a);
}

// core/colour/vision.ts
import { converter as converter4, filterDeficiencyDeuter, filterDeficiencyProt, filterDeficiencyTrit, formatHex as formatHex3 } from "culori";
var toRgb = converter4("rgb");
var FILTERS = {
  "no-red": filterDeficiencyProt(1),
  "no-green": filterDeficiencyDeuter(1),
  "no-blue": filterDeficiencyTrit(1)
};

// core/plant/look.ts
var withoutShow = (look) => ({
  ...look,
  state: "gone",
  flower: 0,
  leaf: 0,
  density: 0,
  height: 0
});
function lookAt(plant, month, climate2) {
  let plants2 = known2.get(climate2);
  if (!plants2) known2.set(climate2, plants2 = /* @__PURE__ */ new WeakMap());
  let months3 = plants2.get(plant);
  if (!months3) plants2.set(plant, months3 = []);
  return months3[month] ??= makeLook(plant, libraryMonth(month, climate2), climate2);
}
var known2 = /* @__PURE__ */ new WeakMap();
var DRY_STEMS = "#8a7350";
var BARE_DENSITY = 0.3;
var DRY_DENSITY = 0.6;
function makeLook(plant, m, climate2) {
  const leaf = leafShare(plant, m, climate2);
  const state = stateOf(plant, leaf, m);
  return {
    colour: colourOf(plant, state, m),
    state,
    leaf: state === "leaf" ? leaf : 0,
    height: heightShare(plant, state, leaf, m),
    flower: state === "gone" ? 0 : flowerShare(plant, m),
    density: plant.density * densityShare(state, leaf)
  };
}
function colourOf(plant, state, m) {
  if (state === "leaf") return seasonColour(plant, m);
  return state === "bare" || plant.retention === "stands" ? plant.foliage.winter : DRY_STEMS;
}
function densityShare(state, leaf) {
  switch (state) {
    case "leaf":
      return 0.35 + 0.65 * leaf;
    case "bare":
      return BARE_DENSITY;
    case "dry":
      return DRY_DENSITY;
    case "gone":
      return 0;
  }
}
var BENT = 0.85;
function heightShare(plant, state, leaf, m) {
  if (state === "gone") return 0;
  if (plant.lifeCycle === "woody") return 1;
  if (state === "dry") return m <= 3 ? BENT : 1;
  return clamp(0.25 + 0.75 * leaf, 0, 1);
}
function stateOf(plant, leaf, m) {
  if (leaf > 0.04) return "leaf";
  const isShrub = plant.lifeCycle === "woody" && plant.retention === "semi-evergreen";
  if (plant.retention === "deciduous" || isShrub) return "bare";
  if (plant.retention === "stands") return m >= 4 && m <= 9 ? "gone" : "dry";
  return "gone";
}
var EARLIEST_FROST = 3;
var LATEST_FROST = 12.2;
function leafShare(plant, m, climate2) {
  const lastFrost = Math.max(EARLIEST_FROST, climate2.lastFrost);
  const firstFrost = Math.min(LATEST_FROST, climate2.firstFrost);
  const spring = clamp((m + 0.5 - (lastFrost - 1.1)) / 1.6, 0, 1);
  const autumn = clamp((firstFrost + 1 - (m + 0.5)) / 1.2, 0, 1);
  switch (plant.retention) {
    case "evergreen":
      return 1;
    case "semi-evergreen":
      return Math.max(0.55, Math.min(spring, autumn));
    case "deciduous":
    case "dies-back":
      return Math.min(spring, autumn);
    case "stands":
      return m > 9 && autumn < 0.6 ? 0 : Math.min(spring, clamp(autumn * 1.5, 0, 1));
    case "one-season":
      return seasonal(m, climate2);
    case "summer-dormant":
      return bulbLeaf(plant, m);
  }
}
function seasonal(m, { lastFrost, firstFrost }) {
  const middle = [m - 11.5, m + 0.5, m + 12.5].find((x) => x >= lastFrost && x <= firstFrost + 0.4);
  return middle === void 0 ? 0 : clamp(0.35 + (middle - lastFrost) / 2.1, 0, 1);
}
function bulbLeaf(plant, m) {
  const months3 = plant.flowerMonths.length > 0 ? plant.flowerMonths : [4, 5];
  const shown = (offset) => months3.includes((m - 1 + offset + 12) % 12 + 1);
  if (shown(0)) return 1;
  if (shown(-1)) return 0.7;
  if (shown(1)) return 0.5;
  return shown(-2) ? 0.25 : 0;
}
function flowerShare(plant, m) {
  const i = plant.flowerMonths.indexOf(m);
  if (i < 0) return 0;
  const isEdge = i === 0 || i === plant.flowerMonths.length - 1;
  return isEdge && plant.flowerMonths.length > 2 ? 0.6 : 1;
}
var YEAR_ROUND = [
  (f) => f.winter,
  (f) => f.winter,
  (f) => mix(f.winter, f.spring, 0.5),
  (f) => f.spring,
  (f) => mix(f.spring, f.summer, 0.45),
  (f) => f.summer,
  (f) => f.summer,
  (f) => f.summer,
  (f) => mix(f.summer, f.autumn, 0.35),
  (f) => f.autumn,
  (f) => mix(f.autumn, f.winter, 0.4),
  (f) => f.winter
];
var FALLING = /* @__PURE__ */ new Set(["deciduous", "dies-back", "stands"]);
function seasonColour({ foliage, retention }, m) {
  if (FALLING.has(retention)) {
    if (m <= 4) return foliage.spring;
    if (m === 11) return mix(foliage.autumn, "#7d5f43", 0.35);
    if (m >= 10) return foliage.autumn;
  }
  return YEAR_ROUND[m - 1](foliage);
}

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
var classRange = (values) => z.string().trim().transform((s) => s.split(":")).pipe(z.tuple([oneOf(values), oneOf(values)], `a range such as ${values[0]}:${values[1]}`)).refine(([a, b]) => values.indexOf(a) <= values.indexOf(b), `a range in the order ${values.join(", ")}`);
var numberRange = (low, high) => z.string().trim().regex(/^\d+(\.\d+)?:\d+(\.\d+)?$/, `a range from ${low} to ${high} such as ${low + 1}:${high - 1}`).transform((s) => s.split(":").map(Number)).refine(([a, b]) => a >= low && b <= high && a <= b, `a range from ${low} to ${high}, the lower figure first`);
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
  const say2 = (column, message) => context.addIssue({ code: "custom", path: [column], message });
  if (row.flower_height_m < row.foliage_height_m && row.habit !== "trailing")
    say2("flower_height_m", "a height at or above foliage_height_m");
  if (row.flower_form === "none" !== (row.flower_months.length === 0))
    say2("flower_months", "months when flower_form is given, nothing when it is none");
  if (row.flower_form === "none" !== (row.flower_colour === null))
    say2("flower_colour", "a colour when flower_form is given, nothing when it is none");
  if (row.clear_stem_m >= row.foliage_height_m) say2("clear_stem_m", "a stem shorter than foliage_height_m");
});
var PLANT_COLUMNS = Object.keys(plantRowSchema.shape);

// core/plant/readPlants.ts
import Papa from "papaparse";

// core/result.ts
var ok = (value) => ({ ok: true, value });
var fail = (error) => ({ ok: false, error });

// core/plant/readPlants.ts
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

// core/plant/plantWords.ts
var HAZARD_WORDS = {
  poison: "poisonous parts",
  sap: "irritant sap",
  thorns: "thorns"
};

// core/plant/silhouette.ts
function halfWidthAt(habit, u) {
  if (u < 0 || u > 1) return 0;
  let table = TABLES.get(habit);
  if (!table)
    TABLES.set(habit, table = Float64Array.from({ length: STEPS + 1 }, (_, i) => OUTLINES[habit](i / STEPS)));
  return table[Math.round(u * STEPS)];
}
var STEPS = 128;
var TABLES = /* @__PURE__ */ new Map();
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

// core/plant/size.ts
var BOUGHT = {
  plug: { h: 0.08, w: 0.08 },
  "9 cm": { h: 0.14, w: 0.12 },
  "2 L": { h: 0.28, w: 0.25 },
  "3 L": { h: 0.4, w: 0.32 },
  "5 L": { h: 0.6, w: 0.45 },
  "10 L": { h: 1, w: 0.6 }
};
var UNKNOWN_SIZE = { h: 0.25, w: 0.2 };
var MOST_WOODY = 0.6;
var MOST_SOFT = 0.75;
var MOST_WIDE = 0.7;
var grownShare = (seasons, yearsTo90) => 1 - Math.exp(-Math.LN10 * seasons / yearsTo90);
function sizeAt(plant, year, month, climate2, boughtLabel) {
  const share2 = grownShare(seasonsGrown({ month, year }, climate2), plant.yearsTo90);
  const label = boughtLabel ?? plant.sizes[0]?.label ?? "";
  const bought = BOUGHT[label] ?? UNKNOWN_SIZE;
  const isWhole = plant.lifeCycle === "annual" || plant.lifeCycle === "tender" || plant.lifeCycle === "bulb";
  const most = plant.lifeCycle === "woody" ? MOST_WOODY : MOST_SOFT;
  const h0 = isWhole ? 1 : clamp(bought.h / fullHeightM(plant), 0, most);
  const w0 = isWhole ? 1 : clamp(bought.w / plant.spreadM, 0, MOST_WIDE);
  const h = h0 + (1 - h0) * share2;
  const w = w0 + (1 - w0) * share2;
  return { foliageM: plant.foliageHeightM * h, flowerM: plant.flowerHeightM * h, spreadM: plant.spreadM * w };
}

// core/plant/shown.ts
var GONE = "#b0987a";
var FLOWER_COVERS = 0.5;
var READS_AS_FLOWER = 0.6;
var STEMS_SHOW = 0.35;
var NOTHING = { colour: GONE, flower: null, leaf: null, inLeaf: false };
function shownOf(plant, look) {
  if (look.state === "gone") return NOTHING;
  const share2 = plant.flowerColour ? FLOWER_COVERS * look.flower : 0;
  const inLeaf = look.state === "leaf";
  const flower = plant.flowerColour && share2 > 0 ? { colour: plant.flowerColour, share: share2 } : null;
  return {
    colour: flower && look.flower >= READS_AS_FLOWER ? flower.colour : look.colour,
    flower,
    leaf: { colour: look.colour, share: (1 - share2) * (inLeaf ? 1 : STEMS_SHOW) },
    inLeaf
  };
}

// core/care/work.ts
var PRUNING = {
  none: { visits: 0, minutes: 0 },
  "after-flowering": { visits: 1, minutes: 12 },
  "late-winter": { visits: 1, minutes: 10 },
  leaf: { visits: 1, minutes: 10 },
  clip: { visits: 2, minutes: 14 },
  "cut-down": { visits: 1, minutes: 5 },
  deadhead: { visits: 4, minutes: 4 }
};
var LEAST_SPREAD_M = 0.3;
var REPLANT_MIN = 5;
var STAKE_MIN = 4;
var STAKED_FROM_M = 1.2;
function minutesAYear(p) {
  const { visits, minutes } = PRUNING[p.pruningGroup];
  const size = Math.max(LEAST_SPREAD_M, p.spreadM);
  const stake = p.lifeCycle === "herbaceous" && p.kind !== "grass" && p.flowerHeightM > STAKED_FROM_M ? STAKE_MIN : 0;
  return visits * minutes * size + replantingMin(p) + stake;
}
function replantingMin({ lifeCycle }) {
  if (lifeCycle === "annual" || lifeCycle === "tender") return REPLANT_MIN;
  return lifeCycle === "biennial" ? REPLANT_MIN / 2 : 0;
}

// core/brief/traits.ts
var OPEN_FLOWERS = /* @__PURE__ */ new Set(["daisy", "spike", "plate", "haze", "panicle"]);
var LONG_MONTHS = 3;
var HEAVY_MINUTES = 25;
var TRAIT = {
  evergreen: {
    label: "evergreen bones",
    good: true,
    has: (p) => p.retention === "evergreen" && p.lifeCycle === "woody"
  },
  scent: { label: "scent", good: true, has: (p) => p.fragrance !== "none" },
  wildlife: { label: "open flowers or fruit for wildlife", good: true, has: (p) => OPEN_FLOWERS.has(p.flowerForm) },
  "long-flower": { label: "three months in flower", good: true, has: (p) => p.flowerMonths.length >= LONG_MONTHS },
  poison: { label: "poisonous parts", good: false, has: (p) => p.hazards.includes("poison") },
  sap: { label: "irritant sap", good: false, has: (p) => p.hazards.includes("sap") },
  thorns: { label: "thorns and spines", good: false, has: (p) => p.hazards.includes("thorns") },
  "deer-food": { label: "what deer eat", good: false, has: (p) => p.deer === "browsed" },
  "rabbit-food": { label: "what rabbits eat", good: false, has: (p) => p.rabbits === "browsed" },
  thirsty: {
    label: "what suffers in drought",
    good: false,
    has: (p) => WATER_CLASSES.indexOf(p.water.driest) >= 2
  },
  runs: { label: "what runs or suckers", good: false, has: (p) => p.runMPerYear >= 0.08 },
  invasive: { label: "what is invasive somewhere", good: false, has: (p) => p.invasiveNote !== "" },
  annual: {
    label: "what is bought again every year",
    good: false,
    has: (p) => p.lifeCycle === "annual" || p.lifeCycle === "tender"
  },
  "heavy-work": { label: "what asks much work", good: false, has: (p) => minutesAYear(p) > HEAVY_MINUTES }
};

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
function quarterEdge({ widthM, depthM, pathM }) {
  const w = (widthM - pathM) / 4;
  const d = (depthM - pathM) / 4;
  return {
    smooth: false,
    stations: [
      { x: -w, y: d },
      { x: w, y: d },
      { x: w, y: -d },
      { x: -w, y: -d }
    ]
  };
}
function placingsOf(form2) {
  if (form2.kind === "container")
    return Array.from({ length: form2.pots }, (_, i) => ({
      x: i * (form2.diameterM + form2.apartM),
      y: 0,
      turnDeg: 0,
      mirrored: i % 2 === 1
    }));
  if (form2.kind !== "court") return ONE;
  const x = (form2.widthM + form2.pathM) / 2;
  const y = (form2.depthM + form2.pathM) / 2;
  if (form2.repeat === "turned")
    return [
      ONE[0],
      { x, y: 0, turnDeg: 90, mirrored: false },
      { x, y, turnDeg: 180, mirrored: false },
      { x: 0, y, turnDeg: 270, mirrored: false }
    ];
  return [
    ONE[0],
    { x, y: 0, turnDeg: 0, mirrored: true },
    { x, y, turnDeg: 180, mirrored: false },
    { x: 0, y, turnDeg: 180, mirrored: true }
  ];
}
var ONE = [{ x: 0, y: 0, turnDeg: 0, mirrored: false }];
function placeIn({ x, y, turnDeg, mirrored }, p) {
  const px = mirrored ? -p.x : p.x;
  const a = turnDeg * Math.PI / 180;
  return { x: x + px * Math.cos(a) - p.y * Math.sin(a), y: y + px * Math.sin(a) + p.y * Math.cos(a) };
}

// core/bed/roundFrame.ts
import { line as d3Line, curveCardinalClosed } from "d3-shape";
var CIRCLE_SIDES = 96;
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
    const b = line2[(i + 1) % line2.length];
    const ex = b.x - a.x;
    const ey = b.y - a.y;
    const cross2 = d.x * ey - d.y * ex;
    if (Math.abs(cross2) < 1e-14) continue;
    const at = ((a.x - from.x) * ey - (a.y - from.y) * ex) / cross2;
    const share2 = ((a.x - from.x) * d.y - (a.y - from.y) * d.x) / cross2;
    if (at > 1e-9 && share2 >= -1e-9 && share2 < 1 - 1e-9) hits.push({ at, side: i, share: clamp(share2, 0, 1) });
  }
  return hits.sort((p, q) => p.at - q.at);
}
function roundFrame(form2) {
  const line2 = edgeOf(form2);
  const rim = form2.kind === "island" || form2.kind === "ring" ? form2.rimM : 0;
  const { spine } = middleOf2(line2);
  const lengths = [0];
  line2.forEach((p, i) => lengths.push(lengths[i] + distance(p, line2[(i + 1) % line2.length])));
  const length = lengths[line2.length];
  const turn = (s) => (s % length + length) % length;
  const edgeAt = (s) => {
    const at2 = turn(s);
    let low = 0;
    let high = line2.length - 1;
    while (low < high) {
      const m = low + high + 1 >> 1;
      if (lengths[m] <= at2) low = m;
      else high = m - 1;
    }
    const a = line2[low];
    const b = line2[(low + 1) % line2.length];
    const u = (at2 - lengths[low]) / (lengths[low + 1] - lengths[low]);
    return { x: a.x + (b.x - a.x) * u, y: a.y + (b.y - a.y) * u };
  };
  const ray = (s) => {
    const e = edgeAt(s);
    const m = spine(e);
    const whole2 = Math.max(1e-9, distance(m, e));
    return { m, ux: (e.x - m.x) / whole2, uy: (e.y - m.y) / whole2, depth: whole2 - rim };
  };
  const at = (a, v) => {
    const { m, ux, uy } = ray(a);
    return { x: m.x + ux * (rim + v), y: m.y + uy * (rim + v) };
  };
  const depthAlong = (a) => ray(a).depth;
  const locate = (p) => {
    const m = spine(p);
    let d = { x: p.x - m.x, y: p.y - m.y };
    const far = Math.hypot(d.x, d.y);
    if (far < 1e-9) d = { x: 0, y: 1 };
    const hit = rayHits(line2, m, d)[0];
    return {
      a: hit ? turn(lengths[hit.side] + hit.share * (lengths[hit.side + 1] - lengths[hit.side])) : 0,
      v: far - rim
    };
  };
  const depths = line2.map((_, i) => depthAlong(lengths[i]));
  const { from, to } = middleOf2(line2);
  const innerLength = 2 * Math.PI * rim + 2 * distance(from, to);
  const { back, front } = envelope(line2);
  const area = polygonArea(line2) - middleArea(line2, rim);
  return {
    back,
    front,
    closed: true,
    rimM: rim,
    behind: rim > 0 ? "rim" : "middle",
    outline: line2,
    firstX: front.firstX,
    lastX: front.lastX,
    frontLength: length,
    areaM2: area,
    runFrom: 0,
    runTo: length,
    depths: {
      least: Math.min(...depths),
      greatest: Math.max(...depths),
      mean: depths.reduce((p, q) => p + q, 0) / depths.length
    },
    at,
    locate,
    depthAlong,
    // The mean of the whole line at that depth: a corner is no shorter than its sides.
    stretchAt: (a, v) => {
      const t2 = v / depthAlong(a);
      return Math.max(0.02, (innerLength + (length - innerLength) * t2) / length);
    },
    toPlan: ({ s, t: t2 }) => at(s, t2 * depthAlong(s)),
    toBed: (p) => {
      const { a, v } = locate(p);
      return { s: a, t: v / depthAlong(a) };
    },
    depthAt: (x) => front.yAt(x) - back.yAt(x),
    alongAt: (s) => turn(s),
    sAt: (a) => turn(a)
  };
}
function edgeOf(form2) {
  switch (form2.kind) {
    case "court":
      return closedLine(quarterEdge(form2));
    case "container":
      return Array.from({ length: CIRCLE_SIDES }, (_, i) => {
        const a = Math.PI + i / CIRCLE_SIDES * 2 * Math.PI;
        return { x: Math.cos(a) * form2.diameterM / 2, y: -Math.sin(a) * form2.diameterM / 2 };
      });
    default:
      return closedLine(form2.edge);
  }
}
function middleArea(line2, rim) {
  const { from, to } = middleOf2(line2);
  return rim <= 0 ? 0 : Math.PI * rim * rim + 2 * rim * distance(from, to);
}
function envelope(line2) {
  const xs = [...new Set(line2.map((p) => Math.round(p.x * 1e6) / 1e6))].sort((a, b) => a - b);
  const ends = (x) => {
    let low = Infinity;
    let high = -Infinity;
    line2.forEach((a, i) => {
      const b = line2[(i + 1) % line2.length];
      if (Math.min(a.x, b.x) > x + 1e-6 || Math.max(a.x, b.x) < x - 1e-6) return;
      const ys = Math.abs(b.x - a.x) < 1e-9 ? [a.y, b.y] : [a.y + (b.y - a.y) * clamp((x - a.x) / (b.x - a.x), 0, 1)];
      for (const y of ys) {
        low = Math.min(low, y);
        high = Math.max(high, y);
      }
    });
    return { low, high };
  };
  const both = xs.map((x) => ({ x, ...ends(x) }));
  return {
    back: new Polyline(both.map(({ x, low }) => ({ x, y: low }))),
    front: new Polyline(both.map(({ x, high }) => ({ x, y: high })))
  };
}

// core/bed/bedFrame.ts
var bedFrame = ({ outline: outline2, form: form2 }) => isRound(form2) ? roundFrame(form2) : stripFrame(outline2, form2.kind === "foundation" || form2.kind === "terrace" ? "wall" : "open");
function stripFrame(outline2, behind = "wall") {
  const back = new Polyline(flattenEdge(outline2.back.kind, outline2.back.stations));
  const front = new Polyline(flattenEdge(outline2.front.kind, outline2.front.stations));
  const firstX = front.firstX;
  const lastX = front.lastX;
  const depthAt = (x) => front.yAt(x) - back.yAt(x);
  const { area, least, greatest } = measure(front, back, depthAt);
  return {
    back,
    front,
    firstX,
    lastX,
    depthAt,
    behind,
    closed: false,
    rimM: 0,
    runFrom: firstX,
    runTo: lastX,
    outline: [...back.points, ...[...front.points].reverse()],
    at: (a, v) => ({ x: a, y: back.yAt(a) + v }),
    locate: ({ x, y }) => ({ a: x, v: y - back.yAt(x) }),
    depthAlong: depthAt,
    stretchAt: () => 1,
    frontLength: front.length,
    areaM2: area,
    depths: { least, greatest, mean: area / (lastX - firstX) },
    toPlan: ({ s, t: t2 }) => {
      const f = front.pointAt(s);
      return { x: f.x, y: lerp(back.yAt(f.x), f.y, t2) };
    },
    toBed: ({ x, y }) => {
      const backY = back.yAt(x);
      return { s: front.lengthAt(x), t: (y - backY) / (front.yAt(x) - backY) };
    },
    alongAt: (s) => front.pointAt(clamp(s, 0, front.length)).x,
    sAt: (a) => front.lengthAt(a)
  };
}
function measure(front, back, depthAt) {
  const inside = (x) => x >= front.firstX && x <= front.lastX;
  const xs = [...front.points.map((p) => p.x), ...back.points.map((p) => p.x).filter(inside)].sort((a, b) => a - b);
  let area = 0;
  let least = Infinity;
  let greatest = 0;
  xs.forEach((x, i) => {
    const depth2 = depthAt(x);
    least = Math.min(least, depth2);
    greatest = Math.max(greatest, depth2);
    const next = xs[i + 1];
    if (next !== void 0) area += (depth2 + depthAt(next)) / 2 * (next - x);
  });
  return { area, least, greatest };
}

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
    const b = spine(e);
    const depth2 = Math.hypot(e.x - b.x, e.y - b.y) - form2.rimM;
    if (depth2 < LEAST_DEPTH_M)
      return fail(
        `The edge comes within ${show(Math.max(0, depth2))} m of the ${form2.kind === "ring" ? "planting inside" : "middle"}; ${LEAST_DEPTH_M} m is the least. Move the stations out, or make the rim smaller.`
      );
    const d = { x: e.x - b.x, y: e.y - b.y };
    if (rayHits(line2, b, d).length > 1)
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
  const b = new Polyline(flattenEdge(back.kind, back.stations));
  if (f.lastX - f.firstX < LEAST_LENGTH_M)
    return fail(`The bed is ${show2(f.lastX - f.firstX)} m long; it needs at least ${LEAST_LENGTH_M} m.`);
  if (Math.abs(f.firstX - b.firstX) > 1e-6 || Math.abs(f.lastX - b.lastX) > 1e-6)
    return fail("The back and the front edge must begin and end at the same places along the wall.");
  const crossing = [...f.points, ...b.points].find(({ x }) => f.yAt(x) - b.yAt(x) < LEAST_DEPTH_M2);
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
var keepsPlace = (e) => e.fate === "keep" || e.fate === "divide" || e.fate === "cut-back" || e.fate === "reserve";

// core/bed/lanes.ts
var NAMES = {
  1: ["Only"],
  2: ["Back", "Front"],
  3: ["Back", "Middle", "Front"],
  4: ["Back", "Rear middle", "Front middle", "Front"]
};
var START_SHARES = {
  1: [1],
  2: [0.58, 0.42],
  3: [0.46, 0.31, 0.23],
  4: [0.37, 0.26, 0.2, 0.17]
};
var ROUND = {
  1: ["Only"],
  2: ["Middle", "Edge"],
  3: ["Middle", "Body", "Edge"],
  4: ["Middle", "Inner", "Outer", "Edge"]
};
var POT = {
  1: ["Only"],
  2: ["Centre", "Trail"],
  3: ["Centre", "Body", "Trail"]
};
var TWO_SIDED = {
  1: ["Only"],
  3: ["Far front", "Spine", "Near front"],
  5: ["Far front", "Far middle", "Spine", "Near middle", "Near front"]
};
var NAMES_OF = {
  "two-sided": TWO_SIDED,
  container: POT,
  island: ROUND,
  ring: ROUND,
  court: ROUND
};
var laneNames = (count, kind = "foundation") => (NAMES_OF[kind] ?? NAMES)[count] ?? [];
var startShares = (count, kind = "foundation") => (kind === "two-sided" ? TWO_SIDED_SHARES : START_SHARES)[count] ?? [1];
var TWO_SIDED_SHARES = {
  1: [1],
  3: [0.3, 0.4, 0.3],
  5: [0.16, 0.2, 0.28, 0.2, 0.16]
};
function laneBands(shares) {
  const whole2 = shares.reduce((a, b) => a + b, 0);
  let t2 = 0;
  return shares.map((share2, i) => {
    const from = t2;
    t2 = i === shares.length - 1 ? 1 : t2 + share2 / whole2;
    return { from, to: t2 };
  });
}

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
var POT_CLOSER = 0.6;
var known3 = /* @__PURE__ */ new WeakMap();
var NONE = {};
function schoolOf(bed2, changes = NONE) {
  let schools = known3.get(changes);
  if (!schools) known3.set(changes, schools = /* @__PURE__ */ new Map());
  const pot = bed2.form.kind === "container";
  const key = `${bed2.school}${pot ? "/pot" : ""}`;
  let school = schools.get(key);
  if (!school) {
    const own = { ...SCHOOLS[bed2.school], ...changes[bed2.school] };
    school = pot ? {
      ...own,
      spacing: own.spacing * POT_CLOSER,
      reason: `${own.reason} In pots ${POT_CLOSER} times as far apart.`
    } : own;
    schools.set(key, school);
  }
  return school;
}

// core/bed/setback.ts
var FRONT_OF_TRUNK_M = 0.3;
function setbackM(spreadM, kind) {
  if (kind === "climber") return 0.3;
  if (kind === "tree") return Math.max(spreadM / 2, 3);
  return Math.max(0.6, spreadM / 2 + 0.15);
}

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

// core/bed/driftNumbers.ts
var numbersOf = ({ count, numbers }) => numbers ?? firstNumbers(count);
var firsts = /* @__PURE__ */ new Map();
function firstNumbers(count) {
  let list = firsts.get(count);
  if (!list) firsts.set(count, list = Array.from({ length: count }, (_, i) => i));
  return list;
}
var nextNumberOf = (drift) => drift.nextNumber ?? numbersOf(drift).reduce((most, n) => Math.max(most, n + 1), 0);
function withCount(drift, count) {
  const numbers = numbersOf(drift);
  const next = nextNumberOf(drift);
  if (count === numbers.length) return drift;
  if (count < numbers.length) return { ...drift, count, numbers: numbers.slice(0, count), nextNumber: next };
  const added = Array.from({ length: count - numbers.length }, (_, i) => next + i);
  return { ...drift, count, numbers: [...numbers, ...added], nextNumber: next + added.length };
}
function withoutPlant(drift, number2) {
  const numbers = numbersOf(drift).filter((n) => n !== number2);
  if (numbers.length === 0) return null;
  if (numbers.length === drift.count) return drift;
  return { ...drift, count: numbers.length, numbers, nextNumber: nextNumberOf(drift) };
}

// core/count/scheduleCsv.ts
import Papa3 from "papaparse";

// core/layout/bodies.ts
function bodiesAt(plants2, moment, climate2, buying = []) {
  const bought = new Map(buying.map((b) => [b.plantId, b.size]));
  const known5 = /* @__PURE__ */ new Map();
  return plants2.map((at) => {
    if (at.standing) return { at, ...standingShape(at, moment, climate2) };
    let shape = known5.get(at.plant);
    if (!shape) known5.set(at.plant, shape = keptShape(at.plant, moment, climate2, bought.get(at.plant.id) ?? ""));
    return { at, foliageM: shape.foliageM, flowerM: shape.flowerM, spreadM: shape.spreadM, look: shape.look };
  });
}
var shapesKept = /* @__PURE__ */ new WeakMap();
var MOST_MOMENTS = 500;
function keptShape(plant, moment, climate2, label) {
  const ofClimate = shapesKept.get(climate2) ?? /* @__PURE__ */ new WeakMap();
  shapesKept.set(climate2, ofClimate);
  const ofPlant = ofClimate.get(plant) ?? /* @__PURE__ */ new Map();
  ofClimate.set(plant, ofPlant);
  const number2 = moment.year * 12 + moment.month;
  const key = label === "" ? number2 : `${number2}:${label}`;
  const kept2 = ofPlant.get(key);
  if (kept2) return kept2;
  if (ofPlant.size >= MOST_MOMENTS) ofPlant.clear();
  const shape = shapeAt(plant, moment, climate2, label);
  ofPlant.set(key, shape);
  return shape;
}
var CUT_TO = 0.25;
var CUT_WIDE = 0.6;
var GROWN_YEAR = 30;
function standingShape(at, moment, climate2) {
  const { heightM, spreadM, cutBack, divided, gap: gap2 } = at.standing;
  const full = shapeAt(at.plant, { ...moment, year: GROWN_YEAR }, climate2);
  if (gap2) return { foliageM: 0, flowerM: 0, spreadM: 0, look: withoutShow(full.look) };
  const share2 = grownShare(seasonsGrown(moment, climate2), at.plant.yearsTo90);
  const mature = Math.max(at.plant.foliageHeightM, at.plant.flowerHeightM);
  const from = heightM * (cutBack ? CUT_TO : 1);
  const wide = spreadM * (cutBack ? CUT_WIDE : 1) / Math.sqrt(divided);
  const h = from + (Math.max(heightM, mature) - from) * share2;
  const w = wide + (Math.max(wide, at.plant.spreadM) - wide) * share2;
  const foliageM = full.foliageM * (h / mature);
  return {
    foliageM,
    flowerM: full.flowerM * (h / mature),
    spreadM: full.spreadM * (w / at.plant.spreadM),
    look: full.look
  };
}
function shapeAt(plant, moment, climate2, label) {
  const look = lookOf(plant, moment, climate2);
  const size = sizeAt(plant, moment.year, moment.month, climate2, label || void 0);
  const { height } = look;
  const showsFlower = look.flower > 0 || look.state === "dry";
  return {
    foliageM: size.foliageM * height,
    flowerM: showsFlower ? size.flowerM * Math.max(height, LEAST_STEM) : size.foliageM * height,
    spreadM: height === 0 ? 0 : size.spreadM * (plant.lifeCycle === "woody" ? 1 : 0.45 + 0.55 * height),
    look
  };
}
var LEAST_STEM = 0.5;
function lookOf(plant, moment, climate2) {
  const look = lookAt(plant, moment.month, climate2);
  if (plant.lifeCycle === "bulb" && isBeforeBulbs(moment, climate2)) return withoutShow(look);
  if (plant.lifeCycle !== "biennial") return look;
  return seasonNumber(moment, climate2) % 2 === 0 ? inLeafOnly(plant, look) : inFlowerYear(plant, look, moment, climate2);
}
var AUTUMN_PLANTING = 9;
function isBeforeBulbs({ month, year }, climate2) {
  if (year > 0) return false;
  return !climate2.southern || month < (AUTUMN_PLANTING + 5) % 12 + 1;
}
var inLeafOnly = (plant, look) => look.flower > 0 ? { ...look, flower: 0 } : look;
function inFlowerYear(plant, look, { month }, climate2) {
  const last = plant.flowerMonths[plant.flowerMonths.length - 1];
  const isOver = last !== void 0 && libraryMonth(month, climate2) > last + 1;
  return isOver ? withoutShow(look) : look;
}

// core/layout/spacing.ts
var onCentreM = (w1, w2, k) => k * (w1 + w2) / 2;
var rowDistanceM = (onCentre, pitch) => Math.sqrt(Math.max(0, onCentre ** 2 - (pitch / 2) ** 2));
var WEAVE = 0.3;
var UNDER_SKIRT = 0.65;
var TALLER = 2.5;
function allowedDistanceM(a, b, k) {
  const d = onCentreM(a.spreadM, b.spreadM, k);
  if (a.id === b.id) return d;
  if (a.kind === "climber" || b.kind === "climber") return Math.min(d, 0.4);
  if (a.spacingHabit === "weaves" || b.spacingHabit === "weaves") return WEAVE * d;
  return runsUnder(a, b) || runsUnder(b, a) ? UNDER_SKIRT * d : d;
}
var runsUnder = (low, high) => low.spacingHabit === "carpets" && high.foliageHeightM > TALLER * low.foliageHeightM;

// core/layout/depthNeeded.ts
function depthNeededM(plants2, k, behind = "wall") {
  const back = plants2[0];
  const front = plants2[plants2.length - 1];
  if (!back || !front) return 0;
  let depth2 = firstRowM(back, behind);
  for (let i = 1; i < plants2.length; i++) {
    const a = plants2[i - 1];
    const b = plants2[i];
    const d = onCentreM(a.spreadM, b.spreadM, k);
    depth2 += rowDistanceM(d, k * Math.min(a.spreadM, b.spreadM));
  }
  return depth2 + (front.kind === "tree" ? FRONT_OF_TRUNK_M : front.spreadM / 2);
}
function firstRowM(back, behind) {
  switch (behind) {
    case "wall":
      return setbackM(back.spreadM, back.kind);
    case "middle":
      return 0;
    default:
      return back.spreadM / 2;
  }
}

// core/layout/driftShape.ts
function driftShape(drift, d, laneDepth, slope) {
  const between = rowDistanceM(d, d) + slope * d / 2;
  const rows = rowsOf(drift, d, laneDepth, between);
  const columns = Math.ceil(drift.count / rows);
  const places = [];
  for (let i = 0; i < drift.count; i++) {
    const row = i % rows;
    places.push({ dx: (Math.floor(i / rows) + row % 2 / 2) * d, dy: (row - (rows - 1) / 2) * between });
  }
  const right = Math.max(...places.map((p) => p.dx), (columns - 1) * d);
  return { places: places.map((p) => ({ dx: p.dx - right / 2, dy: p.dy })), width: right + d };
}
function rowsOf({ count, pattern }, d, laneDepth, between) {
  if (count < 3 || pattern === "row" || pattern === "dotted") return 1;
  if (pattern === "staggered") return 2;
  const fit = 1 + Math.floor(Math.max(0, laneDepth - 0.5 * d) / between + 1e-9);
  return Math.max(1, Math.min(fit, Math.ceil(Math.sqrt(count))));
}

// core/layout/packBlocks.ts
function packBlocks(blocks, from, to) {
  const total = blocks.reduce((sum, b) => sum + b.width, 0);
  const squeeze = total > to - from ? (to - from) / total : 1;
  const order = blocks.map((_, i) => i).sort((a, b) => blocks[a].wanted - blocks[b].wanted || a - b);
  const before = [];
  let run = 0;
  for (const i of order) {
    const half = blocks[i].width * squeeze / 2;
    run += half;
    before.push(run);
    run += half;
  }
  const slack = to - from - run;
  const pools = [];
  order.forEach((i, k2) => {
    pools.push({ sum: blocks[i].wanted - from - before[k2], size: 1 });
    while (pools.length > 1 && mean(pools[pools.length - 2]) > mean(pools[pools.length - 1])) {
      const last = pools.pop();
      const previous = pools[pools.length - 1];
      previous.sum += last.sum;
      previous.size += last.size;
    }
  });
  const middles = new Array(blocks.length);
  let k = 0;
  for (const pool of pools) {
    const shift = Math.min(Math.max(0, mean(pool)), Math.max(0, slack));
    for (let n = 0; n < pool.size; n++, k++) middles[order[k]] = from + before[k] + shift;
  }
  return { middles, squeeze };
}
var mean = (pool) => pool.sum / pool.size;

// core/layout/outLimits.ts
function outLimits(frame, plant, spills = false) {
  const half = plant.spreadM / 2;
  const first = firstRowM(plant, frame.behind);
  return (a) => {
    const depth2 = frame.depthAlong(a);
    const least = frame.behind === "wall" ? first : Math.min(first, depth2 / 2);
    const most = depth2 - Math.min(frontRoomM(plant, half, spills), depth2 / 2);
    const inside = depth2 - LEAST_EDGE_M;
    return least <= most ? { least, most } : { least: Math.min(least, inside), most: Math.min(least, inside) };
  };
}
var LEAST_EDGE_M = 0.05;
function frontRoomM(plant, half, spills) {
  if (spills) return LEAST_EDGE_M;
  return plant.kind === "tree" ? FRONT_OF_TRUNK_M : half;
}

// core/layout/groups.ts
var SLOPE_SAMPLES = 40;
function groupsOf(drift, plant, frame, band, track, slope, k) {
  if (!plant) return [];
  const d = k * plant.spreadM;
  const a = frame.alongAt(drift.at);
  const wanted = track.fromRun(a);
  if (drift.pattern === "dotted") {
    const every = Math.max(drift.everyM, d);
    return Array.from({ length: drift.count }, (_, i) => ({
      drift,
      plant,
      firstIndex: i,
      wanted: around(wanted + (i - (drift.count - 1) / 2) * every, track, frame),
      width: d,
      places: [{ dx: 0, dy: 0 }]
    }));
  }
  const shape = driftShape(drift, d, frame.depthAlong(a) * (band.to - band.from), slope);
  return [{ drift, plant, firstIndex: 0, wanted, width: shape.width, places: shape.places }];
}
var around = (l, track, frame) => frame.closed ? (l % track.length + track.length) % track.length : l;
function rowStretch(frame, band, a, dy) {
  const mid = laneMiddle(frame, band, a);
  return frame.stretchAt(a, mid) / frame.stretchAt(a, Math.max(0.05, mid + dy));
}
var turned2 = (a, frame) => {
  const l = frame.runTo - frame.runFrom;
  return (a % l + l) % l;
};
function seamOf(drifts, frame) {
  const ends = drifts.map((d) => turned2(d.at, frame)).sort((a, b) => a - b);
  if (ends.length === 0) return 0;
  const whole2 = frame.runTo - frame.runFrom;
  let best = 0;
  let widest = -1;
  ends.forEach((a, i) => {
    const next = i + 1 < ends.length ? ends[i + 1] : ends[0] + whole2;
    if (next - a > widest) {
      widest = next - a;
      best = (a + next) / 2;
    }
  });
  return turned2(best, frame);
}
var laneMiddle = (frame, band, a) => frame.depthAlong(a) * (band.from + band.to) / 2;
function laneSlope(frame, band) {
  const step2 = (frame.runTo - frame.runFrom) / SLOPE_SAMPLES;
  let steepest = 0;
  const y = (a) => frame.back.yAt(a) + laneMiddle(frame, band, a);
  for (let i = 0; i < SLOPE_SAMPLES; i++) {
    const a = frame.runFrom + i * step2;
    steepest = Math.max(steepest, Math.abs(y(a + step2) - y(a)) / step2);
  }
  return Math.min(1, steepest);
}

// core/layout/laneTrack.ts
var STEPS2 = 240;
function laneTrack(frame, band, seam) {
  const whole2 = frame.runTo - frame.runFrom;
  if (!frame.closed) return { length: whole2, toRun: (l) => frame.runFrom + l, fromRun: (a) => a - frame.runFrom };
  const lengths = [0];
  const spot = (i) => {
    const a = seam + whole2 * i / STEPS2;
    return frame.at(a, frame.depthAlong(a) * (band.from + band.to) / 2);
  };
  let before = spot(0);
  for (let i = 1; i <= STEPS2; i++) {
    const now = spot(i);
    lengths.push(lengths[i - 1] + Math.hypot(now.x - before.x, now.y - before.y));
    before = now;
  }
  const length = lengths[STEPS2];
  return {
    length,
    toRun: (l) => {
      let low = 0;
      let high = STEPS2 - 1;
      while (low < high) {
        const m = low + high + 1 >> 1;
        if (lengths[m] <= l) low = m;
        else high = m - 1;
      }
      const step2 = Math.max(1e-9, lengths[low + 1] - lengths[low]);
      return seam + whole2 * (low + (l - lengths[low]) / step2) / STEPS2;
    },
    fromRun: (a) => {
      const at = ((a - seam) % whole2 + whole2) % whole2 / whole2 * STEPS2;
      const i = Math.min(STEPS2 - 1, Math.floor(at));
      return lengths[i] + (lengths[i + 1] - lengths[i]) * (at - i);
    }
  };
}

// core/layout/pinsByDrift.ts
function pinsByDrift(pins) {
  const drifts = /* @__PURE__ */ new Map();
  for (const pin of pins) {
    const there = drifts.get(pin.driftId);
    if (there) there.set(pin.index, pin);
    else drifts.set(pin.driftId, /* @__PURE__ */ new Map([[pin.index, pin]]));
  }
  return drifts;
}

// core/layout/placeMemory.ts
var traces = /* @__PURE__ */ new WeakMap();
var keyOf = ({ drift, firstIndex }) => `${drift.id}:${firstIndex}`;
var PlaceMemory = class {
  constructor(bed2, library2, k, before) {
    this.bed = bed2;
    this.library = library2;
    this.k = k;
    const trace = before && traces.get(before);
    const holds2 = trace && trace.library === library2 && trace.k === k && ["outline", "form", "laneShares", "existing"].every((part) => trace.bed[part] === bed2[part]);
    this.kept = holds2 ? trace.groups : /* @__PURE__ */ new Map();
    this.formerGroups = holds2 ? trace.ofDrift : /* @__PURE__ */ new Map();
    this.standing = holds2 ? before.standing : null;
    if (holds2) this.noteVanished(trace.bed);
  }
  bed;
  library;
  k;
  kept;
  now = /* @__PURE__ */ new Map();
  formerGroups;
  groupsNow = /* @__PURE__ */ new Map();
  /** Stretches of the running coordinate in which something differs by now. */
  changed = [];
  standing;
  /** The groups of a drift: those it had while it is the same drift of the same plant. */
  groupsOf(drift, plant, make) {
    const former = this.formerGroups.get(drift);
    const groups = former && former[0]?.plant === plant ? former : make();
    this.groupsNow.set(drift, groups);
    return groups;
  }
  /** Marks a stretch in which something differs from before. */
  note(plants2) {
    if (plants2.length === 0) return;
    let from = Infinity;
    let to = -Infinity;
    for (const { along: along2 } of plants2) {
      from = Math.min(from, along2);
      to = Math.max(to, along2);
    }
    this.changed.push({ from, to });
  }
  /** Marks where the groups of a lane were that are wanted elsewhere now: before any is set, for their order may differ. */
  noteMoved(groups, middles, squeeze) {
    groups.forEach((group, i) => {
      const kept2 = this.kept.get(keyOf(group));
      if (!kept2) return;
      const { asked, set } = kept2;
      if (asked.middle !== middles[i] || asked.squeeze !== squeeze || asked.group.drift !== group.drift)
        this.note(set.plants);
    });
  }
  /** How a group was set before, when it may be set so again; `reach` is the stretch it looks at. */
  recall(asked, reach) {
    const kept2 = this.kept.get(keyOf(asked.group));
    if (!kept2 || !isSame(kept2.asked, asked)) return null;
    if (this.changed.some((c) => c.from <= reach.to && c.to >= reach.from)) return null;
    this.now.set(keyOf(asked.group), kept2);
    return kept2.set;
  }
  keep(asked, set) {
    const kept2 = this.kept.get(keyOf(asked.group));
    if (!kept2 || !areSame(kept2.set.plants, set.plants)) {
      this.note(set.plants);
      if (kept2) this.note(kept2.set.plants);
    }
    this.now.set(keyOf(asked.group), { asked, set });
  }
  /** Ties what has been learnt to the placement that came of it. */
  rememberBy(placement) {
    traces.set(placement, {
      bed: this.bed,
      library: this.library,
      k: this.k,
      groups: this.now,
      ofDrift: this.groupsNow
    });
  }
  noteVanished(before) {
    const lanes = new Map(this.bed.drifts.map((d) => [d.id, d]));
    for (const { asked, set } of this.kept.values()) {
      const now = lanes.get(asked.group.drift.id);
      if (!now || now !== asked.group.drift) this.note(set.plants);
    }
    if (before.pins === this.bed.pins) return;
    const pins = new Map(this.bed.pins.map((p) => [`${p.driftId}:${p.index}`, p]));
    for (const p of before.pins) {
      const now = pins.get(`${p.driftId}:${p.index}`);
      if (now && now.x === p.x && now.y === p.y) pins.delete(`${p.driftId}:${p.index}`);
      else this.changed.push({ from: p.x, to: p.x });
    }
    for (const p of pins.values()) this.changed.push({ from: p.x, to: p.x });
  }
};
var isSame = (a, b) => a.group.drift === b.group.drift && a.group.plant === b.group.plant && a.middle === b.middle && a.squeeze === b.squeeze && a.left === b.left && a.right === b.right && a.alone === b.alone && a.free.length === b.free.length && a.free.every((n, i) => n === b.free[i]);
var areSame = (a, b) => a.length === b.length && a.every((p, i) => {
  const q = b[i];
  return p.x === q.x && p.y === q.y && p.plant === q.plant && p.lane === q.lane && p.crowded === q.crowded;
});

// core/layout/Settled.ts
var CELL_M = 0.5;
var MARGIN = 4;
var SHIFT_STEPS = 6;
var NEAR_ENOUGH = 1e-7;
var SIDESTEPS = [0, 0.15, -0.15, 0.4, -0.4];
var ROUND_SIDESTEPS = [...SIDESTEPS, 0.65, -0.65, 1, -1];
var ACROSS_TRIES = 5;
var Settled = class {
  constructor(frame, k) {
    this.frame = frame;
    this.k = k;
    this.firstY = Math.min(...frame.outline.map((p) => p.y));
    this.rows = Math.ceil((Math.max(...frame.outline.map((p) => p.y)) - this.firstY) / CELL_M) + 2 * MARGIN;
    this.columns = Math.ceil((frame.lastX - frame.firstX) / CELL_M) + 2 * MARGIN;
    this.cells = new Int32Array(this.columns * this.rows).fill(-1);
  }
  frame;
  k;
  /** The one that came last into a cell, and the one that came into its cell before it; -1 for none. */
  cells;
  before = [];
  columns;
  rows;
  firstY;
  list = [];
  lanes = [];
  /** Place and kind of all that stand, by their number. */
  xs = [];
  ys = [];
  kinds = [];
  kindOf = /* @__PURE__ */ new Map();
  kindList = [];
  distances = [];
  widest = 0;
  /** The lane whose running places are in order. */
  sorted = -1;
  pin(tag, drift, plant, x, y) {
    const { a, v } = this.frame.locate({ x, y });
    this.add(tag, drift, plant, { x, y, a, v }, true, false);
  }
  /** Keeps the place of a plant that stood there before. */
  stand(placed) {
    this.occupy(placed.plant, placed.x, placed.y);
  }
  /** Sets a plant just as it was set before. */
  again(placed) {
    this.list.push(placed);
    this.noteInLane(placed.lane, placed.along);
    this.occupy(placed.plant, placed.x, placed.y);
  }
  /** Puts a plant at its place (running coordinate and way out), or at the nearest lawful one; marks it crowded when there is none. */
  settle(tag, drift, plant, a0, v0, limits) {
    const { closed, runFrom, runTo } = this.frame;
    const put = (spot) => this.add(tag, drift, plant, spot, false, false);
    const first = this.spot(a0, v0);
    if (this.isFree(plant, first)) return put(first);
    for (const sidestep of closed ? ROUND_SIDESTEPS : SIDESTEPS) {
      const by = sidestep * plant.spreadM;
      const a = closed ? a0 + by / this.frame.stretchAt(a0, Math.max(0.05, v0)) : clamp(a0 + by, runFrom, runTo);
      const { least, most } = limits(a);
      for (let i = 0; i <= ACROSS_TRIES; i++) {
        const out = v0 + (most - v0) * i / ACROSS_TRIES;
        if (out >= least && out <= most + NEAR_ENOUGH) {
          const spot = this.spot(a, out);
          if (this.isFree(plant, spot)) return put(spot);
        }
        const back = v0 - (v0 - least) * i / ACROSS_TRIES;
        if (i > 0 && back <= most) {
          const spot = this.spot(a, back);
          if (this.isFree(plant, spot)) return put(spot);
        }
      }
    }
    return this.add(tag, drift, plant, first, false, true);
  }
  /**
   * The shift along the bed, within the room there is and half a spread, that best sets a row's plants into the gaps
   * of the lane just behind.
   */
  bestShift(xs, lane, plant, room) {
    if (lane === 0 || xs.length === 0 || plant.spacingHabit === "weaves" || room.left + room.right < 0.01) return 0;
    const behind = this.behind(lane, Math.min(...xs) - 1.2, Math.max(...xs) + 1.2);
    if (behind.length === 0) return 0;
    let best = 0;
    let bestScore = -Infinity;
    for (let i = -SHIFT_STEPS; i <= SHIFT_STEPS; i++) {
      const shift = i / SHIFT_STEPS * Math.min(i < 0 ? room.left : room.right, plant.spreadM / 2);
      let sum = 0;
      for (const x of xs) sum += gapTo(behind, x + shift);
      const score = sum / xs.length - 0.15 * Math.abs(shift);
      if (score > bestScore + 1e-9 || Math.abs(score - bestScore) <= 1e-9 && Math.abs(shift) < Math.abs(best)) {
        bestScore = score;
        best = shift;
      }
    }
    return best;
  }
  /** Pinned plants first, then lane by lane. */
  all() {
    return this.list;
  }
  spot(a, v) {
    const { x, y } = this.frame.at(a, v);
    return { x, y, a: this.frame.closed ? this.frame.alongAt(a) : a, v };
  }
  isFree(plant, { x, y }) {
    const { xs, ys, kinds, cells, rows, before } = this;
    const kind = this.kind(plant);
    const distances = this.distances[kind];
    const reach = this.k * (plant.spreadM + this.widest) / 2;
    const toX = this.column(x + reach);
    const fromY = this.row(y - reach);
    const toY = this.row(y + reach);
    for (let cx = this.column(x - reach); cx <= toX; cx++) {
      for (let cy = fromY; cy <= toY; cy++) {
        for (let n = cells[cx * rows + cy]; n >= 0; n = before[n]) {
          const dx = xs[n] - x;
          const dy = ys[n] - y;
          const allowed = distances[kinds[n]] ?? this.allowed(kind, kinds[n]);
          if (dx * dx + dy * dy < allowed * allowed - NEAR_ENOUGH) return false;
        }
      }
    }
    return true;
  }
  kind(plant) {
    let kind = this.kindOf.get(plant);
    if (kind === void 0) {
      kind = this.kindList.push(plant) - 1;
      this.kindOf.set(plant, kind);
      this.distances.push([]);
    }
    return kind;
  }
  allowed(a, b) {
    const d = allowedDistanceM(this.kindList[a], this.kindList[b], this.k);
    this.distances[a][b] = d;
    return d;
  }
  /** Running places of the plants of the lane just behind, within a stretch, in order. */
  behind(lane, from, to) {
    const all = this.lanes[lane - 1];
    if (!all) return [];
    if (this.sorted !== lane - 1) {
      all.sort((a, b) => a - b);
      this.sorted = lane - 1;
    }
    return all.slice(firstAbove(all, from), firstAbove(all, to));
  }
  noteInLane(lane, a) {
    ;
    (this.lanes[lane] ??= []).push(a);
    if (this.sorted === lane) this.sorted = -1;
  }
  occupy(plant, x, y) {
    const n = this.xs.push(x) - 1;
    this.ys.push(y);
    this.kinds.push(this.kind(plant));
    this.widest = Math.max(this.widest, plant.spreadM);
    const cell = this.column(x) * this.rows + this.row(y);
    this.before.push(this.cells[cell]);
    this.cells[cell] = n;
  }
  add({ id, index, seed }, drift, plant, { x, y, a, v }, pinned, crowded2) {
    const placed = {
      id,
      seed,
      driftId: drift.id,
      index,
      plant,
      lane: drift.lane,
      x,
      y,
      along: a,
      out: v,
      pinned,
      crowded: crowded2
    };
    this.list.push(placed);
    this.noteInLane(drift.lane, a);
    this.occupy(plant, x, y);
    return placed;
  }
  column(x) {
    return clamp(Math.floor((x - this.frame.firstX) / CELL_M) + MARGIN, 0, this.columns - 1);
  }
  row(y) {
    return clamp(Math.floor((y - this.firstY) / CELL_M) + MARGIN, 0, this.rows - 1);
  }
};
function firstAbove(places, value) {
  let low = 0;
  let high = places.length;
  while (low < high) {
    const middle = low + high >> 1;
    if (places[middle] > value) high = middle;
    else low = middle + 1;
  }
  return low;
}
function gapTo(behind, x) {
  const next = firstAbove(behind, x);
  const right = next < behind.length ? behind[next] - x : Infinity;
  const left = next > 0 ? x - behind[next - 1] : Infinity;
  return Math.min(0.5, left, right);
}

// core/layout/spans.ts
function spansOf(drifts, plants2, k, frame) {
  const spans = /* @__PURE__ */ new Map();
  const whole2 = frame.runTo - frame.runFrom;
  for (const p of plants2) {
    const half = Math.min(
      whole2 / 2,
      k * p.plant.spreadM / 2 / (frame.closed ? frame.stretchAt(p.along, Math.max(0.05, p.out)) : 1)
    );
    const span = spans.get(p.driftId);
    const near = span ? (span.from + span.to) / 2 : p.along;
    const along2 = frame.closed ? p.along + Math.round((near - p.along) / whole2) * whole2 : p.along;
    if (!span) spans.set(p.driftId, { from: along2 - half, to: along2 + half });
    else {
      span.from = Math.min(span.from, along2 - half);
      span.to = Math.max(span.to, along2 + half);
    }
  }
  return drifts.flatMap((d) => {
    const s = spans.get(d.id);
    if (!s) return [];
    return [{ driftId: d.id, from: s.from, to: frame.closed ? Math.min(s.to, s.from + whole2) : s.to }];
  });
}

// core/layout/standing.ts
function standingPlants(bed2, library2, frame) {
  const bands = laneBands(bed2.laneShares ?? [1]);
  return bed2.existing.filter(keepsPlace).flatMap((e) => {
    const known5 = library2.get(e.plantId);
    const lender = known5 ?? library2.values().next().value;
    return lender ? [standingPlant(e, lender, known5 !== void 0, frame, bands)] : [];
  });
}
function standingPlant(e, lender, known5, frame, bands) {
  const { a, v } = frame.locate(e);
  const t2 = v / Math.max(1e-6, frame.depthAlong(a));
  const isGap = e.fate === "reserve";
  const divided = e.fate === "divide" ? Math.max(1, e.into) : 1;
  return {
    id: `existing:${e.id}`,
    seed: hashText(e.id),
    driftId: `existing:${e.id}`,
    index: 0,
    plant: plantOf(e, lender, known5 && !isGap, divided),
    lane: Math.max(
      0,
      bands.findIndex((b) => t2 <= b.to)
    ),
    x: e.x,
    y: e.y,
    along: a,
    out: v,
    pinned: true,
    crowded: false,
    standing: {
      heightM: e.heightM,
      spreadM: e.spreadM,
      cutBack: e.fate === "cut-back",
      divided,
      gap: isGap,
      known: known5
    }
  };
}
var kept = /* @__PURE__ */ new WeakMap();
function plantOf(e, lender, isKnown, divided) {
  const there = kept.get(e);
  if (there?.lender === lender) return there.plant;
  const plant = isKnown ? asWideAs(lender, e.spreadM / Math.sqrt(divided)) : standInOf(e, lender);
  kept.set(e, { lender, plant });
  return plant;
}
var asWideAs = (plant, spreadM) => spreadM > plant.spreadM ? { ...plant, spreadM } : plant;
var standInOf = (e, lender) => ({
  ...lender,
  id: `reserved-${e.id}`,
  commonName: e.name,
  botanicalName: e.name,
  kind: "shrub",
  lifeCycle: "woody",
  spacingHabit: "stands",
  travels: "stays",
  runMPerYear: 0,
  hazards: [],
  foliageHeightM: e.heightM,
  flowerHeightM: e.heightM,
  clearStemM: 0,
  spreadM: e.spreadM,
  flowerColour: null,
  flowerMonths: [],
  flowerForm: "none",
  habit: "mound"
});

// core/layout/tags.ts
var tags = /* @__PURE__ */ new Map();
var MOST_TAGGED_DRIFTS = 2e4;
function tagOf(drift, index) {
  let list = tags.get(drift.id);
  if (!list) {
    if (tags.size > MOST_TAGGED_DRIFTS) tags.clear();
    tags.set(drift.id, list = []);
  }
  return list[index] ??= makeTag(`${drift.id}:${index}`, index);
}
var makeTag = (id, index) => ({ id, index, seed: hashText(id) });

// core/layout/place.ts
function place(bed2, library2, frame = bedFrame(bed2), schools, before) {
  const k = schoolOf(bed2, schools).spacing;
  const memory = new PlaceMemory(bed2, library2, k, frame.closed ? void 0 : before);
  const placer = new Placer(bed2, library2, frame, k, memory);
  const standing2 = memory.standing ?? standingPlants(bed2, library2, frame);
  placer.reserve(standing2);
  const laneFill = laneBands(bed2.laneShares).map((band, lane) => placer.fillLane(lane, band));
  const plants2 = placer.plants();
  const placement = { plants: plants2, standing: standing2, spans: spansOf(bed2.drifts, plants2, k, frame), laneFill };
  if (!frame.closed) memory.rememberBy(placement);
  return placement;
}
var SEES_BEHIND_M = 1.2;
var MOVES = 0.9;
var Placer = class {
  constructor(bed2, library2, frame, k, memory) {
    this.bed = bed2;
    this.library = library2;
    this.frame = frame;
    this.k = k;
    this.memory = memory;
    this.settled = new Settled(frame, k);
    this.pins = pinsByDrift(bed2.pins);
  }
  bed;
  library;
  frame;
  k;
  memory;
  settled;
  pins;
  widestM = 0;
  plants() {
    return this.settled.all();
  }
  /** Keeps the places of what stands there already, and of what was set by hand. */
  reserve(standing2) {
    for (const p of standing2) this.settled.stand(p);
    const widest = standing2.map((p) => p.plant.spreadM);
    for (const drift of this.bed.drifts) {
      const plant = this.library.get(drift.plantId);
      if (!plant) continue;
      widest.push(plant.spreadM);
      const pins = this.pins.get(drift.id);
      if (!pins) continue;
      const numbers = new Set(numbersOf(drift));
      for (const pin of pins.values())
        if (numbers.has(pin.index)) this.settled.pin(tagOf(drift, pin.index), drift, plant, pin.x, pin.y);
    }
    this.widestM = Math.max(0, ...widest);
  }
  /** Sets all groups of a lane; needed length over the lane's length. */
  fillLane(lane, band) {
    const { frame, bed: bed2, k } = this;
    const slope = frame.closed ? 0 : laneSlope(frame, band);
    const drifts = bed2.drifts.filter((d) => d.lane === lane);
    const track = laneTrack(frame, band, frame.closed ? seamOf(drifts, frame) : frame.runFrom);
    const groups = drifts.flatMap((d) => {
      const plant = this.library.get(d.plantId);
      return this.memory.groupsOf(d, plant, () => groupsOf(d, plant, frame, band, track, slope, k));
    });
    const weaves = (g) => g.plant.spacingHabit === "weaves";
    const standing2 = groups.filter((g) => !weaves(g));
    const alone = frame.behind === "middle" && lane === 0 && standing2.length === 1 && standing2[0].places.length === 1;
    for (const list of [standing2, groups.filter(weaves)])
      this.setInOrder(list, packBlocks(list, 0, track.length), { lane, band, track }, alone);
    return standing2.reduce((sum, g) => sum + g.width, 0) / track.length;
  }
  /** Sets the groups from left to right; each may shift into a gap behind only as far as its neighbours leave room. */
  setInOrder(groups, { middles, squeeze }, lane, alone) {
    this.memory.noteMoved(groups, middles, squeeze);
    const order = groups.map((_, i) => i).sort((a, b) => middles[a] - middles[b] || a - b);
    let leftEnd = 0;
    order.forEach((g, n) => {
      const group = groups[g];
      const middle = middles[g];
      const half = group.width * squeeze / 2;
      const next = order[n + 1];
      const rightEnd = next === void 0 ? lane.track.length : middles[next] - groups[next].width * squeeze / 2;
      const left = Math.max(0, middle - half - leftEnd);
      const right = Math.max(0, rightEnd - middle - half);
      const asked = { group, middle, squeeze, left, right, alone, free: this.freeNumbers(group) };
      leftEnd = middle + this.setGroup(asked, lane) + half;
    });
  }
  /** Numbers of a group's plants that no hand has set. */
  freeNumbers({ drift, firstIndex, places }) {
    const pinned = this.pins.get(drift.id);
    const numbers = numbersOf(drift).slice(firstIndex, firstIndex + places.length);
    return pinned ? numbers.filter((n) => !pinned.has(n)) : [...numbers];
  }
  /** Sets a group as before when nothing about it differs, or anew; the shift it made. */
  setGroup(asked, lane) {
    const kept2 = this.memory.recall(asked, this.reachOf(asked, lane.track));
    if (kept2) {
      for (const p of kept2.plants) this.settled.again(p);
      return kept2.shift;
    }
    const set = this.setAnew(asked, lane);
    this.memory.keep(asked, set);
    return set.shift;
  }
  /** The running stretch in which a group may be set, or look for others. */
  reachOf({ group, middle, squeeze }, track) {
    const { spreadM } = group.plant;
    const looks = Math.max(SEES_BEHIND_M, this.k * (spreadM + this.widestM) / 2);
    const half = group.width * squeeze / 2 + spreadM * MOVES + looks;
    const at = track.toRun(middle);
    return { from: at - half, to: at + half };
  }
  /** A plant alone in the middle lane of a round bed stands in the very middle. */
  setAnew({ group, middle, squeeze, left, right, alone }, { lane, band, track }) {
    const { frame, settled } = this;
    const pinned = this.pins.get(group.drift.id);
    const numbers = numbersOf(group.drift);
    const free = group.places.map((p, i) => ({ dx: p.dx, dy: p.dy, index: numbers[group.firstIndex + i] })).filter((p) => !pinned?.has(p.index));
    const limits = outLimits(frame, group.plant, this.bed.form.kind === "container");
    const at = (dx, dy, shift2) => {
      const wider = frame.closed ? rowStretch(frame, band, track.toRun(middle + shift2), dy) : 1;
      const along2 = track.toRun(middle + shift2 + dx * squeeze * wider);
      const a = frame.closed ? along2 : clamp(along2, frame.runFrom, frame.runTo);
      const { least, most } = limits(a);
      return { a, v: alone ? 0 : clamp(laneMiddle(frame, band, a) + dy, least, most) };
    };
    const even = squeeze < 1 || frame.closed && group.drift.pattern === "dotted";
    const unshifted = () => free.map((p) => at(p.dx, p.dy, 0).a);
    const shift = even ? 0 : settled.bestShift(unshifted(), lane, group.plant, { left, right });
    const plants2 = free.map((p) => {
      const { a, v } = at(p.dx, p.dy, shift);
      return settled.settle(tagOf(group.drift, p.index), group.drift, group.plant, a, v, limits);
    });
    return { plants: plants2, shift };
  }
};

// core/layout/bodyProfile.ts
var FLOWER_DENSITY = 0.35;
var DRY_FLOWERS = 0.5;
var FLOWERS_WIDE = 0.4;
var TRUNK_M = 0.06;
var clearStemM = ({
  at,
  foliageM
}) => at.plant.habit === "tree" ? at.plant.clearStemM * Math.min(1, foliageM / at.plant.foliageHeightM) : 0;
var topM = ({ foliageM, flowerM }) => Math.max(foliageM, flowerM);
function bodyProfile(body, z4, into = { halfM: 0, stops: 0 }) {
  const { at, foliageM, spreadM, look } = body;
  into.halfM = 0;
  into.stops = 0;
  if (z4 < 0 || z4 > topM(body) || spreadM <= 0) return into;
  const stemM = clearStemM(body);
  if (z4 < stemM) {
    into.halfM = Math.min(TRUNK_M, spreadM / 2);
    into.stops = 1;
  } else if (z4 <= foliageM && foliageM > stemM) {
    into.halfM = halfWidthAt(at.plant.habit, (z4 - stemM) / (foliageM - stemM)) * spreadM / 2;
    into.stops = look.density;
  } else {
    const flowers = look.flower + (look.state === "dry" ? DRY_FLOWERS : 0);
    into.halfM = FLOWERS_WIDE * spreadM;
    into.stops = FLOWER_DENSITY * Math.min(1, flowers);
  }
  return into;
}

// core/season/monthInterest.ts
var YEAR3 = 3;
var COLOURED = 0.11;
var known4 = /* @__PURE__ */ new WeakMap();
function monthInterest(scene) {
  const there = known4.get(scene);
  if (there) return there;
  const kinds = [...scene.byPlant].map(([plant, list2]) => ({
    year: yearOf(scene, list2[0]),
    count: list2.length,
    plant
  }));
  const full = kinds.reduce((sum, { count, plant }) => sum + count * plant.spreadM ** 2, 0);
  const list = Array.from({ length: 12 }, (_, i) => {
    let canopy = 0;
    let bloom = 0;
    let leaf = 0;
    for (const { year, count } of kinds) {
      canopy += count * year[i].canopy;
      bloom += count * year[i].bloom;
      leaf += count * year[i].leaf;
    }
    const share2 = { bloom: canopy > 0 ? bloom / canopy : 0, leaf: full > 0 ? leaf / full : 0 };
    return { month: i + 1, ...share2, interest: Math.min(1, 4 * share2.bloom + share2.leaf * 0.6) };
  });
  known4.set(scene, list);
  return list;
}
var yearsKept = /* @__PURE__ */ new WeakMap();
function yearOf({ climate: climate2, bed: bed2 }, one) {
  const ofClimate = yearsKept.get(climate2) ?? /* @__PURE__ */ new WeakMap();
  yearsKept.set(climate2, ofClimate);
  const ofPlant = ofClimate.get(one.plant) ?? /* @__PURE__ */ new Map();
  ofClimate.set(one.plant, ofPlant);
  const size = bed2.buying.find((b) => b.plantId === one.plant.id)?.size ?? "";
  const kept2 = ofPlant.get(size);
  if (kept2) return kept2;
  const year = Array.from({ length: 12 }, (_, i) => {
    const body = bodiesAt([one], { month: i + 1, year: YEAR3 }, climate2, bed2.buying)[0];
    const weight = body.spreadM ** 2;
    return {
      canopy: body.look.state === "gone" ? 0 : weight,
      bloom: weight * body.look.flower,
      leaf: isOfInterest(body) ? weight : 0
    };
  });
  ofPlant.set(size, year);
  return year;
}
function isOfInterest({ at, look }) {
  if (look.state === "dry") return true;
  if (look.state !== "leaf") return false;
  return at.plant.retention === "evergreen" || look.leaf > 0.5 && saturation(look.colour) > COLOURED;
}

// core/scene/range.ts
var whole = { from: -Infinity, to: Infinity };

// core/scene/bodies.ts
var bodiesNear = (scene, moment, range = whole) => bodiesAt(plantsNear(scene, range), moment, scene.climate, scene.bed.buying);
function plantsNear(scene, range) {
  const { everywhere, neighbours, widestM } = scene;
  const all = neighbours.length > 0 ? [...everywhere, ...neighbours] : everywhere;
  return Number.isFinite(range.from) ? all.filter((p) => p.x > range.from - widestM && p.x < range.to + widestM) : all;
}

// core/site/resolve.ts
function cornersOf(t2) {
  if ("outline" in t2) return t2.outline;
  return "line" in t2 ? t2.line : [t2.at];
}

// core/site/surroundings.ts
function distanceTo(thing, p) {
  const corners = cornersOf(thing);
  if (corners.length === 1) return Math.hypot(corners[0].x - p.x, corners[0].y - p.y);
  const closed = "outline" in thing;
  if (closed && holds(corners, p)) return 0;
  let least = Infinity;
  for (let i = 1; i < corners.length + (closed ? 1 : 0); i++)
    least = Math.min(least, toSegment(p, corners[i - 1], corners[i % corners.length]));
  return least;
}
function toSegment(p, a, b) {
  const dx = b.x - a.x;
  const dy = b.y - a.y;
  const whole2 = dx * dx + dy * dy;
  const u = whole2 === 0 ? 0 : Math.min(1, Math.max(0, ((p.x - a.x) * dx + (p.y - a.y) * dy) / whole2));
  return Math.hypot(a.x + dx * u - p.x, a.y + dy * u - p.y);
}
function holds(outline2, p) {
  let inside = false;
  for (let i = 0, j = outline2.length - 1; i < outline2.length; j = i++) {
    const a = outline2[i];
    const b = outline2[j];
    if (a.y > p.y !== b.y > p.y && p.x < (b.x - a.x) * (p.y - a.y) / (b.y - a.y) + a.x) inside = !inside;
  }
  return inside;
}
var LEG_M = 3;
var MEETS_M = 0.8;
function sightTriangles(things) {
  const streets = things.filter((t2) => t2.kind === "surface" && t2.cover === "street");
  const drives = things.filter((t2) => t2.kind === "surface" && t2.cover === "drive");
  return drives.flatMap((drive) => {
    const corners = cornersOf(drive);
    const atStreet = corners.map((c) => streets.some((s) => distanceTo(s, c) < MEETS_M));
    const n = corners.length;
    return corners.flatMap((c, i) => {
      const before = (i + n - 1) % n;
      const after = (i + 1) % n;
      if (!atStreet[i] || atStreet[before] === atStreet[after]) return [];
      const [inner, other] = atStreet[before] ? [corners[after], corners[before]] : [corners[before], corners[after]];
      return [[c, step(c, inner, LEG_M), step(c, other, -LEG_M)]];
    });
  });
}
function step(from, to, by) {
  const d = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  return { x: from.x + (to.x - from.x) / d * by, y: from.y + (to.y - from.y) / d * by };
}
function doorsOf(things) {
  return things.flatMap(
    (t2) => t2.kind !== "building" ? [] : t2.openings.filter((o) => o.sillM < 0.3).map((o) => {
      const a = t2.outline[o.side % t2.outline.length];
      const b = t2.outline[(o.side + 1) % t2.outline.length];
      return { name: t2.name, at: step(a, b, o.alongM + o.widthM / 2), widthM: o.widthM };
    })
  );
}

// core/light/sun.ts
import { getPosition, getTimes } from "suncalc";
function sunPosition(at, latitude, longitude) {
  const { azimuth, altitude } = getPosition(at, latitude, longitude);
  return { azimuthDeg: azimuth, altitudeDeg: altitude };
}
var DAY_OF_MONTH = 21;
var MINUTE_MS = 6e4;
var LEAST_ALTITUDE_DEG = 0.2;
function solarNoon(year, month, day, latitude, longitude) {
  const mean2 = new Date(Date.UTC(year, month - 1, day, 12) - longitude * 4 * MINUTE_MS);
  const { solarNoon: noon } = getTimes(mean2, latitude, longitude);
  const off = Math.round((noon.getTime() - mean2.getTime()) / (24 * 60 * MINUTE_MS));
  return new Date(noon.getTime() - off * 24 * 60 * MINUTE_MS);
}
function shareUp(a, b) {
  const [low, high] = [Math.min(a, b), Math.max(a, b)];
  if (low > 0) return 1;
  return high <= 0 ? 0 : high / (high - low);
}
function sunSteps(month, latitude, longitude, stepMinutes = 10, year = 2026, day = DAY_OF_MONTH) {
  const noon = solarNoon(year, month, day, latitude, longitude).getTime();
  const half = 12 * 60 / stepMinutes;
  const steps = [];
  const altitude = (minutes) => sunPosition(new Date(noon + minutes * MINUTE_MS), latitude, longitude).altitudeDeg;
  for (let k = -half; k < half; k++) {
    const low = altitude(k * stepMinutes);
    const high = altitude((k + 1) * stepMinutes);
    const up = shareUp(low, high);
    if (up <= 0) continue;
    const middle = (k + 0.5) * stepMinutes;
    const at = sunPosition(new Date(noon + middle * MINUTE_MS), latitude, longitude);
    steps.push({
      azimuthDeg: at.azimuthDeg,
      altitudeDeg: Math.max(LEAST_ALTITUDE_DEG, at.altitudeDeg),
      hours: up * stepMinutes / 60,
      afterNoonH: middle / 60
    });
  }
  return steps;
}

// core/light/lightHours.ts
var sunAt = (light, month, cell) => {
  const m = light.months[month - 1];
  return m.morning[cell] + m.afternoon[cell] + m.through[cell];
};

// core/light/season.ts
function placeLight(light, cell, season) {
  const months3 = light.months.map((_, i) => sunAt(light, i + 1, cell));
  const inSeason = season.map((m) => months3[m - 1]);
  const morning = season.reduce((sum, m) => sum + light.months[m - 1].morning[cell], 0);
  const direct = season.reduce(
    (sum, m) => sum + light.months[m - 1].morning[cell] + light.months[m - 1].afternoon[cell],
    0
  );
  return {
    months: months3,
    mean: inSeason.reduce((a, b) => a + b, 0) / inSeason.length,
    brightest: Math.max(...inSeason),
    darkest: Math.min(...inSeason),
    morningShare: direct > 0 ? morning / direct : 0,
    lateSummerH: Math.max(...season.map((m) => light.months[m - 1].late[cell]))
  };
}

// core/light/bedLight.ts
function bedLight(hours, season, frame) {
  const known5 = /* @__PURE__ */ new Map();
  const { grid } = hours;
  const at = (x, y) => {
    const c = clamp(Math.floor((x - grid.x0) / grid.cellM), 0, grid.cols - 1);
    const r = clamp(Math.floor((-y - grid.y0) / grid.cellM), 0, grid.rows - 1);
    const cell = r * grid.cols + c;
    let light = known5.get(cell);
    if (!light) known5.set(cell, light = placeLight(hours, cell, season));
    return light;
  };
  const means = frame ? sampled(frame).map((p) => at(p.x, p.y).mean) : Array.from({ length: grid.cols * grid.rows }, (_, i) => placeLight(hours, i, season).mean);
  return { hours, season, at, meanH: means.reduce((a, b) => a + b, 0) / means.length };
}
function sampled(frame) {
  return Array.from(
    { length: 40 },
    (_, i) => frame.runFrom + (i + 0.5) / 40 * (frame.runTo - frame.runFrom)
  ).flatMap((a) => [0.2, 0.5, 0.8].map((t2) => frame.at(a, t2 * frame.depthAlong(a))));
}

// core/light/crownShade.ts
var STEP_MINUTES = 30;
function sunWay(months3, latitude, longitude, lookDeg) {
  const steps = months3.flatMap((m) => sunSteps(m, latitude, longitude, STEP_MINUTES));
  const rays = (before) => steps.filter((s) => s.afterNoonH < 0 === before).map(({ azimuthDeg, altitudeDeg, hours }) => {
    const turn = (azimuthDeg - lookDeg) * Math.PI / 180;
    const up = altitudeDeg * Math.PI / 180;
    return { x: Math.sin(turn) * Math.cos(up), y: -Math.cos(turn) * Math.cos(up), z: Math.sin(up), hours };
  });
  return { morning: rays(true), afternoon: rays(false) };
}
function throughCrowns(crowns, at, way) {
  return { morning: share(crowns, at, way.morning), afternoon: share(crowns, at, way.afternoon) };
}
function share(crowns, at, rays) {
  let all = 0;
  let through = 0;
  for (const ray of rays) {
    let pass = 1;
    for (const crown of crowns) if (meets(crown, at, ray)) pass *= crown.pass;
    all += ray.hours;
    through += ray.hours * pass;
  }
  return all > 0 ? through / all : 1;
}
function meets(c, at, d) {
  const px = (at.x - c.x) / c.r;
  const py = (at.y - c.y) / c.r;
  const pz = (at.z - c.z) / c.rz;
  const dx = d.x / c.r;
  const dy = d.y / c.r;
  const dz = d.z / c.rz;
  const a = dx * dx + dy * dy + dz * dz;
  const b = px * dx + py * dy + pz * dz;
  const root = b * b - a * (px * px + py * py + pz * pz - 1);
  return root > 0 && Math.sqrt(root) > b;
}

// core/scene/conditions.ts
var MORNING_ONLY = 0.85;
var SHADES_FROM_M = 1.5;
var TALLER2 = 1.5;
var REACH = 2.5;
var LIGHT_AT = 0.5;
var round2 = (hours) => Math.round(hours * 10) / 10;
function conditionsAt(scene, p) {
  const pass = shadeAt(scene, p);
  if (!scene.light) {
    if (!pass) return scene.site;
    return { ...scene.site, sunHours: round2(scene.site.sunHours * (pass.morning + pass.afternoon) / 2) };
  }
  const here = scene.light.at(p.x, p.y);
  const { morning, afternoon } = pass ?? { morning: 1, afternoon: 1 };
  const early = here.morningShare * morning;
  const late = (1 - here.morningShare) * afternoon;
  const left = early + late;
  return {
    ...scene.site,
    sunHours: round2(here.mean * left),
    brightestH: here.brightest * left,
    darkestH: here.darkest * left,
    lateSummerH: here.lateSummerH * afternoon,
    morningOnly: left > 0 && early / left > MORNING_ONLY
  };
}
var GROWING = [4, 5, 6, 7, 8, 9];
var ways = /* @__PURE__ */ new Map();
var MOST_WAYS = 40;
function wayOf(scene) {
  const { sunAt: sunAt2, surroundings, light } = scene;
  if (!sunAt2 || !surroundings || surroundings.facesDeg === null) return null;
  const season = light?.season ?? (sunAt2.latitude < 0 ? [10, 11, 12, 1, 2, 3] : GROWING);
  const lookDeg = (surroundings.facesDeg + 180) % 360;
  const key = [sunAt2.latitude, sunAt2.longitude, lookDeg, ...season].join();
  let way = ways.get(key);
  if (!way) {
    if (ways.size > MOST_WAYS) ways.clear();
    ways.set(key, way = sunWay(season, sunAt2.latitude, sunAt2.longitude, lookDeg));
  }
  return way;
}
var crownsKept = /* @__PURE__ */ new WeakMap();
function crownsOf(scene) {
  let crowns = crownsKept.get(scene);
  if (!crowns) {
    crowns = [...scene.everywhere, ...scene.neighbours].filter((p) => p.plant.lifeCycle === "woody" && p.plant.kind !== "climber" && !p.standing?.gap).filter((p) => fullHeightM(p.plant) >= SHADES_FROM_M).map((p) => {
      const topM2 = Math.max(p.plant.foliageHeightM, p.standing?.heightM ?? 0);
      const stemM = p.plant.habit === "tree" ? p.plant.clearStemM : 0;
      const rz = (topM2 - stemM) / 2;
      return {
        id: p.id,
        topM: topM2,
        x: p.x,
        y: p.y,
        z: stemM + rz,
        r: p.plant.spreadM / 2,
        rz,
        pass: 1 - p.plant.density
      };
    });
    crownsKept.set(scene, crowns);
  }
  return crowns;
}
function shadeAt(scene, p) {
  if (p.plant?.spacingHabit === "weaves") return null;
  const heightM = p.plant ? fullHeightM(p.plant) : 0;
  const crowns = crownsOf(scene).filter(
    (c) => c.topM >= heightM * TALLER2 && isBeside(c, p) && Math.hypot(c.x - p.x, c.y - p.y) < REACH * c.topM
  );
  const way = crowns.length > 0 ? wayOf(scene) : null;
  return way ? throughCrowns(crowns, { x: p.x, y: p.y, z: heightM * LIGHT_AT }, way) : null;
}
var isBeside = (c, p) => c.x !== p.x || c.y !== p.y;

// core/scene/pairs.ts
var TOUCH = 1.15;
function touchingPairs(scene, range = whole) {
  const { widestM } = scene;
  const isPart = Number.isFinite(range.from);
  const beyond = widestM * TOUCH;
  const own = isPart ? scene.own.filter((p) => p.along >= range.from - beyond && p.along <= range.to + beyond) : scene.own;
  const index = circleIndex(own.map((p) => ({ x: p.x, y: p.y, r: p.plant.spreadM / 2 })));
  const pairs = [];
  for (const a of own) {
    if (a.along < range.from || a.along > range.to) continue;
    const reach = (a.plant.spreadM * TOUCH + widestM * (TOUCH - 1)) / 2;
    for (const j of index.search(a.x - reach, a.y - reach, a.x + reach, a.y + reach)) {
      const b = own[j];
      if (b.id <= a.id || a.standing && b.standing) continue;
      const distance2 = Math.hypot(a.x - b.x, a.y - b.y);
      const touch = (a.plant.spreadM + b.plant.spreadM) / 2;
      if (distance2 <= touch * TOUCH) pairs.push({ a, b, distance: distance2, touch });
    }
  }
  return pairs;
}
var isKnownPlant = (p) => !p.standing || p.standing.known && !p.standing.gap;

// core/see/aspect.ts
var LEAST_FALL = 0.11;
var MOST_FALL = 0.62;
var FALL_SHARE = 0.3;
var POT_OVERHANG_M = 0.2;
function middleOfBed(bed2, frame) {
  const all = outlinesOf(bed2, frame).flat();
  const xs = all.map((p) => p.x);
  const ys = all.map((p) => p.y);
  return { x: (Math.min(...xs) + Math.max(...xs)) / 2, y: (Math.min(...ys) + Math.max(...ys)) / 2 };
}
var outlinesOf = (bed2, frame) => placingsOf(bed2.form).map((to) => frame.outline.map((p) => placeIn(to, p)));
function aspectOf(bed2, frame, viewpoint) {
  const { turnDeg } = viewpoint;
  const middle = middleOfBed(bed2, frame);
  const a = turnDeg * Math.PI / 180;
  const [cos, sin] = [Math.cos(a), Math.sin(a)];
  const turn = (p) => turnDeg === 0 ? p : {
    x: middle.x + (p.x - middle.x) * cos + (p.y - middle.y) * sin,
    y: middle.y - (p.x - middle.x) * sin + (p.y - middle.y) * cos
  };
  const unturn = (p) => turnDeg === 0 ? p : {
    x: middle.x + (p.x - middle.x) * cos - (p.y - middle.y) * sin,
    y: middle.y + (p.x - middle.x) * sin + (p.y - middle.y) * cos
  };
  const outlines = outlinesOf(bed2, frame).map((o) => o.map(turn));
  const plain2 = turnDeg === 0 && outlines.length === 1;
  const { back, front } = plain2 ? frame : envelope(hullOf(outlines));
  const depth2 = Math.max(...outlines.flat().map((p) => p.y)) - Math.min(...outlines.flat().map((p) => p.y));
  const fall = FALL_SHARE * viewpoint.eyeHeightM / (viewpoint.distanceM + depth2 / 2);
  const groundFall = !frame.closed && turnDeg === 0 ? LEAST_FALL : clamp(fall, LEAST_FALL, MOST_FALL);
  const over = bed2.form.kind === "container" ? POT_OVERHANG_M : 0;
  return {
    turnDeg,
    eyeDistanceM: viewpoint.distanceM,
    firstX: front.firstX - over,
    lastX: front.lastX + over,
    back,
    front,
    outlines,
    groundFall,
    turn,
    unturn
  };
}
function hullOf(outlines) {
  if (outlines.length === 1) return outlines[0];
  const points = outlines.flat().sort((a, b) => a.x - b.x || a.y - b.y);
  const half = (list) => list.reduce((hull, p) => {
    while (hull.length >= 2 && cross(hull[hull.length - 2], hull[hull.length - 1], p) <= 0) hull.pop();
    hull.push(p);
    return hull;
  }, []).slice(0, -1);
  return [...half(points), ...half([...points].reverse())];
}
var cross = (o, a, b) => (a.x - o.x) * (b.y - o.y) - (a.y - o.y) * (b.x - o.x);
function judgedTurns(bed2) {
  if (bed2.form.kind === "two-sided") return [0, 180];
  if (bed2.form.kind === "island" || bed2.form.kind === "ring" || bed2.form.kind === "container")
    return [0, 90, 180, 270];
  return [bed2.viewpoint.turnDeg];
}
function repeated(plants2, form2) {
  const placings = placingsOf(form2);
  if (placings.length === 1) return plants2;
  return placings.flatMap(
    (to, part) => part === 0 ? plants2 : plants2.map((p) => ({ ...p, id: `${p.id}@${part}`, seed: p.seed ^ part * 40503, ...placeIn(to, p) }))
  );
}

// core/see/screening.ts
var COLUMNS = 12;
var ROWS = 8;
function blockedShare(bodies, eye, aim) {
  const dx = aim.x - eye.x;
  const dy = aim.y - eye.y;
  const far = Math.hypot(dx, dy);
  if (far < 1e-6) return 0;
  const side = { x: -dy / far, y: dx / far };
  let through = 0;
  for (let c = 0; c < COLUMNS; c++) {
    const off = ((c + 0.5) / COLUMNS - 0.5) * aim.widthM;
    const to = { x: aim.x + side.x * off, y: aim.y + side.y * off };
    const near = bodies.map((b) => passing(b, eye, to)).filter((p) => p !== null);
    for (let r = 0; r < ROWS; r++) {
      const z4 = aim.fromM + (r + 0.5) / ROWS * (aim.toM - aim.fromM);
      through += near.reduce(
        (light, p) => light < 0.01 ? 0 : light * (1 - stops(p, eye.z + (z4 - eye.z) * p.u)),
        1
      );
    }
  }
  return 1 - through / (COLUMNS * ROWS);
}
function passing(body, eye, to) {
  const dx = to.x - eye.x;
  const dy = to.y - eye.y;
  const u = ((body.at.x - eye.x) * dx + (body.at.y - eye.y) * dy) / (dx * dx + dy * dy);
  if (u <= 0 || u >= 1) return null;
  const apart = Math.hypot(eye.x + dx * u - body.at.x, eye.y + dy * u - body.at.y);
  return apart < body.spreadM / 2 ? { body, u, apart } : null;
}
function stops({ body, apart }, z4) {
  const profile = bodyProfile(body, z4 - (body.at.groundM ?? 0));
  return apart <= profile.halfM ? profile.stops : 0;
}

// core/see/seen.ts
var CELL_M2 = 0.08;
var TOP_M = 8;
function visibleShares(bodies, { viewpoint, frontY, range, wanted }) {
  const shares = new Float64Array(bodies.length).fill(Number.NaN);
  if (bodies.length === 0) return { shares };
  let from = Infinity;
  let to = -Infinity;
  let widest = 0;
  for (const b of bodies) {
    from = Math.min(from, b.at.x - b.spreadM);
    to = Math.max(to, b.at.x + b.spreadM);
    widest = Math.max(widest, b.spreadM);
  }
  if (range) {
    from = Math.max(from, range.from - widest);
    to = Math.min(to, range.to + widest);
  }
  from = Math.floor(from / CELL_M2) * CELL_M2;
  const grid = new Grid(from, to, viewpoint);
  const order = bodies.map((_, i) => i).filter(
    (i) => bodies[i].at.x + bodies[i].spreadM / 2 >= from && bodies[i].at.x - bodies[i].spreadM / 2 <= to
  ).sort((a, b) => bodies[b].at.y - bodies[a].at.y);
  const farthest = wanted ? order.findLastIndex((i) => wanted[i]) : order.length - 1;
  for (const i of order.slice(0, farthest + 1)) {
    const body = bodies[i];
    const eyeY = frontY(body.at.x) + viewpoint.distanceM;
    const share2 = grid.lay(body, eyeY);
    if (!range || body.at.x >= range.from && body.at.x <= range.to) shares[i] = share2;
  }
  return { shares };
}
var Grid = class {
  constructor(from, to, eye) {
    this.from = from;
    this.eye = eye;
    this.columns = Math.max(1, Math.ceil((to - from) / CELL_M2));
    this.bottom = -eye.eyeHeightM * 2.5;
    this.rows = Math.ceil((TOP_M - this.bottom) / CELL_M2);
    this.through = new Float32Array(this.columns * this.rows).fill(1);
  }
  from;
  eye;
  columns;
  rows;
  through;
  bottom;
  profile = { halfM: 0, stops: 0 };
  /** Lays a body in front of all that comes later; the share of it that was still open, NaN for nothing. */
  lay(body, eyeY) {
    const { at, spreadM } = body;
    const top = topM(body);
    if (top <= 0.02 || spreadM <= 0) return Number.NaN;
    const scale = eyeY / Math.max(0.3, eyeY - at.y);
    const eye = this.eye.eyeHeightM;
    const project = (z4) => eye + (z4 - eye) * scale;
    const ground = at.groundM ?? 0;
    const low = this.row(project(ground));
    const high = this.row(project(ground + top));
    let cells = 0;
    let open = 0;
    for (let r = low; r <= high; r++) {
      const z4 = (this.bottom + (r + 0.5) * CELL_M2 - eye) / scale + eye - ground;
      const { halfM: half, stops: stops2 } = bodyProfile(body, Math.min(top, Math.max(0, z4)), this.profile);
      const pass = 1 - stops2;
      const first = Math.max(0, Math.round((at.x - half - this.from) / CELL_M2));
      const last = Math.min(this.columns - 1, Math.round((at.x + half - this.from) / CELL_M2) - 1);
      for (let c = first; c <= last; c++) {
        const k = r * this.columns + c;
        open += this.through[k];
        cells++;
        this.through[k] *= pass;
      }
    }
    return cells === 0 ? Number.NaN : open / cells;
  }
  row(z4) {
    return Math.min(this.rows - 1, Math.max(0, Math.floor((z4 - this.bottom) / CELL_M2)));
  }
};

// core/see/windowCover.ts
var CELL_M3 = 0.05;
function windowCover(opening2, bodies) {
  const columns = Math.max(1, Math.round(opening2.widthM / CELL_M3));
  const rows = Math.max(1, Math.round((opening2.headM - opening2.sillM) / CELL_M3));
  const through = new Float32Array(columns * rows).fill(1);
  const by = [];
  bodies.forEach((body, index) => {
    const own = coverOf(body, opening2, through, columns, rows);
    if (own > 0) by.push({ index, share: own / (rows * columns) });
  });
  return { share: 1 - through.reduce((a, b) => a + b, 0) / through.length, by };
}
function coverOf(body, opening2, through, columns, rows) {
  const { at, spreadM } = body;
  const ground = at.groundM ?? 0;
  if (ground + topM(body) <= opening2.sillM) return 0;
  if (at.x + spreadM / 2 < opening2.x || at.x - spreadM / 2 > opening2.x + opening2.widthM) return 0;
  let own = 0;
  for (let r = 0; r < rows; r++) {
    const z4 = opening2.sillM + (r + 0.5) / rows * (opening2.headM - opening2.sillM);
    const { halfM, stops: stops2 } = bodyProfile(body, z4 - ground);
    if (stops2 === 0) continue;
    for (let c = 0; c < columns; c++) {
      const x = opening2.x + (c + 0.5) / columns * opening2.widthM;
      if (Math.abs(x - at.x) > halfM) continue;
      through[r * columns + c] *= 1 - stops2;
      own += stops2;
    }
  }
  return own;
}

// core/scene/plantsById.ts
var PlantsById = class {
  /** With those of the bed before a change: their places in the list hold while the same ids stand at them. */
  constructor(list, before) {
    this.list = list;
    this.places = before && before.list.length === list.length && before.list.every((p, i) => p.id === list[i].id) ? before.places : new Map(list.map((p, i) => [p.id, i]));
  }
  list;
  places;
  get(id) {
    const place2 = this.places.get(id);
    return place2 === void 0 ? void 0 : this.list[place2];
  }
  has(id) {
    return this.places.has(id);
  }
};

// core/scene/scene.ts
var MATURE_YEAR = 10;
function makeScene(input2, known5 = {}) {
  const { bed: bed2, library: library2, climate: climate2, hardinessZone, schools } = input2;
  const frame = known5.frame ?? bedFrame(bed2);
  const placed = place(bed2, library2, frame, schools, known5.before?.placement);
  const own = placed.standing.length > 0 ? [...placed.plants, ...placed.standing] : placed.plants;
  const planted = repeated(placed.plants, bed2.form);
  const everywhere = placed.standing.length > 0 ? [...planted, ...placed.standing] : planted;
  const light = input2.light ? bedLight(input2.light.hours, input2.light.season, frame) : null;
  return {
    input: input2,
    bed: bed2,
    frame,
    library: library2,
    climate: climate2,
    placement: placed,
    light,
    surroundings: input2.surroundings ?? null,
    neighbours: input2.neighbours ?? NO_PLANTS,
    ...wishesOf(input2),
    school: schoolOf(bed2, schools),
    site: siteKept(known5.before, bed2, hardinessZone, light),
    own,
    planted,
    everywhere,
    byId: new PlantsById(everywhere, known5.before?.byId),
    byPlant: groupByPlant(placed.plants),
    widestM: own.reduce((most, p) => Math.max(most, p.plant.spreadM), 0)
  };
}
var wishesOf = ({ theme: theme2 = null, requirements = NO_REQUIREMENTS, sunAt: sunAt2 = null }) => ({
  theme: theme2,
  requirements,
  sunAt: sunAt2
});
var NO_PLANTS = [];
var NO_REQUIREMENTS = [];
function groupByPlant(plants2) {
  const groups = /* @__PURE__ */ new Map();
  for (const p of plants2) {
    const there = groups.get(p.plant);
    if (there) there.push(p);
    else groups.set(p.plant, [p]);
  }
  return groups;
}
function siteKept(before, bed2, hardinessZone, light) {
  const isSame3 = before && !light && !before.light && before.bed.ground === bed2.ground && before.input.hardinessZone === hardinessZone;
  return isSame3 ? before.site : siteOf(bed2, hardinessZone, light);
}
var siteOf = (bed2, hardinessZone, light = null) => ({
  ...bed2.ground,
  sunHours: light ? Math.round(light.meanH * 10) / 10 : bed2.ground.sunHours,
  zone: zoneNumber(hardinessZone) ?? 6
});
function stretchOf(plants2) {
  let from = Infinity;
  let to = -Infinity;
  for (const { along: along2, plant } of plants2) {
    from = Math.min(from, along2 - plant.spreadM / 2);
    to = Math.max(to, along2 + plant.spreadM / 2);
  }
  return { from, to };
}

// core/scene/sceneWords.ts
var nameOf = (plant) => plant.commonName;
var metres = (n) => `${n.toFixed(2)} m`;
var along = (from, to) => to - from < 0.3 ? `at ${((from + to) / 2).toFixed(1)} m` : `from ${from.toFixed(1)} to ${to.toFixed(1)} m`;
var capital = (text2) => text2.charAt(0).toUpperCase() + text2.slice(1);
var pairKey = (a, b) => a < b ? `${a}+${b}` : `${b}+${a}`;

// core/draw/fixture.ts
var WIDTH_SHARE = { post: 0.09, urn: 0.45, tree: 0.8, obelisk: 0.28 };
function fixturesOf({ form: form2 }, aspect) {
  switch (form2.kind) {
    case "island":
      return form2.centre === "none" ? [] : [
        {
          look: form2.centre,
          ...aspect.turn(ORIGIN),
          widthM: Math.max(0.12, form2.centreHeightM * WIDTH_SHARE[form2.centre]),
          heightM: form2.centreHeightM
        }
      ];
    case "ring":
      return [{ look: "planting", ...aspect.turn(ORIGIN), widthM: 2 * form2.rimM, heightM: form2.insideHeightM }];
    case "container":
      return placingsOf(form2).map(({ x, y }) => ({
        look: "pot",
        ...aspect.turn({ x, y }),
        widthM: form2.diameterM,
        heightM: form2.heightM
      }));
    default:
      return [];
  }
}
var ORIGIN = { x: 0, y: 0 };

// core/draw/path.ts
var M = 0;
var L = 1;
var Q = 2;
var Z = 3;
var O = 4;

// core/draw/portrait/portrait.ts
var VARIANTS = 3;

// core/draw/elevation.ts
function elevation(bodies, frame, bed2, aspect = aspectOf(bed2, frame, bed2.viewpoint)) {
  const { form: form2 } = bed2;
  const ground = groundOf(frame, form2, aspect);
  const { own, farY, nearY, potM, fallM, foot } = ground;
  const turned3 = standing(bodies, aspect, own && bed2.wall ? 0 : -Infinity, nearY + aspect.eyeDistanceM);
  const figures = turned3.map(({ body, at }) => {
    const { seed } = body.at;
    return {
      body,
      x: at.x,
      baseM: footOf(body, at, ground, frame),
      variant: (seed >>> 3) % VARIANTS,
      mirrored: (seed >>> 9 & 1) === 1,
      scale: 0.96 + (seed >>> 12 & 255) / 255 * 0.08,
      quiet: body.at.neighbour !== void 0
    };
  });
  const fixtures = fixturesOf(bed2, aspect).map((f) => ({
    ...f,
    baseM: foot(f),
    after: turned3.filter((t2) => t2.at.y < f.y + (f.look === "pot" ? 10 : 0)).length
  }));
  const tallest = bodies.filter((b) => !b.at.neighbour).reduce((m, b) => Math.max(m, b.foliageM, b.flowerM), 0) + potM;
  const wall3 = own ? bed2.wall : null;
  return {
    figures,
    fixtures,
    wall: wall3,
    fallM,
    fromX: aspect.firstX,
    toX: aspect.lastX,
    frontBaseM: -(nearY - farY) * aspect.groundFall - Math.max(0, fallM),
    grounds: own ? [] : aspect.outlines.map((o) => o.map((p) => ({ x: p.x, y: foot(p) }))),
    raisedM: form2.kind === "terrace" && own ? form2.baseM : 0,
    paved: form2.kind === "court" || form2.kind === "container",
    topM: Math.max(
      tallest,
      ...(wall3?.openings ?? []).map((o) => o.headM),
      ...fixtures.map((f) => f.heightM),
      form2.kind === "container" ? potM + 0.6 : 1.5
    )
  };
}
function groundOf(frame, form2, aspect) {
  const own = aspect.turnDeg === 0 && !frame.closed;
  const ys = aspect.outlines.flat().map((p) => p.y);
  const farY = own ? 0 : Math.min(...ys);
  const nearY = own ? frame.depths.greatest : Math.max(...ys);
  const potM = form2.kind === "container" ? form2.heightM : 0;
  const fallM = form2.kind === "terrace" && own ? form2.fallM : 0;
  const fallAt = (x) => fallM === 0 ? 0 : fallM * (x - frame.firstX) / (frame.lastX - frame.firstX);
  const foot = (p) => -(p.y - farY) * aspect.groundFall - fallAt(p.x);
  return { own, farY, nearY, potM, fallM, foot };
}
function standing(bodies, aspect, fromY, eyeY) {
  const shown = [];
  for (const body of bodies) {
    if (body.look.state === "gone" || body.spreadM <= 0) continue;
    const at = aspect.turn(body.at);
    if (!body.at.neighbour || isInPicture(at, aspect, fromY, eyeY)) shown.push({ body, at, depth: depth(body, at) });
  }
  return shown.sort((a, b) => a.depth - b.depth || a.at.x - b.at.x);
}
function footOf({ at }, turned3, { foot, farY, nearY, potM }, frame) {
  if (at.neighbour) return foot({ ...turned3, y: clamp(turned3.y, farY, nearY) }) + (at.groundM ?? 0);
  return at.plant.kind === "climber" && frame.behind === "wall" ? 0 : foot(turned3) + potM;
}
var isInPicture = ({ x, y }, aspect, fromY, eyeY) => y > fromY && y < eyeY && x > aspect.firstX && x < aspect.lastX;
var depth = (body, at) => body.at.plant.kind === "climber" ? -1e6 : at.y;

// core/draw/paths.ts
var EIGHTH = Math.PI / 4;
var HANDLE = 1 / Math.cos(EIGHTH / 2);
var COORDINATES = { [M]: 1, [L]: 1, [Q]: 2, [Z]: 0, [O]: 1 };

// core/draw/sitePaints.ts
var LOBES = 14;
var STEPS3 = LOBES * 4;

// core/scene/bedSheets.ts
var POINTS_PER_M = 72 / 0.0254;

// core/judge/changedRange.ts
var MARGIN_M = 0.3;
var BARE_REACH = 3;
function changedRange(a, b) {
  if (!sameButPlants(a, b) || b.frame.closed || isSeenAskew(b)) return whole;
  if (a.placement.plants.length === 0 || b.placement.plants.length === 0) return whole;
  let from = Infinity;
  let to = -Infinity;
  const note = (p) => {
    const reach = reachM(p, a, b);
    from = Math.min(from, p.x - reach);
    to = Math.max(to, p.x + reach);
  };
  noteDifferences(a.placement.plants, b.placement.plants, a, b, note);
  noteDifferences(a.placement.standing, b.placement.standing, a, b, note);
  return to < from ? null : { from, to };
}
function reachM({ plant, standing: standing2 }, a, b) {
  const own = Math.max(plant.spreadM, standing2?.spreadM ?? 0);
  const widest = Math.max(a.widestM, b.widestM);
  return Math.max((own + widest) / 2 * TOUCH, own / 2 + BARE_REACH * b.school.bareCircleM / 2) + MARGIN_M;
}
function sameButPlants(a, b) {
  const bedParts = ["outline", "wall", "viewpoint", "ground", "school", "laneShares", "buying", "form"];
  const parts = ["library", "climate", "light", "school", "surroundings", "neighbours", "sunAt"];
  return bedParts.every((k) => a.bed[k] === b.bed[k]) && parts.every((k) => a[k] === b[k]) && a.site.zone === b.site.zone;
}
var isSeenAskew = ({ bed: bed2 }) => bed2.form.kind !== "two-sided" && bed2.viewpoint.turnDeg % 180 !== 0;
function noteDifferences(former, now, a, b, note) {
  if (former === now) return;
  let met = 0;
  for (const [i, p] of now.entries()) {
    const q = former[i]?.id === p.id ? former[i] : a.byId.get(p.id);
    if (q) met++;
    if (q && isSame2(p, q)) continue;
    note(p);
    if (q) note(q);
  }
  if (met < former.length) {
    for (const q of former) if (!b.byId.has(q.id)) note(q);
  }
}
var isSame2 = (p, q) => p === q || areAlike(p, q);
var areAlike = (p, q) => p.x === q.x && p.y === q.y && p.plant === q.plant && p.lane === q.lane && p.crowded === q.crowded && p.pinned === q.pinned && sameStanding(p.standing, q.standing);
function sameStanding(s, t2) {
  if (s === t2) return true;
  if (!s || !t2) return false;
  return Object.keys(s).every((k) => s[k] === t2[k]);
}

// core/judge/finding.ts
var RULES = [
  "shallow",
  "wall",
  "overlap",
  "crowded",
  "gap",
  "hidden",
  "window",
  "keep-open",
  "site",
  "around",
  "thirst",
  "smother",
  "blend",
  "months",
  "clutter",
  "theme",
  "brief"
];
function finding(parts, mends) {
  let known5;
  return {
    ...parts,
    get mends() {
      return known5 ??= mends();
    }
  };
}

// core/match/contrast.ts
var FORM = {
  mound: "round",
  globe: "round",
  cone: "upright",
  column: "upright",
  vase: "spreading",
  fountain: "grassy",
  sheaf: "grassy",
  spire: "upright",
  mat: "low",
  rosette: "crown",
  fronds: "crown",
  trailing: "low",
  climber: "climbing",
  tree: "spreading"
};
function formContrast(a, b) {
  if (a.habit === b.habit) return 0;
  return FORM[a.habit] === FORM[b.habit] ? 8 : 25;
}
function pairContrast(a, b) {
  const step2 = Math.abs(LEAF_SIZES.indexOf(a.leafSize) - LEAF_SIZES.indexOf(b.leafSize));
  const texture = Math.min(
    30,
    step2 * 10 + (a.leafOutline === b.leafOutline ? 0 : 10) + (a.leafSurface === b.leafSurface ? 0 : 5)
  );
  const form2 = formContrast(a, b);
  const colour2 = 25 * Math.min(1, deltaE(a.foliage.summer, b.foliage.summer) / 22);
  const high = Math.max(fullHeightM(a), fullHeightM(b));
  const height = 20 * Math.min(1, Math.abs(fullHeightM(a) - fullHeightM(b)) / (0.5 * high));
  return texture + form2 + colour2 + height;
}
function blends(a, b) {
  if (a.id === b.id || a.leafSize !== b.leafSize || a.leafOutline !== b.leafOutline) return false;
  const late = a.retention === "evergreen" && b.retention === "evergreen" ? "winter" : "autumn";
  return deltaE(a.foliage.summer, b.foliage.summer) < 7 && deltaE(a.foliage[late], b.foliage[late]) < 7;
}

// core/match/standIn.ts
function standIns(plant, scene, limits, most = 2) {
  const { maxHeightM = Infinity, minHeightM = 0, maxSpreadM = Infinity, where = () => true } = limits;
  return [...scene.library.values()].filter(
    (p) => p.id !== plant.id && p.kind !== "climber" && fullHeightM(p) <= maxHeightM && fullHeightM(p) >= minHeightM && p.spreadM <= maxSpreadM && p.lifeCycle === "bulb" === (plant.lifeCycle === "bulb") && where(p) && misfits(p, scene.site).length === 0
  ).map((p) => ({ p, cost: unlikeness(plant, p) })).sort((a, b) => a.cost - b.cost || (a.p.id < b.p.id ? -1 : 1)).slice(0, most).map(({ p }) => p);
}
function flowersApart(a, b) {
  if (!a.flowerColour) return 0;
  return b.flowerColour ? 0.3 * deltaE(a.flowerColour, b.flowerColour) : 8;
}
function unlikeness(a, b) {
  const ratio = (x, y) => Math.abs(Math.log(x / y));
  const months3 = a.flowerMonths.filter((m) => b.flowerMonths.includes(m)).length;
  return 22 * ratio(a.spreadM, b.spreadM) + 14 * ratio(fullHeightM(a), fullHeightM(b)) + 0.5 * deltaE(a.foliage.summer, b.foliage.summer) + flowersApart(a, b) + (a.habit === b.habit ? 0 : 8) + (a.leafSize === b.leafSize ? 0 : 4) + (a.leafOutline === b.leafOutline ? 0 : 3) + (a.retention === "evergreen" === (b.retention === "evergreen") ? 0 : 14) + (a.lifeCycle === b.lifeCycle ? 0 : 10) + (b.invasiveNote ? 8 : 0) + 4 * b.hazards.length - 2 * Math.min(3, months3);
}

// core/match/swap.ts
var lost = (...words2) => ({ lost: words2, gained: [] });
var NOTHING2 = lost();

// core/judge/rule.ts
function byGroup(remarks) {
  const groups = /* @__PURE__ */ new Map();
  for (const remark of [...remarks].sort(byPlace)) {
    const there = groups.get(remark.group);
    if (there) there.push(remark);
    else groups.set(remark.group, [remark]);
  }
  return groups;
}
var byPlace = (a, b) => a.x - b.x || compare(a.plants.join(), b.plants.join()) || a.other - b.other || a.value - b.value;
var compare = (a, b) => Number(a > b) - Number(a < b);

// core/judge/rules/blend.ts
var blend = {
  id: "blend",
  remarks: (_scene, _range, pairs) => {
    const known5 = /* @__PURE__ */ new Map();
    const same = (a, b) => {
      const key = pairKey(a.id, b.id);
      const there = known5.get(key);
      if (there !== void 0) return there;
      const value = a.spacingHabit !== "weaves" && b.spacingHabit !== "weaves" && blends(a, b);
      known5.set(key, value);
      return value;
    };
    return pairs().flatMap(
      ({ a, b, distance: distance2 }) => isKnownPlant(a) && isKnownPlant(b) && same(a.plant, b.plant) ? [{ x: a.along, group: pairKey(a.plant.id, b.plant.id), plants: [a.id, b.id], value: distance2, other: 0 }] : []
    );
  },
  fold: (scene, remarks) => [...byGroup(remarks)].map(([group, list]) => {
    const [a, b] = list[0].plants.map((id) => scene.byId.get(id));
    const keepsFirst = !b.standing && (a.standing !== void 0 || a.plant.spreadM >= b.plant.spreadM);
    const [keep, change] = keepsFirst ? [a, b] : [b, a];
    const xs = list.map((r) => r.x);
    const difference = deltaE(keep.plant.foliage.summer, change.plant.foliage.summer);
    const contrasting = () => standIns(
      change.plant,
      scene,
      {
        maxHeightM: change.plant.flowerHeightM * 1.3,
        maxSpreadM: change.plant.spreadM * 1.35,
        where: (p) => pairContrast(keep.plant, p) > 45
      },
      2
    );
    return finding(
      {
        id: `blend:${group}`,
        rule: "blend",
        title: `${capital(nameOf(keep.plant))} and ${nameOf(change.plant)} blend together`,
        reason: `Side by side ${along(Math.min(...xs), Math.max(...xs))}: both ${words(keep.plant.leafSize)} and ${words(keep.plant.leafOutline)}, and their leaves differ by \u0394E ${difference.toFixed(1)}, all year.`,
        weight: 40,
        from: Math.min(...xs),
        to: Math.max(...xs),
        plants: [...new Set(list.flatMap((r) => r.plants))],
        figures: [
          { name: "\u0394E in summer", value: difference, unit: "" },
          { name: "contrast", value: pairContrast(keep.plant, change.plant), unit: "of 100" }
        ],
        source: "Same texture and under \u0394E 7 (OKLab \xD7 100) in both seasons. Calculations, Colour and contrast."
      },
      () => contrasting().map((p) => ({
        label: `${capital(nameOf(p))} instead`,
        edit: { kind: "changeDrift", driftId: change.driftId, change: { plantId: p.id } }
      }))
    );
  })
};

// core/judge/rules/crowded.ts
var crowded = {
  id: "crowded",
  findings: (scene) => {
    const squeezed = scene.placement.plants.filter((p) => p.crowded && !p.pinned);
    if (squeezed.length === 0) return [];
    return scene.bed.drifts.flatMap((drift) => {
      const its = squeezed.filter((p) => p.driftId === drift.id);
      return its.length > 0 ? [describe(scene, drift, its)] : [];
    });
  }
};
function describe(scene, drift, squeezed) {
  const { plant } = squeezed[0];
  const near = squeezed.map((p) => nearest(scene, p)).reduce((w, n) => n.share < w.share ? n : w);
  const lane = laneNames(scene.bed.laneShares.length, scene.bed.form.kind)[drift.lane] ?? "";
  const many = squeezed.length === drift.count ? "any" : `${squeezed.length} of ${drift.count}`;
  return finding(
    {
      id: `crowded:${drift.id}`,
      rule: "crowded",
      title: `No room for ${many} ${nameOf(plant)}`,
      reason: `The ${lane.toLowerCase()} lane has no free place there: ${metres(near.apart)} from ${near.name}, where ${scene.school.name} wants ${metres(near.allowed)}.`,
      weight: 50 + 30 * (1 - Math.min(1, near.share)),
      ...stretchOf(squeezed),
      plants: squeezed.map((p) => p.id),
      figures: [
        { name: "too many", value: squeezed.length, unit: "" },
        { name: "apart", value: near.apart, unit: "m" },
        { name: "on centre", value: near.allowed, unit: "m" }
      ],
      source: `On centre d = k (w1 + w2) / 2 with k = ${scene.school.spacing}. Calculations, Spacing and counts.`
    },
    () => mendsFor(drift, plant.commonName, squeezed.length)
  );
}
function nearest({ own, school }, p) {
  let found = { apart: 0, allowed: 0, share: 1, name: "the next" };
  for (const q of own) {
    const reach = (p.plant.spreadM + q.plant.spreadM) / 2;
    if (Math.abs(p.x - q.x) > reach || Math.abs(p.y - q.y) > reach || q.id === p.id) continue;
    const apart = Math.hypot(q.x - p.x, q.y - p.y);
    const allowed = allowedDistanceM(p.plant, q.plant, school.spacing);
    if (apart / allowed < found.share)
      found = {
        apart,
        allowed,
        share: apart / allowed,
        name: q.plant.id === p.plant.id ? "its own kind" : nameOf(q.plant)
      };
  }
  return found;
}
function mendsFor(drift, name2, tooMany) {
  const left = drift.count - tooMany;
  if (left < 1) return [{ label: `Leave out ${capital(name2)}`, edit: { kind: "removeDrift", driftId: drift.id } }];
  return [{ label: `Keep ${left}`, edit: { kind: "changeDrift", driftId: drift.id, change: { count: left } } }];
}

// core/judge/rules/clutter.ts
var LEAST_KINDS = 5;
var clutter = {
  id: "clutter",
  findings: (scene) => {
    const kinds = [...scene.byPlant.values()].filter(
      (list) => list[0].plant.kind !== "climber" && list[0].plant.spacingHabit !== "specimen"
    );
    const singles = kinds.filter((list) => list.length === 1).map((list) => list[0]);
    if (kinds.length < LEAST_KINDS || singles.length <= kinds.length * scene.school.singlesShare) return [];
    const smallest = [...singles].sort((a, b) => a.plant.spreadM - b.plant.spreadM)[0];
    const drift = scene.bed.drifts.find((d) => d.id === smallest.driftId);
    const named = singles.slice(0, 4).map((p) => nameOf(p.plant)).join(", ");
    const mends = [
      {
        label: `Make it three ${nameOf(smallest.plant)}`,
        edit: { kind: "changeDrift", driftId: drift.id, change: { count: 3, pattern: "staggered" } }
      },
      { label: `Leave out ${nameOf(smallest.plant)}`, edit: { kind: "removeDrift", driftId: drift.id } }
    ];
    return [
      {
        id: "clutter",
        rule: "clutter",
        title: `${singles.length} kinds stand alone`,
        reason: `Of ${kinds.length} kinds ${singles.length} are singles (${named}${singles.length > 4 ? "\u2026" : ""}); ${scene.school.name} keeps them under ${Math.round(scene.school.singlesShare * 100)} %. Groups of three or more read better.`,
        weight: 36 + 20 * (singles.length / kinds.length),
        from: scene.frame.runFrom,
        to: scene.frame.runTo,
        plants: singles.map((p) => p.id),
        figures: [
          { name: "singles", value: singles.length, unit: "" },
          { name: "kinds", value: kinds.length, unit: "" }
        ],
        source: "One plant of everything is clutter; specimens and climbers are not counted. Practice, Groups, repetition, order.",
        mends
      }
    ];
  }
};

// core/judge/rules/gap.ts
var CELL_M4 = 0.12;
var WALL_STRIP_M = 0.5;
var JOIN_M = 0.9;
var gap = {
  id: "gap",
  remarks: (scene, range) => bareCells(scene, range),
  fold: (scene, remarks) => joinStretches(remarks).map((list) => describe2(scene, list))
};
function bareCells(scene, range) {
  const { frame, placement, school } = scene;
  if (placement.plants.length === 0) return [];
  if (frame.closed) return bareRound(scene);
  const least = school.bareCircleM / 2;
  const farthest = least * 3;
  const edge2 = least * 0.7;
  const first = frame.firstX + edge2;
  const from = Math.max(0, Math.ceil((range.from - first) / CELL_M4));
  const to = Math.floor((Math.min(frame.lastX - edge2, range.to) - first) / CELL_M4);
  const rows = Math.ceil(frame.depths.greatest / CELL_M4) + 1;
  const baseY = Math.min(...frame.back.points.map((p) => p.y));
  if (to < from) return [];
  const clearance2 = new Float32Array((to - from + 1) * rows).fill(farthest);
  for (const { plant, x, y } of [...placement.plants, ...placement.standing]) {
    if (plant.spacingHabit === "weaves" || plant.kind === "climber") continue;
    const reach = plant.spreadM / 2 + farthest;
    if (x + reach < first + from * CELL_M4 || x - reach > first + to * CELL_M4) continue;
    const lastColumn = Math.min(to, Math.floor((x + reach - first) / CELL_M4));
    const lastRow = Math.min(rows - 1, Math.floor((y + reach - baseY) / CELL_M4));
    for (let c = Math.max(from, Math.ceil((x - reach - first) / CELL_M4)); c <= lastColumn; c++) {
      const dx = first + c * CELL_M4 - x;
      for (let r = Math.max(0, Math.ceil((y - reach - baseY) / CELL_M4)); r <= lastRow; r++) {
        const dy = baseY + r * CELL_M4 - y;
        const d = Math.sqrt(dx * dx + dy * dy) - plant.spreadM / 2;
        const k = (c - from) * rows + r;
        if (d < clearance2[k]) clearance2[k] = d;
      }
    }
  }
  return barest(scene, { first, from, to, rows, baseY, edge: edge2, clearance: clearance2 });
}
function barest({ frame, school }, { first, from, to, rows, baseY, edge: edge2, clearance: clearance2 }) {
  const least = school.bareCircleM / 2;
  const found = [];
  for (let c = from; c <= to; c++) {
    const x = first + c * CELL_M4;
    const back = frame.back.yAt(x) + WALL_STRIP_M;
    const front = frame.front.yAt(x) - edge2;
    let best = null;
    for (let r = Math.ceil((back - baseY) / CELL_M4); r < rows && baseY + r * CELL_M4 < front; r++) {
      const value = clearance2[(c - from) * rows + r];
      if (value >= least && (!best || value > best.value))
        best = { x, group: "", plants: [], value, other: baseY + r * CELL_M4 - frame.back.yAt(x) };
    }
    if (best) found.push(best);
  }
  return found;
}
function bareRound({ frame, placement, school }) {
  const least = school.bareCircleM / 2;
  const standing2 = [...placement.plants, ...placement.standing].filter((p) => p.plant.spacingHabit !== "weaves");
  const step2 = CELL_M4 * 2;
  const found = [];
  for (let a = 0; a < frame.runTo; a += step2) {
    const most = frame.depthAlong(a) - least * 0.7;
    let best = null;
    for (let v = frame.behind === "middle" ? 0 : least * 0.7; v < most; v += CELL_M4) {
      const p = frame.at(a, v);
      let value = least * 3;
      for (const { plant, x, y } of standing2)
        value = Math.min(value, Math.hypot(x - p.x, y - p.y) - plant.spreadM / 2);
      if (value >= least && (!best || value > best.value)) best = { x: a, group: "", plants: [], value, other: v };
    }
    if (best) found.push(best);
  }
  return found;
}
function joinStretches(remarks) {
  const stretches = [];
  for (const remark of [...remarks].sort((a, b) => a.x - b.x)) {
    const last = stretches[stretches.length - 1];
    if (last && remark.x - last[last.length - 1].x < JOIN_M) last.push(remark);
    else stretches.push([remark]);
  }
  return stretches;
}
function describe2(scene, list) {
  const widest = list.reduce((w, r) => r.value > w.value ? r : w);
  const from = list[0].x - widest.value;
  const to = list[list.length - 1].x + widest.value;
  return finding(
    {
      id: `gap:${Math.round(widest.x)}`,
      rule: "gap",
      title: "Bare soil when grown",
      reason: `Room for a circle ${metres(widest.value * 2)} across ${along(Math.max(scene.frame.runFrom, from), Math.min(scene.frame.runTo, to))} once all are mature; ${scene.school.name} leaves at most ${metres(scene.school.bareCircleM)}.`,
      weight: 30 + Math.min(30, (to - from) * 8),
      from,
      to,
      plants: [],
      figures: [
        { name: "bare circle", value: widest.value * 2, unit: "m" },
        { name: "stretch", value: to - from, unit: "m" }
      ],
      source: "Largest circle clear of all mature canopies, on a 12 cm grid, wall strip of 0.5 m left out. Calculations, Through the year."
    },
    () => fillers(scene, widest, to - from)
  );
}
function fillers(scene, spot, stretch) {
  const k = scene.school.spacing;
  const t2 = spot.other / scene.frame.depthAlong(spot.x);
  const lane = Math.max(
    0,
    laneBands(scene.bed.laneShares).findIndex((b) => t2 <= b.to)
  );
  const inLane = new Set(scene.bed.drifts.filter((d) => d.lane === lane).map((d) => d.plantId));
  const suits2 = (p) => p.kind !== "climber" && p.spacingHabit !== "weaves" && p.spreadM <= spot.value * 2.3 && misfits(p, scene.site).length === 0;
  const own = [...new Set(scene.bed.drifts.map((d) => d.plantId))].map((id) => scene.library.get(id)).filter((p) => !!p && suits2(p)).sort(
    (a, b) => Number(inLane.has(b.id)) - Number(inLane.has(a.id)) || Math.abs(a.spreadM - 2 * spot.value) - Math.abs(b.spreadM - 2 * spot.value)
  );
  const choice = own.length > 0 ? own : [...scene.library.values()].filter((p) => suits2(p) && p.foliageHeightM < 0.6 && !p.invasiveNote);
  return choice.slice(0, 2).map((plant) => {
    const count = Math.max(1, Math.floor(stretch / (k * plant.spreadM)));
    const drift = {
      id: `fill-${Math.round(spot.x * 100)}-${plant.id}`.slice(0, 60),
      plantId: plant.id,
      lane,
      count,
      pattern: "row",
      at: scene.frame.sAt(spot.x),
      everyM: 1
    };
    return { label: `Add ${count} ${nameOf(plant)}`, edit: { kind: "addDrift", drift } };
  });
}

// core/judge/rules/hidden.ts
var HIDDEN_BELOW = 0.35;
var MOMENTS = [4, 6, 8, 10];
var hidden = {
  id: "hidden",
  remarks: (scene, range) => {
    const plants2 = plantsNear(scene, range);
    return MOMENTS.flatMap((month) => hiddenIn(scene, month, range, plants2));
  },
  fold: (scene, remarks) => [...byGroup(remarks)].flatMap(([driftId, list]) => {
    const drift = scene.bed.drifts.find((d) => d.id === driftId);
    const parts = placingsOf(scene.bed.form).length;
    if (!drift || list.length * 2 < drift.count * parts) return [];
    const plants2 = list.map((r) => scene.byId.get(r.plants[0]));
    const share2 = list.reduce((sum, r) => sum + r.value, 0) / list.length;
    const { plant } = plants2[0];
    return [
      {
        id: `hidden:${driftId}`,
        rule: "hidden",
        title: `${capital(nameOf(plant))} hidden behind others`,
        reason: `${list.length === 1 ? "It shows" : `${list.length} of ${drift.count * parts} show`} only ${Math.round(share2 * 100)} % in ${monthName(list[0].other)} when grown, from ${scene.bed.viewpoint.name.toLowerCase()} (eye ${scene.bed.viewpoint.eyeHeightM} m, ${scene.bed.viewpoint.distanceM} m back).`,
        weight: 50 + 30 * (1 - share2 / HIDDEN_BELOW),
        ...stretchOf(plants2),
        plants: plants2.map((p) => p.id),
        figures: [
          { name: "seen", value: share2 * 100, unit: "%" },
          { name: "wanted", value: HIDDEN_BELOW * 100, unit: "%" }
        ],
        source: "Visible share of its outline, laid near to far from the eye; hidden below 35 % in its best month. Calculations, What is seen.",
        mends: mendsFor2(scene, drift.lane, driftId)
      }
    ];
  })
};
function hiddenIn(scene, best, range, plants2) {
  const month = placeMonth(best, scene.climate);
  const bodies = bodiesAt(plants2, { month, year: MATURE_YEAR }, scene.climate, scene.bed.buying);
  const judged2 = bodies.map(({ at }) => isJudged(at, best, range));
  if (!judged2.includes(true)) return [];
  const shares = bestShares(scene, bodies, range, judged2);
  return bodies.flatMap(({ at }, i) => {
    const share2 = shares[i];
    return judged2[i] && share2 < HIDDEN_BELOW ? [{ x: at.along, group: at.driftId, plants: [at.id], value: share2, other: month }] : [];
  });
}
var isJudged = ({ along: along2, standing: standing2, neighbour, plant }, best, range) => along2 >= range.from && along2 <= range.to && !standing2 && !neighbour && plant.kind !== "climber" && plant.spacingHabit !== "weaves" && bestMoment(plant) === best;
function bestShares({ bed: bed2, frame }, bodies, range, wanted) {
  const all = judgedTurns(bed2).map((turnDeg) => {
    const viewpoint = { ...bed2.viewpoint, turnDeg };
    const aspect = aspectOf(bed2, frame, viewpoint);
    const turned3 = turnDeg === 0 ? bodies : bodies.map((b) => ({ ...b, at: { ...b.at, ...aspect.turn(b.at) } }));
    const seen = seenStretch(range, turnDeg, aspect);
    return visibleShares(turned3, {
      viewpoint,
      frontY: (x) => aspect.front.yAt(x),
      wanted,
      ...seen ? { range: seen } : {}
    }).shares;
  });
  return all.reduce((best, shares) => best.map((b, i) => Number.isNaN(b) || shares[i] > b ? shares[i] : b));
}
function seenStretch({ from, to }, turnDeg, aspect) {
  if (!Number.isFinite(from)) return null;
  const ends = [aspect.turn({ x: from, y: 0 }).x, aspect.turn({ x: to, y: 0 }).x];
  return turnDeg % 180 === 0 ? { from: Math.min(...ends), to: Math.max(...ends) } : null;
}
function bestMoment(plant) {
  const { flowerMonths } = plant;
  const best = flowerMonths[Math.floor((flowerMonths.length - 1) / 2)] ?? 7;
  return MOMENTS.reduce((a, b) => Math.abs(b - best) < Math.abs(a - best) ? b : a);
}
function mendsFor2(scene, lane, driftId) {
  const mends = [];
  if (lane + 1 < scene.bed.laneShares.length)
    mends.push({
      label: "Bring it forward a lane",
      edit: { kind: "changeDrift", driftId, change: { lane: lane + 1 } }
    });
  mends.push({ label: "Leave it out", edit: { kind: "removeDrift", driftId } });
  return mends;
}

// core/judge/rules/months.ts
var LEAST_INTEREST = 0.12;
var months2 = {
  id: "months",
  findings: (scene) => {
    if (scene.placement.plants.length === 0) return [];
    const bare = monthInterest(scene).filter((m) => m.interest < LEAST_INTEREST).map((m) => m.month);
    return runsOf(bare).map((run) => describe3(scene, run));
  }
};
function runsOf(months3) {
  const runs = [];
  for (const m of months3) {
    const last2 = runs[runs.length - 1];
    if (last2 && last2[last2.length - 1] === m - 1) last2.push(m);
    else runs.push([m]);
  }
  const first = runs[0];
  const last = runs[runs.length - 1];
  if (runs.length > 1 && first?.[0] === 1 && last?.[last.length - 1] === 12) runs[0] = [...runs.pop(), ...first];
  return runs;
}
function describe3(scene, run) {
  const names = run.length === 1 ? monthName(run[0]) : `${monthName(run[0])} to ${monthName(run[run.length - 1])}`;
  const target2 = run[Math.floor(run.length / 2)];
  const interest = monthInterest(scene).find((m) => m.month === target2);
  return finding(
    {
      id: `months:${run[0]}-${run[run.length - 1]}`,
      rule: "months",
      title: `${names} has little to show`,
      reason: `In ${monthName(target2)} ${percent(interest.bloom)} of the canopy is in flower and ${percent(interest.leaf)} of the bed holds leaf or standing stems of interest.`,
      weight: 34 + 4 * run.length,
      from: scene.frame.runFrom,
      to: scene.frame.runTo,
      plants: [],
      figures: [
        { name: "in flower", value: interest.bloom * 100, unit: "%" },
        { name: "leaf of interest", value: interest.leaf * 100, unit: "%" }
      ],
      source: "Bloom share = canopy in flower / visible canopy; evergreen, coloured and standing leaf likewise, year 3. Calculations, Through the year."
    },
    () => fillers2(scene, run)
  );
}
var percent = (share2) => `${Math.round(share2 * 100)} %`;
function fillers2(scene, run) {
  const there = new Set(scene.bed.drifts.map((d) => d.plantId));
  const wanted = (p) => placeMonths(p.flowerMonths, scene.climate).filter((m) => run.includes(m)).length;
  return [...scene.library.values()].filter(
    (p) => wanted(p) > 0 && !there.has(p.id) && p.foliageHeightM < 0.5 && p.kind !== "climber" && misfits(p, scene.site).length === 0 && !p.invasiveNote
  ).sort(
    (a, b) => Number(b.lifeCycle === "bulb") - Number(a.lifeCycle === "bulb") || wanted(b) - wanted(a) || (a.id < b.id ? -1 : 1)
  ).slice(0, 2).map((plant) => {
    const length = scene.frame.frontLength;
    const bulbs = plant.lifeCycle === "bulb";
    const count = Math.min(200, bulbs ? Math.max(7, Math.round(length * 2.5)) : 5);
    const drift = {
      id: `season-${run[0]}-${plant.id}`.slice(0, 60),
      plantId: plant.id,
      lane: scene.bed.laneShares.length - 1,
      count,
      pattern: bulbs ? "dotted" : "row",
      at: length / 2,
      everyM: length * 0.92 / count
    };
    return {
      label: bulbs ? `Tuck in ${count} ${nameOf(plant)} bulbs` : `Add 5 ${capital(nameOf(plant))}`,
      edit: { kind: "addDrift", drift }
    };
  });
}

// core/judge/rules/overlap.ts
var TOLERATED = 0.9;
var overlap = {
  id: "overlap",
  remarks: (scene, _range, pairs) => pairs().flatMap((pair) => remarkOf(scene, pair) ?? []),
  fold: (scene, remarks) => [...byGroup(remarks)].map(([group, list]) => describe4(scene, group, list))
};
var isNamedElsewhere = (p) => p.crowded && !p.pinned;
function remarkOf(scene, { a, b, distance: distance2 }) {
  if (isNamedElsewhere(a) || isNamedElsewhere(b)) return null;
  const allowed = allowedDistanceM(a.plant, b.plant, scene.school.spacing);
  if (distance2 >= TOLERATED * allowed) return null;
  return { x: a.along, group: pairKey(a.driftId, b.driftId), plants: [a.id, b.id], value: distance2, other: allowed };
}
function describe4(scene, group, list) {
  const worst = list.reduce((w, r) => r.value / r.other < w.value / w.other ? r : w);
  const [a, b] = worst.plants.map((id) => scene.byId.get(id));
  const xs = list.flatMap((r) => r.plants.map((id) => scene.byId.get(id).along));
  const from = Math.min(...xs);
  const to = Math.max(...xs);
  const { school } = scene;
  const apart = `${list.length === 1 ? "They stand" : `${list.length} pairs, the nearest`} ${metres(worst.value)} apart`;
  return finding(
    {
      id: `overlap:${group}`,
      rule: "overlap",
      title: titleOf(a, b),
      reason: `${apart} ${along(from, to)}; ${school.name} spaces them ${metres(worst.other)} on centre.`,
      weight: 45 + 40 * (1 - worst.value / worst.other),
      from,
      to,
      plants: [...new Set(list.flatMap((r) => r.plants))],
      figures: [
        { name: "apart", value: worst.value, unit: "m" },
        { name: "on centre", value: worst.other, unit: "m" },
        { name: "pairs", value: list.length, unit: "" }
      ],
      source: `On centre d = k (w1 + w2) / 2 with k = ${school.spacing} (${school.name}). Calculations, Spacing and counts.`
    },
    () => mendsFor3(scene, a, b, worst.other - worst.value)
  );
}
function titleOf(a, b) {
  const old = [a, b].find((p) => p.standing);
  const young = old === a ? b : a;
  if (old?.standing?.gap) return `${capital(nameOf(young.plant))} stands in the place kept for ${nameOf(old.plant)}`;
  if (old) return `${capital(nameOf(young.plant))} stands too near the ${nameOf(old.plant)} that is there`;
  if (a.plant.id === b.plant.id) return `${capital(nameOf(a.plant))} planted too close`;
  return `${capital(nameOf(a.plant))} and ${nameOf(b.plant)} will crowd each other`;
}
function mendsFor3(scene, first, second, missing) {
  const drifts = [first, second].flatMap((p) => scene.bed.drifts.find((d) => d.id === p.driftId) ?? []);
  const [a, b] = drifts;
  if (!a) return [];
  const ids = [...new Set(drifts.map((d) => d.id))];
  const mends = [];
  if (scene.bed.pins.some((p) => ids.includes(p.driftId)))
    mends.push({
      label: "Let go of the pins",
      edit: {
        kind: "all",
        name: "let go of pins",
        edits: ids.map((driftId) => ({ kind: "setPins", driftId, pins: [] }))
      }
    });
  const fewer = !b || a.count >= b.count ? a : b;
  mends.push(
    fewer.count > 1 ? { label: "One fewer", edit: { kind: "changeDrift", driftId: fewer.id, change: { count: fewer.count - 1 } } } : { label: "Take one out", edit: { kind: "removeDrift", driftId: fewer.id } }
  );
  const moving = ids.length > 1 ? b : a;
  const from = ids.length > 1 ? first.along : [first, second].find((p) => p.standing)?.along;
  if (from === void 0) return mends;
  const away = Math.ceil((missing + 0.1) * 10) / 10;
  const right = scene.frame.alongAt(moving.at) >= from;
  const at = Math.min(scene.frame.frontLength, Math.max(0, moving.at + (right ? away : -away)));
  mends.push({
    label: `Move ${away.toFixed(1)} m ${right ? "right" : "left"}`,
    edit: { kind: "changeDrift", driftId: moving.id, change: { at } }
  });
  return mends;
}

// core/judge/rules/shallow.ts
var STEP_M = 0.5;
var TOLERANCE_M = 0.12;
var BACK = {
  wall: "the wall",
  open: "the back",
  rim: "what stands inside",
  middle: "the middle"
};
var shallow = {
  id: "shallow",
  findings: (scene) => {
    const short = sections(scene).filter((s) => s.need - s.have > TOLERANCE_M);
    const worst = short.reduce((w, s) => !w || s.need - s.have > w.need - w.have ? s : w, null);
    return worst ? [describe5(scene, worst, short)] : [];
  }
};
function describe5(scene, worst, short) {
  const missing = worst.need - worst.have;
  const lane = laneNames(scene.bed.laneShares.length, scene.bed.form.kind)[layerThatDoesNotFit(worst, scene.school.spacing, scene.frame.behind)] ?? "";
  const from = short[0].x - STEP_M / 2;
  const to = short[short.length - 1].x + STEP_M / 2;
  const deeper = Math.ceil(missing * 20) / 20;
  const { front } = scene.bed.outline;
  const stations = front.stations.map((p) => ({ x: p.x, y: Math.round((p.y + deeper) * 1e3) / 1e3 }));
  return {
    id: "shallow",
    rule: "shallow",
    title: `Too shallow for its layers by ${metres(missing)}`,
    reason: `Worst ${along(worst.x - 0.1, worst.x + 0.1)}: ${worst.stack.map((s) => nameOf(s.plant)).join(", then ")} need ${metres(worst.need)} from ${BACK[scene.frame.behind]}, the bed has ${metres(worst.have)}; the ${lane.toLowerCase()} layer does not fit (${scene.school.name}, spacing ${scene.school.spacing}).`,
    weight: 60 + Math.min(30, missing * 40),
    from,
    to,
    plants: scene.placement.plants.filter((p) => Math.abs(p.along - worst.x) < p.plant.spreadM / 2 + 0.3).map((p) => p.id),
    figures: [
      { name: "needed", value: worst.need, unit: "m" },
      { name: "there", value: worst.have, unit: "m" },
      { name: "missing", value: missing, unit: "m" }
    ],
    source: "Depth needed = setback + \u03A3 row distances + w front / 2; row distance = \u221A(d\xB2 \u2212 (p/2)\xB2). Calculations, Spacing and counts.",
    mends: scene.frame.closed ? [] : [
      {
        label: `Deepen the bed ${metres(deeper)}`,
        edit: { kind: "setBed", change: { outline: { ...scene.bed.outline, front: { ...front, stations } } } }
      }
    ]
  };
}
var isLayered = ({ spacingHabit, kind }) => spacingHabit !== "weaves" && spacingHabit !== "carpets" && kind !== "climber";
function sections(scene) {
  const { frame, placement, bed: bed2 } = scene;
  const cuts = Math.max(0, Math.ceil((frame.runTo - frame.runFrom) / STEP_M - 0.5));
  const lanes = bed2.laneShares.length;
  const widest = new Array(cuts * lanes);
  for (const p of placement.plants) {
    if (!isLayered(p.plant)) continue;
    const [first, last] = cutsThrough(scene, p);
    for (let c = first; c <= Math.min(last, cuts - 1); c++) {
      const there = widest[c * lanes + p.lane];
      if (there && there.spreadM >= p.plant.spreadM) continue;
      if (isThrough(scene, cutX(frame, c), p)) widest[c * lanes + p.lane] = p.plant;
    }
  }
  const found = [];
  for (let c = 0; c < cuts; c++) {
    const stack = [];
    for (let lane = 0; lane < lanes; lane++) {
      const plant = widest[c * lanes + lane];
      if (plant) stack.push({ lane, plant });
    }
    if (stack.length === 0) continue;
    const x = cutX(frame, c);
    const plants2 = stack.map((s) => s.plant);
    const need = depthNeededM(plants2, scene.school.spacing, frame.behind);
    found.push({ x, stack, have: frame.depthAlong(x), need });
  }
  return found;
}
var cutX = ({ runFrom }, cut) => runFrom + STEP_M * (cut + 0.5);
function cutsThrough({ frame }, { x, plant }) {
  if (frame.closed) return [0, Infinity];
  const from = x - frame.runFrom;
  const half = plant.spreadM / 2;
  return [Math.max(0, Math.ceil((from - half) / STEP_M - 0.5)), Math.floor((from + half) / STEP_M - 0.5)];
}
function isThrough({ frame }, x, p) {
  if (!frame.closed) return true;
  const q = frame.at(x, p.out);
  return Math.hypot(q.x - p.x, q.y - p.y) < p.plant.spreadM / 2;
}
function layerThatDoesNotFit(section, k, behind) {
  for (let n = 1; n <= section.stack.length; n++) {
    if (depthNeededM(
      section.stack.slice(0, n).map((s) => s.plant),
      k,
      behind
    ) > section.have + TOLERANCE_M)
      return section.stack[n - 1].lane;
  }
  return section.stack[section.stack.length - 1].lane;
}

// core/judge/rules/site.ts
var WEIGHT = { zone: 92, sun: 78, water: 70, heat: 56, harm: 45, salt: 42, soil: 40, ph: 38, wind: 34 };
var heaviest = (wrong) => Math.max(0, ...wrong.map((m) => WEIGHT[m.want]));
var HARDINESS = {
  zone: "will not winter here",
  sun: "in the wrong light",
  water: "in the wrong moisture",
  heat: "too hot there",
  wind: "will be blown over",
  salt: "will scorch in the salt",
  harm: "will be eaten",
  soil: "in the wrong soil",
  ph: "in the wrong pH"
};
var site = {
  id: "site",
  findings: (scene) => [...kindsOf(scene)].flatMap(([plant, placed]) => judge(scene, plant, placed))
};
function kindsOf(scene) {
  if (scene.planted.length === scene.placement.plants.length) return scene.byPlant;
  const kinds = /* @__PURE__ */ new Map();
  for (const p of scene.planted) kinds.set(p.plant, [...kinds.get(p.plant) ?? [], p]);
  return kinds;
}
function unsuited(scene, plant, placed) {
  if (!scene.light && !scene.sunAt) {
    const wrong = misfits(plant, scene.site);
    return wrong.length > 0 ? { suffering: placed, worst: placed[0], wrong } : null;
  }
  const judged2 = placed.map((p) => ({ p, wrong: misfits(plant, conditionsAt(scene, p)) })).filter((j) => j.wrong.length > 0);
  if (judged2.length === 0) return null;
  const worst = judged2.reduce((w, j) => heaviest(j.wrong) > heaviest(w.wrong) ? j : w);
  return { suffering: judged2.map((j) => j.p), worst: worst.p, wrong: worst.wrong };
}
function judge(scene, plant, placed) {
  const judged2 = unsuited(scene, plant, placed);
  if (!judged2) return [];
  const { suffering } = judged2;
  const wrong = [...judged2.wrong].sort((a, b) => WEIGHT[b.want] - WEIGHT[a.want]);
  const worst = wrong[0];
  const here = conditionsAt(scene, judged2.worst);
  const drifts = [...new Set(suffering.map((p) => p.driftId))];
  const mends = () => standIns(plant, scene, { maxSpreadM: plant.spreadM * 1.35 }, 2).map((p) => ({
    label: `Swap for ${nameOf(p)}`,
    edit: {
      kind: "all",
      name: "swap plant",
      edits: drifts.map((driftId) => ({ kind: "changeDrift", driftId, change: { plantId: p.id } }))
    }
  }));
  const some = suffering.length < placed.length ? `${suffering.length} of ${placed.length}: ` : "";
  const how = scene.light ? " (computed for its place)" : " (measured by hand)";
  return [
    finding(
      {
        id: `site:${plant.id}`,
        rule: "site",
        title: `${capital(nameOf(plant))} ${HARDINESS[worst.want]}`,
        reason: `${some}${capital(wrong.map((m) => m.text).join("; "))}${worst.want === "sun" ? how : ""}. The nursery's label and the local extension office know the place better.`,
        weight: WEIGHT[worst.want],
        ...stretchOf(suffering),
        plants: suffering.map((p) => p.id),
        figures: [
          { name: "sun", value: here.sunHours, unit: "h" },
          { name: "zone", value: scene.site.zone, unit: "" },
          { name: "pH", value: scene.site.ph, unit: "" }
        ],
        source: "Full sun \u2265 6 h, part sun 4-6, part shade 2-4, shade < 2; ranges of the plant library. Calculations, Light."
      },
      mends
    )
  ];
}

// core/judge/rules/smother.ts
var RUNNER_M_PER_YEAR = 0.08;
var LATER_YEARS = 5;
var smother = {
  id: "smother",
  remarks: (_scene, _range, pairs) => pairs().flatMap(({ a, b, distance: distance2 }) => {
    const runner = [a, b].find((p) => smothers(p, p === a ? b : a));
    if (!runner) return [];
    const prey = runner === a ? b : a;
    const group = `${runner.driftId}>${prey.plant.id}`;
    return [{ x: a.along, group, plants: [runner.id, prey.id], value: distance2, other: 0 }];
  }),
  fold: (scene, remarks) => [...byGroup(remarks)].map(([group, list]) => {
    const runner = scene.byId.get(list[0].plants[0]);
    const prey = scene.byId.get(list[0].plants[1]);
    const xs = list.map((r) => r.x);
    const reach = runner.plant.runMPerYear * LATER_YEARS;
    return {
      id: `smother:${group}`,
      rule: "smother",
      title: `${capital(nameOf(runner.plant))} will run over ${nameOf(prey.plant)}`,
      reason: `It ${runner.plant.travels === "roots" ? "roots as it goes" : "runs"} ${metres(runner.plant.runMPerYear)} a year, ${metres(reach)} in ${LATER_YEARS} years unless edged, and stands behind lower neighbours ${along(Math.min(...xs), Math.max(...xs))}.`,
      weight: 52 + Math.min(20, runner.plant.runMPerYear * 60),
      from: Math.min(...xs),
      to: Math.max(...xs),
      plants: [...new Set(list.flatMap((r) => r.plants))],
      figures: [
        { name: "runs", value: runner.plant.runMPerYear, unit: "m a year" },
        { name: `in ${LATER_YEARS} years`, value: reach, unit: "m" }
      ],
      source: "A creeper goes in front of what it would smother, never behind. Practice, Together or not at all.",
      mends: forward(scene, runner)
    };
  })
};
function smothers(runner, prey) {
  const { plant } = runner;
  return isKnownPlant(runner) && isKnownPlant(prey) && plant.kind !== "climber" && (plant.travels === "runs" || plant.travels === "roots" || plant.travels === "suckers") && plant.runMPerYear >= RUNNER_M_PER_YEAR && runner.lane < prey.lane && prey.plant.id !== plant.id && prey.plant.spacingHabit !== "weaves" && prey.plant.runMPerYear < plant.runMPerYear && prey.plant.foliageHeightM <= plant.foliageHeightM * 1.25;
}
function forward(scene, runner) {
  const last = scene.bed.laneShares.length - 1;
  return !runner.standing && runner.lane < last ? [
    {
      label: "Bring it to the front",
      edit: { kind: "changeDrift", driftId: runner.driftId, change: { lane: last } }
    }
  ] : [];
}

// core/judge/rules/thirst.ts
var TOO_FAR = 1.5;
var wet2 = (w) => WATER_CLASSES.indexOf(w);
var middleOf3 = (p) => (wet2(p.water.driest) + wet2(p.water.wettest)) / 2;
var thirstier = (a, b) => middleOf3(a) - middleOf3(b) >= TOO_FAR;
var rangeOf = (p) => p.water.driest === p.water.wettest ? p.water.driest : `${p.water.driest} to ${p.water.wettest}`;
var suits = (p, water) => wet2(water) >= wet2(p.water.driest) && wet2(water) <= wet2(p.water.wettest);
var drinksHere = (p, water) => p.spacingHabit !== "weaves" && suits(p, water);
var thirst = {
  id: "thirst",
  // Bulbs sleep through the dry months; a plant whose water this bed cannot meet is named by the site rule already.
  remarks: ({ site: site2 }, _range, pairs) => pairs().filter(({ a, b }) => [a, b].every((p) => isKnownPlant(p) && drinksHere(p.plant, site2.water))).flatMap(
    ({ a, b, distance: distance2 }) => thirstier(a.plant, b.plant) || thirstier(b.plant, a.plant) ? [
      {
        x: a.along,
        group: pairKey(a.plant.id, b.plant.id),
        plants: [a.id, b.id],
        value: distance2,
        other: 0
      }
    ] : []
  ),
  fold: (scene, remarks) => [...byGroup(remarks)].map(([group, list]) => {
    const [first, second] = list[0].plants.map((id) => scene.byId.get(id));
    const [dry, moist] = thirstier(first.plant, second.plant) ? [second, first] : [first, second];
    const xs = list.map((r) => r.x);
    const alike = () => standIns(
      moist.plant,
      scene,
      { maxSpreadM: moist.plant.spreadM * 1.35, where: (p) => !thirstier(p, dry.plant) },
      1
    );
    return finding(
      {
        id: `thirst:${group}`,
        rule: "thirst",
        title: `${capital(nameOf(dry.plant))} is dry, ${nameOf(moist.plant)} is thirsty`,
        reason: `${metres(list[0].value)} apart ${along(Math.min(...xs), Math.max(...xs))}, on one watering: one wants ${rangeOf(dry.plant)} ground, the other ${rangeOf(moist.plant)}.`,
        weight: 58,
        from: Math.min(...xs),
        to: Math.max(...xs),
        plants: [...new Set(list.flatMap((r) => r.plants))],
        figures: [
          { name: "apart", value: list[0].value, unit: "m" },
          { name: "pairs", value: list.length, unit: "" }
        ],
        source: "Neighbours must want the same water: the middles of their ranges less than 1.5 classes apart. Practice, Together or not at all."
      },
      () => (moist.standing ? [] : alike()).map((p) => ({
        label: `Swap ${nameOf(moist.plant)} for ${nameOf(p)}`,
        edit: { kind: "changeDrift", driftId: moist.driftId, change: { plantId: p.id } }
      }))
    );
  })
};

// core/judge/rules/wall.ts
var TOLERANCE_M2 = 0.03;
var wall = {
  id: "wall",
  remarks: ({ bed: bed2, placement }, range) => bed2.wall ? placement.plants.flatMap((p) => {
    if (p.x < range.from || p.x > range.to) return [];
    const out = p.out;
    const need = setbackM(p.plant.spreadM, p.plant.kind);
    return out < need - TOLERANCE_M2 ? [{ x: p.x, group: p.driftId, plants: [p.id], value: out, other: need }] : [];
  }) : [],
  fold: (scene, remarks) => [...byGroup(remarks)].map(([driftId, list]) => {
    const plants2 = list.map((r) => scene.byId.get(r.plants[0]));
    const worst = list.reduce((w, r) => r.other - r.value > w.other - w.value ? r : w);
    const { plant } = plants2[0];
    const isTree2 = plant.kind === "tree";
    const kept2 = scene.bed.pins.filter((p) => p.driftId === driftId);
    const moved2 = plants2.map((p) => ({ driftId, index: p.index, x: p.x, y: round3(scene.frame.back.yAt(p.x) + worst.other) })).filter((p) => p.y <= scene.frame.front.yAt(p.x) - 0.05);
    return {
      id: `wall:${driftId}`,
      rule: "wall",
      title: `${capital(nameOf(plant))} too near the wall`,
      reason: `${list.length === 1 ? "It stands" : `${list.length} stand`} ${metres(worst.value)} from the wall ${along(list[0].x, list[list.length - 1].x)}; at ${metres(plant.spreadM)} across ${isTree2 ? "a tree" : "it"} wants ${metres(worst.other)}.${isTree2 ? " Trees near buildings: ask a licensed professional and the local code." : ""}`,
      weight: isTree2 ? 85 : 62,
      ...stretchOf(plants2),
      plants: plants2.map((p) => p.id),
      figures: [
        { name: "from the wall", value: worst.value, unit: "m" },
        { name: "wanted", value: worst.other, unit: "m" }
      ],
      source: "Setback = max(0.6 m, w/2 + 0.15 m); trees max(w/2, 3 m). Calculations, Spacing and counts.",
      mends: moved2.length > 0 ? [
        {
          label: `Move out ${metres(worst.other - worst.value)}`,
          edit: {
            kind: "setPins",
            driftId,
            pins: [...kept2.filter((k) => !moved2.some((m) => m.index === k.index)), ...moved2]
          }
        }
      ] : []
    };
  })
};
var round3 = (n) => Math.round(n * 1e3) / 1e3;

// core/judge/rules/window.ts
var TOLERATED2 = 0.15;
var YEARS = [1, 2, 3, 5, 10];
var HIGH_SUMMER = 7;
var DOOR_SILL_M = 0.3;
var ORDINALS = ["first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth"];
var window = {
  id: "window",
  findings: (scene) => {
    const openings = [...scene.bed.wall?.openings ?? []].filter((o) => o.sillM >= DOOR_SILL_M).sort((a, b) => a.x - b.x);
    return openings.flatMap(
      (opening2, i) => judge2(scene, opening2, openings.length === 1 ? "the window" : `the ${ORDINALS[i] ?? `${i + 1}th`} window`)
    );
  }
};
function judge2(scene, opening2, called) {
  const month = placeMonth(HIGH_SUMMER, scene.climate);
  const range = { from: opening2.x, to: opening2.x + opening2.widthM };
  const bodies = bodiesNear(scene, { month, year: MATURE_YEAR }, range);
  const cover = windowCover(opening2, bodies);
  if (cover.share <= TOLERATED2) return [];
  const by = [...cover.by].sort((a, b) => b.share - a.share).filter((c) => c.share > 0.02);
  const worst = bodies[by[0].index];
  const year = YEARS.find((y) => windowCover(opening2, bodiesNear(scene, { month, year: y }, range)).share > TOLERATED2) ?? MATURE_YEAR;
  const height = Math.max(worst.foliageM, worst.flowerM);
  return [
    finding(
      {
        id: `window:${opening2.id}`,
        rule: "window",
        title: `Hides ${called}`,
        reason: `${capital(nameOf(worst.at.plant))} will stand ${metres(height)} before a sill at ${metres(opening2.sillM)}; ${Math.round(cover.share * 100)} % of the glass is covered in ${monthName(month)} of year ${MATURE_YEAR}, more than ${TOLERATED2 * 100} % from year ${year}.`,
        weight: 55 + 40 * cover.share,
        ...range,
        plants: by.map((c) => bodies[c.index].at.id),
        figures: [
          { name: "glass covered", value: cover.share * 100, unit: "%" },
          { name: "tolerated", value: TOLERATED2 * 100, unit: "%" },
          { name: "sill", value: opening2.sillM, unit: "m" },
          { name: "from year", value: year, unit: "" }
        ],
        source: "Share of the glass behind outlines above the sill, straight on, weighted by density, high summer, year 10. Calculations, What is seen."
      },
      () => mendsFor4(scene, opening2, worst.at.driftId)
    )
  ];
}
function mendsFor4(scene, opening2, driftId) {
  const drift = scene.bed.drifts.find((d) => d.id === driftId);
  const plant = drift && scene.library.get(drift.plantId);
  if (!drift || !plant) return [];
  const mends = standIns(
    plant,
    scene,
    { maxHeightM: opening2.sillM + 0.05, minHeightM: Math.min(0.35, fullHeightM(plant) * 0.4) },
    2
  ).map((p) => ({
    label: `Swap for ${nameOf(p)}`,
    edit: { kind: "changeDrift", driftId, change: { plantId: p.id } }
  }));
  const x = scene.frame.alongAt(drift.at);
  const middle = opening2.x + opening2.widthM / 2;
  const half = plant.spreadM * scene.school.spacing * Math.ceil(drift.count / 2) / 2 + 0.1;
  const target2 = x >= middle ? opening2.x + opening2.widthM + half : opening2.x - half;
  if (drift.count <= 3 && target2 > scene.frame.firstX && target2 < scene.frame.lastX) {
    mends.push({
      label: `Move ${Math.abs(target2 - x).toFixed(1)} m ${target2 > x ? "right" : "left"}`,
      edit: { kind: "changeDrift", driftId, change: { at: scene.frame.sAt(target2) } }
    });
  }
  return mends;
}

// core/judge/rules/around.ts
var DIG_M = 1;
var TREE_FROM_M = 4;
var LINE_CLEAR_M = 1.5;
var SIGHT_M = 0.75;
var DOOR_M = 1.5;
var around2 = {
  id: "around",
  findings: (scene) => {
    const s = scene.surroundings;
    return s ? [
      ...digging(scene, s),
      ...nearBuildings(scene, s),
      ...underLines(scene, s),
      ...sight(scene, s),
      ...atDoors(scene, s)
    ] : [];
  }
};
var standWords = (many) => many === 1 ? "one plant stands" : `${many} plants stand`;
var firstNames = (plants2) => [...new Set(plants2.map((p) => nameOf(p.plant)))].slice(0, 3).join(", ");
function harmWords(plants2) {
  const say2 = ({ plant }) => `${capital(nameOf(plant))} (${plant.hazards.map((h) => HAZARD_WORDS[h]).join(", ")})`;
  return [...new Set(plants2.map(say2))].slice(0, 4).join("; ");
}
var caution = (scene, id, plants2, parts) => ({
  id: `around:${id}`,
  rule: "around",
  mends: [],
  ...plants2.length > 0 ? stretchOf(plants2) : { from: scene.frame.runFrom, to: scene.frame.runTo },
  plants: plants2.map((p) => p.id),
  ...parts
});
var SERVICES2 = {
  water: "water pipe",
  gas: "gas pipe",
  electric: "electric cable",
  drain: "drain",
  telecom: "telecom cable",
  drip: "drip line",
  overhead: "overhead line"
};
function digging(scene, { things }) {
  return things.flatMap((t2) => {
    if (t2.kind !== "service" || t2.service === "overhead" || t2.service === "drip") return [];
    const near = Math.min(...outlinesOf(scene.bed, scene.frame).map((o) => clearance(o, t2.line)));
    if (near > DIG_M) return [];
    const plants2 = scene.planted.filter((p) => distanceTo(t2, p) < DIG_M);
    return [
      caution(scene, `dig:${t2.id}`, plants2, {
        title: `Dig with care: ${SERVICES2[t2.service]}`,
        reason: `${capital(t2.name)} runs ${near < 0.05 ? "under the bed" : `${metres(near)} from the bed`} at about ${metres(t2.depthM)}${t2.sure ? "" : ", its place not sure"}` + (plants2.length > 0 ? `; ${standWords(plants2.length)} within ${DIG_M} m of it. ` : ". ") + "Before any digging have the services located and ask the local code.",
        weight: 88,
        figures: [
          { name: "distance", value: near, unit: "m" },
          { name: "depth", value: t2.depthM, unit: "m" }
        ],
        source: "Services within 1 m of the bed as drawn on the site. Practice, Cautions."
      })
    ];
  });
}
var SAMPLE_M = 0.2;
function clearance(outline2, line2) {
  let least = Infinity;
  for (let i = 1; i < line2.length; i++) {
    const [a, b] = [line2[i - 1], line2[i]];
    const steps = Math.max(1, Math.ceil(Math.hypot(b.x - a.x, b.y - a.y) / SAMPLE_M));
    for (let k = 0; k <= steps; k++) {
      const p = { x: a.x + (b.x - a.x) * k / steps, y: a.y + (b.y - a.y) * k / steps };
      if (holds(outline2, p)) return 0;
      outline2.forEach((q, n) => {
        least = Math.min(least, toSegment(p, q, outline2[(n + 1) % outline2.length]));
      });
    }
  }
  return least;
}
var isTree = (p) => p.kind === "tree" || p.kind === "conifer" && p.foliageHeightM > TREE_FROM_M || p.foliageHeightM > 5;
function nearBuildings(scene, { things }) {
  const buildings = things.filter((t2) => t2.kind === "building");
  return byKind(scene.planted.filter((p) => isTree(p.plant))).flatMap((plants2) => {
    const { plant } = plants2[0];
    const want = Math.max(3, plant.spreadM / 2);
    const close = plants2.map((p) => ({ p, far: Math.min(Infinity, ...buildings.map((b) => distanceTo(b, p))) })).filter(({ far }) => far < want);
    if (close.length === 0) return [];
    const nearest2 = Math.min(...close.map((c) => c.far));
    return [
      caution(
        scene,
        `building:${plant.id}`,
        close.map((c) => c.p),
        {
          title: `${capital(nameOf(plant))} grows near a building`,
          reason: `It stands ${metres(nearest2)} from the wall and grows ${metres(fullHeightM(plant))} high and ${metres(plant.spreadM)} across; trees want ${metres(want)}. Ask a licensed professional and the local code.`,
          weight: 80,
          figures: [
            { name: "from the building", value: nearest2, unit: "m" },
            { name: "wanted", value: want, unit: "m" }
          ],
          source: "Trees max(w/2, 3 m) from buildings. Calculations, Spacing and counts."
        }
      )
    ];
  });
}
function underLines(scene, { things }) {
  const lines = things.filter(
    (t2) => t2.kind === "service" && t2.service === "overhead"
  );
  return lines.flatMap(
    (line2) => byKind(
      scene.planted.filter(
        (p) => distanceTo(line2, p) < p.plant.spreadM / 2 + LINE_CLEAR_M && fullHeightM(p.plant) > line2.depthM - LINE_CLEAR_M
      )
    ).map(
      (plants2) => caution(scene, `line:${line2.id}:${plants2[0].plant.id}`, plants2, {
        title: `${capital(nameOf(plants2[0].plant))} grows into the overhead line`,
        reason: `It will be ${metres(fullHeightM(plants2[0].plant))} high under ${line2.name} at ${metres(line2.depthM)}; ${metres(LINE_CLEAR_M)} should stay clear. Choose a lower plant; work near lines is for the utility\u2019s own people.`,
        weight: 90,
        figures: [
          { name: "grows to", value: fullHeightM(plants2[0].plant), unit: "m" },
          { name: "line", value: line2.depthM, unit: "m" }
        ],
        source: "Mature height against the line\u2019s height less 1.5 m. Practice, Cautions."
      })
    )
  );
}
function sight(scene, { things }) {
  return sightTriangles(things).flatMap((triangle, i) => {
    const outlines = outlinesOf(scene.bed, scene.frame);
    const touches = outlines.some((o) => o.some((p) => holds(triangle, p)) || triangle.some((p) => holds(o, p)));
    const tall = scene.planted.filter((p) => holds(triangle, p) && fullHeightM(p.plant) > SIGHT_M);
    if (!touches && tall.length === 0) return [];
    return [
      caution(scene, `sight:${i}`, tall, {
        title: "In the sight of drivers",
        reason: "Part of the bed lies in the triangle a driver looks through where the drive meets the " + (tall.length > 0 ? `street; ${tall.length} plants there grow over ${metres(SIGHT_M)} (${firstNames(tall)}). ` : `street: keep it under ${metres(SIGHT_M)}. `) + "The local code gives the height and the lengths.",
        weight: tall.length > 0 ? 86 : 40,
        figures: [
          { name: "height kept", value: SIGHT_M, unit: "m" },
          { name: "too tall", value: tall.length, unit: "" }
        ],
        source: "Triangle of 3 m along the drive and 3 m along the street. Practice, Cautions."
      })
    ];
  });
}
function atDoors(scene, { things }) {
  return doorsOf(things).flatMap((door, i) => {
    const near = scene.planted.filter(
      (p) => Math.hypot(p.x - door.at.x, p.y - door.at.y) < DOOR_M + door.widthM / 2
    );
    const blocking = near.filter(
      (p) => Math.hypot(p.x - door.at.x, p.y - door.at.y) < door.widthM / 2 + p.plant.spreadM / 2
    );
    const harmful = near.filter((p) => p.plant.hazards.length > 0);
    const found = [];
    if (blocking.length > 0) {
      found.push(
        caution(scene, `door:${i}`, blocking, {
          title: "Grows across a door",
          reason: `${[...new Set(blocking.map((p) => capital(nameOf(p.plant))))].slice(0, 3).join(", ")} will reach into the way of the door of ${door.name}. Keep its width clear; the local code may ask for more.`,
          weight: 72,
          figures: [{ name: "door", value: door.widthM, unit: "m" }],
          source: "Mature spread against the door\u2019s width. Practice, Cautions."
        })
      );
    }
    if (harmful.length > 0) {
      found.push(
        caution(scene, `harm:${i}`, harmful, {
          title: "Harmful plants by a door",
          reason: `${harmWords(harmful)} within ${DOOR_M} m of the door of ${door.name}.`,
          weight: 66,
          figures: [{ name: "within", value: DOOR_M, unit: "m" }],
          source: "Hazards of the plant library near doors, paths and seats. Practice, Cautions."
        })
      );
    }
    return found;
  });
}
function byKind(plants2) {
  const kinds = /* @__PURE__ */ new Map();
  for (const p of plants2) kinds.set(p.plant.id, [...kinds.get(p.plant.id) ?? [], p]);
  return [...kinds.values()];
}

// core/judge/rules/brief.ts
var brief = {
  id: "brief",
  findings: (scene) => (scene.requirements ?? []).filter((r) => r.weight === "never").flatMap((r) => {
    const { label, has } = TRAIT[r.trait];
    return [...scene.byPlant].filter(([plant]) => has(plant)).map(
      ([plant, placed]) => finding(
        {
          id: `brief:${r.trait}:${plant.id}`,
          rule: "brief",
          title: `${capital(nameOf(plant))} against the brief`,
          reason: `The brief says never ${label}${r.beds.length > 0 ? " in this bed" : ""}.`,
          weight: r.trait === "poison" || r.trait === "thorns" || r.trait === "sap" ? 82 : 44,
          ...stretchOf(placed),
          plants: placed.map((p) => p.id),
          figures: [{ name: "plants", value: placed.length, unit: "" }],
          source: "Requirement of the brief; trait by the plant library."
        },
        () => swapsFor(scene, placed[0].plant.id, has)
      )
    );
  })
};
function swapsFor(scene, plantId2, has) {
  const plant = scene.library.get(plantId2);
  if (!plant) return [];
  const drifts = scene.bed.drifts.filter((d) => d.plantId === plantId2);
  return standIns(plant, scene, { maxSpreadM: plant.spreadM * 1.35, where: (p) => !has(p) }, 2).map((p) => ({
    label: `Swap for ${nameOf(p)}`,
    edit: {
      kind: "all",
      name: "swap plant",
      edits: drifts.map((d) => ({ kind: "changeDrift", driftId: d.id, change: { plantId: p.id } }))
    }
  }));
}

// core/judge/rules/theme.ts
var YEAR4 = 3;
var MIDSUMMER2 = 7;
var VANISHES = 9;
var ONE_COLOUR_SHARE = 0.6;
var COLOURED_ENOUGH = 0.35;
var NEUTRAL = 0.05;
function shownColours(scene) {
  const kinds = [...scene.byPlant.values()].map((list) => ({ at: list[0], count: list.length }));
  return Array.from({ length: 12 }, (_, i) => i + 1).flatMap((month) => {
    const bodies = bodiesAt(
      kinds.map((k) => k.at),
      { month, year: YEAR4 },
      scene.climate,
      scene.bed.buying
    );
    const areas = bodies.map(
      (b, k) => b.look.state === "gone" ? 0 : kinds[k].count * b.spreadM * Math.max(b.foliageM, b.flowerM, 0.05)
    );
    const whole2 = areas.reduce((a, b) => a + b, 0) || 1;
    return bodies.flatMap((b, k) => {
      const { plant } = b.at;
      const part = areas[k] / whole2;
      const { flower, leaf, inLeaf } = shownOf(plant, b.look);
      const parts = [];
      if (flower && flower.share > LEAST_FLOWER)
        parts.push({ plant, month, colour: flower.colour, flower: true, share: part * flower.share });
      if (leaf && inLeaf) parts.push({ plant, month, colour: leaf.colour, flower: false, share: part * leaf.share });
      return parts.filter((p) => p.share > 0);
    });
  });
}
var LEAST_FLOWER = 0.15;
var theme = {
  id: "theme",
  findings: (scene) => {
    if (!scene.theme || scene.placement.plants.length === 0) return [];
    const shown = shownColours(scene);
    return [...astray(scene, scene.theme, shown), ...vanishing(scene, shown), ...tooMuch(scene, shown)];
  }
};
var FREE = (colour2) => isGreen(colour2) || saturation(colour2) < NEUTRAL;
function astray(scene, wanted, shown) {
  const tolerance = scene.school.paletteTolerance;
  const isNear = (colour2, month) => (nearestOf(wanted, colour2, month)?.distance ?? 100) <= tolerance;
  const far = shown.flatMap((s) => {
    if (FREE(s.colour)) return [];
    const near = nearestOf(wanted, s.colour, s.month);
    const distance2 = Math.min(near?.distance ?? 100, deltaE(wanted.base, s.colour));
    return distance2 > tolerance ? [{ ...s, distance: distance2, near }] : [];
  });
  const byPlant = /* @__PURE__ */ new Map();
  for (const f of far) byPlant.set(f.plant.id, [...byPlant.get(f.plant.id) ?? [], f]);
  return [...byPlant.values()].flatMap((list) => {
    const worst = list.reduce((a, b) => b.share * b.distance > a.share * a.distance ? b : a);
    const placed = scene.byPlant.get(worst.plant);
    const months3 = [...new Set(list.map((l) => l.month))];
    const jumps = worst.distance > tolerance * 1.5 && worst.share < 0.12;
    return [
      finding(
        {
          id: `theme:${worst.plant.id}`,
          rule: "theme",
          title: `${capital(nameOf(worst.plant))} ${jumps ? "jumps out of" : "is outside"} the colours`,
          reason: `Its ${worst.flower ? "flower" : "leaf"} is ${colourWords(worst.colour)} in ${months3.slice(0, 3).map(monthName).join(", ")}${months3.length > 3 ? "\u2026" : ""}; ` + (worst.near ? `the nearest of the theme is ${worst.near.words}, \u0394E ${worst.distance.toFixed(0)} away. ` : "the theme has no colour then. ") + `${scene.school.name} lets a colour stray \u0394E ${tolerance}.`,
          weight: 28 + Math.min(20, worst.distance / 3),
          ...stretchOf(placed),
          plants: placed.map((p) => p.id),
          figures: [
            { name: "from the theme", value: worst.distance, unit: "\u0394E" },
            { name: "allowed", value: tolerance, unit: "\u0394E" }
          ],
          source: "Distance to the nearest theme colour, \u0394E in OKLab \xD7 100; greens and greys are free. Calculations, Colour and contrast."
        },
        () => standIns(
          worst.plant,
          scene,
          {
            maxSpreadM: worst.plant.spreadM * 1.35,
            where: (p) => p.flowerMonths.every(
              (m) => !p.flowerColour || isNear(p.flowerColour, placeMonth(m, scene.climate))
            ) && (FREE(p.foliage.summer) || isNear(p.foliage.summer, placeMonth(MIDSUMMER2, scene.climate)))
          },
          2
        ).map((p) => ({
          label: `Swap for ${nameOf(p)}`,
          edit: {
            kind: "all",
            name: "swap plant",
            edits: [...new Set(placed.map((q) => q.driftId))].map((driftId) => ({
              kind: "changeDrift",
              driftId,
              change: { plantId: p.id }
            }))
          }
        }))
      )
    ];
  });
}
function vanishing(scene, shown) {
  const { wall: wall3 } = scene.bed;
  if (!wall3) return [];
  const lost2 = shown.filter(
    (s) => (s.flower || !FREE(s.colour)) && scene.byPlant.get(s.plant).some((p) => p.lane === 0) && deltaE(wall3.colour, s.colour) < VANISHES
  );
  return [...new Set(lost2.map((s) => s.plant))].map((plant) => {
    const s = lost2.find((l) => l.plant === plant);
    const placed = scene.byPlant.get(plant);
    return {
      id: `theme:wall:${plant.id}`,
      rule: "theme",
      title: `${capital(nameOf(plant))} vanishes before the wall`,
      reason: `Its ${colourWords(s.colour)} ${s.flower ? "flower" : "leaf"} lies \u0394E ${deltaE(wall3.colour, s.colour).toFixed(1)} from the ${colourWords(wall3.colour)} wall in ${monthName(s.month)}.`,
      weight: 34,
      ...stretchOf(placed),
      plants: placed.map((p) => p.id),
      figures: [{ name: "from the wall", value: deltaE(wall3.colour, s.colour), unit: "\u0394E" }],
      source: "Back-lane flowers and coloured leaves under \u0394E 9 from the wall. Practice, Contrast (judge against the backdrop).",
      mends: []
    };
  });
}
function tooMuch(scene, shown) {
  for (let month = 1; month <= 12; month++) {
    const coloured = shown.filter((s) => s.month === month && !FREE(s.colour));
    const whole2 = coloured.reduce((n, s) => n + s.share, 0);
    if (whole2 < COLOURED_ENOUGH) continue;
    for (const s of coloured) {
      const same = coloured.filter((o) => deltaE(o.colour, s.colour) < 12).reduce((n, o) => n + o.share, 0);
      if (same / whole2 <= ONE_COLOUR_SHARE || scene.school.id === "single-colour") continue;
      return [
        {
          id: "theme:much",
          rule: "theme",
          title: `Too much ${colourWords(s.colour)}`,
          reason: `In ${monthName(month)} ${Math.round(same / whole2 * 100)} % of all colour is ${colourWords(s.colour)}; over ${ONE_COLOUR_SHARE * 100} % it blends together.`,
          weight: 26,
          from: scene.frame.runFrom,
          to: scene.frame.runTo,
          plants: scene.placement.plants.filter((p) => p.plant.id === s.plant.id).map((p) => p.id),
          figures: [{ name: "of all colour", value: same / whole2 * 100, unit: "%" }],
          source: "Share of one colour (\u0394E under 12) in the coloured canopy of a month. Practice, Groups, repetition, order.",
          mends: []
        }
      ];
    }
  }
  return [];
}

// core/judge/rules/keepOpen.ts
var TOLERATED3 = 0.1;
var SCREENED = 0.8;
var YEARS2 = [0, 1, 2, 3, 5, 7, 10];
var IN_LEAF = 7;
var OUT_OF_LEAF = 1;
var leafy = (scene) => placeMonth(IN_LEAF, scene.climate);
var keepOpen = {
  id: "keep-open",
  findings: (scene) => [...centrepiece(scene), ...targets(scene)]
};
function eyeAt(scene, turnDeg) {
  const { bed: bed2, frame } = scene;
  const aspect = aspectOf(bed2, frame, { ...bed2.viewpoint, turnDeg });
  const middle = middleOfBed(bed2, frame);
  const near = aspect.turn(middle);
  const p = aspect.unturn({ x: near.x, y: aspect.front.yAt(near.x) + bed2.viewpoint.distanceM });
  return { ...p, z: bed2.viewpoint.eyeHeightM };
}
function centrepiece(scene) {
  const { form: form2 } = scene.bed;
  if (form2.kind !== "island" || form2.centre === "none" || scene.placement.plants.length === 0) return [];
  const aim = { x: 0, y: 0, widthM: 0.3, fromM: form2.showFromM, toM: form2.centreHeightM };
  if (aim.toM <= aim.fromM) return [];
  const worst = worstYear(
    scene,
    (bodies2) => Math.max(...judgedTurns(scene.bed).map((turn) => blockedShare(bodies2, eyeAt(scene, turn), aim)))
  );
  if (worst.share <= TOLERATED3) return [];
  const bodies = ownBodies(scene, { month: leafy(scene), year: worst.year });
  const by = blockers(
    bodies,
    (one) => Math.max(...judgedTurns(scene.bed).map((turn) => blockedShare(one, eyeAt(scene, turn), aim)))
  );
  return [
    say(scene, "centre", by, worst, {
      title: `Hides the ${form2.centre} in the middle`,
      what: `the ${form2.centre} above ${metres(form2.showFromM)}`,
      from: scene.frame.runFrom,
      to: scene.frame.runTo
    })
  ];
}
function targets(scene) {
  if (scene.placement.plants.length === 0) return [];
  const things = scene.surroundings?.things ?? [];
  return things.flatMap((t2) => {
    if (t2.kind === "feature") return t2.keepInView ? feature(scene, t2) : [];
    if (t2.kind !== "target") return [];
    const viewer = things.find((v) => v.id === t2.seenFrom);
    if (viewer?.kind !== "viewpoint") return [];
    const sight2 = {
      eye: { ...viewer.at, z: viewer.eyeM },
      aim: { ...t2.at, widthM: t2.widthM, fromM: t2.fromM, toM: t2.toM }
    };
    if (!crosses(scene, sight2.eye, sight2.aim)) return [];
    return t2.wish === "keep" ? closes(scene, t2, viewer, sight2) : hides(scene, t2, viewer, sight2);
  });
}
function closes(scene, t2, viewer, { eye, aim }) {
  const worst = worstYear(scene, (bodies) => blockedShare(bodies, eye, aim));
  if (worst.share <= TOLERATED3) return [];
  const by = blockers(
    ownBodies(scene, { month: leafy(scene), year: worst.year }),
    (one) => blockedShare(one, eye, aim)
  );
  return [
    say(scene, t2.id, by, worst, {
      title: `Closes the view: ${t2.name}`,
      what: `${t2.name}, seen from ${viewer.name.toLowerCase()},`,
      from: scene.frame.runFrom,
      to: scene.frame.runTo
    })
  ];
}
function hides(scene, t2, viewer, { eye, aim }) {
  const share2 = (month, year2) => blockedShare(bodiesNear(scene, { month, year: year2 }), eye, aim);
  const year = (month) => YEARS2.find((y) => share2(month, y) >= SCREENED);
  const hiddenFrom = year(leafy(scene));
  if (hiddenFrom !== void 0 && hiddenFrom <= 5) return [];
  const atTen = share2(leafy(scene), 10);
  const bare = share2(placeMonth(OUT_OF_LEAF, scene.climate), 10);
  return [
    {
      id: `keep-open:${t2.id}`,
      rule: "keep-open",
      title: hiddenFrom === void 0 ? `Does not hide ${t2.name}` : `Hides ${t2.name} only from year ${hiddenFrom}`,
      reason: `From ${viewer.name.toLowerCase()} ${Math.round(atTen * 100)} % of it is blocked in ${monthName(leafy(scene))} of year 10, ${Math.round(bare * 100)} % in ${monthName(placeMonth(OUT_OF_LEAF, scene.climate))}; ${SCREENED * 100} % counts as hidden${hiddenFrom === void 0 ? "" : `, reached in year ${hiddenFrom}`}.`,
      weight: hiddenFrom === void 0 ? 74 : 48,
      from: scene.frame.runFrom,
      to: scene.frame.runTo,
      plants: [],
      figures: [
        { name: "blocked in leaf", value: atTen * 100, unit: "%" },
        { name: "blocked in winter", value: bare * 100, unit: "%" }
      ],
      source: "Rays from the eye to a grid on the target, dimmed by each plant\u2019s density. Calculations, What is seen.",
      mends: []
    }
  ];
}
function feature(scene, t2) {
  const { form: form2 } = scene.bed;
  if (form2.kind === "island" && form2.centre !== "none" && Math.hypot(t2.at.x, t2.at.y) < 0.5) return [];
  const eye = eyeAt(scene, scene.bed.viewpoint.turnDeg);
  const aim = { ...t2.at, widthM: t2.widthM, fromM: t2.heightM * UPPER_SHARE, toM: t2.heightM };
  if (t2.heightM <= 0 || !crosses(scene, eye, aim)) return [];
  const worst = worstYear(scene, (bodies) => blockedShare(bodies, eye, aim));
  if (worst.share <= TOLERATED3) return [];
  const by = blockers(
    ownBodies(scene, { month: leafy(scene), year: worst.year }),
    (one) => blockedShare(one, eye, aim)
  );
  return [
    say(scene, t2.id, by, worst, {
      title: `Hides ${t2.name}`,
      what: `${t2.name} from ${metres(aim.fromM)} up, seen from ${scene.bed.viewpoint.name.toLowerCase()},`,
      from: scene.frame.runFrom,
      to: scene.frame.runTo
    })
  ];
}
var UPPER_SHARE = 0.4;
function crosses(scene, eye, aim) {
  const { frame, bed: bed2 } = scene;
  const parts = frame.closed ? outlinesOf(bed2, frame) : null;
  const isOver = (p) => parts ? parts.some((o) => holds(o, p)) : isInStrip(frame, p, aim.widthM / 2);
  for (let i = 1; i < SIGHT_STEPS; i++) {
    const u = i / SIGHT_STEPS;
    if (isOver({ x: eye.x + (aim.x - eye.x) * u, y: eye.y + (aim.y - eye.y) * u })) return true;
  }
  return false;
}
var SIGHT_STEPS = 40;
function isInStrip(frame, p, beyond) {
  const { v, a } = frame.locate(p);
  return a >= frame.runFrom - beyond && a <= frame.runTo + beyond && v >= 0 && v <= frame.depthAlong(a);
}
var ownBodies = (scene, moment) => bodiesNear(scene, moment).filter((b) => !b.at.neighbour);
function worstYear(scene, share2) {
  let worst = { year: 0, share: 0, from: 10 };
  for (const year of YEARS2) {
    const now = share2(ownBodies(scene, { month: leafy(scene), year }));
    if (now > TOLERATED3 && worst.share <= TOLERATED3) worst = { ...worst, from: year };
    if (now > worst.share) worst = { ...worst, year, share: now };
  }
  return worst;
}
var blockers = (bodies, share2) => bodies.map((b) => ({ b, share: share2([b]) })).filter((x) => x.share > 0.02).sort((x, y) => y.share - x.share);
function say(scene, id, by, worst, words2) {
  const first = by[0]?.b.at;
  return {
    id: `keep-open:${id}`,
    rule: "keep-open",
    title: words2.title,
    reason: `${first ? `${capital(nameOf(first.plant))} and others block` : "Planting blocks"} ${Math.round(worst.share * 100)} % of ${words2.what} in ${monthName(leafy(scene))} of year ${worst.year}; more than ${TOLERATED3 * 100} % from year ${worst.from}.`,
    weight: 60 + 30 * worst.share,
    from: words2.from,
    to: words2.to,
    plants: by.slice(0, 12).map((x) => x.b.at.id),
    figures: [
      { name: "blocked", value: worst.share * 100, unit: "%" },
      { name: "tolerated", value: TOLERATED3 * 100, unit: "%" },
      { name: "from year", value: worst.from, unit: "" }
    ],
    source: "Rays from the eye to a grid on what must stay in view, years 0 to 10. Calculations, What is seen.",
    mends: first && scene.bed.drifts.some((d) => d.id === first.driftId) ? [{ label: `Leave out ${nameOf(first.plant)}`, edit: { kind: "removeDrift", driftId: first.driftId } }] : []
  };
}

// core/judge/critique.ts
var LOCAL = [wall, overlap, gap, hidden, thirst, smother, blend];
var WHOLE = [
  shallow,
  crowded,
  window,
  keepOpen,
  site,
  around2,
  months2,
  clutter,
  theme,
  brief
];
function critique(scene, before) {
  const range = before ? changedRange(before.scene, scene) : whole;
  const remarks = /* @__PURE__ */ new Map();
  let pairs = null;
  for (const rule of LOCAL) {
    const kept2 = before && range ? (before.remarks.get(rule.id) ?? []).filter((r) => r.x < range.from || r.x > range.to) : before?.remarks.get(rule.id) ?? [];
    const fresh = range ? rule.remarks(scene, range, () => pairs ??= touchingPairs(scene, range)) : [];
    remarks.set(rule.id, [...kept2, ...fresh]);
  }
  const findings = [
    ...LOCAL.flatMap((rule) => rule.fold(scene, remarks.get(rule.id))),
    ...WHOLE.flatMap((rule) => rule.findings(scene))
  ];
  findings.sort(
    (a, b) => b.weight - a.weight || RULES.indexOf(a.rule) - RULES.indexOf(b.rule) || (a.id < b.id ? -1 : 1)
  );
  return { scene, findings, remarks };
}

// core/edit/edit.ts
function applyEdit(bed2, edit) {
  switch (edit.kind) {
    case "addDrift": {
      if (bed2.drifts.some((d) => d.id === edit.drift.id)) return { bed: bed2, inverse: NOTHING3 };
      const drifts = [...bed2.drifts];
      drifts.splice(edit.position ?? drifts.length, 0, edit.drift);
      return { bed: { ...bed2, drifts }, inverse: { kind: "removeDrift", driftId: edit.drift.id } };
    }
    case "removeDrift":
      return removeDrift(bed2, edit.driftId);
    case "changeDrift":
      return changeDrift(bed2, edit.driftId, edit.change);
    case "removePlant":
      return removePlant(bed2, edit.driftId, edit.index);
    case "setPins": {
      const before = bed2.pins.filter((p) => p.driftId === edit.driftId);
      const pins = [...bed2.pins.filter((p) => p.driftId !== edit.driftId), ...edit.pins];
      return { bed: { ...bed2, pins }, inverse: { kind: "setPins", driftId: edit.driftId, pins: before } };
    }
    case "accept": {
      const before = bed2.accepted.find((a) => a.findingId === edit.acceptance.findingId);
      const accepted = [...bed2.accepted.filter((a) => a !== before), edit.acceptance];
      return {
        bed: { ...bed2, accepted },
        inverse: before ? { kind: "accept", acceptance: before } : { kind: "unaccept", findingId: edit.acceptance.findingId }
      };
    }
    case "unaccept": {
      const before = bed2.accepted.find((a) => a.findingId === edit.findingId);
      if (!before) return { bed: bed2, inverse: NOTHING3 };
      return {
        bed: { ...bed2, accepted: bed2.accepted.filter((a) => a !== before) },
        inverse: { kind: "accept", acceptance: before }
      };
    }
    case "setBuying": {
      const before = bed2.buying.find((b) => b.plantId === edit.plantId) ?? null;
      const buying = [...bed2.buying.filter((b) => b !== before), ...edit.buying ? [edit.buying] : []];
      return { bed: { ...bed2, buying }, inverse: { kind: "setBuying", plantId: edit.plantId, buying: before } };
    }
    case "setShortlist":
      return {
        bed: { ...bed2, shortlist: edit.plantIds },
        inverse: { kind: "setShortlist", plantIds: bed2.shortlist }
      };
    case "setBed":
      return { bed: { ...bed2, ...edit.change }, inverse: { kind: "setBed", change: formerOf(bed2, edit.change) } };
    case "setExisting":
      return { bed: { ...bed2, existing: edit.existing }, inverse: { kind: "setExisting", existing: bed2.existing } };
    case "replace":
      return { bed: edit.bed, inverse: { kind: "replace", bed: bed2 } };
    case "all":
      return applyAll(bed2, edit);
  }
}
var NOTHING3 = { kind: "all", edits: [], name: "nothing" };
function removeDrift(bed2, driftId) {
  const position = bed2.drifts.findIndex((d) => d.id === driftId);
  const drift = bed2.drifts[position];
  if (!drift) return { bed: bed2, inverse: NOTHING3 };
  const pins = bed2.pins.filter((p) => p.driftId === driftId);
  const add = { kind: "addDrift", drift, position };
  return {
    bed: {
      ...bed2,
      drifts: bed2.drifts.filter((d) => d.id !== driftId),
      pins: bed2.pins.filter((p) => p.driftId !== driftId)
    },
    inverse: pins.length === 0 ? add : { kind: "all", name: "put back", edits: [add, { kind: "setPins", driftId, pins }] }
  };
}
function changeDrift(bed2, driftId, change) {
  const drift = bed2.drifts.find((d) => d.id === driftId);
  if (!drift) return { bed: bed2, inverse: NOTHING3 };
  const isNumbered = change.numbers !== void 0 || change.count === void 0;
  const after = isNumbered ? { ...drift, ...change } : { ...withCount(drift, change.count), ...change };
  return exchange(bed2, drift, plain(after));
}
function removePlant(bed2, driftId, number2) {
  const drift = bed2.drifts.find((d) => d.id === driftId);
  if (!drift) return { bed: bed2, inverse: NOTHING3 };
  const after = withoutPlant(drift, number2);
  return after ? exchange(bed2, drift, after) : removeDrift(bed2, driftId);
}
function exchange(bed2, drift, after) {
  const own = bed2.pins.filter((p) => p.driftId === drift.id);
  const numbers = new Set(numbersOf(after));
  const kept2 = after.lane === drift.lane ? own.filter((p) => numbers.has(p.index)) : [];
  const changed = { ...bed2, drifts: bed2.drifts.map((d) => d === drift ? after : d) };
  const back = { kind: "changeDrift", driftId: drift.id, change: differences(after, drift) };
  if (kept2.length === own.length) return { bed: changed, inverse: back };
  return {
    bed: { ...changed, pins: [...bed2.pins.filter((p) => p.driftId !== drift.id), ...kept2] },
    inverse: { kind: "all", name: "change back", edits: [back, { kind: "setPins", driftId: drift.id, pins: own }] }
  };
}
function differences(from, to) {
  const change = Object.fromEntries(Object.entries(to).filter(([k, v]) => from[k] !== v));
  if (from.count === to.count) return change;
  return { ...change, numbers: to.numbers ?? null, nextNumber: to.nextNumber ?? null };
}
function plain({ numbers, nextNumber, ...drift }) {
  return numbers ? { ...drift, numbers, ...nextNumber === null ? {} : { nextNumber } } : drift;
}
function applyAll(bed2, edit) {
  const inverses = [];
  let now = bed2;
  for (const part of edit.edits) {
    const done = applyEdit(now, part);
    now = done.bed;
    inverses.unshift(done.inverse);
  }
  return { bed: now, inverse: { kind: "all", edits: inverses, name: edit.name } };
}
var formerOf = (whole2, change) => Object.fromEntries(Object.keys(change).map((key) => [key, whole2[key]]));

// tests/support/library.ts
import { readFileSync } from "node:fs";

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
var wall2 = z3.object({
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
  wall: wall2.nullable(),
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
var bedSchema = z3.object(bedShape).superRefine((bed2, context) => {
  const say2 = (path, message) => context.addIssue({ code: "custom", path: [path], message });
  const ids = new Set(bed2.drifts.map((d) => d.id));
  const twice = (keys) => new Set(keys).size !== keys.length;
  if (ids.size !== bed2.drifts.length) say2("drifts", "Two drifts have the same id.");
  if (bed2.drifts.some((d) => d.lane >= bed2.laneShares.length))
    say2("drifts", "A drift stands in a lane the bed does not have.");
  if (bed2.pins.some((p) => !ids.has(p.driftId))) say2("pins", "A pin belongs to a drift the bed does not have.");
  if (twice(bed2.pins.map((p) => `${p.driftId}:${p.index}`))) say2("pins", "One plant is pinned in two places.");
  if (twice(bed2.accepted.map((a) => a.findingId))) say2("accepted", "One finding is accepted twice.");
  if (twice(bed2.buying.map((b) => b.plantId))) say2("buying", "One plant is bought in two sizes.");
  if (twice(bed2.existing.map((e) => e.id))) say2("existing", "Two plants that stand there have the same id.");
  if (bed2.drifts.some((d) => d.numbers && (d.numbers.length !== d.count || twice(d.numbers.map(String)))))
    say2("drifts", "The plants of a drift are not numbered one by one.");
  if (bed2.drifts.reduce((sum, d) => sum + d.count, 0) > 5e3) say2("drifts", "A bed holds at most 5000 plants.");
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

// ../../tmp/q2.ts
var bed = bed1500();
var input = (b) => ({ bed: b, library, climate, hardinessZone: "6b" });
var judged = critique(makeScene(input(bed)));
var target = judged.scene.placement.plants[700];
var t = { scene: [], critique: [], bodies: [], elev: [], edit: [], all: [] };
for (let step2 = 0; step2 < 400; step2++) {
  const t0 = performance.now();
  const moved2 = applyEdit(bed, { kind: "setPins", driftId: target.driftId, pins: [{ driftId: target.driftId, index: target.index, x: target.x + step2 % 10 * 0.02, y: target.y }] }).bed;
  const b = { ...moved2, outline: bed.outline, wall: bed.wall, viewpoint: bed.viewpoint, ground: bed.ground };
  const t1 = performance.now();
  const scene = makeScene(input(b), { before: judged.scene });
  const t2 = performance.now();
  critique(scene, judged);
  const t3 = performance.now();
  const bs = bodiesAt(scene.placement.plants, { month: 6, year: 3 }, climate);
  const t4 = performance.now();
  elevation(bs, scene.frame, b);
  const t5 = performance.now();
  if (step2 > 60) {
    t.edit.push(t1 - t0);
    t.scene.push(t2 - t1);
    t.critique.push(t3 - t2);
    t.bodies.push(t4 - t3);
    t.elev.push(t5 - t4);
    t.all.push(t5 - t0);
  }
}
for (const [k, v] of Object.entries(t)) {
  v.sort((a, b) => a - b);
  console.log(k, v[v.length >> 1].toFixed(2), v[v.length >> 2].toFixed(2));
}
