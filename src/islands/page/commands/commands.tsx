import * as m from "@/messages";
import { SearchIcon } from "lucide-react";
import { useEffect, useState } from "react";
import { $told } from "@/stores/told";
import { late } from "../late";

/** Fetched when it is first asked for. */
const Search = late(() => import("./search").then((module) => module.Search));

const ICON_PX = 16;

/** What works on every page: going anywhere by its name (Ctrl+K, on a Mac ⌘K), and being told what was done. */
export default function Commands() {
  const [isOpen, setOpen] = useState(false);
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent): void => {
      if (event.key.toLowerCase() !== "k" || !(event.ctrlKey || event.metaKey) || event.shiftKey || event.altKey)
        return;
      event.preventDefault();
      setOpen(true);
    };
    window.addEventListener("keydown", onKeyDown);
    const stop = $told.listen((told) => {
      if (told) void import("./toasts").then(({ showToast }) => showToast(told));
    });
    return () => {
      window.removeEventListener("keydown", onKeyDown);
      stop();
    };
  }, []);
  return (
    <>
      <button
        type="button"
        className="press press-small inline-flex items-center gap-1.5"
        aria-label={m.goTo}
        title={m.goToCtrlK}
        aria-keyshortcuts="Control+K Meta+K"
        onClick={() => setOpen(true)}
      >
        <SearchIcon aria-hidden="true" size={ICON_PX} />
        <span className="sm:hidden">{m.goTo}</span>
      </button>
      {isOpen && <Search onClose={() => setOpen(false)} />}
    </>
  );
}
