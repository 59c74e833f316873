import type { ReactNode } from "react";
import type { OutingResult } from "@/core/simulation";
import type { Preferences } from "@/formats/display/preferences";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import type { Selection } from "@/stores/sheet/day-sheet";
import type { ShownHeadline } from "@/stores/answer/headline";
import { AvoidedMaterials } from "./clothes/avoided";
import { Beliefs } from "./answer/beliefs";
import { PartySection, type Party } from "./party";
import { Cautions } from "./answer/cautions";
import { EditorFrame } from "./editor-frame";
import { Hint } from "./hint";
import { HourEditor } from "./editors/hour-editor";
import { Ledger } from "./answer/ledger";
import { minuteShown } from "./time-axis/minute-shown";
import { PhaseEditor } from "./editors/phase-editor";
import { PlaceEditor } from "./editors/place-editor";
import { ReadOut } from "./time-axis/read-out";
import { Practices } from "./clothes/practices";
import { Sitter } from "./answer/sitter";
import { SkinGlassBatteries } from "./answer/skin-glass-batteries";
import { useRested } from "./time-axis/use-rested";
import { WearingEditor } from "./editors/wearing-editor";
import { WhatBuysMinutes } from "./answer/what-buys-minutes";
import { WhenItGoesWrong } from "./answer/when-it-goes-wrong";

type Props = {
  readonly view: OutingView;
  readonly result: OutingResult | null;
  readonly shown: ShownHeadline | null;
  /** Minute chosen to be read out; `null` follows the verdict. */
  readonly chosenMinute: number | null;
  readonly selection: Selection;
  readonly preferences: Preferences;
  readonly party: Party;
};

function Editor({ view, selection, preferences }: Pick<Props, "view" | "selection" | "preferences">) {
  if (selection?.kind === "place") return <PlaceEditor view={view} />;
  if (selection?.kind === "hour") return <HourEditor view={view} index={selection.index} preferences={preferences} />;
  if (selection?.kind === "phase") return <PhaseEditor view={view} index={selection.index} />;
  if (selection?.kind === "wearing") return <WearingEditor view={view} id={selection.id} />;
  return null;
}

/** What is worked with, and says nothing on paper. */
const OnScreen = ({ children }: { readonly children: ReactNode }) => (
  <div className="no-print contents">{children}</div>
);

/**
 * Beside the time axis: the editor of what is chosen, the sitter at the minute read out, what buys minutes, cautions.
 * An answer is drawn here once verdict and curves stand and a hand that drags rests.
 */
export function Aside({ view, result: newest, shown, chosenMinute, selection, preferences, party }: Props) {
  const result = useRested(newest);
  const minute = minuteShown(result, shown, chosenMinute);
  return (
    <div className="border-line whole:overflow-y-auto flex min-h-0 flex-col gap-4 lg:border-l lg:pl-4">
      <OnScreen>
        <Hint preferences={preferences} />
      </OnScreen>
      {selection && (
        <EditorFrame what={JSON.stringify(selection)}>
          <Editor view={view} selection={selection} preferences={preferences} />
        </EditorFrame>
      )}
      {result ? (
        <>
          <Sitter view={view} result={result} minute={minute} preferences={preferences} />
          <WhatBuysMinutes view={view} />
          <PartySection view={view} party={party} />
          <OnScreen>
            <Practices view={view} />
            <AvoidedMaterials view={view} result={result} />
          </OnScreen>
          <Ledger minute={minute} />
          <OnScreen>
            <WhenItGoesWrong view={view} minute={minute} preferences={preferences} />
            <SkinGlassBatteries
              view={view}
              minute={minute}
              airTemperatureC={result.series.airTemperatureC[Math.min(minute, result.series.minutes)]!}
              preferences={preferences}
            />
          </OnScreen>
          <ReadOut view={view} result={result} minute={minute} preferences={preferences} />
        </>
      ) : (
        <p role="status" className="text-muted">
          computing the body …
        </p>
      )}
      <OnScreen>
        <Beliefs view={view} />
      </OnScreen>
      <Cautions view={view} result={result} />
    </div>
  );
}
