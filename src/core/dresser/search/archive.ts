import type { Judgement } from "./outfit-judge";
import { keyOf, type OutfitCode } from "../outfit/outfit-code";

/** An outfit with what it weighs and what the simulation says of it. */
export type JudgedOutfit = Judgement & {
  readonly code: OutfitCode;
  readonly massG: number;
  /** Simulated in steps four times as long: it orders, no figure is taken from it. */
  readonly isSketch: boolean;
};

/** Every outfit simulated so far, and of them the front: none lighter lasts as long. */
export class Archive {
  private readonly judged = new Map<string, JudgedOutfit>();
  private onFront: JudgedOutfit[] = [];

  get size(): number {
    return this.judged.size;
  }

  has(key: string): boolean {
    return this.judged.has(key);
  }

  /** Whether an outfit is known no less closely than is asked. */
  knows(key: string, isSketchEnough: boolean): boolean {
    const known = this.judged.get(key);
    return known !== undefined && (isSketchEnough || !known.isSketch);
  }

  get(key: string): JudgedOutfit | undefined {
    return this.judged.get(key);
  }

  /** Those that can be borne: nobody overheats in them or arrives wetter than is wished. */
  bearable(): JudgedOutfit[] {
    return [...this.judged.values()].filter(({ minutes }) => minutes >= 0);
  }

  /** Takes in what is said of an outfit; what was sketched of it is forgotten. */
  add(outfit: JudgedOutfit): void {
    const key = keyOf(outfit.code);
    const isKnown = this.judged.has(key);
    this.judged.set(key, outfit);
    if (isKnown) {
      this.onFront = frontOf([...this.judged.values()]);
      return;
    }
    if (this.minutesWithin(outfit.massG) >= outfit.minutes) return;
    this.onFront = frontOf([...this.onFront, outfit]);
  }

  /** The front, the lightest first; minutes grow with mass. */
  front(): readonly JudgedOutfit[] {
    return this.onFront;
  }

  /**
   * The front for who simulates closely what is chosen of it: a sketch counts where it lasts longer than all as light that was
   * simulated closely by more than it may be off, and is not the warmest for less.
   */
  closeFront(): JudgedOutfit[] {
    const close = frontOf(this.bearable().filter(({ isSketch }) => !isSketch));
    const longest = close.at(-1)?.minutes ?? Infinity;
    const counted = this.bearable().flatMap((outfit) => {
      const { massG, minutes, isSketch } = outfit;
      if (!isSketch) return [{ outfit, massG, minutes }];
      if (minutes <= mostWithin(close, massG) * SKETCH_IS_OFF) return [];
      return [{ outfit, massG, minutes: minutes <= longest * SKETCH_IS_OFF ? Math.min(minutes, longest) : minutes }];
    });
    return frontOf(counted).map(({ outfit }) => outfit);
  }

  /** The most minutes of what weighs no more; −1 where nothing does. */
  minutesWithin(massG: number): number {
    return mostWithin(this.onFront, massG);
  }
}

/** Sketches are off by 0.4 % in the middle and by 3.5 % or more one time in ten: taken between them (assumption). */
const SKETCH_IS_OFF = 1.02;

/** The most minutes of a front of what weighs no more; −1 where nothing does. */
function mostWithin(front: readonly Pick<JudgedOutfit, "massG" | "minutes">[], massG: number): number {
  let most = -1;
  for (const outfit of front) {
    if (outfit.massG > massG) break;
    most = outfit.minutes;
  }
  return most;
}

/** Of some outfits those that none lighter, or as light, outlasts; the lightest first. */
export function frontOf<Of extends Pick<JudgedOutfit, "massG" | "minutes">>(outfits: readonly Of[]): Of[] {
  const sorted = [...outfits].sort((one, other) => one.massG - other.massG || other.minutes - one.minutes);
  const front: Of[] = [];
  for (const outfit of sorted) if (outfit.minutes > (front.at(-1)?.minutes ?? -1)) front.push(outfit);
  return front;
}
