import * as m from "@/messages";
import { useEffect, useRef, useState } from "react";

type Props = { readonly atMs: number; readonly now: number };

const BEEPS = 6;
const BEEP_S = 0.35;
const PITCH_HZ = 880;
const SHAKES_MS = [600, 200, 600, 200, 600];

/** Sounds, and shakes where the device can. */
function sound(context: AudioContext): void {
  for (let beep = 0; beep < BEEPS; beep++) {
    const tone = context.createOscillator();
    tone.frequency.value = PITCH_HZ;
    tone.connect(context.destination);
    const at = context.currentTime + 2 * beep * BEEP_S;
    tone.start(at);
    tone.stop(at + BEEP_S);
  }
  if (typeof navigator.vibrate === "function") navigator.vibrate(SHAKES_MS);
}

/** Keeps the screen from going dark, where the device lets a page ask for it: a page that sleeps rings for nobody. */
async function keepAwake(): Promise<WakeLockSentinel | null> {
  try {
    return await navigator.wakeLock.request("screen");
  } catch {
    return null;
  }
}

/** Rings at turning back. Browsers let a page sound only after it was pressed, so it has to be switched on. */
export function Alarm({ atMs, now }: Props) {
  const [isOn, setIsOn] = useState(false);
  const context = useRef<AudioContext | null>(null);
  const rangFor = useRef<number | null>(null);
  const awake = useRef<WakeLockSentinel | null>(null);
  useEffect(
    () => () => {
      void context.current?.close();
      void awake.current?.release();
    },
    [],
  );
  useEffect(() => {
    if (!isOn || now < atMs) return;
    // Once for each time of turning back; a later one rings again.
    if (rangFor.current !== null && atMs <= rangFor.current) return;
    rangFor.current = atMs;
    if (context.current) sound(context.current);
  }, [isOn, now, atMs]);
  const change = (on: boolean): void => {
    setIsOn(on);
    if (!on) {
      void awake.current?.release();
      return;
    }
    context.current ??= new AudioContext();
    void context.current.resume();
    void keepAwake().then((lock) => (awake.current = lock));
  };
  return (
    <div className="flex flex-wrap items-center gap-3">
      <button type="button" className="press" aria-pressed={isOn} onClick={() => change(!isOn)}>
        {m.liveAlarm}
      </button>
      {isOn && (
        <button type="button" className="press" onClick={() => context.current && sound(context.current)}>
          {m.liveAlarmTry}
        </button>
      )}
      <p className="text-muted w-full text-sm">{m.liveAlarmSays}</p>
    </div>
  );
}
