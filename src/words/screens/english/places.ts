export const places = {
  main: "Main",
  classes: "Classes",
  sessions: "Sessions",
  season: "Season",
  people: "People",
  next: "Next",
  moves: "Moves",
  settings: "Settings",
} as const;
