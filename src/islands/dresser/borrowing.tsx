import * as m from "@/messages";
import { useState } from "react";
import { $lent, borrowFrom } from "@/stores/dresser/dresser";
import type { Companion } from "@/stores/dresser/lending";
import { CheckField } from "../fields/check-field";

/** What others of the party leave at home may be worn too. */
export function Borrowing({ companions }: { readonly companions: readonly Companion[] }) {
  const [isWanted, setWanted] = useState(false);
  const [told, setTold] = useState<string | null>(null);
  const change = (wanted: boolean): void => {
    setWanted(wanted);
    borrowFrom(wanted ? companions : []).then(
      () => setTold(wanted && $lent.get().length === 0 ? m.nothingToLend : null),
      (error: Error) => {
        setWanted(!wanted);
        setTold(error.message);
      },
    );
  };
  return (
    <>
      <CheckField
        label={m.borrowWish({ names: companions.map(({ personName }) => personName).join(", ") })}
        checked={isWanted}
        onChange={change}
      />
      <p role="status" className="text-sm">
        {told}
      </p>
    </>
  );
}
