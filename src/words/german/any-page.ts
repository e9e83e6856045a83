import type { Catalogue } from "../catalogue";

type Phrases = Catalogue["phrases"];

export const page: Phrases["page"] = {
  close: "Schließen",
  ownProblem: "Brontle hat gerade selbst ein Problem.",
  wentWrong: "Etwas ging schief.",
  itsNumber: "Die Nummer dazu ist {request}.",
  notShown: "Diese Seite konnte nicht gezeigt werden",
  notAnswered:
    "Brontle oder seine Datenbank hat nicht geantwortet. Was gespeichert wurde, ist sicher; versuch es gleich noch einmal.",
  tellNumber: "Bleibt es so, sag dem Betreiber von Brontle die Nummer dieses Fehlers:",
  tryAgain: "Noch einmal versuchen",
  nothingHere: "Hier ist nichts",
  removed: "Es wurde entfernt oder gehört einem anderen Studio. Von dir ist nichts verloren.",
  toClasses: "Zu den Stunden",
  openLink: "Öffne einmal deinen eigenen Link",
  openLinkWhy:
    "Der Link, den du bekommen hast, öffnet deine Seite. Acht Stunden lang öffnet sie danach auch dieser Knopf, sogar ohne Netz.",
};

export const met: Phrases["met"] = {
  kg: "kg",
  lengthM: "Länge, m",
  ceilingCm: "Decke, cm",
  timeZone: "Zeitzone",
  bodyKg: "Körpergewicht",
  heightCm: "Größe, cm",
  repSeconds: "Sekunden einer Wiederholung",
  nothing: "nichts",
  twoVersions: "Zwei Fassungen",
  met: "Jemand anderes hat dasselbe geändert, während das hier offen war. Noch ist nichts gespeichert; was sich nicht trifft, bleibt von beiden.",
  what: "Was",
  theirs: "Ihre, gespeichert",
  yours: "Deine",
  keepTheirs: "Ihre behalten",
  keepYours: "Deine behalten",
};

/** The score. */
export const drawn: Phrases["drawn"] = {
  round: "Runde {round}",
  rest: "Pause {seconds}",
  water: "Wasser {seconds}",
  shortFor: "{seconds} s zu wenig für {people}",
  short: "{seconds} s zu wenig",
  seconds: "{seconds} s",
  asMany: "So viele Runden wie möglich",
};

/** A dose in a few signs, beside its move. */
export const shortDose: Phrases["shortDose"] = {
  seconds: "{span} s",
  hold: "halten {span} s",
  reps: "{span} Wdh.",
  toLimit: "bis zum Limit {span} s",
  paced: "{dose} mit {tempo}",
  within: "{dose} in {seconds} s",
};
