import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import type { RowSelectionState } from "@tanstack/react-table";
import { Archive, ArchiveRestore, Trash2 } from "lucide-react";
import { useEffect, useMemo, useRef, useState, type ReactNode } from "react";
import type { Wear } from "@/core/labels";
import type { PieceStatus } from "@/core/pieces";
import { WEAR_WORDS } from "@/formats/display/words/label-words";
import type { Preferences } from "@/formats/display/preferences";
import type { KitView } from "@/formats/wire/kit/kit-view";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $chosenPiece, $kit, $statusDone, setStatus, setWear, takeStatusBack } from "@/stores/kit-page";
import { $preferences } from "@/stores/preferences";
import { optionsOf } from "../fields/choice-field";
import { useInitially } from "../page/use-initially";
import { useNamedInAddress } from "../page/use-named-in-address";
import type { AlsoShown } from "./also-shown";
import { isAskedFor, NO_FILTER, type KitFilter } from "./kit-filter";
import { KitFilters } from "./kit-filters";
import { KitTable } from "./kit-table";
import { PieceEditor } from "./piece-editor";
import { OnceAlive } from "../page/once-alive";
import { guarded } from "../page/guarded";
import { late } from "../page/late";

/** Fetched when first opened, with all that reads and writes files. */
const AddDialog = late(() => import("./add/add-dialog").then((module) => module.AddDialog));
const TakeAlong = late(() => import("./take-along").then((module) => module.TakeAlong));

const Compare = late(() => import("./compare").then((module) => module.Compare));

type Props = {
  readonly initial: KitView;
  readonly people: readonly { readonly id: string; readonly name: string }[];
  /** An outing to compare pieces in; `null` where there is none yet. */
  readonly sheet: OutingView | null;
  readonly preferences: Preferences;
};

const ICON_PX = 15;
/** As many pieces as can stand side by side. */
const COMPARED = [2, 6] as const;
/** Where the piece stands beside the list and not under it. */
const WIDE = "(min-width: 64rem)";
const ACTIONS: readonly { readonly to: PieceStatus; readonly words: string; readonly icon: ReactNode }[] = [
  { to: "retired", words: m.retire, icon: <Archive aria-hidden="true" size={ICON_PX} /> },
  { to: "inUse", words: m.backInUse, icon: <ArchiveRestore aria-hidden="true" size={ICON_PX} /> },
  { to: "deleted", words: m.deleteWords, icon: <Trash2 aria-hidden="true" size={ICON_PX} /> },
];

type ManyProps = {
  readonly ids: readonly string[];
  readonly listed: string;
  readonly onDone: () => void;
  readonly onCompare: () => void;
};

/** What is done to many pieces at once, and taken back. */
function Many({ ids, listed, onDone, onCompare }: ManyProps) {
  const done = useStore($statusDone);
  const [problem, setProblem] = useState<string | null>(null);
  const run = async (work: Promise<void>): Promise<void> => {
    try {
      setProblem(null);
      await work;
      onDone();
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  return (
    <div className="no-print flex min-h-9 flex-wrap items-center gap-2 text-sm">
      <p role="status" className="text-muted">
        {ids.length > 0 ? m.selected({ length: ids.length }) : listed}
      </p>
      {ids.length > 0 && (
        <>
          <button
            type="button"
            className="press press-small border-accent"
            disabled={ids.length < COMPARED[0] || ids.length > COMPARED[1]}
            title={m.selectToPieces({ compared: COMPARED[0], compared2: COMPARED[1] })}
            onClick={onCompare}
          >
            {m.sideBySide}
          </button>
          <label className="flex items-center gap-1.5">
            {m.wornTitle}
            <select className="field" value="" onChange={(event) => void run(setWear(ids, event.target.value as Wear))}>
              <option value="">{m.asEachIs}</option>
              {optionsOf(WEAR_WORDS).map(([wear, words]) => (
                <option key={wear} value={wear}>
                  {words}
                </option>
              ))}
            </select>
          </label>
          {ACTIONS.map(({ to, words, icon }) => (
            <button
              key={to}
              type="button"
              className="press press-small flex items-center gap-1.5"
              onClick={() => void run(setStatus(ids, to))}
            >
              {icon}
              {words}
            </button>
          ))}
        </>
      )}
      <p role="status">
        {done && (
          <>
            {done.words}{" "}
            <button type="button" className="press press-small" onClick={() => void run(takeStatusBack())}>
              {m.takeBack}
            </button>
          </>
        )}
      </p>
      {problem !== null && (
        <p role="alert" className="text-cranberry">
          {problem}
        </p>
      )}
    </div>
  );
}

/** Everything a person owns, each piece read in one unit. */
function KitPage({ initial, people, sheet, preferences }: Props) {
  useInitially(() => {
    $preferences.set(preferences);
    $kit.set(initial);
  });
  const kit = useStore($kit) ?? initial;
  const chosenId = useStore($chosenPiece);
  const beside = useRef<HTMLElement>(null);
  useNamedInAddress((named) => {
    if (kit.pieces.some(({ id }) => id === named)) $chosenPiece.set(named);
  });
  useEffect(() => {
    if (chosenId && !window.matchMedia(WIDE).matches) beside.current?.scrollIntoView();
  }, [chosenId]);
  const [isComparing, setComparing] = useState(false);
  const [open, setOpen] = useState<"add" | "takeAlong" | null>(null);
  const [also, setAlso] = useState<AlsoShown | null>(null);
  const [filter, setFilter] = useState<KitFilter>(NO_FILTER);
  const [selected, setSelected] = useState<RowSelectionState>({});
  const pieces = useMemo(() => kit.pieces.filter((piece) => isAskedFor(piece, filter)), [kit, filter]);
  const chosen = kit.pieces.find(({ id }) => id === chosenId);
  const ids = pieces.filter(({ id }) => selected[id]).map(({ id }) => id);
  return (
    <OnceAlive>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-6 pt-4 lg:grid-cols-[minmax(0,1fr)_24rem]">
        <div className="flex flex-col gap-3">
          <div className="flex flex-wrap items-center justify-between gap-3">
            <h1 className="text-2xl font-semibold">
              {m.kitOf} {kit.person.name}
            </h1>
            <p className="no-print mr-auto flex gap-2">
              <button
                type="button"
                className="press border-accent border-2 font-semibold"
                onClick={() => setOpen("add")}
              >
                {m.add2}
              </button>
              <button type="button" className="press" onClick={() => setOpen("takeAlong")}>
                {m.takeAlong}
              </button>
            </p>
            {people.length > 1 && (
              <nav aria-label={m.whoseKit} className="flex flex-wrap gap-3 text-sm">
                {people.map(({ id, name }) => (
                  <a
                    key={id}
                    href={`/kit?person=${id}`}
                    aria-current={id === kit.person.id ? "page" : undefined}
                    className={`min-h-6 ${id === kit.person.id ? "font-semibold" : "underline"}`}
                  >
                    {name}
                  </a>
                ))}
              </nav>
            )}
          </div>
          {open === "add" && <AddDialog onClose={() => setOpen(null)} />}
          {open === "takeAlong" && <TakeAlong pieces={kit.pieces} onClose={() => setOpen(null)} />}
          <KitFilters filter={filter} onChange={setFilter} also={also} onAlso={setAlso} />
          <Many
            ids={ids}
            listed={m.listedInUse({
              length: pieces.length,
              length2: kit.pieces.filter(({ status }) => status === "inUse").length,
            })}
            onDone={() => setSelected({})}
            onCompare={() => setComparing(true)}
          />
          {isComparing && (
            <Compare
              pieces={pieces.filter(({ id }) => selected[id])}
              sheet={sheet}
              onClose={() => setComparing(false)}
            />
          )}
          <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={m.piecesTitle}>
            <KitTable
              pieces={pieces}
              chosenId={chosenId}
              selected={selected}
              onSelect={setSelected}
              onOpen={(id) => $chosenPiece.set(id)}
              also={also}
            />
          </div>
        </div>
        <section
          ref={beside}
          aria-label={m.pieceOpened}
          className="border-line min-w-0 lg:sticky lg:top-2 lg:max-h-[calc(100dvh-1rem)] lg:self-start lg:overflow-y-auto lg:border-l lg:pl-5"
        >
          {chosen ? (
            <PieceEditor key={chosen.id} piece={chosen} onClose={() => $chosenPiece.set(null)} />
          ) : (
            <p className="text-muted">{m.openAPieceToSeeWhat}</p>
          )}
        </section>
      </div>
    </OnceAlive>
  );
}

export default guarded(KitPage);
