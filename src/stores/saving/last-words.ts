// What a page writes as it ends: `localStorage` answers at once, where a store that answers later would be too late.

/** Writes what must not be lost; a full or barred store takes nothing. */
export function writeLastWords(key: string, text: string): void {
  try {
    localStorage.setItem(key, text);
  } catch {
    // the queue kept at the last pause stays
  }
}

export function removeLastWords(key: string): void {
  try {
    localStorage.removeItem(key);
  } catch {
    // barred: nothing was written either
  }
}

/** Everything of this application's that was written so, by key. */
export function lastWords(): [key: string, text: string][] {
  try {
    const keys = Array.from({ length: localStorage.length }, (_, index) => localStorage.key(index) ?? "");
    return keys.map((key) => [key, localStorage.getItem(key) ?? ""]);
  } catch {
    return [];
  }
}
