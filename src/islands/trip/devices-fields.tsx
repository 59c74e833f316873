import * as m from "@/messages";
import { v7 as uuid } from "uuid";
import { DEVICE_RANGE } from "@/core/devices";
import { SUPPLIES_RANGE, type DeviceAlong } from "@/core/trip";
import type { TripView } from "@/formats/wire/trips/trip-view";
import { changeSupplies } from "@/stores/trip/trip";
import { NumberField } from "../fields/number-field";
import { TextField } from "../fields/text-field";

/** A camera until somebody says otherwise (assumptions). */
const USUAL_DEVICE = { batteryWh: 15, drawW: 2.5, batteries: 2, hoursADay: 3 } as const;

const FIELDS = [
  { key: "batteries", unit: "", range: DEVICE_RANGE.batteries, step: 1, decimals: 0 },
  { key: "batteryWh", unit: "Wh", range: DEVICE_RANGE.batteryWh, step: 1, decimals: 1 },
  { key: "drawW", unit: "W", range: DEVICE_RANGE.drawW, step: 0.5, decimals: 2 },
  { key: "hoursADay", unit: "h", range: SUPPLIES_RANGE.hoursADay, step: 0.5, decimals: 1 },
] as const;
const LABELS = {
  batteries: m.tripDeviceBatteries,
  batteryWh: m.tripDeviceHolds,
  drawW: m.tripDeviceDraws,
  hoursADay: m.tripDeviceHours,
} as const;

/** What else runs from batteries on the trip. */
export function DevicesFields({ trip }: { readonly trip: TripView }) {
  const { devices = [] } = trip.content.supplies;
  const change = (id: string, changed: Partial<DeviceAlong>): void =>
    changeSupplies({ devices: devices.map((own) => (own.id === id ? { ...own, ...changed } : own)) });
  return (
    <div className="flex flex-col gap-3">
      {devices.map((device) => (
        <fieldset key={device.id} className="border-line flex flex-wrap items-end gap-4 border-t pt-2">
          <legend className="text-muted pr-2 text-sm">{device.name}</legend>
          <TextField
            label={m.tripDeviceName}
            value={device.name}
            onChange={(name) => name.trim() !== "" && change(device.id, { name })}
          />
          {FIELDS.map(({ key, unit, range, step, decimals }) => (
            <NumberField
              key={key}
              label={LABELS[key]}
              unit={unit}
              value={device[key]}
              low={range[0]}
              high={range[1]}
              step={step}
              decimals={decimals}
              onChange={(value) => change(device.id, { [key]: value })}
            />
          ))}
          <button
            type="button"
            className="press press-small no-print"
            aria-label={m.takeOffTheList({ words: device.name })}
            onClick={() => changeSupplies({ devices: devices.filter(({ id }) => id !== device.id) })}
          >
            {m.remove}
          </button>
        </fieldset>
      ))}
      {devices.length < SUPPLIES_RANGE.devices[1] && (
        <button
          type="button"
          className="press no-print self-start"
          onClick={() =>
            changeSupplies({
              devices: [...devices, { id: uuid(), name: m.tripDeviceUsual, ...USUAL_DEVICE }],
            })
          }
        >
          {m.tripDeviceAdd}
        </button>
      )}
    </div>
  );
}
