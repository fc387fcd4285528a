import { COOL, MARITIME, type SoundBed, TEMPERATE, turns, WARM } from './soundBed'

/** Sound beds of every other kind, and long ones. */
export const OTHER_KINDS: readonly SoundBed[] = [
  {
    id: 'mixed-screen',
    kind: 'screen',
    lengthM: 16,
    depthM: 4.4,
    school: 'screen',
    ...COOL,
    ground: { sunHours: 6.5 },
    lanes: [
      'thuja-occidentalis-smaragd 3, amelanchier-alnifolia 1, ilex-x-meserveae 1, picea-omorika 1, ' +
        'viburnum-dentatum 1, thuja-occidentalis-smaragd 3, ilex-x-meserveae 1, amelanchier-alnifolia 1',
      turns(
        'physocarpus-opulifolius-diabolo 1, weigela-florida-purpurea 1, spiraea-x-vanhouttei 1, ' +
          'syringa-meyeri-palibin 1, aronia-melanocarpa 1, rosa-glauca 1',
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
      'magnolia-grandiflora-little-gem 1, viburnum-tinus 1, ilex-nellie-r-stevens 1, ' +
        'camellia-sasanqua 1, magnolia-grandiflora-little-gem 1, viburnum-tinus 1, ' +
        'lagerstroemia-indica 1',
      turns(
        'abelia-x-grandiflora 1, nandina-domestica 1, loropetalum-chinense-var-rubrum-burgundy 1, ' +
          'itea-virginica-henry-s-garnet 1',
        10,
      ),
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
    lanes: [
      '=buxus-sempervirens 1',
      turns('=salvia-officinalis 1, =lavandula-angustifolia-hidcote 3', 8),
      '#teucrium-chamaedrys 27',
    ],
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
      turns(
        'rosa-penelope 1, philadelphus-belle-etoile 1, buddleja-davidii 1, miscanthus-sinensis-morning-light 1',
        14,
      ),
      turns('phlox-paniculata-david 7, campanula-lactiflora 7, paeonia-lactiflora 4, echinacea-purpurea 9', 9),
      turns(
        'geranium-johnson-s-blue 3, alchemilla-mollis 5, nepeta-x-faassenii 5, lavandula-angustifolia-hidcote 5',
        10,
      ),
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
