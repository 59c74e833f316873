import type { ReactNode } from "react";
import type { GlossaryEntry } from "@/formats/display/words/glossary";
import { Explained } from "./explained";

type Props = { readonly of: GlossaryEntry; readonly children?: ReactNode };

/** A word with its explanation. */
export const Term = ({ of, children }: Props) => (
  <Explained entry={of} className="decoration-muted cursor-help underline decoration-dotted underline-offset-4">
    {children ?? of.term}
  </Explained>
);
