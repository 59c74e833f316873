import * as m from "@/messages";
import { useState } from "react";
import type { Preferences } from "@/formats/display/preferences";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $preferences } from "@/stores/preferences";
import { Dialog } from "../../page/dialog";
import { OneOf } from "../../fields/one-of";
import { ForecastTake } from "./forecast-take";
import { LowHighForm } from "./low-high-form";
import { WeatherImport } from "./weather-import";
import { WeatherTable } from "./weather-table";

type Props = { readonly view: OutingView; readonly isOpen: boolean; readonly onClose: () => void };
type Way = "table" | "forecast" | "lowHigh" | "import";

const WAYS: readonly (readonly [Way, string])[] = [
  ["table", m.hourByHour],
  ["forecast", m.forecast],
  ["lowHigh", m.onlyLowAndHighAreKnown],
  ["import", m.pasteOrReadAFile],
];

/** The day's weather, typed by rows, shaped from low and high, or taken from elsewhere. */
export function WeatherDialog({ view, isOpen, onClose }: Props) {
  const [way, setWay] = useState<Way>("table");
  const preferences: Preferences = $preferences.get();
  return (
    <Dialog title={m.weather} isOpen={isOpen} onClose={onClose} isWide>
      <OneOf label={m.how} value={way} options={WAYS} onChoose={setWay} />
      {way === "table" && <WeatherTable view={view} preferences={preferences} />}
      {way === "forecast" && <ForecastTake view={view} preferences={preferences} onDone={onClose} />}
      {way === "lowHigh" && <LowHighForm view={view} onDone={onClose} />}
      {way === "import" && <WeatherImport view={view} preferences={preferences} onDone={onClose} />}
    </Dialog>
  );
}
