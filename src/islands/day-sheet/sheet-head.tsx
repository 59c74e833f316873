import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { CloudSun, Copy, HelpCircle, MapPin, Pencil, Redo2, Shirt, Sparkles, Undo2 } from "lucide-react";
import { memo, useEffect, type ReactNode } from "react";
import { inventedWords } from "@/formats/display/words/invented-words";
import { clockText, dateText } from "@/formats/display/time";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $selection } from "@/stores/sheet/day-sheet";
import { $history, $lastDone, redo, undo } from "@/stores/sheet/editing";
import { drawnFrom } from "./drawn-from";

import { SaveNotice } from "./save-notice";
import { late } from "../page/late";

/** Fetched when first opened: the sheet itself stands sooner without them. */
const Help = late(() => import("./help").then((module) => module.Help));
const AddClothes = late(() => import("./clothes/add-clothes").then((module) => module.AddClothes));
const DuplicateOuting = late(() => import("./duplicate-outing").then((module) => module.DuplicateOuting));
const HeadDialog = late(() => import("./head-dialog").then((module) => module.HeadDialog));
const WeatherDialog = late(() => import("./weather/weather-dialog").then((module) => module.WeatherDialog));

const ICON_PX = 16;

/** Undo and redo by keys, wherever the focus is but in a text being written. */
function useUndoKeys(): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (!(event.ctrlKey || event.metaKey) || event.altKey) return;
      const key = event.key.toLowerCase();
      const isUndo = key === "z" && !event.shiftKey;
      const isRedo = key === "y" || (key === "z" && event.shiftKey);
      const target = event.target as HTMLElement | null;
      const isWriting = target?.matches("textarea, input[type=text], input:not([type])") ?? false;
      if (isWriting || !(isUndo || isRedo)) return;
      event.preventDefault();
      if (isUndo) undo();
      else redo();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);
}

type ActionProps = {
  readonly label: string;
  readonly icon: ReactNode;
  readonly isDisabled?: boolean;
  readonly title?: string;
  readonly isWordless?: boolean;
  readonly onPress: () => void;
};

const Action = ({ label, icon, isDisabled = false, title, isWordless = false, onPress }: ActionProps) => (
  <button
    type="button"
    className="press press-small flex items-center gap-1.5 disabled:opacity-45"
    disabled={isDisabled}
    title={title}
    onClick={onPress}
  >
    {icon}
    <span className={isWordless ? "sr-only" : undefined}>{label}</span>
  </button>
);

function UndoRedo() {
  const { commands, done } = useStore($history);
  const [last, next] = [commands[done - 1], commands[done]];
  return (
    <>
      <Action
        label={last ? m.undo({ label: last.label }) : m.undoTitle}
        title={last ? m.undoCtrlZ({ label: last.label }) : m.nothingToUndo}
        icon={<Undo2 aria-hidden="true" size={ICON_PX} />}
        isDisabled={!last}
        isWordless
        onPress={undo}
      />
      <Action
        label={next ? m.redo({ label: next.label }) : m.redoTitle}
        title={next ? m.redoCtrlShiftZ({ label: next.label }) : m.nothingToRedo}
        icon={<Redo2 aria-hidden="true" size={ICON_PX} />}
        isDisabled={!next}
        isWordless
        onPress={redo}
      />
    </>
  );
}

/** Which window stands open over the sheet. */
export type Open = "head" | "weather" | "clothes" | "copy" | "help" | null;

type Props = { readonly view: OutingView };

function Heading({ view }: Props) {
  const invented = inventedWords(view);
  return (
    <h1 className="text-base">
      <span className="font-semibold">{view.name}</span>{" "}
      <span className="text-muted text-sm">
        {view.place.name} · {view.person.name} · {dateText(view.startsAt, view.place.timeZone)} {m.from2}{" "}
        {clockText(view.startsAt, view.place.timeZone)}
      </span>
      {invented && (
        <span className="text-accent-text text-sm" title={view.invented ? m.peoplePlaceKitAndWeatherAre : invented}>
          {" "}
          {m.invented}
          {!view.invented && m.weather2}
        </span>
      )}
    </h1>
  );
}
const Title = memo(Heading, drawnFrom<Props>("name", "place", "person", "startsAt", "invented", "plan"));

type ActionsProps = { readonly outingId: string; readonly onOpen: (open: Open) => void };

const Actions = memo(({ outingId, onOpen }: ActionsProps) => (
  <div className="no-print flex flex-wrap items-center gap-1.5">
    <SaveNotice />
    <UndoRedo />
    <Action
      label={m.nameDayWhoAndWhere}
      title={m.nameDayWhoAndWhereRemove}
      icon={<Pencil aria-hidden="true" size={ICON_PX} />}
      isWordless
      onPress={() => onOpen("head")}
    />
    <Action
      label={m.placeTitle}
      icon={<MapPin aria-hidden="true" size={ICON_PX} />}
      onPress={() => $selection.set({ kind: "place" })}
    />
    <Action label={m.weather} icon={<CloudSun aria-hidden="true" size={ICON_PX} />} onPress={() => onOpen("weather")} />
    <Action label={m.addClothes} icon={<Shirt aria-hidden="true" size={ICON_PX} />} onPress={() => onOpen("clothes")} />
    <a
      className="press press-small flex items-center gap-1.5"
      href={`/outings/${outingId}/dress`}
      title={m.dresserSays}
    >
      <Sparkles aria-hidden="true" size={ICON_PX} />
      {m.dressMe}
    </a>
    <a
      className="press press-small flex items-center gap-1.5"
      href={`/outings/${outingId}/pack`}
      title={m.packingListDressingOrderCalendar}
    >
      {m.pack}
    </a>
    <a
      className="press press-small flex items-center gap-1.5"
      href={`/outings/${outingId}/card`}
      title={m.onePageForTheFieldPrinted}
    >
      {m.card}
    </a>
    <a
      className="press press-small flex items-center gap-1.5"
      href={`/outings/${outingId}/after`}
      title={m.logbookHowWasItSays}
    >
      {m.logbookHowWasIt}
    </a>
    <Action
      label={m.copy}
      title={m.anotherOutingLikeThis}
      icon={<Copy aria-hidden="true" size={ICON_PX} />}
      isWordless
      onPress={() => onOpen("copy")}
    />
    <Action
      label={m.help}
      icon={<HelpCircle aria-hidden="true" size={ICON_PX} />}
      isWordless
      onPress={() => onOpen("help")}
    />
  </div>
));

const LastDone = () => (
  <p role="status" className="sr-only" data-testid="last-done">
    {useStore($lastDone)}
  </p>
);

/** What and where the outing is, and what can be done with the sheet. */
export function SheetHead({
  view,
  open,
  onOpen,
}: Props & { readonly open: Open; readonly onOpen: (open: Open) => void }) {
  useUndoKeys();
  const close = (): void => onOpen(null);
  return (
    <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 pt-1.5">
      <Title view={view} />
      <Actions outingId={view.id} onOpen={onOpen} />
      <LastDone />
      {open === "head" && <HeadDialog view={view} isOpen onClose={close} />}
      {open === "weather" && <WeatherDialog view={view} isOpen onClose={close} />}
      {open === "clothes" && <AddClothes view={view} isOpen onClose={close} />}
      {open === "copy" && <DuplicateOuting view={view} isOpen onClose={close} />}
      {open === "help" && <Help isOpen onClose={close} />}
    </div>
  );
}
