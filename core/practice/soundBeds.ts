import type { BedKind, SchoolId } from '../bed'

/**
 * A bed as a designer would set it: drifts as `lane plant ×count @place` from back to front, places in metres along the front edge.
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
  readonly sunHours: number
  readonly water?: 'dry' | 'average' | 'moist' | 'wet'
  readonly soil?: 'sand' | 'loam' | 'clay'
  readonly ph?: number
  readonly wallM?: number
  readonly windows?: readonly (readonly [x: number, widthM: number, sillM: number])[]
  readonly lanes?: number
  readonly drifts: string
}

const COLD = { zone: '4b', latitude: 46, lastFrost: '05-15', firstFrost: '09-25' }
const COOL = { zone: '6b', latitude: 44.6, lastFrost: '05-08', firstFrost: '10-14' }
const MARITIME = { zone: '8b', latitude: 51, lastFrost: '04-10', firstFrost: '11-05' }
const WARM = { zone: '8a', latitude: 35, lastFrost: '03-25', firstFrost: '11-10' }
const MILD = { zone: '9b', latitude: 36, lastFrost: '02-10', firstFrost: '12-10' }

export const SOUND_BEDS: readonly SoundBed[] = [
  {
    id: 'cool-foundation',
    kind: 'foundation',
    lengthM: 10,
    depthM: 2.8,
    school: 'layered',
    ...COOL,
    sunHours: 6.5,
    wallM: 3.4,
    drifts: `0 taxus-x-media-hicksii ×1 @0.9; 0 hydrangea-paniculata-tardiva ×1 @3; 0 taxus-x-media-hicksii ×1 @5;
      0 hydrangea-paniculata-tardiva ×1 @7; 0 taxus-x-media-hicksii ×1 @9.1; 1 spiraea-betulifolia ×2 @1.6;
      1 calamagrostis-x-acutiflora-karl-foerster ×2 @3.6; 1 spiraea-betulifolia ×2 @5.4;
      1 calamagrostis-x-acutiflora-karl-foerster ×2 @7.1; 1 spiraea-betulifolia ×1 @8.7; 2 nepeta-x-faassenii ×3 @1;
      2 heuchera-villosa-palace-purple ×3 @2.9; 2 nepeta-x-faassenii ×3 @4.8; 2 heuchera-villosa-palace-purple ×3 @6.8;
      2 nepeta-x-faassenii ×3 @8.9`,
  },
  {
    id: 'shade-foundation',
    kind: 'foundation',
    lengthM: 9,
    depthM: 2.4,
    school: 'layered',
    ...COOL,
    sunHours: 1.6,
    water: 'moist',
    wallM: 3,
    ph: 6,
    drifts: `0 leucothoe-fontanesiana ×1 @0.8; 0 hydrangea-quercifolia ×1 @2.7; 0 leucothoe-fontanesiana ×1 @4.5;
      0 hydrangea-quercifolia ×1 @6.3; 0 leucothoe-fontanesiana ×1 @8.2; 1 polystichum-acrostichoides ×3 @1.3;
      1 astilbe-deutschland ×3 @3.3; 1 polystichum-acrostichoides ×3 @5.3; 1 astilbe-deutschland ×3 @7.3;
      2 epimedium-x-versicolor-sulphureum ×4 @1.2; 2 hosta-halcyon ×2 @3.1; 2 epimedium-x-versicolor-sulphureum ×4 @4.8;
      2 hosta-halcyon ×2 @6.5; 2 epimedium-x-versicolor-sulphureum ×3 @8.1`,
  },
  {
    id: 'mild-evergreen-foundation',
    kind: 'foundation',
    lengthM: 11,
    depthM: 2.8,
    school: 'layered',
    ...WARM,
    sunHours: 5,
    wallM: 3.2,
    ph: 6,
    drifts: `0 camellia-sasanqua ×1 @1.2; 0 distylium-racemosum ×1 @3.4; 0 camellia-sasanqua ×1 @5.5;
      0 distylium-racemosum ×1 @7.6; 0 camellia-sasanqua ×1 @9.8; 1 abelia-edward-goucher ×1 @2.2;
      1 ilex-vomitoria-nana ×2 @4.4; 1 abelia-edward-goucher ×1 @6.6; 1 ilex-vomitoria-nana ×2 @8.8;
      2 liriope-muscari ×5 @1.6; 2 heuchera-villosa-autumn-bride ×2 @3.4; 2 liriope-muscari ×5 @5.4;
      2 heuchera-villosa-autumn-bride ×2 @7.4; 2 liriope-muscari ×5 @9.4`,
  },
  {
    id: 'maritime-white-border',
    kind: 'foundation',
    lengthM: 9,
    depthM: 2.6,
    school: 'single-colour',
    ...MARITIME,
    sunHours: 6,
    wallM: 2.4,
    drifts: `0 viburnum-tinus ×1 @1; 0 philadelphus-belle-etoile ×1 @3.1; 0 viburnum-tinus ×1 @5.2;
      0 philadelphus-belle-etoile ×1 @7.4; 1 choisya-ternata ×1 @2; 1 phlox-paniculata-david ×3 @4;
      1 leucanthemum-x-superbum ×3 @6; 1 phlox-paniculata-david ×3 @8; 2 hebe-pagei ×2 @0.9;
      2 iberis-sempervirens ×3 @2.6; 2 hebe-pagei ×2 @4.4; 2 iberis-sempervirens ×3 @6.1; 2 hebe-pagei ×2 @7.9`,
  },
  {
    id: 'cold-prairie-border',
    kind: 'foundation',
    lengthM: 12,
    depthM: 3.2,
    school: 'close-knit',
    ...COLD,
    sunHours: 8,
    soil: 'clay',
    wallM: 2.6,
    drifts: `0 panicum-virgatum-heavy-metal ×3 @1.2; 0 eutrochium-maculatum ×3 @3.4; 0 physocarpus-opulifolius-diabolo ×1 @5.8;
      0 panicum-virgatum-heavy-metal ×3 @8; 0 eutrochium-maculatum ×3 @10.5; 1 echinacea-purpurea ×5 @1.6;
      1 monarda-fistulosa ×3 @3.7; 1 rudbeckia-fulgida ×5 @5.8; 1 echinacea-purpurea ×5 @8;
      1 monarda-fistulosa ×3 @10.2; 2 sporobolus-heterolepis ×3 @1.2; 2 geranium-sanguineum ×3 @3.1;
      2 sporobolus-heterolepis ×3 @5.2; 2 geranium-sanguineum ×3 @7.2; 2 sporobolus-heterolepis ×3 @9.3;
      2 geranium-sanguineum ×2 @11.1`,
  },
  {
    id: 'dry-rosettes',
    kind: 'foundation',
    lengthM: 9,
    depthM: 2.6,
    school: 'dry',
    ...MILD,
    sunHours: 8.5,
    water: 'dry',
    soil: 'sand',
    wallM: 2.6,
    ph: 7,
    drifts: `0 cistus-x-purpureus ×1 @1; 0 teucrium-fruticans ×1 @3.1; 0 salvia-clevelandii ×1 @5.2;
      0 cistus-x-purpureus ×1 @7.3; 1 agave-parryi ×1 @1.9; 1 hesperaloe-parviflora ×1 @3.9; 1 agave-parryi ×2 @6;
      1 hesperaloe-parviflora ×1 @8; 2 festuca-glauca ×4 @1.1; 2 sedum-spathulifolium-cape-blanco ×4 @2.9;
      2 festuca-glauca ×4 @4.8; 2 sedum-spathulifolium-cape-blanco ×4 @6.6; 2 festuca-glauca ×3 @8.2`,
  },
  {
    id: 'wet-bold',
    kind: 'foundation',
    lengthM: 8,
    depthM: 3,
    school: 'lush',
    ...COOL,
    sunHours: 4.5,
    water: 'wet',
    soil: 'clay',
    wallM: 2.4,
    ph: 6.3,
    drifts: `0 clethra-alnifolia-hummingbird ×1 @0.8; 0 ligularia-the-rocket ×2 @2.4; 0 osmunda-regalis ×2 @4.4;
      0 ligularia-the-rocket ×2 @6.3; 0 clethra-alnifolia-hummingbird ×1 @7.4; 1 iris-versicolor ×3 @1.2;
      1 rodgersia-aesculifolia ×1 @2.8; 1 iris-versicolor ×3 @4.4; 1 rodgersia-aesculifolia ×1 @6;
      1 iris-versicolor ×2 @7.3; 2 carex-elata-aurea ×2 @1; 2 primula-japonica ×4 @2.6; 2 carex-elata-aurea ×2 @4.2;
      2 primula-japonica ×4 @5.7; 2 carex-elata-aurea ×2 @7.2`,
  },
  {
    id: 'formal-front',
    kind: 'foundation',
    lengthM: 10,
    depthM: 2.4,
    school: 'formal',
    ...COOL,
    sunHours: 6,
    wallM: 3.6,
    drifts: `0 taxus-baccata-fastigiata ×1 @0.8; 0 hydrangea-arborescens-annabelle ×1 @2.9; 0 taxus-baccata-fastigiata ×1 @5;
      0 hydrangea-arborescens-annabelle ×1 @7.1; 0 taxus-baccata-fastigiata ×1 @9.2;
      1 buxus-sempervirens-suffruticosa ×3 @1.8; 1 paeonia-lactiflora ×1 @3.9; 1 buxus-sempervirens-suffruticosa ×3 @5;
      1 paeonia-lactiflora ×1 @6.1; 1 buxus-sempervirens-suffruticosa ×3 @8.2; 2 lavandula-angustifolia-hidcote ×5 @1.5;
      2 alchemilla-mollis ×2 @3.6; 2 lavandula-angustifolia-hidcote ×5 @5; 2 alchemilla-mollis ×2 @6.4;
      2 lavandula-angustifolia-hidcote ×5 @8.5`,
  },
  {
    id: 'mixed-screen',
    kind: 'screen',
    lengthM: 14,
    depthM: 4,
    school: 'screen',
    ...COOL,
    sunHours: 6.5,
    drifts: `0 thuja-occidentalis-smaragd ×2 @1.4; 0 amelanchier-x-grandiflora ×1 @4.2; 0 juniperus-virginiana-grey-owl ×1 @7;
      0 thuja-occidentalis-smaragd ×2 @9.2; 0 viburnum-dentatum ×1 @12; 1 physocarpus-opulifolius-diabolo ×1 @2.4;
      1 spiraea-x-vanhouttei ×1 @5; 1 weigela-florida-purpurea ×1 @7.6; 1 spiraea-x-vanhouttei ×1 @10.2;
      1 physocarpus-opulifolius-diabolo ×1 @12.8; 2 geranium-macrorrhizum ×6 @1.8; 2 hemerocallis-hyperion ×4 @4.6;
      2 geranium-macrorrhizum ×6 @7.3; 2 hemerocallis-hyperion ×4 @10; 2 geranium-macrorrhizum ×5 @12.6`,
  },
  {
    id: 'terrace-dry',
    kind: 'terrace',
    lengthM: 8,
    depthM: 1.8,
    school: 'layered',
    ...COOL,
    sunHours: 7.5,
    water: 'dry',
    soil: 'sand',
    ph: 7,
    drifts: `0 helictotrichon-sempervirens ×2 @1; 0 salvia-yangii ×2 @2.8; 0 helictotrichon-sempervirens ×2 @4.5;
      0 salvia-yangii ×2 @6.3; 1 lavandula-angustifolia-hidcote ×3 @0.9; 1 salvia-nemorosa-ostfriesland ×3 @2.4;
      1 lavandula-angustifolia-hidcote ×3 @4; 1 salvia-nemorosa-ostfriesland ×3 @5.6;
      1 lavandula-angustifolia-hidcote ×3 @7.1; 2 thymus-serpyllum ×3 @0.8; 2 sedum-spurium ×3 @2.2;
      2 thymus-serpyllum ×3 @3.7; 2 sedum-spurium ×3 @5.1; 2 thymus-serpyllum ×3 @6.6`,
  },
  {
    id: 'hot-colours',
    kind: 'foundation',
    lengthM: 9,
    depthM: 2.8,
    school: 'close-knit',
    ...COOL,
    sunHours: 7.5,
    wallM: 2.6,
    drifts: `0 miscanthus-sinensis-morning-light ×1 @1; 0 cotinus-coggygria-royal-purple ×1 @3.1;
      0 miscanthus-sinensis-morning-light ×1 @5.1; 0 helenium-autumnale ×3 @6.7;
      0 miscanthus-sinensis-morning-light ×1 @8.2; 1 crocosmia-lucifer ×5 @1.4; 1 rudbeckia-fulgida ×3 @3.2;
      1 crocosmia-lucifer ×5 @5; 1 rudbeckia-fulgida ×3 @6.7; 1 crocosmia-lucifer ×5 @8.1;
      2 coreopsis-verticillata ×3 @1; 2 heuchera-villosa-palace-purple ×3 @2.7; 2 coreopsis-verticillata ×3 @4.4;
      2 heuchera-villosa-palace-purple ×3 @6.1; 2 coreopsis-verticillata ×3 @7.8`,
  },
  {
    id: 'warm-grasses',
    kind: 'foundation',
    lengthM: 10,
    depthM: 2.8,
    school: 'close-knit',
    ...WARM,
    sunHours: 7.5,
    wallM: 2.6,
    drifts: `0 panicum-virgatum-northwind ×3 @1.2; 0 rosa-ballerina ×1 @3.2; 0 panicum-virgatum-northwind ×3 @5;
      0 rosa-ballerina ×1 @6.9; 0 panicum-virgatum-northwind ×3 @8.8; 1 muhlenbergia-capillaris ×2 @2;
      1 salvia-greggii ×3 @4.1; 1 muhlenbergia-capillaris ×2 @6; 1 salvia-greggii ×3 @8; 2 liriope-muscari ×4 @1;
      2 hemerocallis-stella-de-oro ×4 @2.9; 2 liriope-muscari ×4 @4.8; 2 hemerocallis-stella-de-oro ×4 @6.8;
      2 liriope-muscari ×4 @8.9`,
  },
]
