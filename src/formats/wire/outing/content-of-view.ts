import type { OutingContentView, OutingView } from "./outing-view";

/** Of a view what a sheet holds and a save sends. */
export const contentOfView = ({
  setting,
  weatherShaped,
  weather,
  phases,
  wearings,
  plan,
}: OutingView): OutingContentView => ({ setting, weatherShaped, weather, phases, wearings, plan });
