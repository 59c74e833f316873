export const now = (): number => Date.now() + Math.random();
