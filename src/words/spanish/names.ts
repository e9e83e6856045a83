/** Nombres de todo lo que tiene un código. Names in Spanish; see the English ones for what each is. */
import type { Catalogue } from "../catalogue";

type Names = Catalogue["names"];

export const kit: Names["kit"] = {
  dumbbell: "{count, plural, one {mancuerna} other {mancuernas}}",
  "adjustable-dumbbell": "{count, plural, one {mancuerna ajustable} other {mancuernas ajustables}}",
  kettlebell: "{count, plural, one {pesa rusa} other {pesas rusas}}",
  "tube-band": "{count, plural, one {banda tubular} other {bandas tubulares}}",
  "loop-band": "{count, plural, one {banda larga} other {bandas largas}}",
  "mini-band": "{count, plural, one {minibanda} other {minibandas}}",
  "strap-trainer": "{count, plural, one {correa de suspensión} other {correas de suspensión}}",
  "door-anchor": "{count, plural, one {anclaje de puerta} other {anclajes de puerta}}",
  "overhead-bar": "{count, plural, one {barra alta} other {barras altas}}",
  bench: "{count, plural, one {banco} other {bancos}}",
  step: "{count, plural, one {escalón} other {escalones}}",
  ball: "{count, plural, one {pelota grande} other {pelotas grandes}}",
  roller: "{count, plural, one {rodillo} other {rodillos}}",
  slider: "{count, plural, one {deslizador} other {deslizadores}}",
  mat: "{count, plural, one {esterilla} other {esterillas}}",
  barbell: "{count, plural, one {barra con discos} other {barras con discos}}",
  plate: "{count, plural, one {disco} other {discos}}",
  "ankle-strap": "{count, plural, one {tobillera con anilla} other {tobilleras con anilla}}",
  "ankle-weight": "{count, plural, one {tobillera con peso} other {tobilleras con peso}}",
  "weight-vest": "{count, plural, one {chaleco con peso} other {chalecos con peso}}",
  "medicine-ball": "{count, plural, one {balón medicinal} other {balones medicinales}}",
  sandbag: "{count, plural, one {saco de arena} other {sacos de arena}}",
  "skipping-rope": "{count, plural, one {comba} other {combas}}",
  rack: "{count, plural, one {soporte de barra} other {soportes de barra}}",
  "push-up-handles":
    "{count, plural, one {par de agarres para flexiones} other {pares de agarres para flexiones}}",
  chair: "{count, plural, one {silla} other {sillas}}",
  sofa: "{count, plural, one {sofá} other {sofás}}",
  table: "{count, plural, one {mesa} other {mesas}}",
  counter: "{count, plural, one {encimera} other {encimeras}}",
  bed: "{count, plural, one {cama} other {camas}}",
  stairs: "{count, plural, one {tramo de escalera} other {tramos de escalera}}",
  cushion: "{count, plural, one {cojín} other {cojines}}",
  wall: "{count, plural, one {pared libre} other {paredes libres}}",
  door: "{count, plural, one {puerta} other {puertas}}",
  towel: "{count, plural, one {toalla} other {toallas}}",
  backpack: "{count, plural, one {mochila} other {mochilas}}",
  bottle: "{count, plural, one {botella} other {botellas}}",
  tin: "{count, plural, one {lata} other {latas}}",
  jug: "{count, plural, one {garrafa} other {garrafas}}",
  books: "{count, plural, one {pila de libros} other {pilas de libros}}",
  broomstick: "{count, plural, one {palo de escoba} other {palos de escoba}}",
};

export const need: Names["need"] = {
  "hand-weight": "{form, select, a {una pesa de mano} one {pesa de mano} other {pesas de mano iguales}}",
  "held-weight":
    "{form, select, a {un peso para las dos manos} one {peso para las dos manos} other {pesos para las dos manos}}",
  "worn-weight":
    "{form, select, a {una mochila cargada o un chaleco} one {mochila cargada ni chaleco} other {mochilas cargadas}}",
  "long-band": "{form, select, a {una banda larga} one {banda larga} other {bandas largas}}",
  "mini-band": "{form, select, a {una minibanda} one {minibanda} other {minibandas}}",
  anchor: "{form, select, a {un anclaje} one {anclaje} other {anclajes}}",
  door: "{form, select, a {una puerta que cierra con pestillo y abre hacia el otro lado} one {puerta que cierre con pestillo y abra hacia el otro lado} other {puertas que cierran con pestillo}}",
  strap:
    "{form, select, a {una correa de suspensión} one {correa de suspensión} other {correas de suspensión}}",
  support: "{form, select, a {un apoyo} one {apoyo} other {apoyos}}",
  "slider-pair": "dos deslizadores sobre suelo liso",
  wall: "{form, select, a {una pared libre} one {pared libre} other {paredes libres}}",
  bar: "{form, select, a {una barra alta} one {barra alta} other {barras altas}}",
  ball: "{form, select, a {una pelota grande} one {pelota grande} other {pelotas grandes}}",
  "soft-surface":
    "{form, select, a {una esterilla o alfombra} one {esterilla ni alfombra} other {esterillas}}",
  towel: "{form, select, a {una toalla} one {toalla} other {toallas}}",
  stick: "{form, select, a {un palo de escoba} one {palo de escoba} other {palos de escoba}}",
  kettlebell: "{form, select, a {una pesa rusa} one {pesa rusa} other {pesas rusas}}",
  bench: "{form, select, a {un banco} one {banco} other {bancos}}",
  barbell: "{form, select, a {una barra con discos} one {barra con discos} other {barras con discos}}",
  filling:
    "{form, select, a {algo con que llenarla} one {nada con que llenarla} other {cosas con que llenarla}}",
  cable: "{form, select, a {una polea} one {polea} other {poleas}}",
  machine: "{form, select, a {una máquina} one {máquina} other {máquinas}}",
  roller: "{form, select, a {un rodillo} one {rodillo} other {rodillos}}",
  "ankle-strap":
    "{form, select, a {una tobillera con anilla} one {tobillera con anilla} other {tobilleras con anilla}}",
  "ankle-weight":
    "{form, select, a {una tobillera con peso} one {tobillera con peso} other {tobilleras con peso}}",
  rope: "{form, select, a {una comba} one {comba} other {combas}}",
  rack: "{form, select, a {un soporte de barra} one {soporte de barra} other {soportes de barra}}",
  "handle-pair": "dos agarres que no rueden",
  cushion: "{form, select, a {un cojín} one {cojín} other {cojines}}",
  wedge: "{form, select, a {un libro o una toalla enrollada} one {libro ni toalla enrollada} other {libros}}",
  stairs: "{form, select, a {un tramo de escalera} one {tramo de escalera} other {tramos de escalera}}",
};

export const limit: Names["limit"] = {
  "no-jumping": "sin saltos",
  "no-floor": "nada en el suelo",
  "no-kneeling": "sin arrodillarse",
  "no-overhead": "nada por encima de la cabeza",
  "no-wrist-load": "sin cargar las muñecas",
  "shallow-knees": "rodillas poco flexionadas",
  "no-deep-hinge": "sin bisagra profunda",
  "no-spine-flexion": "sin redondear la espalda",
  "no-twisting": "sin giros del tronco",
  "not-face-down": "no boca abajo",
  "not-on-back": "no boca arriba",
  "no-long-holds": "sin posturas largas",
  "balance-support": "algo a lo que agarrarse",
  "no-straining": "sin apretar al máximo",
  "no-head-down": "la cabeza no por debajo del corazón",
  "no-gripping": "sin agarrar fuerte",
  "no-quick-turns": "sin giros rápidos",
  "no-single-leg": "no sobre una pierna",
  quiet: "sin ruido, nada más fuerte que un paso",
  "seated-only": "solo en una silla",
  "no-plank": "sin planchas",
  "use-left-only": "solo el brazo izquierdo",
  "use-right-only": "solo el brazo derecho",
  "left-leg-only": "solo la pierna izquierda",
  "right-leg-only": "solo la pierna derecha",
};

export const mark: Names["mark"] = { flat: "más fácil", natural: "como está", sharp: "más difícil" };

export const status: Names["status"] = {
  "as-set": "como está",
  eased: "más fácil",
  raised: "más difícil",
  swapped: "cambiado",
  unmet: "sin opción",
};

export const segment: Names["segment"] = {
  brief: "Explicación",
  demo: "Demostración",
  prepare: "Prepárate",
  work: "Trabajo",
  "side-change": "Cambia de lado",
  rest: "Descanso",
  "long-rest": "Descanso",
  after: "Agua",
};

export const stance: Names["stance"] = { form: "técnica primero", strength: "fuerza", density: "densidad" };

export const muscle: Names["muscle"] = {
  quads: "cuádriceps",
  glutes: "glúteos",
  hamstrings: "isquiotibiales",
  adductors: "aductores",
  abductors: "abductores",
  calves: "gemelos",
  chest: "pecho",
  "front-shoulders": "hombro anterior",
  "side-shoulders": "hombro lateral",
  "rear-shoulders": "hombro posterior",
  "upper-back": "espalda alta",
  lats: "dorsales",
  biceps: "bíceps",
  triceps: "tríceps",
  forearms: "antebrazos",
  abs: "abdominales",
  obliques: "oblicuos",
  "lower-back": "zona lumbar",
  "hip-flexors": "flexores de la cadera",
};

export const pattern: Names["pattern"] = {
  squat: "sentadilla",
  hinge: "bisagra de cadera",
  lunge: "zancada",
  "push-horizontal": "empuje horizontal",
  "push-vertical": "empuje vertical",
  "pull-horizontal": "tracción horizontal",
  "pull-vertical": "tracción vertical",
  carry: "transporte",
  brace: "estabilidad del tronco",
  flex: "flexión del tronco",
  rotate: "rotación",
  "arm-flexion": "flexión del codo",
  "arm-extension": "extensión del codo",
  "shoulder-raise": "elevación del hombro",
  calf: "gemelo",
  "hip-abduction": "abducción de cadera",
  jump: "salto",
  run: "carrera",
  stretch: "estiramiento",
  mobility: "movilidad",
};

export const position: Names["position"] = {
  standing: "de pie",
  "half-kneeling": "con una rodilla en el suelo",
  kneeling: "de rodillas",
  "all-fours": "a cuatro patas",
  plank: "en plancha",
  prone: "boca abajo",
  supine: "boca arriba",
  "side-lying": "de lado",
  seated: "en asiento",
};

export const side: Names["side"] = { left: "izquierda", right: "derecha" };
export const tension: Names["tension"] = { light: "suave", medium: "media", heavy: "fuerte" };
export const target: Names["target"] = {
  none: "sin carga",
  light: "ligera",
  medium: "media",
  heavy: "pesada",
};

export const role: Names["role"] = {
  warmup: "calentamiento",
  main: "parte principal",
  finisher: "remate",
  cooldown: "vuelta a la calma",
  break: "pausa",
  talk: "explicación",
};

export const session: Names["session"] = {
  planned: "prevista",
  open: "abierta",
  running: "en marcha",
  ended: "impartida",
  cancelled: "cancelada",
};

export const how: Names["how"] = {
  lever: "palanca",
  range: "recorrido",
  support: "apoyo",
  stability: "estabilidad",
  impact: "impacto",
  speed: "velocidad",
  load: "carga",
  limbs: "una o dos extremidades",
  pause: "pausa",
  kit: "otro material",
  position: "posición",
};

export const asks: Names["asks"] = {
  floor: "en el suelo",
  kneeling: "de rodillas",
  wrist: "muñecas",
  "deep-knee": "rodilla muy flexionada",
  overhead: "por encima de la cabeza",
  "deep-hinge": "bisagra profunda",
  "spine-flexion": "redondear la espalda",
  twist: "girar el tronco",
  "long-hold": "postura larga",
  balance: "equilibrio",
  straining: "apretar al máximo",
  "head-down": "cabeza abajo",
  grip: "agarre",
  "quick-turn": "giros rápidos",
  "single-leg": "una pierna",
  jump: "saltos",
};

export const sides: Names["sides"] = {
  both: "los dos lados a la vez",
  alternating: "los lados por turnos, repetición a repetición",
  inTurn: "un lado y luego el otro",
};
export const impact: Names["impact"] = { none: "ninguno", low: "bajo", high: "alto" };
export const noise: Names["noise"] = { quiet: "silencioso", some: "algo", loud: "ruidoso" };

export const filter: Names["filter"] = {
  all: "todos",
  unmet: "algo sin opción",
  changed: "algo cambiado",
  short: "falta tiempo",
};
export const setGroup: Names["setGroup"] = {
  legs: "piernas",
  push: "empuje",
  pull: "tracción",
  trunk: "tronco",
};

export const thing: Names["thing"] = {
  towel: "una toalla",
  chair: "una silla firme contra la pared",
  wall: "un trozo de pared libre",
  backpack: "una mochila",
  bottles: "dos botellas de agua de 1,5 l",
  "mini-band": "una minibanda",
  "long-band": "una banda larga, media",
  sliders: "dos deslizadores",
  mat: "una esterilla",
  step: "un escalón bajo",
  "dumbbells-3": "dos mancuernas de 3 kg",
  "dumbbells-6": "dos mancuernas de 6 kg",
  "dumbbells-10": "dos mancuernas de 10 kg",
  kettlebell: "una pesa rusa de 12 kg",
  ball: "una pelota grande",
  strap: "una correa de suspensión",
  "door-anchor": "un anclaje de puerta",
};

export const shape: Names["shape"] = {
  talk: "explicación",
  break: "pausa",
  "as-many-rounds": "tantas rondas como se pueda",
  "straight-sets": "series seguidas",
  windows: "una serie cada minuto",
  intervals: "intervalos",
  "one-move": "un solo ejercicio",
  superset: "superserie",
  triset: "triserie",
  circuit: "circuito",
  sequence: "secuencia",
};

export const askFirst: Names["askFirst"] = {
  chest: "Molestia o presión en el pecho, el cuello, la mandíbula o el brazo, en reposo o con esfuerzo",
  palpitations: "Un corazón que se acelera, aletea o se salta latidos sin motivo",
  faint: "Desmayos o mareos",
  breath: "Falta de aire poco habitual: en reposo, al tumbarse, de noche o con poco esfuerzo",
  ankles: "Tobillos hinchados",
  legs: "Dolor o calambres en las piernas al andar que se van al pararse",
  heart: "Una enfermedad conocida del corazón o de los vasos, o un ictus",
  kidney: "Una enfermedad conocida de los riñones",
  metabolic: "Diabetes u otra enfermedad metabólica conocida",
  medication: "Medicación para el corazón o para la tensión",
  surgery: "Una operación hace poco",
  birth: "Un parto hace poco",
  told: "Un profesional sanitario te dijo que no hicieras ejercicio, o solo con supervisión",
};

export const adapt: Names["adapt"] = {
  joint: "Una articulación o la espalda dolorida",
  pregnancy: "Embarazo",
  balance: "Problemas de equilibrio, o caídas",
  insulin: "Insulina, o pastillas que pueden bajar el azúcar en sangre",
  epilepsy: "Epilepsia",
  bones: "Huesos frágiles, o un hueso que se rompió con poco",
  eyes: "Una operación de ojos hace poco, o un ojo que no debe hacer fuerza",
  hernia: "Una hernia",
};

export const activity: Names["activity"] = {
  regular: "Al menos media hora tres días a la semana, desde hace tres meses",
  "not-regular": "Menos que eso, o nada",
};
export const intended: Names["intended"] = {
  moderate: "De modo que aún pueda hablar",
  hard: "Más fuerte que eso",
};

export const advice: Names["advice"] = {
  "ask-first": "Habla con un médico o un profesional cualificado antes de participar.",
  "before-hard": "Pregúntale también hasta dónde puedes esforzarte.",
  "start-gently": "Empieza más suave de lo que piensas y llega en semanas: elige la opción más fácil.",
  pregnancy:
    "Pregunta a tu matrona o a tu médico qué te conviene. Para y llámales si hay sangrado, pérdida de líquido, contracciones regulares y dolorosas, dolor en el vientre o en la pantorrilla, una pantorrilla hinchada, dolor de cabeza, mareo, dolor en el pecho, debilidad muscular o falta de aire antes de haber empezado.",
  insulin:
    "Haz lo que te dijo tu equipo médico para el ejercicio y ten a mano lo que necesitas si te baja el azúcar.",
  unsure: "Si no sabes qué límites te convienen, pregunta a un profesional.",
};

export const effort: Names["effort"] = {
  0: "reposo",
  1: "muy fácil",
  2: "fácil",
  3: "moderado",
  4: "algo duro",
  5: "duro",
  6: "duro",
  7: "muy duro",
  8: "muy duro",
  9: "muy duro",
  10: "lo más duro posible",
};
export const more: Names["more"] = { "0-1": "0–1", "2-3": "2–3", "4-or-more": "4 o más" };
