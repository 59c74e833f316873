import { PREPARATION_FIELDS, type OutingPreparation } from "@/core/evening";
import type { OutingContentView, PhaseView, WearingView, WeatherHourView } from "../wire/outing/outing-view";
import { keyOf, LISTS, type ListName } from "./diff";
import { clashes, mergedOrder, mergedThing } from "./merge";
import type { SheetChange } from "./sheet-command";

/** Forwards makes what a change made, backwards takes it back. */
export type Direction = "forwards" | "backwards";

type Thing = WeatherHourView | PhaseView | WearingView;

/** What a change leads from and to. */
type Step = { readonly from: unknown; readonly to: unknown };

/** A list with things put in, changed and taken out by key; others stay as they are. */
function withThings(list: readonly Thing[], steps: ReadonlyMap<string, Step>): Thing[] {
  const kept = list.flatMap((thing): Thing[] => {
    const step = steps.get(keyOf(thing));
    if (!step) return [thing];
    return step.to === null ? [] : [mergedThing(thing, step.from, step.to) as Thing];
  });
  const known = new Set(list.map(keyOf));
  const added = [...steps].flatMap(([key, { to }]) => (known.has(key) || to === null ? [] : [to as Thing]));
  return [...kept, ...added];
}

const byInstant = (hours: readonly WeatherHourView[]): WeatherHourView[] =>
  [...hours].sort((one, other) => Date.parse(one.at) - Date.parse(other.at));

/** In the order of the ids; what they do not name stays behind what it stood behind. */
function inOrder(phases: readonly PhaseView[], order: unknown): PhaseView[] {
  if (!Array.isArray(order)) return [...phases];
  const places = mergedOrder(order as string[], phases.map(keyOf));
  return [...phases].sort((one, other) => places.indexOf(one.id) - places.indexOf(other.id));
}

/** A plan with some of its fields changed; `null` takes one out. */
function withFields(plan: OutingPreparation, steps: ReadonlyMap<string, Step>): OutingPreparation {
  if (steps.size === 0) return plan;
  const kept = Object.entries(plan).filter(([field]) => !steps.has(field));
  const changed = [...steps].flatMap(([field, { to }]) =>
    to !== null && PREPARATION_FIELDS.some((own) => own === field) ? [[field, to] as const] : [],
  );
  return Object.fromEntries([...kept, ...changed]);
}

const stepOf = ({ before, after }: SheetChange, direction: Direction): Step =>
  direction === "forwards" ? { from: before, to: after } : { from: after, to: before };

/** What a sheet holds of what a change names; `null` where it is not there. */
function thingOf(content: OutingContentView, { collection, key }: SheetChange): unknown {
  if (collection === "plan") return (content.plan as Readonly<Record<string, unknown>>)[key] ?? null;
  if (collection === "order") return content.phases.map(keyOf);
  if (collection === "setting" || collection === "weatherShaped") return content[collection];
  return content[collection].find((thing) => keyOf(thing) === key) ?? null;
}

/**
 * Whether a change and what somebody else did since touch the same. An order never clashes: it is merged, and whether
 * weather was shaped follows from its hours.
 */
export const changeClashes = (content: OutingContentView, change: SheetChange): boolean =>
  change.collection !== "order" &&
  change.collection !== "weatherShaped" &&
  clashes(thingOf(content, change), change.before, change.after);

/** Makes the changes of a command on a state, also on a newer one than it was made on: field by field. */
export function applyChanges<Content extends OutingContentView>(
  content: Content,
  changes: readonly SheetChange[],
  direction: Direction,
): Content {
  const inList = (name: ListName | "plan"): ReadonlyMap<string, Step> =>
    new Map(
      changes.filter(({ collection }) => collection === name).map((change) => [change.key, stepOf(change, direction)]),
    );
  const [weather, phases, wearings] = LISTS.map((name) => {
    const things = inList(name);
    return things.size === 0 ? content[name] : withThings(content[name], things);
  }) as [WeatherHourView[], PhaseView[], WearingView[]];
  const one = (name: "order" | "setting" | "weatherShaped"): Step | undefined => {
    const change = changes.find(({ collection }) => collection === name);
    return change && stepOf(change, direction);
  };
  const setting = one("setting");
  return {
    ...content,
    weather: weather === content.weather ? weather : byInstant(weather),
    phases: inOrder(phases, one("order")?.to),
    wearings,
    setting: setting
      ? (mergedThing(content.setting, setting.from, setting.to) as OutingContentView["setting"])
      : content.setting,
    plan: withFields(content.plan, inList("plan")),
    weatherShaped: (one("weatherShaped")?.to as boolean | undefined) ?? content.weatherShaped,
  };
}
