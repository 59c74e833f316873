import * as m from "@/messages";
import { totalMinutes } from "@/core/outing";
import { heatCourse, HEAT_RANGE, type HeatSource, type HeatSpan } from "@/core/heat";
import { heatSpansOf } from "@/core/dressing";
import { plainNumber } from "@/formats/display/numbers";
import { clockText } from "@/formats/display/time";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView, WearingView } from "@/formats/wire/outing/outing-view";
import { editWearing } from "@/stores/sheet/edits";
import { ChoiceField } from "../../fields/choice-field";
import { ClockField } from "../../fields/clock-field";

type Props = { readonly view: OutingView; readonly wearing: WearingView; readonly source: HeatSource };

const PERCENT = 100;

const meanAirC = ({ weather }: OutingView): number =>
  weather.reduce((sum, { airTemperatureC }) => sum + airTemperatureC, 0) / Math.max(1, weather.length);

/** What the battery is left with, or when it is empty. */
function Budget({ view, wearing, source }: Props) {
  if (source.kind === "pack") {
    return (
      <p className="text-muted text-sm">
        {plainNumber(source.powerW, 1)} {m.wAPackFor} {plainNumber(source.hours, 0)} {m.hAtWork}{" "}
        {plainNumber(source.startUpMinutes, 0)} {m.minAfterItIsOpenedIt}
      </p>
    );
  }
  const { leftShare, emptyAtMinute } = heatCourse(
    source,
    heatSpansOf(wearing, source),
    Math.max(totalMinutes(view.phases), wearing.toMinute),
    meanAirC(view),
  );
  const clock = (minute: number): string => clockText(instantAt(view.startsAt, minute), view.place.timeZone);
  return (
    <p className="text-sm" role="status">
      {emptyAtMinute === null
        ? m.theBatteryKeepsForTheWay({ percent: plainNumber(PERCENT * (leftShare ?? 0), 0) })
        : m.theBatteryIsEmptyAtA({ clock: clock(emptyAtMinute) })}{" "}
      <span className="text-muted">{m.switchedOffItStillInsulates}</span>
    </p>
  );
}

/** When a piece that brings heat runs, and what its battery says to that. */
export function HeatEditor({ view, wearing, source }: Props) {
  const spans = heatSpansOf(wearing, source);
  const set = (heat: readonly HeatSpan[]): void => editWearing(m.whenItHeats, wearing.id, { heat });
  const change = (index: number, part: Partial<HeatSpan>): void =>
    set(spans.map((span, at) => (at === index ? { ...span, ...part } : span)));
  const clock = { startsAt: view.startsAt, timeZone: view.place.timeZone };
  const isPack = source.kind === "pack";
  return (
    <fieldset className="border-line flex flex-col gap-2 border-t pt-2">
      <legend className="text-muted text-sm">{m.heatItBrings}</legend>
      {spans.map((span, index) => (
        <div key={index} className="flex flex-wrap items-end gap-3">
          <ClockField
            key={`${wearing.id} heat ${index} from`}
            {...clock}
            label={isPack ? m.openedAt : m.onAt}
            minute={span.fromMinute}
            low={isPack ? HEAT_RANGE.openedMinute[0] : 0}
            high={span.toMinute - 1}
            onChange={(minute) => change(index, { fromMinute: minute })}
          />
          {!isPack && (
            <ClockField
              key={`${wearing.id} heat ${index} to`}
              {...clock}
              label={m.offAt}
              minute={span.toMinute}
              low={span.fromMinute + 1}
              high={Math.max(wearing.toMinute, span.toMinute)}
              onChange={(minute) => change(index, { toMinute: minute })}
            />
          )}
          {!isPack && (
            <ChoiceField
              label={m.level}
              value={String(span.level)}
              options={source.levelsW.map((levelW, at): [string, string] => [
                String(at + 1),
                `${at + 1}: ${plainNumber(levelW, 0)} W`,
              ])}
              onChange={(level) => change(index, { level: Number(level) })}
            />
          )}
          {!isPack && (
            <button
              type="button"
              className="press press-small"
              onClick={() => set(spans.filter((_, at) => at !== index))}
            >
              {m.takeOut}
            </button>
          )}
        </div>
      ))}
      {!isPack && spans.length < HEAT_RANGE.spans[1] && (
        <p>
          <button
            type="button"
            className="press press-small"
            onClick={() =>
              set([
                ...spans,
                {
                  fromMinute: spans.at(-1)?.toMinute ?? wearing.fromMinute,
                  toMinute: Math.max(wearing.toMinute, (spans.at(-1)?.toMinute ?? 0) + 1),
                  level: 1,
                },
              ])
            }
          >
            {spans.length === 0 ? m.switchItOn : m.onAgainLater}
          </button>
        </p>
      )}
      <Budget view={view} wearing={wearing} source={source} />
    </fieldset>
  );
}
