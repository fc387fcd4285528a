import type { BedForm, BedKind, Ground, SchoolId } from '../bed'

/**
 * A bed as a designer would set it. Lanes stand from back to front, each with its groups from left to right as `plant count`, of which
 * every group takes the length that its plants want; `=` before it sets them in one row, `~` as singles repeated all along, `#` as
 * an edging with its corners marked.
 * Written for the place, not for the rules.
 */
export interface SoundBed {
  readonly id: string
  readonly kind: BedKind
  readonly lengthM: number
  readonly depthM: number
  readonly school: SchoolId
  readonly zone: string
  readonly latitude: number
  readonly lastFrost: string
  readonly firstFrost: string
  readonly ground: Partial<Ground> & { readonly sunHours: number }
  readonly wallM?: number
  readonly wallColour?: string
  readonly windows?: readonly (readonly [x: number, widthM: number, sillM: number])[]
  readonly form?: BedForm
  readonly laneShares?: readonly number[]
  /** Eye above ground and distance from the bed, metres, where it is not the path three metres away. */
  readonly seenFrom?: readonly [eyeM: number, distanceM: number]
  readonly lanes: readonly string[]
}

const COLD = { zone: '4b', latitude: 46, lastFrost: '05-15', firstFrost: '09-25' }
const COOL = { zone: '6b', latitude: 44.6, lastFrost: '05-08', firstFrost: '10-14' }
const MARITIME = { zone: '8b', latitude: 51, lastFrost: '04-10', firstFrost: '11-05' }
const TEMPERATE = { zone: '7a', latitude: 39, lastFrost: '04-12', firstFrost: '10-28' }
const WARM = { zone: '8a', latitude: 35, lastFrost: '03-25', firstFrost: '11-10' }
const MILD = { zone: '9b', latitude: 36, lastFrost: '02-10', firstFrost: '12-10' }

/** The same groups again and again, so many in all. */
const turns = (groups: string, many: number) => {
  const own = groups.split(',').map((g) => g.trim())
  return Array.from({ length: many }, (_, i) => own[i % own.length]).join(', ')
}

const FOUNDATIONS: readonly SoundBed[] = [
  {
    id: 'cool-foundation',
    kind: 'foundation',
    lengthM: 10,
    depthM: 3.2,
    school: 'layered',
    ...COOL,
    ground: { sunHours: 6.5 },
    wallM: 3.4,
    lanes: [
      turns('taxus-x-media-hicksii 1, hydrangea-paniculata-tardiva 1', 7),
      turns('spiraea-betulifolia 2, calamagrostis-x-acutiflora-karl-foerster 3', 6),
      turns('nepeta-x-faassenii 3, heuchera-villosa-palace-purple 4', 7),
      '~narcissus-tete-a-tete 45',
    ],
  },
  {
    id: 'shade-foundation',
    kind: 'foundation',
    lengthM: 10,
    depthM: 2.9,
    school: 'layered',
    ...COOL,
    ground: { sunHours: 2.8, water: 'moist', ph: 6 },
    wallM: 3,
    lanes: [
      turns('leucothoe-fontanesiana 1, hydrangea-quercifolia 1', 7),
      turns('polystichum-acrostichoides 3, astilbe-deutschland 3', 6),
      turns('epimedium-x-versicolor-sulphureum 3, hosta-halcyon 2', 7),
      '~galanthus-nivalis 50',
    ],
  },
  {
    id: 'mild-evergreen-foundation',
    kind: 'foundation',
    lengthM: 11.6,
    depthM: 3.7,
    school: 'layered',
    ...WARM,
    ground: { sunHours: 5, ph: 6 },
    wallM: 3.2,
    lanes: [
      turns('camellia-sasanqua 1, nandina-domestica 1', 8),
      turns('abelia-edward-goucher 1, ilex-vomitoria-nana 1', 8),
      turns('liriope-muscari 3, heuchera-villosa-autumn-bride 1', 9),
    ],
  },
  {
    id: 'maritime-white-border',
    kind: 'foundation',
    lengthM: 9.6,
    depthM: 3.2,
    school: 'single-colour',
    ...MARITIME,
    ground: { sunHours: 5.5 },
    wallM: 2.4,
    wallColour: '#8a5a45',
    lanes: [
      turns('viburnum-tinus 1, philadelphus-belle-etoile 1', 6),
      turns('phlox-paniculata-david 3, leucanthemum-x-superbum 3', 7),
      turns('hebe-pagei 2, iberis-sempervirens 3', 8),
      '~narcissus-thalia 40',
    ],
  },
  {
    id: 'cold-prairie-border',
    kind: 'foundation',
    lengthM: 12,
    depthM: 3.4,
    school: 'close-knit',
    ...COLD,
    ground: { sunHours: 8, soil: 'clay' },
    wallM: 2.6,
    lanes: [
      turns('panicum-virgatum-heavy-metal 5, eutrochium-maculatum 3, physocarpus-opulifolius-diabolo 1', 7),
      turns('echinacea-purpurea 7, monarda-fistulosa 5, rudbeckia-fulgida 7', 8),
      turns('geranium-macrorrhizum 4, schizachyrium-scoparium 5', 8),
      '~scilla-siberica 70',
    ],
  },
  {
    id: 'dry-rosettes',
    kind: 'foundation',
    lengthM: 10,
    depthM: 3,
    school: 'dry',
    ...MILD,
    ground: { sunHours: 8.5, water: 'dry', soil: 'sand', ph: 7 },
    wallM: 2.6,
    lanes: [
      turns('cistus-x-purpureus 1, teucrium-fruticans 1, salvia-clevelandii 1', 8),
      turns('agave-parryi 3, hesperaloe-parviflora 2', 5),
      turns('nassella-tenuissima 2, bulbine-frutescens 3', 7),
    ],
  },
  {
    id: 'wet-bold',
    kind: 'foundation',
    lengthM: 9,
    depthM: 3.2,
    school: 'lush',
    ...COOL,
    ground: { sunHours: 4.5, water: 'wet', soil: 'clay', ph: 6.2 },
    wallM: 2.4,
    lanes: [
      'clethra-alnifolia-hummingbird 2, ligularia-the-rocket 3, osmunda-regalis 3, ligularia-the-rocket 3, osmunda-regalis 3, ligularia-the-rocket 3, clethra-alnifolia-hummingbird 2',
      turns('iris-versicolor 5, rodgersia-aesculifolia 2, juncus-effusus 5', 7),
      turns('carex-elata-aurea 3, primula-japonica 5', 8),
    ],
  },
  {
    id: 'formal-front',
    kind: 'foundation',
    lengthM: 12.4,
    depthM: 3.4,
    school: 'formal',
    ...COOL,
    ground: { sunHours: 6.5 },
    wallM: 3.6,
    lanes: [
      turns('taxus-baccata-fastigiata 1, hydrangea-paniculata-tardiva 1', 9),
      turns('paeonia-lactiflora-sarah-bernhardt 1, buxus-green-velvet 1', 13),
      turns('=lavandula-angustifolia-hidcote 5, =heuchera-villosa-palace-purple 1', 7),
    ],
  },
  {
    id: 'hot-colours',
    kind: 'foundation',
    lengthM: 10,
    depthM: 3.4,
    school: 'close-knit',
    ...COOL,
    ground: { sunHours: 7.5 },
    wallM: 2.6,
    lanes: [
      'miscanthus-sinensis-morning-light 1, cotinus-coggygria-royal-purple 1, helenium-autumnale 3, miscanthus-sinensis-morning-light 1, cotinus-coggygria-royal-purple 1, helenium-autumnale 3, miscanthus-sinensis-morning-light 1, cotinus-coggygria-royal-purple 1, miscanthus-sinensis-morning-light 1',
      turns('crocosmia-lucifer 5, rudbeckia-fulgida 3', 9),
      turns('coreopsis-verticillata 3, heuchera-villosa-palace-purple 3', 9),
      '~narcissus-february-gold 50',
    ],
  },
  {
    id: 'warm-grasses',
    kind: 'foundation',
    lengthM: 12.2,
    depthM: 3.2,
    school: 'close-knit',
    ...WARM,
    ground: { sunHours: 7.5 },
    wallM: 2.6,
    lanes: [
      turns('panicum-virgatum-northwind 5, rosa-ballerina 1', 9),
      turns('salvia-greggii 3, muhlenbergia-capillaris 3', 7),
      turns('hemerocallis-stella-de-oro 5, erigeron-karvinskianus 3', 11),
    ],
  },
  {
    id: 'acid-woodland-edge',
    kind: 'foundation',
    lengthM: 11,
    depthM: 3.2,
    school: 'layered',
    ...TEMPERATE,
    ground: { sunHours: 3.2, water: 'moist', ph: 5.4 },
    wallM: 2.8,
    lanes: [
      turns('pieris-japonica 1, enkianthus-campanulatus 1, hydrangea-quercifolia 1', 8),
      turns('rhododendron-delaware-valley-white 1, dryopteris-marginalis 3', 8),
      turns('luzula-nivea 5, heuchera-villosa-autumn-bride 3, phlox-stolonifera 5', 8),
    ],
  },
  {
    id: 'seaside-front',
    kind: 'foundation',
    lengthM: 9,
    depthM: 2.8,
    school: 'layered',
    ...MARITIME,
    ground: { sunHours: 7.5, soil: 'sand', water: 'average', wind: 'some', salt: 'some', ph: 7 },
    wallM: 2.6,
    lanes: [
      turns('rosa-glauca 1, salvia-rosmarinus 1', 8),
      turns('lavandula-x-intermedia-grosso 2, santolina-chamaecyparissus 2', 7),
      turns('armeria-maritima 5, festuca-glauca 4', 8),
    ],
  },
  {
    id: 'winter-walk',
    kind: 'foundation',
    lengthM: 10,
    depthM: 3.4,
    school: 'layered',
    ...COOL,
    ground: { sunHours: 4.5, ph: 6.5 },
    wallM: 2.2,
    lanes: [
      turns('cornus-sericea-flaviramea 1, taxus-x-media-hicksii 1, cornus-alba-elegantissima 1', 7),
      turns('bergenia-cordifolia 3, polystichum-acrostichoides 3, heuchera-villosa-autumn-bride 3', 7),
      turns('helleborus-x-hybridus 3, epimedium-x-versicolor-sulphureum 3', 7),
      '~galanthus-nivalis 60',
    ],
  },
  {
    id: 'deer-country',
    kind: 'foundation',
    lengthM: 10,
    depthM: 3,
    school: 'layered',
    ...TEMPERATE,
    ground: { sunHours: 7, deer: 'much', soil: 'loam' },
    wallM: 2.8,
    lanes: [
      turns('buxus-microphylla-var-japonica-winter-gem 1, caryopteris-x-clandonensis 1, miscanthus-sinensis-gracillimus 1', 10),
      turns('nepeta-walker-s-low 2, salvia-yangii 2', 7),
      turns('salvia-nemorosa-ostfriesland 3, stachys-byzantina 3', 8),
      '~narcissus-tete-a-tete 45',
    ],
  },
  {
    id: 'narrow-strip',
    kind: 'foundation',
    lengthM: 6,
    depthM: 1.5,
    school: 'layered',
    ...TEMPERATE,
    ground: { sunHours: 7, soil: 'loam', ph: 7 },
    wallM: 2.4,
    laneShares: [0.65, 0.35],
    lanes: [
      turns('lavandula-angustifolia-hidcote 3, hylotelephium-matrona 3', 5),
      turns('thymus-vulgaris 3, dianthus-plumarius 3', 6),
    ],
  },
]

const OTHERS: readonly SoundBed[] = [
  {
    id: 'mixed-screen',
    kind: 'screen',
    lengthM: 16,
    depthM: 4.4,
    school: 'screen',
    ...COOL,
    ground: { sunHours: 6.5 },
    lanes: [
      'thuja-occidentalis-smaragd 3, amelanchier-alnifolia 1, ilex-x-meserveae 1, picea-omorika 1, viburnum-dentatum 1, thuja-occidentalis-smaragd 3, ilex-x-meserveae 1, amelanchier-alnifolia 1',
      turns(
        'physocarpus-opulifolius-diabolo 1, weigela-florida-purpurea 1, spiraea-x-vanhouttei 1, syringa-meyeri-palibin 1, aronia-melanocarpa 1, rosa-glauca 1',
        12,
      ),
      turns('geranium-macrorrhizum 7, hemerocallis-hyperion 4', 7),
    ],
  },
  {
    id: 'warm-screen',
    kind: 'screen',
    lengthM: 14,
    depthM: 4.6,
    school: 'screen',
    ...WARM,
    ground: { sunHours: 6.5, ph: 6 },
    lanes: [
      'magnolia-grandiflora-little-gem 1, viburnum-tinus 1, ilex-nellie-r-stevens 1, camellia-sasanqua 1, magnolia-grandiflora-little-gem 1, viburnum-tinus 1, lagerstroemia-indica 1',
      turns('abelia-x-grandiflora 1, nandina-domestica 1, loropetalum-chinense-var-rubrum-burgundy 1, itea-virginica-henry-s-garnet 1', 10),
      turns('hemerocallis-hyperion 3, nandina-domestica-harbour-dwarf 3', 6),
    ],
  },
  {
    id: 'terrace-dry',
    kind: 'terrace',
    lengthM: 8,
    depthM: 1.8,
    school: 'layered',
    ...COOL,
    ground: { sunHours: 7.5, water: 'dry', soil: 'sand', ph: 7 },
    lanes: [
      turns('helictotrichon-sempervirens 3, salvia-yangii 1', 5),
      turns('lavandula-angustifolia-hidcote 3, salvia-nemorosa-ostfriesland 3', 6),
      turns('thymus-serpyllum 3, sedum-spurium 3', 7),
    ],
  },
  {
    id: 'two-sided-border',
    kind: 'two-sided',
    lengthM: 12,
    depthM: 3.6,
    school: 'close-knit',
    ...TEMPERATE,
    ground: { sunHours: 7 },
    lanes: [
      turns('geranium-johnson-s-blue 3, alchemilla-mollis 5, nepeta-walker-s-low 3', 8),
      turns('calamagrostis-x-acutiflora-karl-foerster 7, phlox-paniculata-david 9, taxus-x-media-hicksii 1', 8),
      turns('salvia-nemorosa-ostfriesland 7, geranium-sanguineum 6', 9),
    ],
  },
  {
    id: 'prairie-island',
    kind: 'island',
    lengthM: 7,
    depthM: 5,
    school: 'close-knit',
    ...COOL,
    ground: { sunHours: 8 },
    lanes: [
      turns('hydrangea-paniculata-tardiva 1, miscanthus-sinensis-gracillimus 1', 4),
      turns('echinacea-purpurea 7, panicum-virgatum-rotstrahlbusch 3', 6),
      turns('nepeta-x-faassenii 3, geranium-sanguineum 3', 8),
    ],
  },
  {
    id: 'tree-ring',
    kind: 'ring',
    lengthM: 6,
    depthM: 6,
    school: 'carpet',
    ...COOL,
    ground: { sunHours: 2.8, water: 'average', ph: 6.2 },
    lanes: [
      turns('polystichum-acrostichoides 5, hosta-halcyon 3', 6),
      turns('geranium-macrorrhizum 6, epimedium-x-versicolor-sulphureum 6, heuchera-villosa-autumn-bride 4', 7),
    ],
  },
  {
    id: 'herb-court',
    kind: 'court',
    lengthM: 8,
    depthM: 8,
    school: 'formal',
    ...TEMPERATE,
    ground: { sunHours: 8, ph: 7 },
    seenFrom: [1.6, 2],
    lanes: ['=buxus-sempervirens 1', turns('=salvia-officinalis 1, =lavandula-angustifolia-hidcote 3', 8), '#teucrium-chamaedrys 27'],
  },
  {
    id: 'door-pots',
    kind: 'container',
    lengthM: 0.8,
    depthM: 0.8,
    school: 'layered',
    ...COOL,
    ground: { sunHours: 5.5 },
    lanes: ['pennisetum-x-advena-rubrum 1', 'pelargonium-x-hortorum 3', 'lobelia-erinus 5'],
  },
  {
    id: 'ferny-carpet',
    kind: 'foundation',
    lengthM: 10,
    depthM: 3,
    school: 'carpet',
    ...COOL,
    ground: { sunHours: 2.6, water: 'moist', ph: 6 },
    wallM: 2.4,
    lanes: [
      turns('hydrangea-quercifolia 1, leucothoe-fontanesiana 1', 7),
      turns('geranium-macrorrhizum 5, polystichum-acrostichoides 4', 5),
      turns('pachysandra-terminalis 7, tiarella-cordifolia 4', 6),
    ],
  },
  {
    id: 'cottage-border',
    kind: 'foundation',
    lengthM: 16,
    depthM: 3.6,
    school: 'close-knit',
    ...TEMPERATE,
    ground: { sunHours: 7, ph: 6.8 },
    wallM: 1.8,
    lanes: [
      turns('rosa-penelope 1, philadelphus-belle-etoile 1, buddleja-davidii 1, miscanthus-sinensis-morning-light 1', 14),
      turns('phlox-paniculata-david 7, campanula-lactiflora 7, paeonia-lactiflora 4, echinacea-purpurea 9', 9),
      turns('geranium-johnson-s-blue 3, alchemilla-mollis 5, nepeta-x-faassenii 5, lavandula-angustifolia-hidcote 5', 10),
      '~allium-purple-sensation 40',
    ],
  },
  {
    id: 'gravel-slope',
    kind: 'terrace',
    lengthM: 10,
    depthM: 2.4,
    school: 'dry',
    ...MARITIME,
    ground: { sunHours: 8, water: 'dry', soil: 'sand', ph: 7.2 },
    lanes: [
      turns('salvia-rosmarinus 1, euphorbia-characias 1, cistus-x-purpureus 1', 9),
      turns('lavandula-angustifolia-hidcote 3, santolina-chamaecyparissus 2', 7),
      turns('sedum-rupestre-angelina 3, dianthus-plumarius 3, festuca-glauca 5', 9),
    ],
  },
]

export const SOUND_BEDS: readonly SoundBed[] = [...FOUNDATIONS, ...OTHERS]
