import type { OutingContent } from "@/db";
import type { OutingContentView } from "@/formats/wire/outing/outing-view";

/** What a sheet holds, as rows. */
export const contentRows = ({
  weather,
  phases,
  wearings,
}: Pick<OutingContentView, "weather" | "phases" | "wearings">): OutingContent => ({
  weather: weather.map(({ at, ...hour }) => ({ at: new Date(at), ...hour })),
  phases: phases.map(({ wetBy = [], ...phase }, position) => ({ position, ...phase, wetBy: [...wetBy] })),
  wearings: wearings.map(({ opened, withoutParts, ...wearing }) => ({
    ...wearing,
    opened: [...opened],
    withoutParts: [...withoutParts],
  })),
});
