import * as m from "@/messages";
import type { DeviceOnDay, SourceOnDay } from "@/core/trip";
import { plainNumber } from "@/formats/display/numbers";
import { dateText, durationText } from "@/formats/display/time";
import type { TripView } from "@/formats/wire/trips/trip-view";
import type { SitterDays } from "@/stores/trip/trip";
import { nameIn } from "./name-in";

type Source<Kind extends SourceOnDay["kind"]> = Extract<SourceOnDay, { kind: Kind }>;

/** Packs opened and batteries used, day by day: what runs out when. */
export function SourcesTable({
  trip,
  sitter: { places, days },
}: {
  readonly trip: TripView;
  readonly sitter: SitterDays;
}) {
  const ids = [...new Set(days.flatMap(({ sources }) => sources.map(({ pieceId }) => pieceId)))];
  const devices = (trip.content.supplies.devices ?? []).filter(({ id }) =>
    days.some((day) => day.devices.some(({ deviceId }) => deviceId === id)),
  );
  if (ids.length === 0 && devices.length === 0) return null;
  return (
    <div className="flex flex-col gap-2">
      <h3 className="font-semibold">{m.tripHeatAlong}</h3>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={m.tripHeatAlong}>
        <table className="text-sm" data-testid="trip-sources">
          <thead>
            <tr className="border-ink border-b text-left">
              <th scope="col" className="p-1">
                {m.tripPiece}
              </th>
              {places.map((place) => {
                const { outing } = trip.days[place]!;
                return (
                  <th key={place} scope="col" className="min-w-36 p-1 font-normal">
                    {dateText(outing.startsAt, outing.place.timeZone)}
                  </th>
                );
              })}
            </tr>
          </thead>
          <tbody>
            {ids.map((id) => (
              <tr key={id} className="border-line border-b align-top">
                <th scope="row" className="p-1 text-left font-normal">
                  {nameIn(trip, id)}
                </th>
                {days.map(({ sources }, day) => {
                  const own = sources.find(({ pieceId }) => pieceId === id);
                  return (
                    <td key={places[day]} className="p-1">
                      {own?.kind === "packs" && <Packs of={own} />}
                      {own?.kind === "battery" && <Battery of={own} />}
                      {!own && <span className="text-muted">{m.tripNotWorn}</span>}
                    </td>
                  );
                })}
              </tr>
            ))}
            {devices.map(({ id, name }) => (
              <tr key={id} className="border-line border-b align-top">
                <th scope="row" className="p-1 text-left font-normal">
                  {name}
                </th>
                {days.map((day, place) => {
                  const own = day.devices.find(({ deviceId }) => deviceId === id);
                  return (
                    <td key={places[place]} className="p-1">
                      {own && <Drawn of={own} />}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </div>
  );
}

function Packs({ of: { wanted, opened, left } }: { readonly of: Source<"packs"> }) {
  return (
    <>
      <span className={opened < wanted ? "text-rust-text block" : "block"}>
        {opened < wanted ? m.tripPacksShort({ wanted, opened }) : m.tripPacksOpened({ opened })}
      </span>
      {left !== null && <span className="text-muted block">{m.tripPacksLeft({ left })}</span>}
    </>
  );
}

const wh = (value: number): string => plainNumber(value, 0);
const Charged = ({ chargedWh }: { readonly chargedWh: number }) =>
  chargedWh > 0 && <span className="text-muted block">{m.tripBatteryCharged({ charged: wh(chargedWh) })}</span>;

function Drawn({ of: { wantedWh, usedWh, chargedWh } }: { readonly of: DeviceOnDay }) {
  return (
    <>
      <span className={usedWh < wantedWh ? "text-rust-text block" : "block"}>
        {m.tripDeviceGiven({ used: wh(usedWh), wanted: wh(wantedWh) })}
      </span>
      <Charged chargedWh={chargedWh} />
    </>
  );
}

function Battery({ of: { startWh, usedWh, chargedWh, emptyAtMinute } }: { readonly of: Source<"battery"> }) {
  return (
    <>
      <span className="block">{m.tripBatteryUsed({ start: wh(startWh), used: wh(usedWh) })}</span>
      {emptyAtMinute !== null && (
        <span className="text-rust-text block">{m.tripBatteryEmpty({ after: durationText(emptyAtMinute) })}</span>
      )}
      <Charged chargedWh={chargedWh} />
    </>
  );
}
