import type { Same } from "../../catalogue";
import type { score as english } from "../english/score";

export const score: Same<typeof english> = {
  shortFor: "faltan {seconds} s a {people}",
  nameOf: "Nombre {title, select, no {del bloque} other {de {title}}}",
  pieces: "Partitura: {pieces} piezas",
  reads:
    "Partitura de {clock}: {pieces} piezas en {blocks, plural, one {1 bloque} other {# bloques}}, {rows, plural, one {1 línea} other {# líneas}} de {minutes} minutos. Las flechas van de pieza a pieza, con Alt la hacen más larga o más corta; X lee todo como tabla.",
  nothing: "nada",
  repsSeconds: "{reps} reps, {seconds} s",
  before: "antes de {move}",
  atEnd: "al final",
};
