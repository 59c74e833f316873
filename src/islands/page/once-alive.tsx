import type { ReactNode } from "react";
import { useAlive } from "./use-alive";

/**
 * Controls that can be used only once the browser has taken the page over: what is pressed before would be lost.
 * It has no box of its own: an island that waits to be seen needs an element around it.
 */
export function OnceAlive({ children }: { readonly children: ReactNode }) {
  const isAlive = useAlive();
  return (
    <fieldset role="none" className="contents" disabled={!isAlive}>
      {children}
    </fieldset>
  );
}
