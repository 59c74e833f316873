import type { ReactNode } from "react";
import { GLOSSARY, type GlossaryKey } from "@/formats/display/words/glossary";
import { Explained } from "./explained";

type Props = { readonly of: GlossaryKey; readonly children?: ReactNode };

/** A word with its explanation. */
export const Term = ({ of, children }: Props) => (
  <Explained
    entry={GLOSSARY[of]}
    className="decoration-muted cursor-help underline decoration-dotted underline-offset-4"
  >
    {children ?? GLOSSARY[of].term}
  </Explained>
);
