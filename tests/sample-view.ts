import { levelEverywhere } from "@/core/limits";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { sampleFile } from "./sample-outing";

/** Ids of the sample differ in their last figure. */
export const UUID = "01900000-0000-7000-8000-00000000000";

/** The sample as a browser has it, with two pieces in the kit that nobody wears. */
export function sampleView(): OutingView {
  const file = sampleFile();
  const owned = { traits: {}, priceMinor: null, currency: null };
  const unworn = { ...file.pieces[0]!, ...owned, name: "spare", massG: null };
  return {
    id: `${UUID}1`,
    version: 1,
    name: file.name,
    invented: true,
    startsAt: file.startsAt,
    person: {
      id: `${UUID}2`,
      name: "Runa",
      ...file.person,
      accepted: levelEverywhere("cold"),
      workingHand: "right",
      coldHands: false,
      feels: "usual",
      wearsGlasses: false,
      usesNotes: true,
      practicePreferences: { avoids: [], practices: {} },
    },
    place: { id: `${UUID}3`, name: "Svartmyra", timeZone: file.timeZone },
    setting: file.place,
    plan: {},
    partyId: null,
    weatherShaped: false,
    weather: file.weather.map((hour) => ({
      ...hour,
      cloudShare: hour.cloudShare ?? null,
      precipitationMm: null,
      airTemperatureTyped: null,
      windTyped: null,
    })),
    phases: file.phases.map(({ spot: _spot, ...phase }, index) => ({ id: `${UUID}${index}`, ...phase })),
    wearings: file.wearings.map((wearing, index) => ({
      id: String(index),
      ...wearing,
      whenOff: wearing.whenOff ?? "pack",
      opened: [],
      withoutParts: [],
    })),
    kit: [{ ...unworn, id: "spare" }, ...file.pieces.map((piece) => ({ ...piece, ...owned, massG: null }))],
  };
}
