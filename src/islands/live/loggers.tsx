import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useState } from "react";
import { SENSORS } from "@/core/loggers";
import { MS_PER_MINUTE } from "@/core/units";
import { quantityText } from "@/formats/display/quantities";
import { clockText } from "@/formats/display/time";
import { againstPlanWords, faultWords, SENSOR_WORDS } from "@/formats/display/words/live-words";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $answer, $readings, $sit, $span, $standIns, $token, takeReadings } from "@/stores/live/live";
import { messageOf } from "@/stores/message-of";

/** What loggers tell, what is wrong with them, and how one sends. */
export function Loggers({ view }: { readonly view: OutingView }) {
  const readings = useStore($readings);
  const answer = useStore($answer);
  const sit = useStore($sit);
  const span = useStore($span);
  const token = useStore($token);
  const standIns = useStore($standIns);
  const { timeZone } = view.place;
  const beganMs = sit ? Date.parse(sit.beganAt) : 0;
  const clockOf = (minute: number): string =>
    clockText(beganMs + (minute - (span?.fromMinute ?? 0)) * MS_PER_MINUTE, timeZone);
  const latest = SENSORS.flatMap((sensor) => {
    const own = readings.filter((reading) => reading.sensor === sensor);
    const last = own.reduce((one, other) => (one && one.atMs > other.atMs ? one : other), own[0]);
    return last ? [last] : [];
  });
  return (
    <section aria-labelledby="loggers" className="flex flex-col gap-2 text-base">
      <h2 id="loggers" className="text-lg font-semibold">
        {m.liveLoggers}
      </h2>
      {latest.length === 0 && <p className="text-muted">{m.liveNoLoggers}</p>}
      <ul data-testid="live-loggers">
        {latest.map(({ sensor, atMs, valueC }) => {
          const against = answer?.againstPlan.find((own) => own.sensor === sensor);
          const value = quantityText("temperature", valueC, 1);
          return (
            <li key={sensor}>
              {m.liveLogger({ sensor: SENSOR_WORDS[sensor], value, clock: clockText(atMs, timeZone) })}
              {against && <span className="text-muted"> · {againstPlanWords(against)}</span>}
            </li>
          );
        })}
      </ul>
      {answer && answer.faults.length > 0 && (
        <div role="status" className="border-rust border-l-4 pl-3">
          <ul data-testid="live-faults">
            {answer.faults.map((fault) => (
              <li key={`${fault.sensor} ${fault.kind}`}>{faultWords(fault, clockOf(fault.minute))}</li>
            ))}
          </ul>
        </div>
      )}
      {!standIns && sit && (
        <>
          <ReadFile />
          <details className="text-sm">
            <summary className="link w-fit">{m.liveHowToSend}</summary>
            <p className="max-w-prose py-1">{m.liveHowToSendSays({ sensors: SENSORS.join(", ") })}</p>
            <p className="py-1 break-all">{token ? m.liveToken({ token }) : m.liveTokenGone}</p>
            <pre className="border-line overflow-x-auto border p-2 text-xs">{exampleOf(view.id, token)}</pre>
          </details>
        </>
      )}
    </section>
  );
}

const exampleOf = (outingId: string, token: string | null): string =>
  [
    `POST /api/outings/${outingId}/live/readings`,
    `Authorization: Bearer ${token ?? "…"}`,
    "Content-Type: application/json",
    "",
    '[{"bn": "urn:dev:ow:10e2073a0108006:", "bu": "Cel", "n": "leftToes", "t": -60, "v": 21.4},',
    ' {"n": "leftToes", "v": 21.2}]',
  ].join("\n");

/** Loggers that are read out afterwards. */
function ReadFile() {
  const [told, setTold] = useState<string | null>(null);
  const read = async (file: File): Promise<void> => {
    try {
      const { readReadingsCsv } = await import("@/formats/live/readings-csv");
      const readings = readReadingsCsv(await file.text());
      if (readings.length === 0) return setTold(m.liveFileBad({ sensors: SENSORS.join(", ") }));
      setTold(m.liveFileRead({ count: await takeReadings(readings) }));
    } catch (error) {
      setTold(messageOf(error));
    }
  };
  return (
    <div>
      <label className="press cursor-pointer has-focus-visible:outline-2">
        {m.liveFile}
        <input
          type="file"
          accept=".csv,text/csv,text/plain"
          className="sr-only"
          onChange={({ target }) => {
            const [file] = target.files ?? [];
            if (file) void read(file);
            target.value = "";
          }}
        />
      </label>
      <p className="text-muted text-sm">{m.liveFileSays}</p>
      <p role="status">{told ?? ""}</p>
    </div>
  );
}
