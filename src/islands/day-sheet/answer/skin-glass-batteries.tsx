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
  if (count === null) return "a hundred times do not freeze the skin";
  return count === 1 ? "freezing the first time" : `freezing at the ${plainNumber(count, 0)}th time`;
}

function Touch({ airTemperatureC, preferences }: Omit<Props, "view" | "minute">) {
  const thingC = Math.min(Math.max(airTemperatureC, TOUCH_RANGE.thingC[0]), TOUCH_RANGE.thingC[1]);
  return (
    <>
      <h3 className="mt-2 text-sm font-semibold">
        Bare skin on a thing at {temperatureText(airTemperatureC, preferences.temperature)}
      </h3>
      <ul className="text-sm">
        {SHOWN.map((touched) => {
          const { contactC, secondsToFreezing } = touch(touched, thingC);
          return (
            <li key={touched}>
              {TOUCHED_WORDS[touched]}: meets it at {temperatureText(contactC, preferences.temperature)},{" "}
              <strong>
                {secondsToFreezing === null
                  ? "does not freeze by touch alone"
                  : `freezing after ${secondsText(secondsToFreezing)}`}
              </strong>
            </li>
          );
        })}
      </ul>
      <p className="text-sm">
        Aluminium held {SHORT_TOUCH.seconds} s every {SHORT_TOUCH.everyS / 60} min: {againWords(thingC, 0)} bare,{" "}
        {againWords(thingC, THIN_GLOVE_M2K_PER_W)} through a thin glove.{" "}
        <span className="text-muted">By ISO 13732-3 as remembered; a thing that is thin or warmed harms less.</span>
      </p>
      {airTemperatureC <= COLDEST_TOUCH_WARNED_C && (
        <p className="text-sm">
          Below −15 °C a nose or cheek pressed to a camera is harmed again and again over days (common practice): tape
          or foam on what touches the face.
        </p>
      )}
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
      <h3 className="mt-2 text-sm font-semibold">Goggles and eyepiece</h3>
      <p className="text-sm">
        {covered!.fogs || bare!.fogs
          ? `Glass as cold as the air fogs ${bare!.fogs ? "from breath even with a bare face" : "when a covered nose sends breath up"}; it stays clear about ${plainNumber((bare!.fogs ? bare! : covered!).warmerByK, 0)} K warmer.`
          : "Glass as cold as the air stays clear, breath or not."}{" "}
        <span className="text-muted">
          Bring cold things into the warm slowly, in a closed bag. Sun on snow: glasses, screen on the skin, balm on the
          lips.
        </span>
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
      <h3 className="mt-2 text-sm font-semibold">A device and its batteries</h3>
      <div className="flex flex-wrap gap-3">
        {field("Battery", "Wh", "batteryWh", 1, 1)}
        {field("Draws", "W", "drawW", 0.5, 1)}
        {field("Batteries", "", "batteries", 1, 0)}
      </div>
      <p className="text-sm" role="status">
        Change the battery after <strong>{durationText(swapAfterMinutes)}</strong>; all together, warmed against the
        body in between, last about {durationText(Math.round(lastsMinutes))}. {rotation} go round without waiting.{" "}
        <span className="text-muted">
          By energy alone: under load a cold battery gives up sooner. Practice at −40 °C swaps every ten minutes.
        </span>
      </p>
    </>
  );
}

const WH_OF_DRINK = drinkWh(USUAL_DRINK.massG, USUAL_DRINK.temperatureC);

const Drink = () => (
  <>
    <h3 className="mt-2 text-sm font-semibold">A hot drink</h3>
    <p className="text-sm">
      A mug of {USUAL_DRINK.massG} ml at {USUAL_DRINK.temperatureC} °C brings {plainNumber(WH_OF_DRINK, 0)} W·h: a small
      help to the body, a good one to the hands that hold it. Nothing with caffeine where hands have to be steady; no
      alcohol in the cold.
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
