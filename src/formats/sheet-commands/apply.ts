import { PLAN_FIELDS, type OutingPlan } from "@/core/plan";
import type { OutingContentView, PhaseView, WearingView, WeatherHourView } from "../wire/outing-view";
import { keyOf, LISTS, type ListName } from "./diff";
import type { SheetChange } from "./sheet-command";

/** Forwards makes what a change made, backwards takes it back. */
export type Direction = "forwards" | "backwards";

type Thing = WeatherHourView | PhaseView | WearingView;

/** A list with things put in, replaced and taken out by key; others stay as they are. */
function withThings(list: readonly Thing[], wanted: ReadonlyMap<string, unknown>): Thing[] {
  const kept = list.flatMap((thing): Thing[] => {
    const key = keyOf(thing);
    if (!wanted.has(key)) return [thing];
    const fresh = wanted.get(key);
    return fresh === null ? [] : [fresh as Thing];
  });
  const known = new Set(list.map(keyOf));
  const added = [...wanted].flatMap(([key, thing]) => (known.has(key) || thing === null ? [] : [thing as Thing]));
  return [...kept, ...added];
}

const byInstant = (hours: readonly WeatherHourView[]): WeatherHourView[] =>
  [...hours].sort((one, other) => Date.parse(one.at) - Date.parse(other.at));

/** In the order of the ids; what they do not name stays behind them. */
function inOrder(phases: readonly PhaseView[], order: unknown): PhaseView[] {
  if (!Array.isArray(order)) return [...phases];
  const place = new Map(order.map((id, index) => [id, index]));
  return [...phases].sort(
    (one, other) => (place.get(one.id) ?? phases.length) - (place.get(other.id) ?? phases.length),
  );
}

/** A plan with some of its fields changed; `null` takes one out. */
function withFields(plan: OutingPlan, wanted: ReadonlyMap<string, unknown>): OutingPlan {
  if (wanted.size === 0) return plan;
  const kept = Object.entries(plan).filter(([field]) => !wanted.has(field));
  const changed = [...wanted].filter(([field, value]) => value !== null && PLAN_FIELDS.some((own) => own === field));
  return Object.fromEntries([...kept, ...changed]);
}

/** Makes the changes of a command on a state, also on a newer one than it was made on. */
export function applyChanges<Content extends OutingContentView>(
  content: Content,
  changes: readonly SheetChange[],
  direction: Direction,
): Content {
  const wanted = ({ before, after }: SheetChange): unknown => (direction === "forwards" ? after : before);
  const inList = (name: ListName | "plan"): ReadonlyMap<string, unknown> =>
    new Map(changes.filter(({ collection }) => collection === name).map((change) => [change.key, wanted(change)]));
  const [weather, phases, wearings] = LISTS.map((name) => {
    const things = inList(name);
    return things.size === 0 ? content[name] : withThings(content[name], things);
  }) as [WeatherHourView[], PhaseView[], WearingView[]];
  const one = (name: "order" | "setting" | "weatherShaped"): unknown => {
    const change = changes.find(({ collection }) => collection === name);
    return change && wanted(change);
  };
  return {
    ...content,
    weather: weather === content.weather ? weather : byInstant(weather),
    phases: inOrder(phases, one("order")),
    wearings,
    setting: (one("setting") as OutingContentView["setting"] | undefined) ?? content.setting,
    plan: withFields(content.plan, inList("plan")),
    weatherShaped: (one("weatherShaped") as boolean | undefined) ?? content.weatherShaped,
  };
}
