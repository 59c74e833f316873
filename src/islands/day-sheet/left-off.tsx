import * as m from "@/messages";
import { useSyncExternalStore } from "react";
import type { OutingView } from "@/formats/wire/outing/outing-view";

const never = (): (() => void) => () => undefined;
/** How many, as the address of this page tells it; the server draws the page for every address alike. */
const ofAddress = (): number => Number(new URLSearchParams(window.location.search).get("leftOff")) || 0;

/** Told after another person took the sheet over: what their kit does not hold. */
export function LeftOff({ view }: { readonly view: OutingView }) {
  const count = useSyncExternalStore(never, ofAddress, () => 0);
  if (count <= 0) return null;
  return (
    <p role="status" className="border-accent my-1 border-l-4 pl-3 text-sm">
      {count === 1 ? m.pieceIs : m.piecesAre({ count })} {m.notInTheKitOf} {view.person.name} {m.andNoLongerWornPutOn}
    </p>
  );
}
