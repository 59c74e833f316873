import { changeOutings } from "./trip";

/** Ticks a line on the lists of days, or takes the ticks away. @param places of the days on whose lists it stands */
export const tickOnDays = (key: string, places: readonly number[], isPacked: boolean): void =>
  changeOutings((outing, place) => {
    const { ticks = [] } = outing.plan;
    if (!places.includes(place) || ticks.includes(key) === isPacked) return outing;
    const after = isPacked ? [...ticks, key] : ticks.filter((own) => own !== key);
    return { ...outing, plan: { ...outing.plan, ticks: after } };
  });
