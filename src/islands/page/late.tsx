import * as m from "@/messages";
import { useEffect, useState, type ComponentType } from "react";

/** A part of a page that could not be loaded because the program was upgraded meanwhile is had by loading the page, once. */
const RELOADED = "umiak reloaded for";

/** Whether the server answers; a part that is missing all the same has another name by now. */
const isServerThere = async (): Promise<boolean> => {
  const answer = await fetch("/api/health", { cache: "no-store" }).catch(() => null);
  return answer?.ok ?? false;
};

async function reloadIfUpgraded(reason: string): Promise<void> {
  if (!(await isServerThere())) return;
  if (sessionStorage.getItem(RELOADED) === reason) return;
  sessionStorage.setItem(RELOADED, reason);
  window.location.reload(); // what is not saved is kept, and done again
}

type Loaded<Props> = { readonly Part: ComponentType<Props> } | "loading" | "failed";

/**
 * A part of an island that is loaded when it is first drawn. Without a network it says so and can be tried again; the rest
 * of the page stays as it is.
 */
export function late<Props extends object>(load: () => Promise<ComponentType<Props>>): ComponentType<Props> {
  return function Late(props: Props) {
    const [loaded, setLoaded] = useState<Loaded<Props>>("loading");
    const [attempt, setAttempt] = useState(0);
    useEffect(() => {
      let isGone = false;
      load()
        .then((Part) => {
          if (!isGone) setLoaded({ Part });
        })
        .catch((error: unknown) => {
          if (!isGone) setLoaded("failed");
          void reloadIfUpgraded(String(error));
        });
      return () => {
        isGone = true;
      };
    }, [attempt]);
    if (loaded === "loading") return null;
    if (loaded === "failed") {
      return (
        <div role="alert" className="border-cranberry max-w-xl border-l-4 pl-3">
          <p>{m.thisPartCouldNotBeLoaded}</p>
          <button
            type="button"
            className="press mt-2"
            onClick={() => {
              setLoaded("loading");
              setAttempt(attempt + 1);
            }}
          >
            {m.tryAgain}
          </button>
        </div>
      );
    }
    return <loaded.Part {...props} />;
  };
}
