import * as m from "@/messages";
import { useState } from "react";
import { Chips } from "../../fields/chips";
import { Dialog } from "../../page/dialog";
import { FromList } from "./from-list";
import { GenericKit, GenericPiece } from "./generic-pieces";
import { OwnPiece } from "./own-piece";

const WAYS = [
  ["own", m.aPieceOfMine],
  ["list", m.myListOrSpreadsheet],
  ["generic", m.aGenericPiece],
  ["kit", m.aWholeGenericKit],
] as const;
type Way = (typeof WAYS)[number][0];

const SHOWN: Readonly<Record<Way, (props: { readonly onDone: () => void }) => React.ReactNode>> = {
  own: OwnPiece,
  list: FromList,
  generic: GenericPiece,
  kit: GenericKit,
};

/** All ways for pieces into the kit. */
export function AddDialog({ onClose }: { readonly onClose: () => void }) {
  const [way, setWay] = useState<Way>("own");
  const Shown = SHOWN[way];
  return (
    <Dialog title={m.addToTheKit} isOpen onClose={onClose} isWide>
      <div className="flex flex-col gap-5">
        <Chips label={m.whatToAdd} isLabelHidden value={way} options={WAYS} onChange={setWay} />
        <Shown onDone={onClose} />
      </div>
    </Dialog>
  );
}
