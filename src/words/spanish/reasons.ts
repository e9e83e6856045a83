/** Por qué alguien hace lo que hace, y lo que se dice. Reasons in Spanish that participants meet. */
import type { Reasons } from "../reasons";

export const whyNot: Reasons["whyNot"] = {
  ceiling: "el techo es demasiado bajo",
  length: "no hay sitio suficiente",
  jumping: "en casa no se puede saltar",
  limit: "se pidió: {limit}",
  "home-unknown": "aún no se ha dicho qué hay en casa, así que no se cuenta con nada",
  "no-kit": "{needsNone} en casa",
  "kit-too-heavy": "demasiado pesado para eso: {needs} como hay en casa",
  "kit-too-light": "demasiado ligero para eso: {needs} como hay en casa",
  "not-at-once": "{needs}: no todo a la vez",
  "not-here": "aquí no es posible",
  "too-hard": "aún demasiado difícil con lo que hay",
  effort: "más cerca del esfuerzo que se busca",
  "saves-changing": "ahorra cambiar de material o de posición entre ejercicios",
};

export const why: Reasons["why"] = {
  "as-set": "Como está{heldAny, select, no {; no hace falta nada} other {, con {held}}}.",
  less: "El ejercicio previsto, pero menos{heldAny, select, no {} other {, con {held}}}: para que quede la reserva que se busca.",
  "as-set-level": "Como está para {mark}{heldAny, select, no {} other {, con {held}}}.",
  chosen: "{move}{heldAny, select, no {} other { con {held}}}: tu elección.",
  instead: "{move}{heldAny, select, no {} other { con {held}}} en lugar de {setInside}: {because}.",
  own: "{move}{heldAny, select, no {} other { con {held}}}: la opción propia de esta clase donde {setInside} no es posible: {because}.",
  choice: "{move}{heldAny, select, no {} other { con {held}}}: una de las opciones entre las que elegir.",
  unmet: "No se encontró ninguna opción: {because}.{helpAny, select, no {} other { Haría falta {help}.}}",
  "chosen-unknown": "Elegiste {id}, que la biblioteca no tiene.",
  "chosen-unmet": "Elegiste {moveInside}: {because}.",
  written: "{text}",
};

export const load: Reasons["load"] = {
  "from-sets":
    "Por {moveInside} el {day}: probablemente {open, select, yes {{low} o más} other {{low}–{high}}} reps con {rir} de reserva.",
  "from-sets-undated":
    "Por series conocidas de {moveInside}: probablemente {open, select, yes {{low} o más} other {{low}–{high}}} reps con {rir} de reserva.",
  "from-level":
    "Solo por el nivel habitual ({mark}): probablemente {open, select, yes {{low} o más} other {{low}–{high}}} reps con {rir} de reserva.",
  "start-light":
    "Empieza con poco peso: las dos últimas repeticiones deben ser lentas, no temblorosas; luego di cómo fue.",
  unpredicted: "Demasiado ligero o demasiado largo para predecir reps a partir de {known} × {reps}.",
  predicted:
    "{rough, select, yes {Más o menos} other {Unas}} {reps} reps con {rir} de reserva, a partir de {known} × {knownReps}.",
};

export const adjust: Reasons["adjust"] = {
  "two-at-once": "Dos a la vez.",
  "one-limb": "Un lado en lugar de dos: {moveInside}.",
  "fits-time": "Menos, para que quepa en {seconds} s.",
  slower: "Baja dos tiempos más lento.",
  pause: "Pausa de dos tiempos en el punto más duro.",
  "one-and-a-half": "Cada una, repetición y media.",
  "more-reps": "Más reps: hasta {reps}.",
  harder: "Una opción más difícil: {moveInside}.",
  "both-hands": "Las dos manos en un solo peso: {moveInside}.",
  lever: "Una palanca más corta: {moveInside}.",
  "smaller-range": "Menos recorrido.",
  easier: "Una opción más fácil: {moveInside}.",
  "hold-at-most": "Manténlo {seconds} s como mucho, respirando.",
  "keep-reserve": "Para con {reps} de reserva y suelta el aire en el esfuerzo.",
  written: "{text}",
};

export const call: Reasons["call"] = {
  own: "{text}",
  title: "{block}.",
  have: "Ten preparado lo que tengas de: {kit}.",
  name: "{move}.",
  cue: "{text}",
  caution:
    "{of, select, furniture {Muebles firmes y contra la pared, nunca el centro de una mesa, nada con ruedas.} anchors {Puertas cerradas con pestillo, tirando solo en el sentido que las cierra; dos tirones antes de apoyarte.} bands {Bandas sin cortes, los ojos fuera de la línea de tiro, los pies planos encima.} sliders {Sin carrerilla sobre suelo liso, una mano cerca de un apoyo.} other {Lámpara, techo, niños y mascotas fuera de la zona de lo que va por encima de la cabeza.}}",
  side: "El otro lado: {side, select, left {izquierda} other {derecha}}.",
  next: "Ahora viene: {moveInside}{side, select, left {, lado izquierdo} right {, lado derecho} other {}}{doseAny, select, no {} other {, {dose}}}.",
  fetch: "Coge: {kitOne}{others, select, yes {, o lo que tengas} other {}}.",
  easier: "Más fácil: {moveInside}.",
  "easier-note": "Más fácil: {noteInside}.",
  harder: "Más difícil: {moveInside}.",
  "harder-note": "Más difícil: {noteInside}.",
  "who-cant": "Si no puedes: {moveInside}.",
  "who-cant-note": "{note}: {moveInside}.",
  choose: "O, si lo prefieres: {moveInside}.",
  "half-way": "La mitad.",
  "last-ten": "Últimos diez.",
  water: "Agua, {seconds} segundos.",
};
