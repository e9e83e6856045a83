import type { Same } from "../../catalogue";
import type { room as english } from "../english/room";

export const room: Same<typeof english> = {
  wouldTurnOf: "haría como están {slots} ejercicios cambiados o sin opción: de {who}, en {moves}.",
  announce: "Para anunciar",
  orderFirstUseBrackets: "En orden de primer uso; entre paréntesis, cuántas personas lo usan.",
  oneThingOwnNext: "Lo único que convendría tener",
  nothingCostsLittleWould: "Nada barato haría como está un ejercicio cambiado o sin opción.",
  chooseNameWholePart:
    "Elige un nombre para una parte entera, una celda para un ejercicio de una persona, un ejercicio para su reparto. Un punto es como está. Un pie de óxido: el hueco anterior es demasiado corto para lo que hay que cambiar.",
  room: "La sala",
  show: "Mostrar",
  names: "nombres",
  oneRowSamePart: "una fila para la misma parte",
  whatEachPersonDoes:
    "Lo que hace cada persona en cada ejercicio: un punto es como está; las otras celdas dicen qué cambia. Las flechas van de celda a celda.",
  peopleRows:
    "{people, plural, one {# persona} other {# personas}}, {rows, plural, one {# fila} other {# filas}}",
  pointCellReadWho: "Señala una celda para leer quién hace qué ahí; las flechas van de celda a celda.",
  movesOpen: "{folded} ejercicios, abrir",
  movesFolded: "{folded} ejercicios",
  notSaid: "sin decir",
  otherOf: "{other} de {slots} distintos",
  shortBefore: ", faltan {short} s antes",
  aboutRoom: "Sobre la sala",
  shares: "{a} s y {b} s, un lado cada vez",
  brings: "Trae {things, select, no {nada} other {{things}}}.",
  hasNotSaidYet: "Aún no ha dicho qué hay en casa.",
  thereSoManyWays:
    "Hay tantas maneras de hacer esta clase con lo que hay en casa que no se compararon todas.",
  whatHome: "Qué hay en casa",
  wouldTurnThese: "{thing} haría como están {slots} de estos.",
  setIs: "{status}; lo previsto es {name}",
  tenPeopleLikeSix:
    "De diez personas así, seis están dentro de tal margen; a partir de 10 reps es aproximado.",
  orElse: "O bien: {ways}",
  shortWorst: "En el peor caso le faltan {short} s en el hueco anterior.",
  insteadThereWas: "En su lugar hubo",
  yourChoiceClass: "Tu elección en esta clase",
  workedOut: "como se calculó",
  keepSoEveryClass: "Dejarlo así en todas las clases",
  everyClass: "En todas las clases, {person} hace {name} en su lugar.",
  undo: "Deshacerlo",
  needsHas: "necesita {needs} s para cambiar, tiene {gap} s",
  others: "otras {n}",
  unmetName: "{name} sin opción",
  shut: "cerrar",
};
