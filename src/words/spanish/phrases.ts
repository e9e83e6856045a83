/** Trozos de texto que se componen con valores. Phrases in Spanish that participants meet; see the English ones. */
import type { Catalogue } from "../catalogue";

type Phrases = Catalogue["phrases"];

export const quantity: Phrases["quantity"] = {
  kg: "{amount} kg",
  lb: "{amount} lb",
  litres: "{amount} l",
  grams: "{amount} g",
  cm: "{amount} cm",
  between: "{least}–{most}",
  upTo: "hasta {most}",
  tension: "({tension})",
  few: "{n, plural, =0 {ninguno} =1 {uno} =2 {dos} =3 {tres} =4 {cuatro} =5 {cinco} =6 {seis} other {#}}",
};

export const kit: Phrases["kit"] = {
  one: "{name}{measureAny, select, no {} other { {measure}}}",
  many: "{count} {name}{measureAny, select, no {} other { {measure}}}",
  packed: "{thing} ({inside})",
  used: "{kit} ({who})",
};

export const needs: Phrases["needs"] = {
  many: "{few} {name}",
  sturdy: "{form, select, a {un apoyo firme} one {apoyo firme} other {apoyos firmes}}",
  anchorAt:
    "{form, select, a {un anclaje {at, select, low {bajo} mid {a media altura} other {alto}}} one {anclaje {at, select, low {bajo} mid {a media altura} other {alto}}} other {anclajes {at, select, low {bajos} mid {a media altura} other {altos}}}}",
  ofKg: "{need} de {kg} kg o más",
  optional: "{need}, si hay",
  high: "{need}, de {least}–{most} cm de alto",
  or: "{first}, o bien {second}",
  nothing: "nada",
  no: "sin {need}",
};

export const people: Phrases["people"] = {
  others: "{first}, {second} y {others} más",
  removed: "alguien que ya no está",
};

export const dose: Phrases["dose"] = {
  seconds: "{span} segundos",
  hold: "mantener {span} segundos",
  reps: "{most, plural, =1 {{span} repetición} other {{span} repeticiones}}",
  ladder:
    "escalera {from}–{to}{step, plural, =1 {} other { de # en #}}{hold, select, no {} other { manteniendo {hold} s por {holdOn, select, rep {repetición} other {peldaño}}}}",
  toLimit: "hasta el límite, {span} segundos",
  counted: "{most, plural, =1 {{span} rep} other {{span} reps}}",
  limit: "hasta el límite",
  reserve: "para con {left} de reserva, {span} segundos",
  stopLeft: "para con {left} de reserva",
  ofSequence: "{reps} {move}",
  after:
    "{dose}, luego {kind, select, hold {mantener {n} s} other {{n, plural, one {# rebote} other {# rebotes}}}}",
  eachSide: "{amount} por lado",
  paceTempo: "{dose} a {tempo}",
  paceSeconds: "{dose} de {seconds} s",
  within: "{dose} en {seconds} s",
  stop: "{seconds} s, luego descansa",
};

export const way: Phrases["way"] = {
  target: "{target, select, none {sin carga} light {ligera} medium {media} other {pesada}}",
  kg: "{kg} kg",
  rir: "{rir} de reserva",
  rpe: "RPE {rpe}",
  reps: "{span} reps",
  tempo: "a {tempo}",
  rounds: "{rounds, plural, one {solo la primera ronda} other {las primeras # rondas}}",
  whoCant: "quien no pueda: {ways}",
  elseOr: "{said}; si no, {way}",
  choice: "o como prefieras: {ways}",
  choiceOr: "{said} o {way}",
};

export const tempo: Phrases["tempo"] = {
  lower: "baja {seconds} s",
  pause: "pausa {seconds} s",
  lift: "sube {seconds} s",
  top: "pausa {seconds} s",
};

export const live: Phrases["live"] = {
  asManyRounds: "Tantas rondas como puedas: {moves}",
  ownPace: "A tu ritmo{moves, select, none {} other {: {moves}}}",
  ownLine: "{sets} × {move}, {what}",
  restAfter: "descanso {seconds} s",
  over: "La clase ha terminado",
  notHeld: "no se impartió",
  round: "{unit, select, set {serie} other {ronda}} {n} de {of}",
  turn: "{turn, select, down {al suelo} other {de pie}}",
  fetchNeeds: "coge {needs}",
  loadEach: "{kg} kg cada una",
  loadReserve: "{reserve} de reserva",
  loadEffort: "esfuerzo {effort} de 10",
  slower: "más lento, más corto",
  countOf:
    "{kind, select, about {de unas {of}} pulse {de {of, plural, one {# rebote} other {# rebotes}}} rung {de {of}, peldaño {rung} de {rungs}} each {de {of} por lado} other {de {of}}}",
  phase:
    "{phase, select, lower {baja} bottom {aguanta} lift {sube} top {aguanta} half {la mitad} two {las dos últimas} last {la última} other {}}",
  toShow: "{way} ({people})",
  show: "Enseña {ways}",
  say: "di {ways}",
  nowReps: "{most, plural, =1 {ahora {span} rep} other {ahora {span} reps}}",
  nowSeconds: "ahora {span} segundos",
  nowLoad:
    "{change, select, heavier {más peso{load, select, none {} other {: {load}}}} lighter {menos peso{load, select, none {} other {: {load}}}} other {{load, select, none {ahora sin carga} other {ahora {load}}}}}",
  nowSide: "el otro lado: {side}",
  nextSet:
    "{change, select, heavier {más peso} lighter {menos peso} moreReps {más reps} other {menos reps}} para {people}",
  group: "{people} {mark}{way}{halves, select, yes {, la mitad por lado} other {}}{stop}",
  groupStop: ", {stop}",
  noWay: "sin opción: descansar o elegir",
  place: "{n}/{of} {move}",
  placeRest: "{n}/{of} descanso {left}",
  placeThrough: "terminado",
  placeCut: "{n} no caben",
  placeSilent: "nada pulsado en {minutes} min",
  placesThrough: "{all, select, yes {Todos han terminado: → sigue} other {{n} de {of} han terminado}}",
  within: "reloj exacto a {ms} ms",
  device: "±{ms} ms{late, select, none {} other {, oye {late} s tarde}}",
  step: "{text} · {n} de {of}",
  here: "{here} aquí",
  notYet: "{notYet} aún no",
  late: "{late} tarde",
};

export const own: Phrases["own"] = {
  rest: "Descansa o elige otra opción.",
  restRound: "Descansa en esta ronda: en tu nivel hay menos.",
  side: "lado: {side}",
  shares: "{seconds} s por lado",
  bringAt: "{thing}: {weights}",
  knownFrom: "{held}, de {move} el {day}",
  about: "unas {reps, plural, one {# rep} other {# reps}}",
  enough: "Basta en tu nivel: descansa hasta que acabe el tiempo.",
  stop: "Para en {seconds}.",
  change: "Cambia a tu {side} en {seconds}.",
  howMany: "¿Cuántas más habrías podido hacer?",
  nextSet:
    "{change, select, heavier {La próxima serie, más peso} lighter {La próxima serie, menos peso} moreReps {Más en la próxima serie} fewerReps {Menos en la próxima serie} other {La próxima serie queda igual}}{set, select, none {} other { ({set})}}.",
  noted: "Anotado.",
  onPaper: "En papel",
  setOf: "serie {n} de {of}",
  setsDone: "{of, plural, one {serie hecha} other {# series hechas}}",
  doneRest: "Hecho: descansa {seconds} s",
  doneLast: "Hecho: era la última serie",
  takeBack: "Aún no: deshacer",
  through: "Todas tus series están hechas. Respira, bebe y espera a los demás.",
  cut: "{n, plural, one {Una serie ya no cabe: déjala.} other {# series ya no caben: déjalas.}}",
  lastMinute: "Queda un minuto: termina esta serie y ya está.",
  leftInBlock: "queda",
  oneSide: "Solo tu {side}: repítelo más fácil con ella, o descansa.",
  fetch: "Coge: {things}",
  another:
    "{code, select, easier {Sigues con: {name}.} less {Sigues con menos, o con menos peso.} choose {No hay nada más fácil, pero puedes elegir abajo.} other {No hay otra opción con lo que tienes: haz menos, más lento, o descansa. Está bien.}} Tu instructora o instructor lo ve.",
  stopWords:
    "Dolor, mareo, molestia en el pecho o falta de aire poco habitual: para. En una emergencia llama al {number, select, none {número de emergencias de tu zona} other {{number}}}.",
  illRest: "Hoy no, por favor: descansa y vuelve cuando estés bien.",
  illMore:
    "Vale para fiebre, tos o catarro de pecho, estómago revuelto o malestar general. Puedes dejar esta página abierta y solo mirar. Nada de esto se envía ni se guarda. Si empeora o no lo tienes claro, pregunta a un médico.",
  hurtCard:
    "Dolor en el pecho, desmayo o colapso: llama al {number, select, none {número de emergencias de tu zona} other {{number}}}, o que alguien llame, y no cuelgues.",
  hurtTold: "Para. Ya lo sabe quien da la clase.",
  hurtTelling: "Para. Avisando…",
  hurtAloud: "Para. Aún no ha llegado: dilo en voz alta.",
  hurtButton: "{state, select, told {Avisado} pressed {Aún sin avisar} other {Me duele}}",
  when: "{day}, {time}",
};

export const progress: Phrases["progress"] = {
  same: "lo mismo otra vez",
  weight: "{to} kg cada una en lugar de {from}",
  reps: "{to} reps por serie en lugar de {from}",
  hold: "mantener {to} s en lugar de {from}",
  move: "{way, select, harder {la opción más difícil} other {la opción más fácil}}: {move}",
  slower: "bajando más lento",
  pause: "con una pausa en el punto más duro",
  oneAndAHalf: "repeticiones y media",
  moreInTime: "más reps en el mismo tiempo",
  lessRest: "lo mismo con menos descanso",
  anotherRound: "otra ronda",
  ask: "pregunta antes; nada más hasta que esté claro",
  goalKg: "{kg} kg cada una",
  goalReps: "{reps} reps por serie",
  goalSeconds: "{seconds} s",
  believed: "{median} kg ({low}–{high})",
  moved: "{change} % en seis semanas",
  keepRounds: "{rounds, plural, one {# serie} other {# series}}, como antes",
  keepSeconds: "{seconds} s, como antes",
  more: "quedaban {more}",
  hurt: "dolió",
};

export const numberTail: Phrases["numberTail"] = {
  rounds:
    "{station, select, yes {{one, select, yes {serie} other {series}} en cada uno de {moves, plural, one {# ejercicio} other {# ejercicios}}} other {{one, select, yes {ronda} other {rondas}} de {moves, plural, one {# ejercicio} other {# ejercicios}}}}",
  cap: "s para tantas rondas como se pueda de {moves, plural, one {# ejercicio} other {# ejercicios}}",
  work: "s de trabajo",
  reps: "reps",
  rest: "s de descanso",
  longRest: "{station, select, yes {s entre estaciones} other {s entre rondas}}",
  prepare: "s para prepararse",
  demo: "s para enseñar cada uno",
  brief: "s de explicación antes",
  after: "s de agua después",
};

export const sheet: Phrases["sheet"] = {
  alternating: "alternando",
  inTurn: "I y luego D",
  swap: "un lado por ronda",
  roundsAt: "rondas a las {times}",
  stationsAt: "estaciones a las {times}",
  noWay: "sin opción",
  kit: "Material como está: {kit}.",
  noKit: "ninguno",
  safety:
    "Muebles firmes y contra la pared; puertas con pestillo y tirando solo en el sentido que las cierra; bandas sin cortes; calzado y suelo seco para saltar. Dolor, mareo, molestia en el pecho, falta de aire poco habitual: parar.",
  people: "{n, plural, one {# persona} other {# personas}}",
  movesOf: "Ejercicios de {block}",
  shapeOf: "{shape} de {moves}",
  more: "más",
  page: "{n} de {of}",
  instead: "en lugar de {move}",
  haveReady: "Ten preparado",
  nothingToBring: "Solo suelo.",
  restHere: "Descansa aquí, o elige algo que te vaya bien.",
  warmUp: "Pesos de calentamiento: {weights}",
  station: "{n} de {of}",
  easier: "Más fácil",
  harder: "Más difícil",
  needs: "Hace falta",
  start: "Inicio",
  length: "Duración",
  kind: "Tipo",
  block: "Bloque",
  round: "Ronda",
  move: "Ejercicio",
  side: "Lado",
  reps: "Reps",
  dose: "Dosis",
  others: "Otros",
  chapterRound: "{block}, {unit, select, set {serie} other {ronda}} {n}",
  chapterStation: "{block}: {move}",
  begins: "Inicio",
  classOver: "Fin",
  captionsNote: "Lo que se dice en «{title}», de {seconds}.",
  scoreOf: "Partitura de {title}, {length}",
};

export const mail: Phrases["mail"] = {
  subject: "{title}, {when}",
  cancelledSubject: "Cancelada: {title}",
  hello: "Hola, {name}:",
  cancelled: "{title} del {when} queda cancelada.",
  isOn: "{title} es el {when}.",
  ownPage: "Tu propia página, con lo que hay que tener preparado y tu versión de la clase:\n{address}",
  yoursAlone:
    "El enlace es solo tuyo: quien lo tenga ve tu parte. Antes de tu primera clase te hace unas preguntas sobre tu salud. Solo tú ves las respuestas.",
  call: "La videollamada:\n{link}",
  afterSubject: "Después de {title}",
  afterThanks:
    "Gracias por venir. {title} duró {minutes, plural, one {# minuto} other {# minutos}}, y esto es lo que hicimos:",
  afterNothing: "Gracias por venir a {title}.",
  afterBlock: "{rounds, plural, =1 {{name}: {moves}} other {{name}: # rondas de {moves}}}",
  afterSay: "¿Cómo de duro fue y qué hiciste? Tu página lo pregunta durante una semana.",
  askHomeSubject: "¿Qué tienes en casa? {studio}",
  askHome:
    "Para que tu versión de cada clase encaje, di qué tienes en casa: una silla, una toalla, una banda, o nada en absoluto, que también es una respuesta. Son dos minutos:\n{address}",
  linkAlone: "El enlace es solo tuyo: quien lo tenga ve tu parte.",
  newLinkSubject: "Se ha creado un enlace nuevo a tu página",
  newLink:
    "{by}, de {studio}, ha creado un enlace nuevo que abre tu página. Si no lo pediste, díselo: puede anularlo, y tú también, al pie de tu página.",
  answersStayShut: "Con él no se pueden abrir tus respuestas de salud: para eso hace falta tu código.",
};

export const calendar: Phrases["calendar"] = {
  place: "{studio}, en casa por videollamada.",
  page: "Tu versión: {address}",
};

export const refused: Phrases["refused"] = {
  offline: "No se puede conectar con Brontle.",
  "signed-out": "Inicia sesión primero.",
  "not-yours": "Eso no se puede hacer desde aquí.",
  "other-origin": "Esta petición vino de otro sitio.",
  "not-found": "Eso ya no está.",
  conflict: "Algo ha cambiado entretanto: míralo de nuevo.",
  malformed: "Hay algo que no se puede leer.",
  invalid: "Hay algo que no puede ser así.",
  "too-large": "Es demasiado grande.",
  "too-slow": "Tardó demasiado en llegar: envíalo otra vez.",
  "too-long": "Calcularlo lleva demasiado tiempo.",
  "too-often": "Demasiadas veces: espera un poco y prueba de nuevo.",
  busy: "Ahora hay demasiada actividad: prueba en un momento.",
  away: "Ahora no se puede llegar a los datos: prueba en un momento.",
  full: "No queda sitio: lo que enviaste no se ha guardado.",
  failed: "Algo ha fallado en Brontle. Lo guardado está a salvo.",
  code: "Ese no es el código. Si lo has olvidado, borra las respuestas y contesta de nuevo.",
};
