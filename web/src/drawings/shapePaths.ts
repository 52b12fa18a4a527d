/** A small drawing of each kind of shape, in a square of 40, and what a cook calls it. */
export const SHAPES: Record<string, { word: string; path: string }> = {
  ball: { word: 'balls', path: 'M20 8a12 12 0 1 0 .01 0' },
  egg: { word: 'eggs', path: 'M6 21c0-7 7-11 15-11s13 5 13 10-5 10-13 10S6 28 6 21' },
  cookie: {
    word: 'cookies',
    path: 'M5 20c0-3 7-5 15-5s15 2 15 5v4c0 3-7 5-15 5S5 27 5 24zM5 20c0 3 7 5 15 5s15-2 15-5',
  },
  log: {
    word: 'log',
    path: 'M9 12h22a4 8 0 0 1 0 16H9a4 8 0 0 1 0-16a4 8 0 0 1 0 16M17 12a4 8 0 0 1 0 16M25 12a4 8 0 0 1 0 16',
  },
  slab: { word: 'slab', path: 'M6 8h28v24H6zM6 16h28M6 24h28M15 8v24M25 8v24' },
  cup: { word: 'cups', path: 'M7 12h26l-3 18H10zM7 12c0-2 6-4 13-4s13 2 13 4M15 13l1 17M25 13l-1 17' },
  mould: { word: 'mould', path: 'M5 26h30M9 26a5 6 0 0 1 10 0M21 26a5 6 0 0 1 10 0M5 26v5h30v-5' },
  bark: { word: 'bark', path: 'M6 12l9-3 8 3 11-2-2 12 2 9-12 1-8-3-8 1 2-9zM15 9l3 9-4 12M18 18l14 4' },
  glass: { word: 'glasses', path: 'M10 8h20l-3 24H13zM11 16h18M12 23h16' },
}
