import * as m from "@/messages";
import { DEVICE_RANGE, devicePlan } from "@/core/devices";
import { drinkWh, USUAL_DRINK } from "@/core/heat";
import { fog, THIN_GLOVE_M2K_PER_W, touch, TOUCH_RANGE, touchesToFreezing, type Touched } from "@/core/touch";
import { plainNumber, temperatureText } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { durationText } from "@/formats/display/time";
import { TOUCHED_WORDS } from "@/formats/display/words/sheet-words";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { minutesFrom } from "@/formats/outing-file/to-outing";
import { NumberField } from "../../fields/number-field";

type Props = {
  readonly view: OutingView;
  readonly minute: number;
  readonly airTemperatureC: number;
  readonly preferences: Preferences;
};

const SHOWN: readonly Touched[] = ["aluminium", "steel", "glass", "plastic", "foam"];
/** A camera of ordinary draw (assumption). */
/** A device and its batteries. */
export type Device = { readonly batteryWh: number; readonly drawW: number; readonly batteries: number };
const USUAL_DEVICE: Device = { batteryWh: 14, drawW: 2, batteries: 2 };
const COLDEST_TOUCH_WARNED_C = -15;
const SECONDS_SHOWN_AS_MINUTES = 120;

const secondsText = (seconds: number): string =>
  seconds < SECONDS_SHOWN_AS_MINUTES
    ? `${plainNumber(Math.max(1, seconds), 0)} s`
    : durationText(Math.round(seconds / 60));

/** A shutter, a latch, a knob: short and again and again. */
const SHORT_TOUCH = { seconds: 5, everyS: 120 };

function againWords(thingC: number, gloveM2KPerW: number): string {
  const count = touchesToFreezing("aluminium", thingC, { ...SHORT_TOUCH, gloveM2KPerW });
  if (count === null) return m.aHundredTimesDoNotFreeze;
  return count === 1 ? m.freezingTheFirstTime : m.freezingAtTheThTime({ count: plainNumber(count, 0) });
}

function Touch({ airTemperatureC, preferences }: Omit<Props, "view" | "minute">) {
  const thingC = Math.min(Math.max(airTemperatureC, TOUCH_RANGE.thingC[0]), TOUCH_RANGE.thingC[1]);
  return (
    <>
      <h3 className="mt-2 text-sm font-semibold">
        {m.bareSkinOnAThingAt} {temperatureText(airTemperatureC, preferences.temperature)}
      </h3>
      <ul className="text-sm">
        {SHOWN.map((touched) => {
          const { contactC, secondsToFreezing } = touch(touched, thingC);
          return (
            <li key={touched}>
              {TOUCHED_WORDS[touched]}
              {m.meetsItAt} {temperatureText(contactC, preferences.temperature)},{" "}
              <strong>
                {secondsToFreezing === null
                  ? m.doesNotFreezeByTouchAlone
                  : m.freezingAfter({ secondsToFreezing: secondsText(secondsToFreezing) })}
              </strong>
            </li>
          );
        })}
      </ul>
      <p className="text-sm">
        {m.aluminiumHeld} {SHORT_TOUCH.seconds} {m.sEvery} {SHORT_TOUCH.everyS / 60} {m.minPart} {againWords(thingC, 0)}{" "}
        {m.barePart} {againWords(thingC, THIN_GLOVE_M2K_PER_W)} {m.throughAThinGlove}{" "}
        <span className="text-muted">{m.byIso137323AsRemembered}</span>
      </p>
      {airTemperatureC <= COLDEST_TOUCH_WARNED_C && <p className="text-sm">{m.below15CANoseOr}</p>}
    </>
  );
}

function Glass({ view, minute, airTemperatureC }: Omit<Props, "preferences">) {
  const humidity =
    view.weather.findLast(({ at }) => minutesFrom(view.startsAt, at) <= minute)?.relativeHumidityPercent ?? 80;
  const [covered, bare] = (["faceCovered", "faceBare"] as const).map((face) =>
    fog(airTemperatureC, humidity, airTemperatureC, face),
  );
  return (
    <>
      <h3 className="mt-2 text-sm font-semibold">{m.gogglesAndEyepiece}</h3>
      <p className="text-sm">
        {covered!.fogs || bare!.fogs
          ? m.glassAsColdAsTheAir({
              value: bare!.fogs ? m.fromBreathEvenWithABare : m.whenACoveredNoseSendsBreath,
              warmerByK: plainNumber((bare!.fogs ? bare! : covered!).warmerByK, 0),
            })
          : m.glassAsColdAsTheAirTitle}{" "}
        <span className="text-muted">{m.bringColdThingsIntoTheWarm}</span>
      </p>
    </>
  );
}

type BatteriesProps = Pick<Props, "airTemperatureC"> & {
  readonly device: Device;
  readonly onDevice: (device: Device) => void;
};

function Batteries({ airTemperatureC, device, onDevice }: BatteriesProps) {
  const { swapAfterMinutes, lastsMinutes, rotation } = devicePlan(device, airTemperatureC);
  const field = (label: string, unit: string, name: keyof Device, step: number, decimals: number) => (
    <NumberField
      label={label}
      unit={unit}
      value={device[name]}
      low={DEVICE_RANGE[name][0]}
      high={DEVICE_RANGE[name][1]}
      step={step}
      decimals={decimals}
      onChange={(value) => onDevice({ ...device, [name]: value })}
    />
  );
  return (
    <>
      <h3 className="mt-2 text-sm font-semibold">{m.aDeviceAndItsBatteries}</h3>
      <div className="flex flex-wrap gap-3">
        {field(m.battery, m.wh, "batteryWh", 1, 1)}
        {field(m.draws, "W", "drawW", 0.5, 1)}
        {field(m.batteries, "", "batteries", 1, 0)}
      </div>
      <p className="text-sm" role="status">
        {m.changeTheBatteryAfter} <strong>{durationText(swapAfterMinutes)}</strong>
        {m.allTogetherWarmedAgainstTheBody} {durationText(Math.round(lastsMinutes))}. {rotation}{" "}
        {m.goRoundWithoutWaiting} <span className="text-muted">{m.byEnergyAloneUnderLoadA}</span>
      </p>
    </>
  );
}

const WH_OF_DRINK = drinkWh(USUAL_DRINK.massG, USUAL_DRINK.temperatureC);

const Drink = () => (
  <>
    <h3 className="mt-2 text-sm font-semibold">{m.aHotDrink}</h3>
    <p className="text-sm">
      {m.aMugOf} {USUAL_DRINK.massG} {m.mlAt} {USUAL_DRINK.temperatureC} {m.cBrings} {plainNumber(WH_OF_DRINK, 0)}{" "}
      {m.wHASmallHelpTo}
    </p>
  </>
);

type KeptProps = Props & {
  /** Stays as typed while all this is folded away; `null` as long as nothing was. */
  readonly device: Device | null;
  readonly onDevice: (device: Device) => void;
};

/** What cold does to bare skin on things, to glass and to batteries at the minute read out. */
export const SkinGlassBatteries = ({ device, onDevice, ...props }: KeptProps) => (
  <>
    <Touch {...props} />
    <Glass {...props} />
    <Batteries {...props} device={device ?? USUAL_DEVICE} onDevice={onDevice} />
    <Drink />
  </>
);
