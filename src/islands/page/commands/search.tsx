import * as m from "@/messages";
import { Command } from "cmdk";
import { useEffect, useRef, useState } from "react";
import { FURTHER_ROOMS, ROOMS } from "@/formats/display/rooms";
import { dateText } from "@/formats/display/time";
import { THEME_WORDS } from "@/formats/display/words/theme-words";
import { THEMES } from "@/formats/display/preferences";
import { folded } from "@/formats/any-table/words";
import type { Findable } from "@/formats/wire/findable";
import { ask } from "@/stores/ask";
import { changePreferences } from "@/stores/preferences";
import { Dialog } from "../dialog";

const GROUP =
  "[&_[cmdk-group-heading]]:text-muted [&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-sm";
const ITEM =
  "data-[selected=true]:bg-shade flex min-h-9 cursor-pointer items-center gap-3 px-2 pointer-coarse:min-h-11";

/** Names hold every word that is typed; those that begin with one come first. Letters scattered over a name are no match. */
function matching(_id: string, typed: string, keywords: string[] = []): number {
  const names = folded(keywords.join(" "));
  const words = folded(typed).split(" ").filter(Boolean);
  if (!words.every((word) => names.includes(word))) return 0;
  return words.every((word) => ` ${names}`.includes(` ${word}`)) ? 1 : 0.5;
}

type GoProps = {
  readonly onGo: () => void;
  readonly href: string;
  readonly words: string;
  readonly beside?: string;
  readonly id?: string;
};

function Go({ onGo, href, words, beside, id = href }: GoProps) {
  return (
    <Command.Item
      className={ITEM}
      value={id}
      keywords={[words, beside ?? ""]}
      onSelect={() => {
        onGo();
        window.location.assign(href);
      }}
    >
      <span className="min-w-0 truncate">{words}</span>
      {beside && <span className="text-muted ml-auto shrink-0 text-sm">{beside}</span>}
    </Command.Item>
  );
}

/** Shown at once when it is opened again: who types fast should not wait for what hardly changes. */
let foundLast: Findable | null = null;

/** Everything by its name: outings, pieces, people, places, rooms and what can be done anywhere. */
export function Search({ onClose }: { readonly onClose: () => void }) {
  const [found, setFound] = useState(foundLast);
  const [problem, setProblem] = useState<string | null>(null);
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => {
    // The window gives the focus to its first button as it opens; what is typed is meant for the field.
    const frame = requestAnimationFrame(() => input.current?.focus());
    return () => cancelAnimationFrame(frame);
  }, []);
  useEffect(() => {
    ask<Findable>("/api/findable").then(
      (now) => setFound((foundLast = now)),
      (error: Error) => setProblem(error.message),
    );
  }, []);
  return (
    <Dialog title={m.goToTitle} isOpen onClose={onClose}>
      <Command label={m.goToTitle} loop filter={matching}>
        <Command.Input ref={input} className="field w-full" placeholder={m.anOutingAPieceAPlace} />
        <Command.List label={m.foundSoFar} className="max-h-[60dvh] overflow-y-auto pt-2">
          <Command.Empty className="text-muted px-2 py-3">{m.nothingIsCalledSo}</Command.Empty>
          {problem && <p className="text-cranberry px-2">{problem}</p>}
          {found && found.outings.length > 0 && (
            <Command.Group heading={m.outings} className={GROUP}>
              {found.outings.map(({ id, name, startsAt, timeZone }) => (
                <Go
                  key={id}
                  onGo={onClose}
                  id={id}
                  href={`/outings/${id}`}
                  words={name}
                  beside={dateText(startsAt, timeZone)}
                />
              ))}
            </Command.Group>
          )}
          <Command.Group heading={m.rooms} className={GROUP}>
            {[...ROOMS, ...FURTHER_ROOMS].map(({ href, words }) => (
              <Go key={href} onGo={onClose} href={href} words={words} />
            ))}
          </Command.Group>
          {found && found.places.length > 0 && (
            <Command.Group heading={m.places} className={GROUP}>
              {found.places.map(({ id, name }) => (
                <Go key={id} onGo={onClose} id={id} href={`/places#${id}`} words={name} />
              ))}
            </Command.Group>
          )}
          {found && found.people.length > 0 && (
            <Command.Group heading={m.people} className={GROUP}>
              {found.people.map(({ id, name }) => (
                <Go key={id} onGo={onClose} id={id} href={`/people#${id}`} words={name} />
              ))}
            </Command.Group>
          )}
          <Command.Group heading={m.colours} className={GROUP}>
            {THEMES.map((theme) => (
              <Command.Item
                key={theme}
                className={ITEM}
                value={`colours ${theme}`}
                keywords={[THEME_WORDS[theme], "colours theme"]}
                onSelect={() => {
                  changePreferences({ theme });
                  onClose();
                }}
              >
                {THEME_WORDS[theme]}
              </Command.Item>
            ))}
          </Command.Group>
          {found && found.pieces.length > 0 && (
            <Command.Group heading={m.piecesTitle} className={GROUP}>
              {found.pieces.map(({ id, name, personId, personName }) => (
                <Go
                  key={id}
                  onGo={onClose}
                  id={id}
                  href={`/kit?person=${personId}#${id}`}
                  words={name}
                  beside={personName}
                />
              ))}
            </Command.Group>
          )}
        </Command.List>
      </Command>
    </Dialog>
  );
}
