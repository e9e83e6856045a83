import type { Same } from "../../catalogue";
import type { next as english } from "../english/next";

export const next: Same<typeof english> = {
  anotherRound: "otra ronda",
  fiveSecondsLessRest: "cinco segundos menos de descanso",
  holdsFiveSecondsLonger: "posturas cinco segundos más largas",
  roundsThere: "las rondas que hay",
  fiveSecondsLessWork: "cinco segundos menos de trabajo en el mismo tiempo",
  holdsLongNow: "posturas como ahora",
  hasTakenItsStep: "{title} ha dado su paso.",
  classes: "Clases",
  classesThemselves: "Las clases mismas",
  readyOf:
    "{ready} de quienes la hicieron ({all}) están listos.{any, select, yes { {others}: {keep}.} other {}}",
  takeStep: "Dar el paso de {title}",
  takeStep2: "Dar el paso",
  changed: "cambiado a",
  left: "dejado como está",
  other: "Otra",
  asked: "Preguntado",
  accept: "Aceptar",
  change: "Cambiar",
  leave: "Dejarlo: {name}, {name2}",
  leave2: "Dejarlo",
  whatNext: "Qué sigue",
  writingDown: "apuntándolo…",
  acceptAll: "Aceptar todos: {ready}",
  nothingWaitsYouNew:
    "No te espera nada. Los pasos nuevos salen de lo que se confirme tras las próximas clases.",
  stepsFor:
    "{open, plural, one {# paso} other {# pasos}} para {whose, plural, one {# persona} other {# personas}}, de lo confirmado y de lo que sus casas permiten. ↑ ↓ pasan, A acepta, D lo deja. Por el dolor se pregunta, nunca se esquiva.",
  sameAgain: "otra vez lo mismo: {same}",
  nobodyHasConfirmedClass:
    "Aún no se ha confirmado ninguna clase. Después de una clase, cada cual apunta en su página lo que hizo, o lo haces tú en el registro; a partir de dos clases, aquí hay pasos.",
  accepted: "aceptado",
};
