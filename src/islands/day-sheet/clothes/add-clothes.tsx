import * as m from "@/messages";
import { useState } from "react";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { Dialog } from "../../page/dialog";
import { OneOf } from "../../fields/one-of";
import { FromKit } from "./from-kit";
import { FromStarterKit } from "./from-starter-kit";
import { Outfits } from "./outfits";
import { QuickAdd } from "./quick-add";

type Props = { readonly view: OutingView; readonly isOpen: boolean; readonly onClose: () => void };
type Source = "kit" | "outfits" | "starter" | "own";

const SOURCES: readonly (readonly [Source, string])[] = [
  ["kit", m.fromTheKit],
  ["outfits", m.outfits],
  ["starter", m.genericStarterKit],
  ["own", m.typeMyOwn],
];

function Sources({ view }: { readonly view: OutingView }) {
  const [source, setSource] = useState<Source>(view.kit.length > 0 ? "kit" : "starter");
  return (
    <>
      <OneOf label={m.fromWhere} value={source} options={SOURCES} onChoose={setSource} />
      {source === "kit" && <FromKit view={view} />}
      {source === "outfits" && <Outfits view={view} />}
      {source === "starter" && <FromStarterKit view={view} />}
      {source === "own" && <QuickAdd view={view} />}
    </>
  );
}

/** Clothes onto the sheet: from the kit, from generic pieces, or typed by the figure on their label. */
export const AddClothes = ({ view, isOpen, onClose }: Props) => (
  <Dialog title={m.addClothes} isOpen={isOpen} onClose={onClose} isWide>
    <Sources view={view} />
  </Dialog>
);
