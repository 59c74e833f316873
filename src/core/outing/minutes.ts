type Lasting = { readonly minutes: number };

/** Minutes an outing lasts. */
export const totalMinutes = (phases: readonly Lasting[]): number =>
  phases.reduce((total, { minutes }) => total + minutes, 0);

/** Minute of the outing at which a phase begins; at their number, at which all end. */
export const minutesBefore = (phases: readonly Lasting[], index: number): number =>
  totalMinutes(phases.slice(0, index));
