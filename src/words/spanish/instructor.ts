/** Lo que leen quienes dan clase. Phrases and names in Spanish that instructors alone meet. */
import type { Catalogue } from "../catalogue";

type Phrases = Catalogue["phrases"];
type Names = Catalogue["names"];

export const room: Phrases["room"] = { swap: "cambio", eased: "fácil", raised: "difícil" };

export const region: Phrases["region"] = {
  knee: "rodillas: sentadillas y zancadas",
  hip: "cadera: bisagras",
  "push-horizontal": "empujar hacia delante",
  "push-vertical": "empujar hacia arriba",
  "pull-horizontal": "remo",
  "pull-vertical": "tirar hacia abajo",
  "arm-flexion": "flexiones de codo",
  "arm-extension": "extensiones de codo",
  "shoulder-raise": "elevaciones de hombro",
  trunk: "tronco",
  calf: "gemelos",
  "hip-abduction": "cadera por fuera",
  carry: "transportar",
};

export const progressWhy: Phrases["progressWhy"] = {
  ready: "Arriba del todo dos veces seguidas, con reserva suficiente.",
  notYet: "Aún no arriba en todas las series dos veces seguidas con reserva suficiente.",
  saidTooLittle: "Arriba dos veces, pero no se dijo cuántas más quedaban.",
  hurt: "Se dijo que dolía.",
  missed: "Por debajo de lo previsto dos veces seguidas.",
  hardClass: "La clase fue nueve o más de diez dos veces seguidas.",
  away: "Fuera dos semanas o más.",
  longAway: "Fuera más de cuatro semanas.",
};

export const numberLabel: Phrases["numberLabel"] = {
  rounds: "{station, select, yes {Series} other {Rondas}}",
  cap: "Segundos para tantas rondas como se pueda",
  work: "Segundos de trabajo",
  reps: "Reps",
  rest: "Segundos de descanso",
  longRest: "{station, select, yes {Segundos entre estaciones} other {Segundos entre rondas}}",
  prepare: "Segundos para prepararse",
  demo: "Segundos para enseñar cada ejercicio",
  brief: "Segundos de explicación antes del bloque",
  after: "Segundos de agua después del bloque",
};

export const typedNumber: Phrases["typedNumber"] = {
  form: "«{text}» no es {unit, select, seconds {un tiempo: como 90, 1:30, 2 min o 20–40} other {un número: como 8, 8–12 o 3x}}",
  clock: "«{text}» es un tiempo, y aquí se cuentan {unit, select, reps {reps} other {rondas}}",
  order: "«{text}» va de mayor a menor",
  least: "{least} es lo mínimo",
  most: "{most} es lo máximo",
};

export const typedDose: Phrases["typedDose"] = {
  empty: "Como 40 s, 12 reps, 8–12 reps 3110, 10 e/s, hold 0:30, to limit 40 s, 12/10/8",
  words: "«{text}» no se entiende aquí: como 40 s, 8–12 reps 3110, 10 e/s, hold 0:30",
  sets: "«{text}» lleva series: escribe aquí las reps, y las series como rondas del bloque",
};

export const fitNumber: Phrases["fitNumber"] = {
  rounds: "{to} rondas en lugar de {from}",
  rest: "{to} s de descanso en lugar de {from}",
  longRest: "{to} s entre rondas en lugar de {from}",
  brief: "{to} s de explicación en lugar de {from}",
  demo: "{to} s para enseñar cada uno en lugar de {from}",
  prepare: "{to} s para prepararse en lugar de {from}",
  after: "{to} s después en lugar de {from}",
  cap: "{to} s para tantas rondas como se pueda en lugar de {from}",
  work: "{to} s de trabajo en lugar de {from}",
  reps: "{to} reps en lugar de {from}",
};

export const fitLoss: Phrases["fitLoss"] = {
  sets: "{now} series en lugar de {was}",
  work: "{now} de trabajo en lugar de {was}",
  rest: "{now} de descanso en lugar de {was}",
};

export const fit: Phrases["fit"] = {
  inBlock: "{change} en {blockAny, select, no {el bloque} other {{block}}}",
  inMove: "{change} en {move}",
  afterMove: "{change} después de {move}",
  leftOut: "sin {move}{blockAny, select, no {} other { en {block}}}",
  nothingLost: "la parte principal queda como está",
  warmup: "antes un calentamiento, {length}",
  cooldown: "al final una vuelta a la calma, {length}",
  block: "otro bloque de {moves}, {length}",
  unlock: "desbloquear {blockAny, select, no {un bloque} other {{block}}}: {total}",
  asItStands: "Tal como está dura {total}.",
  ways: "{changes}: {total}.",
  lockedKey: "{key} de {blockAny, select, no {un bloque} other {{block}}}",
};

export const planNote: Phrases["planNote"] = {
  "unknown-move":
    "Ningún ejercicio se llama «{text}»: se toma como está escrito.{nearAny, select, no {} other { Parecidos: {near}.}}",
  "read-as": "«{text}» se leyó como {move}.{nearAny, select, no {} other { Podría ser {near}.}}",
  "no-dose": "«{text}» no dice cuánto: se puso lo habitual.",
  "list-length":
    "{count, plural, =1 {Hay un número} other {Hay # números}} para {sets, plural, =1 {una serie} other {# series}}: la lista se {more, select, yes {recortó} other {completó con el último}}.",
  "not-read": "De «{text}» no se sacó nada.",
  "as-title": "«{text}» pasó a ser el título de su bloque.",
  "not-allowed": "{text} no se puede guardar tal como está.",
};
export const plan: Phrases["plan"] = { where: "línea {line}, {from}–{to}" };

export const orderCause: Phrases["orderCause"] = {
  muscles: "músculos compartidos: {now} en lugar de {was}",
  grip: "agarre dos veces seguidas: {now} en lugar de {was}",
  shoulders: "hombros dos veces seguidas: {now} en lugar de {was}",
  hard: "dos duros seguidos: {now} en lugar de {was}",
  jumps: "dos con saltos seguidos: {now} en lugar de {was}",
  position: "cambios de posición: {now} en lugar de {was}",
  kit: "cambios de material: {now} en lugar de {was}",
  fresh: "lo que pide piernas frescas tras lo que las cansa: {now} en lugar de {was}",
  last: "lo que va hasta el límite antes de otra cosa: {now} en lugar de {was}",
};
export const order: Phrases["order"] = {
  noBetter: "El orden actual no cuesta más que ningún otro.",
  worse: "pero peor: {cause}",
  presentWays: "las opciones de cada cual son las del orden actual; después se calculan de nuevo",
};

export const putEffect: Phrases["putEffect"] = {
  length:
    "{seconds, plural, =0 {La clase dura lo mismo} other {La clase queda {by} {longer, select, yes {más larga} other {más corta}}}}",
  follow:
    "{as} de {of} lo hacen como está, en su nivel{swapped, plural, =0 {} =1 {, 1 otra cosa} other {, # otra cosa}}{unmet, plural, =0 {} =1 {, 1 nada} other {, # nada}}",
  fits: "Todos tienen tiempo de cambiar",
  short:
    "{short, plural, =1 {A 1 persona} other {A # personas}} les falta tiempo de cambiar: la mitad necesita {needs} s",
  sets: "Series duras: {sets}",
  noSets: "Ni una serie dura más o menos",
  pushPull: "Empuje y tracción {push} : {pull}, ahora {pushNow} : {pullNow}",
};

export const reshape: Phrases["reshape"] = {
  circuit: "Un circuito",
  "straight-sets": "Series seguidas",
  windows: "Una serie cada minuto",
  "as-many-rounds": "Tantas rondas como se pueda",
  ladders: "Escaleras",
  supersets: "Superseries, de dos en dos",
  "one-by-one": "Cada ejercicio por separado",
};

export const editKey: Phrases["editKey"] = {
  title: "el título",
  stance: "la orientación",
  promise: "lo prometido",
  role: "el papel",
  rounds: "las rondas",
  rest: "el descanso",
  longRest: "el descanso entre rondas",
  restMove: "lo que se hace en los descansos",
  longRestMove: "lo que se hace entre rondas",
  prepare: "el tiempo para prepararse",
  demo: "el tiempo para enseñar",
  demoAt: "cuándo se enseña",
  brief: "la explicación",
  after: "el agua",
  cap: "el tiempo para tantas rondas como se pueda",
  loop: "el sentido de la vuelta",
  locked: "lo bloqueado",
  atEnd: "qué pasa al final de una pieza",
  pace: "a qué ritmo se hace",
  move: "el ejercicio",
  dose: "la dosis",
  load: "la carga",
  sides: "los lados",
  firstSide: "el primer lado",
  count: "cómo se cuenta",
  marks: "los niveles",
  alternatives: "las opciones para quien no pueda",
  choice: "la elección de opciones",
  cue: "las palabras durante",
  call: "las palabras antes",
  together: "lo que va junto",
  pinned: "lo que mantiene su sitio",
};
export const editName: Phrases["editName"] = {
  "copy-block": "la copia de un bloque",
  "ease-block": "opciones más fáciles para un bloque",
  combine: "varios ejercicios por turnos",
  "copy-slot": "la copia de un ejercicio",
  "replace-move": "otro ejercicio",
  "split-block": "el corte de un bloque en dos",
  "join-blocks": "la unión de dos bloques",
  "order-slots": "otro orden",
  fit: "el ajuste a una duración",
  work: "los segundos de trabajo",
  reps: "las reps",
  several: "varios ejercicios a la vez",
  reshape: "otra forma de un bloque",
  restore: "la vuelta a una versión anterior",
};
export const editList: Phrases["editList"] = {
  acknowledged: "un hallazgo dejado como está",
  overruled: "tu elección para alguien",
  moves: "un ejercicio propio",
};
export const edit: Phrases["edit"] = {
  aBlock: "un bloque",
  aMove: "un ejercicio",
  nothing: "nada",
  of: "{what} de {place}",
  added: "{what}: añadido",
  removed: "{what}: quitado",
  moved: "{what}: movido",
};

export const accountMail: Phrases["accountMail"] = {
  proofSubject: "Tu dirección en Brontle",
  proofMade: "Se creó una cuenta con esta dirección, para un estudio llamado {studio}.",
  proofOpen: "Abre esto en una hora para decir que la dirección es tuya y luego inicia sesión:\n{link}",
  proofLeave: "Si no fuiste tú, déjalo: sin esto no entra nadie.",
  knownSubject: "Ya tienes una cuenta en Brontle",
  knownWanted: "Alguien quiso crear una cuenta con esta dirección, y ya hay una.",
  knownSignIn:
    "Si fuiste tú: inicia sesión en {address}, donde también se puede cambiar una contraseña olvidada.",
  knownNothing: "Si no fuiste tú, no hay que hacer nada.",
  resetSubject: "Otra contraseña para Brontle",
  resetAsked: "Alguien pidió otra contraseña para la cuenta de esta dirección.",
  resetOpen: "Abre esto en una hora para ponerla:\n{link}",
  resetLeave: "Si no fuiste tú, déjalo: la contraseña queda como está.",
  wasResetSubject: "Tu contraseña de Brontle se ha cambiado",
  wasReset:
    "La contraseña de tu cuenta se acaba de cambiar con un enlace enviado a esta dirección. Todas las sesiones se han cerrado.",
  wasResetNotYou: "Si no fuiste tú, alguien lee tu correo: díselo a quien lleva este Brontle.",
};

export const season: Phrases["season"] = {
  atOnce: "{n, plural, one {Dos clases a la vez} other {# veces dos clases a la vez}}: {when}.",
  busy: "{n, plural, one {Una clase} other {# clases}} cuando tienes el tiempo ocupado: {when}.",
  dayOff: "En un día libre: {days}.",
  notAsSaid:
    "Anunciado «{says}», pero {n, plural, one {dos días seguidos} other {# veces dos días seguidos}}: {days}.",
  notSoOften:
    "Anunciado «{says}»: {said, plural, one {un día} other {# días}} a la semana, y no es así en {weeks}.",
  tooSoon: "{muscles} vuelven a trabajar fuerte a las {hours} h: {weeks}.",
  running: "{days, plural, one {Un día} other {# días}} seguidos, desde {from}.",
  weekMany: "Más de {bound} series duras a la semana: {muscles}.",
  weekFew: "Menos de {bound} series duras a la semana: {muscles}.",
  jump: "Un salto: {muscles}.",
  gone: "Nada en dos semanas o más: {muscles}.",
  clockChange:
    "Desde el {day} es una hora {way, select, earlier {antes} other {después}} para {people} en {zone}: a las {time}.",
  clockChangeBy:
    "Desde el {day} son {minutes} minutos {way, select, earlier {antes} other {después}} para {people} en {zone}: a las {time}.",
  inWeeks: "{muscle} {sets} ({weeks})",
  jumped: "{muscle} de {from} a {to} (semana {week})",
  goneIn: "{muscle} ({weeks})",
  week: "semana {n}",
  weeks: "semanas {list}",
  runningDays: "El día {a} y el día {b} van seguidos, y se dijo un día sí y otro no.",
  saidTimes:
    "Se dijo {said, plural, one {una vez} other {# veces}} a la semana, y se {named, plural, one {nombra un día} other {nombran # días}}.",
  restAndWork: "El día {day} es de descanso y de entrenamiento.",
  twiceNamed: "El día {day} aparece dos veces.",
  soonAgain: "El día {a} y el día {b} trabajan ambos {group}: lo habitual es un día entre medias.",
  noSuchDay: "Ninguna semana tiene un día {day}.",
};
export const focusGroup: Phrases["focusGroup"] = {
  full: "todo el cuerpo",
  lower: "piernas",
  upper: "tren superior",
  push: "músculos de empuje",
  pull: "músculos de tracción",
  trunk: "tronco",
};

export const files: Phrases["files"] = {
  title: "Archivos de esta clase",
  about: "Hechos ahora, de la clase tal como está y de las casas tal como son.",
  make: "Hacer",
  making: "Haciendo…",
  cancel: "Cancelar",
  made: "{file} está hecho.",
  paper: "Papel",
  language: "Idioma",
  ink: "Tinta",
  minutes: "Minutos por línea",
  offset: "Antes, s",
  counts: "Cuentas",
  countsAs: "{how, select, spoken {habladas} ticked {con toques} other {ninguna}}",
  noSound: "No se pueden cargar las cuentas habladas: no hay conexión.",
  toRead: "La hoja, para leer aquí",
  log: "Registro",
  logFor: "Todo lo que se apuntó, con lo que había antes.",
  logTable: "Registro como tabla",
  logTableFor: "Una línea por persona y ejercicio: series, reps, peso, esfuerzo.",
  word: "Archivos",
};

export const archive: Phrases["archive"] = {
  title: "Mudanza",
  about:
    "Todo este estudio en un archivo que otro Brontle abre: clases, ejercicios, casas, lo impartido y apuntado, temporadas. Las respuestas de salud, dónde está la gente, los enlaces personales, las cartas y las contraseñas se quedan aquí.",
  takeOut: "Sacarlo todo",
  takeIn: "Traer un archivo",
  takeInAbout:
    "Primero ves qué vendría. Lo que ya está aquí queda como está; traer lo mismo otra vez no duplica nada.",
  file: "Archivo",
  reading: "Leyéndolo…",
  from: "«{studio}», tal como estaba el {when}",
  comes: "viene",
  here: "ya está aquí",
  goingOn:
    "{n, plural, one {Una clase estaba} other {# clases estaban}} en marcha mientras se hacía, y no {n, plural, one {está} other {están}} dentro.",
  nothing: "Todo está ya aquí.",
  take: "Traerlo",
  taken: "Ya está traído.",
};
export const busy: Phrases["busy"] = {
  title: "Cuándo no puedes dar clase",
  about:
    "De un archivo de calendario (ICS) tuyo. Solo se guardan las horas, no para qué son; una clase prevista en una de ellas lo dice. El mismo calendario traído otra vez sustituye lo que dijo.",
  takeIn: "Traer un calendario",
  file: "Archivo de calendario",
  name: "Se llama",
  found: "{n, plural, =0 {Ninguna hora} one {Una hora} other {# horas}} en el año que viene.",
  taken: "{n, plural, one {Una hora guardada} other {# horas guardadas}}.",
  take: "Guardar estas horas",
  ahead: "{n, plural, =0 {nada por delante} one {una por delante} other {# por delante}}",
  remove: "Quitar",
  removeThat: "Quitar {name}",
  more: "y {n} más",
  line: "línea {n}",
  meets: "A esa hora no puedes: {times}.",
};

export const archived: Names["archived"] = {
  moves: "ejercicios propios",
  people: "personas y sus casas",
  classes: "clases",
  sessions: "sesiones con sus registros",
  seasons: "temporadas",
  steps: "decisiones sobre próximos pasos",
  plans: "planes por cuenta propia",
};
export const busyFault: Names["busyFault"] = {
  "no-calendar": "No es un archivo de calendario (ICS).",
  "too-large": "Es mayor que cualquier calendario que Brontle lee: como mucho 4 MB.",
  "no-start": "Esta entrada no tiene comienzo: se deja fuera.",
  "no-length": "Esta entrada acaba antes de empezar: se deja fuera.",
  "too-often": "Esta entrada se repite más de lo que cabe en un día: se deja fuera.",
  unreadable: "Esta entrada no se puede leer: se deja fuera.",
  "too-many": "Hay más horas de las que Brontle guarda: las primeras 5000.",
};
export const file: Names["file"] = {
  sheet: "Hoja de la clase",
  people: "La hoja de cada cual",
  cards: "Tarjetas para la pared",
  picture: "La partitura como imagen",
  drawing: "La partitura como dibujo",
  plan: "El plan como texto",
  markdown: "La hoja en Markdown",
  captions: "Subtítulos",
  chapters: "Capítulos en líneas",
  "chapter-track": "Capítulos como pista",
  track: "Sus sonidos",
  calendar: "Entrada de calendario",
  timeline: "Cada segundo en una tabla",
  roster: "Las casas en una tabla",
  class: "Archivo de la clase",
  schema: "Esquema de los archivos de clase",
};
export const fileFor: Names["fileFor"] = {
  sheet: "Horas, dosis, opciones y material: para dar clase cuando el portátil muere.",
  people: "Una página por persona: qué hace y con cuáles de sus cosas. Nadie más sale en ella.",
  cards: "Una estación por página, para leer a dos metros.",
  picture: "Puntos, para un mensaje o una diapositiva.",
  drawing: "Líneas, nítidas a cualquier tamaño.",
  plan: "Una línea corta por ejercicio. Se vuelve a leer como la misma clase.",
  markdown: "Títulos y tablas, para notas y páginas.",
  captions: "Lo que dice la hoja de voz, en el segundo en que se dice.",
  chapters: "Una hora y un nombre por línea, para poner bajo una grabación.",
  "chapter-track": "Lo mismo, para reproductores que muestran capítulos.",
  track: "Señales y cuentas habladas en un solo sonido, tan largo como la clase.",
  calendar: "Con su hora, para cualquier calendario.",
  timeline: "Una línea por pieza: inicio, segundos, bloque, ronda, ejercicio, lado.",
  roster: "A quién se pregunta y qué tiene. Sin respuestas de salud.",
  class: "Todo lo que contiene. Se abre en cualquier Brontle.",
  schema: "Lo que un programa puede escribir en un archivo de clase (JSON Schema).",
};
export const fileGroup: Names["fileGroup"] = {
  paper: "En papel",
  recording: "Para una grabación",
  text: "Para enseñar y enviar",
  programs: "Para otros programas",
};
export const paper: Names["paper"] = { A4: "A4", Letter: "Carta" };
export const ink: Names["ink"] = { colour: "en color", grey: "en gris" };

export const trail: Names["trail"] = {
  "link-made": "{actor} creó un enlace personal para {person}",
  "link-ended": "{actor} anuló los enlaces personales de {person}",
  "own-links-ended": "{person} anuló los otros enlaces a su página",
  "invitations-written": "{actor} escribió invitaciones",
  "afterwords-written": "{actor} escribió a quienes estuvieron",
  "message-read": "{actor} abrió un mensaje a {person} en la bandeja de salida",
  "whereabouts-read": "{actor} abrió dónde está {person} y a quién llamar",
  "answers-kept": "{person} contestó el cuestionario de salud",
  "answers-opened": "{person} abrió sus respuestas de salud",
  "answers-deleted": "{person} borró sus respuestas de salud",
  "data-exported": "{actor} sacó todo lo guardado de {person}",
  "roster-exported": "{actor} sacó la lista de personas",
  "log-exported": "{actor} sacó el registro de una sesión",
  "studio-exported": "{actor} sacó el estudio entero como archivo",
  "studio-imported": "{actor} trajo el archivo de un estudio",
  "person-erased": "{actor} quitó a una persona y todo lo suyo",
  "coach-asked": "{actor} creó un enlace para que se una un entrenador",
  "coach-joined": "{actor} se unió como entrenador",
  "coach-removed": "{actor} sacó a un entrenador del estudio",
  "coach-left": "{actor} dejó el estudio",
  "signed-in": "{actor} inició sesión",
  "password-replaced": "{actor} cambió por correo una contraseña olvidada",
  "second-factor-on": "{actor} activó un segundo factor",
  "second-factor-off": "{actor} desactivó el segundo factor",
};
