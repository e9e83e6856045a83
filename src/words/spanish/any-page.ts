import type { Catalogue } from "../catalogue";

type Phrases = Catalogue["phrases"];

export const page: Phrases["page"] = {
  close: "Cerrar",
  ownProblem: "Brontle tiene ahora mismo un problema propio.",
  wentWrong: "Algo ha salido mal.",
  itsNumber: "Su número es {request}.",
  notShown: "Esta página no se ha podido mostrar",
  notAnswered:
    "Brontle o su base de datos no contestaron. Lo guardado está a salvo; inténtalo dentro de un momento.",
  tellNumber: "Si sigue así, dile a quien lleva este Brontle el número de este error:",
  tryAgain: "Intentarlo otra vez",
  nothingHere: "Aquí no hay nada",
  removed: "Se quitó, o es de otro estudio. No se ha perdido nada tuyo.",
  toClasses: "A las clases",
  openLink: "Abre una vez tu propio enlace",
  openLinkWhy:
    "El enlace que te envió quien da la clase abre tu página. Durante las ocho horas siguientes este botón la abre también, incluso sin red.",
};

export const met: Phrases["met"] = {
  kg: "kg",
  lengthM: "largo, m",
  ceilingCm: "techo, cm",
  timeZone: "zona horaria",
  bodyKg: "peso corporal",
  heightCm: "estatura, cm",
  repSeconds: "segundos de una rep",
  nothing: "nada",
  twoVersions: "Dos versiones",
  met: "Otra persona cambió lo mismo mientras esto estaba abierto. Aún no se ha guardado nada; lo que no choca se conserva de ambas.",
  what: "Qué",
  theirs: "La suya, guardada",
  yours: "La tuya",
  keepTheirs: "Conservar la suya",
  keepYours: "Conservar la tuya",
};

/** The score. */
export const drawn: Phrases["drawn"] = {
  round: "ronda {round}",
  rest: "pausa {seconds}",
  water: "agua {seconds}",
  shortFor: "faltan {seconds} s a {people}",
  short: "faltan {seconds} s",
  seconds: "{seconds} s",
  asMany: "Tantas rondas como se pueda",
};

/** A dose in a few signs, beside its move. */
export const shortDose: Phrases["shortDose"] = {
  seconds: "{span} s",
  hold: "mantener {span} s",
  reps: "{span} reps",
  toLimit: "al límite {span} s",
  paced: "{dose} a {tempo}",
  within: "{dose} en {seconds} s",
};
