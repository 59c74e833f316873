import * as m from "@/messages";
import { useState } from "react";
import { v7 as uuid } from "uuid";
import { dateText } from "@/formats/display/time";
import type { StartingPoints } from "@/formats/wire/outing/starting-points";
import { makeOuting } from "@/stores/new-outing";

/** Earlier outings and worked examples: a press makes one like it and opens it. */
export function FromEarlier({ points }: { readonly points: StartingPoints }) {
  const [problem, setProblem] = useState<string | null>(null);
  const make = async ({ id, name }: StartingPoints["outings"][number]): Promise<void> => {
    setProblem(null);
    try {
      await makeOuting({ from: "outing", id: uuid(), copyOf: id, name: m.again({ name }) });
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  return (
    <>
      <p className="text-muted">{m.placePhasesClothesAndWeatherAre}</p>
      {problem && (
        <p role="alert" className="text-cranberry">
          {problem}
        </p>
      )}
      <ul className="pt-3">
        {points.outings.map((outing) => (
          <li key={outing.id} className="border-line flex flex-wrap items-center justify-between gap-3 border-t py-2">
            <p>
              <strong>{outing.name}</strong>{" "}
              <span className="text-muted text-sm">
                {outing.placeName} · {outing.personName} · {dateText(outing.startsAt, outing.timeZone)}
                {outing.invented && m.workedExample}
              </span>
            </p>
            <button
              type="button"
              className="press press-small"
              aria-label={m.planOneLike({ name: outing.name })}
              onClick={() => void make(outing)}
            >
              {m.planOneLikeIt}
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
