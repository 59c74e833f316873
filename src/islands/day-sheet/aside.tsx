import * as m from "@/messages";
import type { ReactNode } from "react";
import type { OutingResult } from "@/core/simulation";
import type { Preferences } from "@/formats/display/preferences";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import type { Selection } from "@/stores/sheet/day-sheet";
import type { ShownHeadline } from "@/stores/answer/headline";
import { PartySection, type Party } from "./party";
import { Cautions } from "./answer/cautions";
import { Hint } from "./hint";
import { Ledger } from "./answer/ledger";
import { minuteShown } from "./time-axis/minute-shown";
import { ReadOut } from "./time-axis/read-out";
import { Sitter } from "./answer/sitter";
import { late } from "../page/late";
import { AvoidedMaterials, Beliefs, Practices, SkinGlassBatteries, WhenItGoesWrong } from "./parts-opened";
import { useRested } from "./time-axis/use-rested";
import { WhatBuysMinutes } from "./answer/what-buys-minutes";

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

/** Fetched when something is first chosen. */
const EditorOf = late(() => import("./editor-of").then((module) => module.EditorOf));

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
      {selection && <EditorOf view={view} selection={selection} preferences={preferences} />}
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
            <SkinGlassBatteries view={view} minute={minute} result={result} preferences={preferences} />
          </OnScreen>
          <ReadOut view={view} result={result} minute={minute} preferences={preferences} />
        </>
      ) : (
        <p role="status" className="text-muted">
          {m.computingTheBody}
        </p>
      )}
      <OnScreen>
        <Beliefs view={view} />
      </OnScreen>
      <Cautions view={view} result={result} />
    </div>
  );
}
