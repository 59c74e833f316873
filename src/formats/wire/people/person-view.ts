import type { BodyPerson } from "@/core/body";
import type { PracticePreferences } from "@/core/changes";
import type { AcceptedLevels } from "@/core/limits";
import type { Feels, Learnt } from "@/core/outing";
import type { Side } from "@/core/patches";

/** What is told of a person. */
export type PersonContent = BodyPerson & {
  readonly name: string;
  readonly accepted: AcceptedLevels;
  /** Hand that draws, focuses, ties. */
  readonly workingHand: Side;
  /** Cold hands or feet often, or a condition of the circulation. */
  readonly coldHands: boolean;
  /** Colder or warmer than others dressed alike, by their own word. */
  readonly feels: Feels;
  readonly wearsGlasses: boolean;
  /** What notes after sits taught moves their figures. */
  readonly usesNotes: boolean;
};

/** What a person's notes come to. */
export type NotesView = {
  /** How many sits they told of. */
  readonly told: number;
  /** `null` where their figures are those of nobody in particular. */
  readonly learnt: Learnt | null;
  /** It is being learnt in the background. */
  readonly isLearning: boolean;
};

/** A person as their page shows them. */
export type PersonView = PersonContent & {
  readonly id: string;
  readonly version: number;
  readonly practicePreferences: PracticePreferences;
  readonly notes?: NotesView | undefined;
  /** Not offered any more. */
  readonly retired: boolean;
  /** Outings they sit in. */
  readonly outings: number;
};

/** What is told of a person, without what the server adds. */
export const contentOfPerson = ({
  id: _id,
  version: _version,
  practicePreferences: _practices,
  notes: _notes,
  retired: _retired,
  outings: _outings,
  ...content
}: PersonView): PersonContent => content;
