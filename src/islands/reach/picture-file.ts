/** What of an element's look is written into it where no style sheet goes along. */
const LOOK = [
  "fill",
  "stroke",
  "stroke-width",
  "stroke-dasharray",
  "opacity",
  "font-size",
  "font-family",
  "paint-order",
];

/** A picture of a page as a file of its own: every colour as it is on the screen. */
export function svgText(picture: SVGSVGElement): string {
  const copy = picture.cloneNode(true) as SVGSVGElement;
  const originals = [picture, ...picture.querySelectorAll("*")];
  [copy, ...copy.querySelectorAll("*")].forEach((element, index) => {
    const style = getComputedStyle(originals[index]!);
    for (const name of LOOK) element.setAttribute(name, style.getPropertyValue(name));
    for (const name of ["class", "tabindex", "role", "data-testid"]) element.removeAttribute(name);
    for (const name of element.getAttributeNames().filter((own) => own.startsWith("aria-")))
      element.removeAttribute(name);
  });
  const { width, height } = picture.viewBox.baseVal;
  copy.setAttribute("xmlns", "http://www.w3.org/2000/svg");
  copy.setAttribute("width", String(width));
  copy.setAttribute("height", String(height));
  const ground = document.createElementNS("http://www.w3.org/2000/svg", "rect");
  ground.setAttribute("width", "100%");
  ground.setAttribute("height", "100%");
  ground.setAttribute("fill", getComputedStyle(document.body).backgroundColor);
  copy.prepend(ground);
  return new XMLSerializer().serializeToString(copy);
}

/** As many pixels a unit: sharp when printed. */
const PIXELS_PER_UNIT = 2;

/** The same as a PNG. @throws {Error} where the browser draws no pictures */
export async function pngOf(picture: SVGSVGElement): Promise<Blob> {
  const { width, height } = picture.viewBox.baseVal;
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svgText(picture))}`;
  await image.decode();
  const canvas = document.createElement("canvas");
  canvas.width = width * PIXELS_PER_UNIT;
  canvas.height = height * PIXELS_PER_UNIT;
  canvas.getContext("2d")!.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve, reject) =>
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error("no picture"))), "image/png"),
  );
}
