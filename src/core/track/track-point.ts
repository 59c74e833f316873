/** A point of a way: where, and how high above the sea where that is known, m. */
export type TrackPoint = readonly [latitudeDeg: number, longitudeDeg: number, elevationM: number | null];
