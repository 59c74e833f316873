// How the method page writes figures.
export const figure = (value: number, digits = 3): string =>
  String(Number(value.toPrecision(digits))).replace("-", "−");
export const percent = (share: number): string => `${figure(100 * share)} %`;

/** "mittBatting" as "mitt batting". */
export const words = (name: string): string => name.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
export const listed = (of: Readonly<Record<string, number>>): string =>
  Object.entries(of)
    .map(([name, value]) => `${words(name)} ${figure(value)}`)
    .join(", ");
