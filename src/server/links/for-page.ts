import { refused, type Refused } from "../http/refused";
import { leftBehind, type Left } from "./links";

export async function leftForPage(token: string): Promise<{ readonly kind: "found"; readonly left: Left } | Refused> {
  try {
    return { kind: "found", left: await leftBehind(token) };
  } catch (error) {
    return refused(error);
  }
}
