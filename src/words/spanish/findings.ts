/** Lo que encuentra la lectura, y lo que hacen sus arreglos. What the read-through finds, in Spanish. */

import type { Catalogue } from "../catalogue";
import type { Reasons } from "../reasons";

const ONE_WAY =
  "{firstAny, select, no {Ningún número solo lo arregla: usa Ajustar.} other {Una manera: {firstInside}.}}";

export const finding: Reasons["finding"] = {
  "length-over": `Dura {plan}, {by} más que los {minutes} minutos anunciados. ${ONE_WAY}`,
  "length-under": `Dura {plan}, {by} menos que los {minutes} minutos anunciados. ${ONE_WAY}`,
  "length-loose":
    "Entre {least} y {most}: los márgenes dejan {open} abierto, más de una décima parte de {plan}.",
  "promise-moves": "Se anunciaron {announced} ejercicios; la parte principal y el remate tienen {found}.",
  "promise-kit": "No anunciado pero usado: {kit}{more, plural, =0 {} other {, # cosas más}}.",
  "gap-short":
    "{between, select, sides {Cambiar de lado en {moveInside} lleva hasta {needs} s; hay {gap}: {who}.} other {Antes de {moveInside} hay {gap} s; cambiar le lleva a {who} hasta {needs} s.}}",
  "window-short": "{move} lleva {needs} s con esta dosis y empieza cada {every} s: se corta.",
  "words-long":
    "Lo que dices {when, select, before {antes de} other {durante}} {moveInside} lleva {takes} s; hay {room} s.",
  "not-shown": "{move} se trabaja sin haberse enseñado.",
  "no-water": "{length} sin agua, de {from} a {to}.",
  "sides-uneven":
    "{how, select, turns {{move} cambia de lado {times} veces: {side} recibe una más que el otro.} other {{move} reparte un total impar: un lado recibe más que el otro.}}",
  "count-mixed":
    "{of, select, sides {{move} se cuenta {here, select, each {por lado aquí y en total} other {en total aquí y por lado}} en otro sitio.} other {{move} va en {here, select, reps {reps aquí y en segundos} other {segundos aquí y en reps}} en otro sitio.}}",
  "no-warmup":
    "{there, select, yes {El calentamiento tiene {has}; una clase de {plan} pide {least}.} other {No hay calentamiento: la clase empieza con {insteadAny, select, no {trabajo} other {{instead}}}.}}",
  "no-cooldown":
    "{there, select, yes {La vuelta a la calma tiene {has}; una clase de {plan} pide {least}.} other {No hay vuelta a la calma: la clase acaba con {insteadAny, select, no {trabajo} other {{instead}}}.}}",
  "stretch-early": "{move} estira {muscles} {seconds} s antes de la parte principal; tanto va después.",
  "same-muscle": "{move} trabaja {muscles} justo después de {afterInside}.",
  "rest-muscle":
    "{move} trabaja fuerte {muscles} {again, select, yes {otra vez tras {gap} s} other {{gap} s después de {afterInside}}}; esta orientación les da {least} s o más.",
  "rest-stance":
    "{blockAny, select, no {El bloque} other {{block}}} da {seconds} s {between, select, rest {entre ejercicios} other {entre rondas}}; {stance, select, form {la técnica primero} strength {la fuerza} other {la densidad}} se mantiene en {least}–{most} s.",
  "work-rest":
    "Trabajo y descanso van {ratio} en los bloques principales ({work} y {rest}); esta orientación se mantiene en {least}–{most}.",
  "grip-stack":
    "{what, select, grip {El agarre} other {Los hombros con carga}}: {seconds} s de trabajo sin {off} s libres, desde {from}.",
  "hard-early": "{move} es ya un esfuerzo de unos {effort} de 10 en {from}.",
  "jumps-many": "Aterrizajes, según su impacto: {over}.",
  "up-and-down": "Se sube y se baja {times} veces; con más de {most} se van los descansos en ello.",
  "failure-beginner":
    "{move} va hasta el límite para {who}, que trabajan en lo más fácil: ahí nunca hasta el fallo.",
  "failure-unstable":
    "{move} va hasta el límite y no es estable {whoAny, select, no {como está} other {para {who}}}.",
  "muscle-missing":
    "Se anunció el cuerpo entero, y nada trabaja {group, select, legsFront {la parte delantera de las piernas} legsBack {la parte trasera de las piernas} push {el empuje} pull {la tracción} other {el tronco}}.",
  "push-pull": "{push} series de empuje y {pull} de tracción; entre 2:3 y 3:2 está equilibrado.",
  "week-many": "Series duras esta semana, por encima de las {bound} de esta orientación: {sets}.",
  "week-few": "Series duras esta semana, por debajo de las {bound} de esta orientación: {sets}.",
  "too-soon": "Solo {hours} h desde o hasta que {muscles} trabajan fuerte; conviene dejar {wanted} h.",
  unmet: "{name} no puede hacer {moveInside}. {why}",
  "home-unknown": "{name} no ha dicho qué hay en casa: se cuenta con el suelo y nada más.",
  "one-level":
    "{move} no tiene opción {missing, select, easier {más fácil} harder {más difícil} other {más fácil ni más difícil}}.",
  limit:
    "{what, select, slot {{move} queda excluido para {who} ({limits}){insteadAny, select, no {} other {; en su lugar: {insteadInside}}}.} other {El relleno {moveInside} queda excluido para {who}: descansan.}}",
  room: "{name} no puede hacer {moveInside}. {why}",
  "load-jump":
    "{kg, plural, =0 {La banda de {name} es fuerte} other {{name} tiene {load}}} para {moveInside}: unas {reps} reps con {rir} de reserva, por debajo de las {least} previstas.",
  caution:
    "{of, select, furniture {Se usan muebles. Di: firmes, contra la pared, nunca el centro de una mesa, nada con ruedas.} anchors {Se usan puertas y anclajes. Di: cerrada con pestillo, tirando solo en el sentido que la cierra, dos tirones antes de apoyarte.} bands {Se usan bandas. Di: mira si hay cortes, los ojos fuera de la línea de tiro, los pies planos encima.} sliders {Se usan deslizadores. Di: sin carrerilla sobre suelo liso, una mano cerca de un apoyo.} other {Hay pesos por encima de la cabeza. Di: lámpara, techo, niños y mascotas fuera de la zona.}}",
  claim:
    "«{text}» promete lo que un ejercicio no puede: ninguno adelgaza una zona y ninguno de aquí trata nada.",
  "way-order":
    "La opción {level, select, flat {más fácil} other {más difícil}} de {moveInside}{same, select, yes {} other {, {wayInside},}} se prevé {level, select, flat {más difícil} other {más fácil}} que la prevista{whoAny, select, no {} other { para {who}}}.",
  "dose-hard":
    "{set} {unit, select, reps {reps} other {s}} de {moveInside}: pueden {can} de los {people} que trabajan {mark, select, flat {en lo más fácil} sharp {en lo más difícil} other {como está}}; {most} {unit, select, reps {reps} other {s}} es lo que puede la mayoría.",
  "hold-long":
    "{move} se mantiene {seconds} s {mark, select, flat {en lo más fácil} sharp {en lo más difícil} other {como está}}; {whoAny, select, no {la mayoría} other {{who}}} lo aguanta unos {limit} s en su límite.",
  "own-time":
    "{move} {mark, select, flat {en lo más fácil} sharp {en lo más difícil} other {como está}} lleva {needs} s; la pieza tiene {room} s: {who}.",
  "dose-kind":
    "{of, select, reps {{move} se mantiene, y lleva reps} hold {{move} no se puede mantener, y lleva una pausa} other {{move} se lanza, y lleva un tempo}}.",
  "one-side-only": "{move} trabaja un solo lado en toda la clase.",
  "demo-short": "{move} es nuevo y se enseña {seconds} s; pide unos {needs} s.",
  "warmup-fit":
    "Nada en el calentamiento mueve lo primero que carga {blockAny, select, no {el primer bloque duro} other {{block}}}: {muscles}.",
  "filler-muscle":
    "{move} llena un descanso y trabaja {muscles}, {when, select, after {que {besideInside} acaba de trabajar} other {que {besideInside} trabaja a continuación}}.",
  "no-rest":
    "{pieces} piezas duras seguidas sin pausa{blockAny, select, no {} other { en {block}}}, desde {from}.",
  "over-face":
    "{bar, select, yes {{move} va hasta el límite bajo una barra, y nada la pararía} other {{move} va hasta el límite con un peso sobre la cara}}{whoAny, select, no {} other {: {who}}}.",
  "move-unknown": "No se sabe de {moves}: qué entrenan, qué necesitan o qué cargan. Nada se juzga por ellos.",
};

export const several: Reasons["several"] = {
  "gap-short":
    "{between, select, sides {Cambiar de lado lleva hasta {needs} s; hay {gap}} blocks {De bloque a bloque hacen falta hasta {needs} s; hay {gap}} other {{blockAny, select, no {Este bloque} other {{block}}} pide hasta {needs} s entre ejercicios; hay {gap}}}: {people, plural, one {una persona} other {# personas}}{worst, plural, =0 {, les faltan {most} s} other {, a la mayoría les faltan {most} s, a {who} # s}}.",
  "not-shown": "Se trabajan sin haberse enseñado: {movesInside}.",
  "one-level": "Sin opción más fácil, o sin una más difícil: {movesInside}.",
  "demo-short": "Nuevos y enseñados menos de lo que piden: {movesInside}.",
  "load-jump": "{who} tienen en casa demasiado para lo previsto en {moveInside}.",
  "home-unknown": "{who} no han dicho qué hay en casa: se cuenta con el suelo y nada más.",
  limit:
    "Lo que piden los límites está resuelto: {people, plural, one {una persona hace} other {# personas hacen}} otra cosa en {moves, plural, one {un ejercicio} other {# ejercicios}}.",
  caution: "Para decir una vez: {eachInside}.",
};

export const cautions: Reasons["cautions"] = {
  furniture: "muebles firmes y contra la pared, nunca el centro de una mesa, nada con ruedas",
  anchors:
    "puertas cerradas con pestillo, tirando solo en el sentido que las cierra, dos tirones antes de apoyarte",
  bands: "bandas sin cortes, los ojos fuera de la línea de tiro, los pies planos encima",
  sliders: "sin carrerilla sobre suelo liso, una mano cerca de un apoyo",
  overhead: "lámpara, techo, niños y mascotas fuera de la zona de lo que va por encima de la cabeza",
};

export const landings: Reasons["landings"] = {
  "as-set": "como está {landings} (permitidos {allowed})",
  people: "{who} hasta {landings} (permitidos {allowed})",
};

const BLOCK = "{blockAny, select, no {este bloque} other {{block}}}";

export const fix: Reasons["fix"] = {
  "sides-in-turn": "Los dos lados por turnos, cada vez",
  rounds: "{rounds} rondas",
  "even-total": "Un total par",
  "count-each": "Contar por lado",
  "count-alike": "Contar aquí también {count, select, each {por lado} other {en total}}",
  "dose-alike": "Aquí también en {in, select, reps {reps} other {segundos}}",
  hold: "Mantenerlo {seconds} s",
  "note-ways":
    "Anotar una opción sencilla {missing, select, easier {más fácil} harder {más difícil} other {más fácil y otra más difícil}}",
  "start-every": "Empezarlo cada {seconds} s",
  unsaid: "No decirlo",
  "say-only": "Decir solo «{text}»",
  show: "Enseñarlo {seconds} s",
  "water-after": `{seconds} s de agua después de ${BLOCK}`,
  "rounds-of": `{rounds} rondas de ${BLOCK}`,
  "longer-in": `{seconds} s más para cada ejercicio de ${BLOCK}`,
  "begin-warmup": "Empezar con un calentamiento de {length}",
  "end-cooldown": "Acabar con una vuelta a la calma de {length}",
  "side-change": "{seconds} s para cambiar de lado",
  "all-of-them": "Los {count} a la vez: {firstInside}",
  "show-all": "Enseñar cada uno",
  "gaps-in": `{seconds} s entre todos los ejercicios de ${BLOCK}`,
  "after-block": `{seconds} s después de ${BLOCK}`,
  "rest-after": "{seconds} s de descanso después de {moveInside}",
  "between-rounds": "{seconds} s entre rondas",
  "rest-and-rounds": "{seconds} s después de {moveInside} y entre rondas",
  "rest-in": `{seconds} s de descanso en ${BLOCK}`,
  "fewer-reps": "Menos reps para todos: {reps} como poco",
  "round-more": `Una ronda más de ${BLOCK}`,
  "round-less": `Una ronda menos de ${BLOCK}`,
  "number-in": `{to} s {key, select, rest {de descanso} longRest {entre rondas} after {de agua después} demo {para enseñar cada uno} brief {de explicación antes} other {para prepararse}} en ${BLOCK} en lugar de {was} s`,
  and: "{firstInside}, y {secondInside}",
  order: `El orden {places} en ${BLOCK}`,
  "say-cautions": "Ponerlo en la explicación inicial, {seconds} s en total",
  leave: "Dejar {left} de reserva",
  "ways-over": "Intercambiar las dos opciones",
  "way-away":
    "Quitar la opción {level, select, flat {más fácil} other {más difícil}}: cada cual recibe la suya",
  "dose-of":
    "{amount} {unit, select, reps {reps} other {s}} {mark, select, flat {en lo más fácil} sharp {en lo más difícil} other {para todos como está}}",
  "work-for": "Trabajar {seconds} s en su lugar",
  "no-tempo": "Sin tempo",
  "no-filler": "Descansar ahí en su lugar",
  "announce-moves": "Anunciar {moves} ejercicios",
  "announce-kit": "Anunciar también esto",
  "time-instead": "Trabajar ese tiempo en su lugar",
  "meant-so": "En este bloque es a propósito",
  "stance-rest": "{seconds} s {between, select, rest {entre ejercicios} other {entre rondas}}",
};

export const dearer: Reasons["dearer"] = {
  leave: "no es lo previsto",
  mark: "más lejos del nivel que se busca",
  link: "más lejos de lo previsto",
  pattern: "otro patrón de movimiento",
  muscles: "entrena primero otros músculos",
  position: "otra posición",
  impact: "otro impacto",
  load: "la carga se aleja más",
  smaller: "más pequeño de lo previsto",
  kit: "otras cosas en las manos",
  less: "menos reps o segundos",
  strain: "más lejos del esfuerzo que se busca",
  skill: "más que aprender",
  energy: "más o menos aliento",
  holding: "mantenido frente a movido",
  sidedness: "un lado frente a dos",
  changing: "más cambios entre ejercicios",
  same: "cuesta lo mismo; se tomó el primero",
};

const IN = "{blockAny, select, no {un bloque} other {{block}}}";

export const start: Reasons["start"] = {
  "move-room":
    "{to} en lugar de {fromInside}: es mejor para {can} de {of}{before, plural, =0 {, y nadie puede con el otro} other {; # pueden con el otro}}",
  "move-kit": "{to} en lugar de {fromInside}, que necesita otro material",
  "block-out": `Sin ${IN}`,
  "block-in": "Con un bloque más: {block}",
  length: "{to} en lugar de {from}",
  mended: "{fix}. {of}",
  "mended-several": "{fix}. {of}",
  "step-work": `{seconds} s más de trabajo en ${IN}`,
  "step-rest": `{seconds} s menos de descanso en ${IN}`,
  "step-hold": `Mantenido {seconds} s más en ${IN}`,
  "step-reps": `{reps, plural, =1 {Una rep más} other {# reps más}} en ${IN}`,
  "step-sets": `{sets, plural, =1 {Una ronda más} other {# rondas más}} de ${IN}`,
};

export const ifLeft: Catalogue["phrases"]["ifLeft"] = {
  "length-over": "La clase acaba tarde.",
  "length-under": "Sobra tiempo.",
  "length-loose": "Nadie sabe cuándo acaba.",
  "promise-moves": "No es la clase que se anunció.",
  "promise-kit": "No lo tienen preparado.",
  "gap-short": "Empiezan tarde, o con prisa.",
  "window-short": "Se pierden las últimas reps.",
  "words-long": "Hablas encima del trabajo.",
  "not-shown": "Adivinan.",
  "no-water": "Beben cuando deberían trabajar.",
  "sides-uneven": "Un lado recibe menos.",
  "count-mixed": "La mitad cuenta de otra manera.",
  "no-warmup": "Entran en frío.",
  "no-cooldown": "Se van sin aliento.",
  "stretch-early": "Levantan un poco menos por ello.",
  "same-muscle": "El segundo sale perdiendo.",
  "rest-muscle": "Las últimas series empeoran.",
  "rest-stance": "Entrena otra cosa que la buscada.",
  "work-rest": "Entrena otra cosa que la buscada.",
  "grip-stack": "Las manos fallan antes que el resto.",
  "hard-early": "Se gastan pronto.",
  "jumps-many": "Mañana lo notan espinillas y tendones.",
  "up-and-down": "Los descansos se van en levantarse.",
  "failure-beginner": "Primero se pierde la técnica, donde nadie puede intervenir.",
  "failure-unstable": "Al final pierden el equilibrio.",
  "muscle-missing": "No es el cuerpo entero.",
  "push-pull": "Una mitad de los hombros se lleva el trabajo.",
  "week-many": "No se recuperan a tiempo.",
  "week-few": "Es poco para progresar.",
  "too-soon": "Llegan con cansancio.",
  unmet: "Se quedan mirando.",
  "home-unknown": "Quizá reciben menos de lo que podrían.",
  "one-level": "Paran antes.",
  limit: "Se les da otra cosa.",
  room: "Chocan con algo, o lo oyen los vecinos.",
  "load-jump": "No llegan a las reps.",
  caution: "Nadie lo ha dicho.",
  claim: "Promete lo que ninguna clase cumple.",
  "move-unknown": "Ahí no se miran ni el material ni los límites.",
  "way-order": "Lo fácil y lo difícil están al revés.",
  "dose-hard": "La mayoría para antes del número.",
  "hold-long": "La mayoría lo suelta.",
  "own-time": "Siguen cuando los demás descansan.",
  "dose-kind": "Nadie sabe qué hacer.",
  "one-side-only": "Un lado no recibe nada.",
  "demo-short": "Adivinan.",
  "warmup-fit": "La primera serie es su calentamiento.",
  "filler-muscle": "El descanso no lo es.",
  "no-rest": "La calidad se va tras la segunda.",
  "over-face": "Una rep fallida les cae encima.",
};
