import type { Preferences } from "@/formats/display/preferences";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import type { Selection } from "@/stores/sheet/day-sheet";
import { EditorFrame } from "./editor-frame";
import { HourEditor } from "./editors/hour-editor";
import { PhaseEditor } from "./editors/phase-editor";
import { PlaceEditor } from "./editors/place-editor";
import { WearingEditor } from "./editors/wearing-editor";

type Props = {
  readonly view: OutingView;
  readonly selection: Exclude<Selection, null>;
  readonly preferences: Preferences;
};

function Editor({ view, selection, preferences }: Props) {
  if (selection.kind === "place") return <PlaceEditor view={view} />;
  if (selection.kind === "hour") return <HourEditor view={view} index={selection.index} preferences={preferences} />;
  if (selection.kind === "phase") return <PhaseEditor view={view} index={selection.index} />;
  return <WearingEditor view={view} id={selection.id} />;
}

/** The editor of what is chosen on the sheet. */
export const EditorOf = (props: Props) => (
  <EditorFrame what={JSON.stringify(props.selection)}>
    <Editor {...props} />
  </EditorFrame>
);
