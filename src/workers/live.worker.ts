import { expose } from "comlink";
import { CoreError } from "@/core/errors";
import { LiveAnswers, LiveSit, standInReadings, type LiveAnswer, type LiveVote } from "@/core/live";
import type { Reading } from "@/core/loggers";
import { seededRandom } from "@/core/numeric";
import type { Outing } from "@/core/outing";
import { drawnChance, drawnFrom } from "@/core/range";
import { WeatherCourse } from "@/core/weather";
import { patiently } from "./patiently";

/** Where the sit lies in its outing; or why it cannot be computed. */
export type LiveBegunReply =
  | { readonly ok: true; readonly fromMinute: number; readonly toMinute: number }
  | { readonly ok: false; readonly message: string };

let answers: LiveAnswers | null = null;
let newest = 0;

const api = {
  begin(outing: Outing): LiveBegunReply {
    try {
      answers = new LiveAnswers(new LiveSit(outing));
      const { fromMinute, toMinute } = answers.sit.span;
      return { ok: true, fromMinute, toMinute };
    } catch (error) {
      // Errors lose their class on the way out of a worker.
      if (error instanceof CoreError) return { ok: false, message: error.message };
      throw error;
    }
  },
  /** @returns `null` where something newer was asked meanwhile */
  async answer(readings: readonly Reading[], votes: readonly LiveVote[]): Promise<LiveAnswer | null> {
    const request = ++newest;
    return answers && patiently(answers.answer(readings, votes), () => request < newest);
  },
  /** What loggers on somebody like this person would tell through the sit. */
  standIns(seed: number): Reading[] {
    if (!answers) return [];
    const { sit } = answers;
    const random = seededRandom(seed);
    const person = sit.run({
      person: drawnFrom(sit.outing.person.learnt, sit.outing)(random),
      chance: drawnChance(random),
    });
    const weather = new WeatherCourse(sit.outing.weather);
    const airC = (minute: number): number => weather.at(minute).airTemperatureC + person.airK;
    return standInReadings(sit, person, { seed, untilMinute: sit.span.toMinute, airC });
  },
};
export type LiveWorker = typeof api;

expose(api);
