import type { Catalogue } from "../catalogue";

/** Why a change of a class isn't taken. */
export const notTaken: Catalogue["phrases"]["notTaken"] = {
  gone: "Ese {what, select, block {bloque} other {ejercicio}} ya no está.",
  taken: "Ya hay un {what, select, block {bloque} slot {ejercicio} other {cambio}} con ese id.",
  changedSince: "Otra persona cambió {key} después de ti: lo suyo queda, y no hay nada tuyo que deshacer.",
  closed: "{key} no se puede cambiar.",
};

/** How a block goes round, in a few words. */
export const goes: Catalogue["phrases"]["goes"] = {
  asMany: "tantas rondas como se pueda en {seconds} s",
  rounds: "{one, select, yes {1 ronda} other {{span} rondas}}",
  rest: "{span} s de descanso",
  longRest: "{span} s entre rondas",
  brief: "{span} s de explicación",
  after: "{span} s de agua",
  eachKg: "{kg} kg cada una",
};
