/** The bar, hour or phase whose editor was opened by a key: the focus goes into the editor and comes back from it. */
let opener: HTMLElement | SVGElement | null = null;

export const openedByKey = (element: HTMLElement | SVGElement): void => {
  opener = element;
};

/** Whether a key opened what is being opened now; asked once. */
export function takeOpener(): HTMLElement | SVGElement | null {
  const taken = opener;
  opener = null;
  return taken;
}
