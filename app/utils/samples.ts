/** How places look that are still empty: rows as they will stand there, of plants of the library. */
export const SAMPLES = {
  schedule: [
    ['Sn', 'Salvia nemorosa', '14 drawn', '2 spare', '16 to buy', '9 cm'],
    ['Ca', 'Calamagrostis × acutiflora', '5 drawn', '1 spare', '6 to buy', '2\u202fL'],
  ],
  setout: [
    ['1', 'Ca', 'along 1.20', 'out 0.35', 'back lane'],
    ['2', 'Ca', 'along 2.05', 'out 0.40', 'back lane'],
  ],
  care: [
    ['Cut back', 'Salvia nemorosa × 14', '8 to 28 Jun, best 15 Jun', '25 min'],
    ['Stake', 'Campanula lactiflora × 3', '1 to 20 May, best 8 May', '15 min'],
  ],
  seasons: [
    ['April', '12 % in flower', 'tulips, new leaf'],
    ['July', '41 % in flower', 'salvia, cranesbill, phlox'],
    ['December', '0 % in flower', '38 % stems and seed heads'],
  ],
  diary: [
    ['8 May', 'first flower', 'Geranium sanguineum, four days before the library says'],
    ['2 Jul', 'flopped', 'Campanula lactiflora: stake it in May'],
  ],
  wishes: [
    ['Split', 'Hemerocallis fulva', 'three years in its place; when the ground is still warm'],
    ['More', 'Crocus tommasinianus', 'along the front'],
  ],
  learned: [['Salvia nemorosa', 'height', 'library 0.5\u202fm', 'here 0.62\u202fm', '4 entries']],
  orders: [['Gull Lane Nursery', '12 lines, 148 plants', 'wanted 20 Sep', 'confirmed']],
  raise: [
    ['Papaver rhoeas', 'from seed', 'sow 20 Mar', '40 plants', 'tray 3'],
    ['Salvia nemorosa', 'from cuttings', 'take 10 May', '16 plants', 'tray 4'],
  ],
  existing: [['Old apple', '4.2 × 5\u202fm', 'healthy', 'stays']],
  shortlist: [['Hylotelephium telephium', '50 × 45\u202fcm', 'August to October']],
} as const satisfies Readonly<Record<string, readonly (readonly string[])[]>>
