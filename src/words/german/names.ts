/** Namen von allem, was einen Code hat und Teilnehmenden begegnet. Names in German that participants meet. */
import type { Catalogue } from "../catalogue";

type Names = Catalogue["names"];

export const kit: Names["kit"] = {
  dumbbell: "{count, plural, one {Kurzhantel} other {Kurzhanteln}}",
  "adjustable-dumbbell": "{count, plural, one {verstellbare Kurzhantel} other {verstellbare Kurzhanteln}}",
  kettlebell: "{count, plural, one {Kugelhantel} other {Kugelhanteln}}",
  "tube-band": "{count, plural, one {Tube mit Griffen} other {Tubes mit Griffen}}",
  "loop-band": "{count, plural, one {langes Gummiband} other {lange Gummibänder}}",
  "mini-band": "{count, plural, one {Miniband} other {Minibänder}}",
  "strap-trainer": "{count, plural, one {Schlingentrainer} other {Schlingentrainer}}",
  "door-anchor": "{count, plural, one {Türanker} other {Türanker}}",
  "overhead-bar": "{count, plural, one {Klimmzugstange} other {Klimmzugstangen}}",
  bench: "{count, plural, one {Hantelbank} other {Hantelbänke}}",
  step: "{count, plural, one {Stufe} other {Stufen}}",
  ball: "{count, plural, one {Gymnastikball} other {Gymnastikbälle}}",
  roller: "{count, plural, one {Rolle} other {Rollen}}",
  slider: "{count, plural, one {Gleitscheibe} other {Gleitscheiben}}",
  mat: "{count, plural, one {Matte} other {Matten}}",
  barbell: "{count, plural, one {Langhantel} other {Langhanteln}}",
  plate: "{count, plural, one {Hantelscheibe} other {Hantelscheiben}}",
  "ankle-strap": "{count, plural, one {Fußschlaufe} other {Fußschlaufen}}",
  "ankle-weight": "{count, plural, one {Fußgewicht} other {Fußgewichte}}",
  "weight-vest": "{count, plural, one {Gewichtsweste} other {Gewichtswesten}}",
  "medicine-ball": "{count, plural, one {Medizinball} other {Medizinbälle}}",
  sandbag: "{count, plural, one {Sandsack} other {Sandsäcke}}",
  "skipping-rope": "{count, plural, one {Springseil} other {Springseile}}",
  rack: "{count, plural, one {Hantelständer} other {Hantelständer}}",
  "push-up-handles": "{count, plural, one {Paar Liegestützgriffe} other {Paar Liegestützgriffe}}",
  chair: "{count, plural, one {Stuhl} other {Stühle}}",
  sofa: "{count, plural, one {Sofa} other {Sofas}}",
  table: "{count, plural, one {Tisch} other {Tische}}",
  counter: "{count, plural, one {Arbeitsplatte} other {Arbeitsplatten}}",
  bed: "{count, plural, one {Bett} other {Betten}}",
  stairs: "{count, plural, one {Treppe} other {Treppen}}",
  cushion: "{count, plural, one {Kissen} other {Kissen}}",
  wall: "{count, plural, one {freie Wand} other {freie Wände}}",
  door: "{count, plural, one {Tür} other {Türen}}",
  towel: "{count, plural, one {Handtuch} other {Handtücher}}",
  backpack: "{count, plural, one {Rucksack} other {Rucksäcke}}",
  bottle: "{count, plural, one {Flasche} other {Flaschen}}",
  tin: "{count, plural, one {Dose} other {Dosen}}",
  jug: "{count, plural, one {Kanister} other {Kanister}}",
  books: "{count, plural, one {Stapel Bücher} other {Stapel Bücher}}",
  broomstick: "{count, plural, one {Besenstiel} other {Besenstiele}}",
};

export const need: Names["need"] = {
  "hand-weight": "{form, select, a {ein Handgewicht} one {Handgewicht} other {gleiche Handgewichte}}",
  "held-weight":
    "{form, select, a {ein Gewicht für beide Hände} one {Gewicht für beide Hände} other {Gewichte für beide Hände}}",
  "worn-weight":
    "{form, select, a {ein beladener Rucksack oder eine Weste} one {beladener Rucksack und keine Weste} other {beladene Rucksäcke}}",
  "long-band": "{form, select, a {ein langes Band} one {langes Band} other {lange Bänder}}",
  "mini-band": "{form, select, a {ein Miniband} one {Miniband} other {Minibänder}}",
  anchor: "{form, select, a {eine Verankerung} one {Verankerung} other {Verankerungen}}",
  door: "{form, select, a {eine Tür, die einrastet und nach drüben aufgeht} one {Tür, die einrastet und nach drüben aufgeht} other {Türen, die einrasten}}",
  strap: "{form, select, a {ein Schlingentrainer} one {Schlingentrainer} other {Schlingentrainer}}",
  support: "{form, select, a {eine Stütze} one {Stütze} other {Stützen}}",
  "slider-pair": "zwei Gleitscheiben auf glattem Boden",
  wall: "{form, select, a {eine freie Wand} one {freie Wand} other {freie Wände}}",
  bar: "{form, select, a {eine Klimmzugstange} one {Klimmzugstange} other {Klimmzugstangen}}",
  ball: "{form, select, a {ein Gymnastikball} one {Gymnastikball} other {Gymnastikbälle}}",
  "soft-surface": "{form, select, a {eine Matte oder Teppich} one {Matte und kein Teppich} other {Matten}}",
  towel: "{form, select, a {ein Handtuch} one {Handtuch} other {Handtücher}}",
  stick: "{form, select, a {ein Besenstiel} one {Besenstiel} other {Besenstiele}}",
  kettlebell: "{form, select, a {eine Kugelhantel} one {Kugelhantel} other {Kugelhanteln}}",
  bench: "{form, select, a {eine Hantelbank} one {Hantelbank} other {Hantelbänke}}",
  barbell: "{form, select, a {eine Langhantel} one {Langhantel} other {Langhanteln}}",
  filling: "{form, select, a {etwas zum Füllen} one {Füllung} other {Dinge zum Füllen}}",
  cable: "{form, select, a {ein Seilzug} one {Seilzug} other {Seilzüge}}",
  machine: "{form, select, a {ein Gerät} one {Gerät} other {Geräte}}",
  roller: "{form, select, a {eine Rolle} one {Rolle} other {Rollen}}",
  "ankle-strap": "{form, select, a {eine Fußschlaufe} one {Fußschlaufe} other {Fußschlaufen}}",
  "ankle-weight": "{form, select, a {ein Fußgewicht} one {Fußgewicht} other {Fußgewichte}}",
  rope: "{form, select, a {ein Springseil} one {Springseil} other {Springseile}}",
  rack: "{form, select, a {ein Hantelständer} one {Hantelständer} other {Hantelständer}}",
  "handle-pair": "zwei Griffe, die nicht rollen können",
  cushion: "{form, select, a {ein Kissen} one {Kissen} other {Kissen}}",
  wedge:
    "{form, select, a {ein Buch oder gerolltes Handtuch} one {Buch und kein gerolltes Handtuch} other {Bücher}}",
  stairs: "{form, select, a {eine Treppe} one {Treppe} other {Treppen}}",
};

export const limit: Names["limit"] = {
  "no-jumping": "keine Sprünge",
  "no-floor": "nichts am Boden",
  "no-kneeling": "nicht knien",
  "no-overhead": "nichts über Kopf",
  "no-wrist-load": "keine Last auf den Handgelenken",
  "shallow-knees": "Knie nur wenig beugen",
  "no-deep-hinge": "keine tiefe Hüftbeuge",
  "no-spine-flexion": "Rücken nicht runden",
  "no-twisting": "keine Drehungen des Rumpfs",
  "not-face-down": "nicht in Bauchlage",
  "not-on-back": "nicht in Rückenlage",
  "no-long-holds": "nichts lange halten",
  "balance-support": "etwas zum Festhalten",
  "no-straining": "nicht pressen",
  "no-head-down": "Kopf nicht tiefer als das Herz",
  "no-gripping": "nicht fest greifen",
  "no-quick-turns": "keine schnellen Wendungen",
  "no-single-leg": "nicht auf einem Bein",
  quiet: "leise, nichts lauter als ein Schritt",
  "seated-only": "nur im Sitzen",
  "no-plank": "keine Stütze",
  "use-left-only": "nur der linke Arm",
  "use-right-only": "nur der rechte Arm",
  "left-leg-only": "nur das linke Bein",
  "right-leg-only": "nur das rechte Bein",
};

export const mark: Names["mark"] = { flat: "leichter", natural: "wie gesetzt", sharp: "schwerer" };
export const status: Names["status"] = {
  "as-set": "wie gesetzt",
  eased: "leichter",
  raised: "schwerer",
  swapped: "getauscht",
  unmet: "ohne Weg",
};
export const segment: Names["segment"] = {
  brief: "Ansage",
  demo: "Zeigen",
  prepare: "Bereit machen",
  work: "Arbeit",
  "side-change": "Seite wechseln",
  rest: "Pause",
  "long-rest": "Pause",
  after: "Wasser",
};

export const muscle: Names["muscle"] = {
  quads: "vordere Oberschenkel",
  glutes: "Gesäß",
  hamstrings: "hintere Oberschenkel",
  adductors: "Adduktoren",
  abductors: "Abduktoren",
  calves: "Waden",
  chest: "Brust",
  "front-shoulders": "vordere Schultern",
  "side-shoulders": "seitliche Schultern",
  "rear-shoulders": "hintere Schultern",
  "upper-back": "oberer Rücken",
  lats: "breiter Rückenmuskel",
  biceps: "Bizeps",
  triceps: "Trizeps",
  forearms: "Unterarme",
  abs: "Bauch",
  obliques: "schräger Bauch",
  "lower-back": "unterer Rücken",
  "hip-flexors": "Hüftbeuger",
};
export const pattern: Names["pattern"] = {
  squat: "Kniebeuge",
  hinge: "Hüftbeuge",
  lunge: "Ausfallschritt",
  "push-horizontal": "nach vorn drücken",
  "push-vertical": "nach oben drücken",
  "pull-horizontal": "rudern",
  "pull-vertical": "nach unten ziehen",
  carry: "tragen",
  brace: "Rumpf halten",
  flex: "Rumpf beugen",
  rotate: "Rumpf drehen",
  "arm-flexion": "Arm beugen",
  "arm-extension": "Arm strecken",
  "shoulder-raise": "Arm heben",
  calf: "Wade",
  "hip-abduction": "Bein abspreizen",
  jump: "springen",
  run: "laufen",
  stretch: "dehnen",
  mobility: "Beweglichkeit",
};

export const side: Names["side"] = { left: "links", right: "rechts" };
export const tension: Names["tension"] = { light: "leicht", medium: "mittel", heavy: "stark" };
export const target: Names["target"] = {
  none: "ohne Last",
  light: "leicht",
  medium: "mittel",
  heavy: "schwer",
};
export const role: Names["role"] = {
  warmup: "Aufwärmen",
  main: "Hauptteil",
  finisher: "Schlussteil",
  cooldown: "Ausklang",
  break: "Pause",
  talk: "Ansage",
};
export const shape: Names["shape"] = {
  talk: "Ansage",
  break: "Pause",
  "as-many-rounds": "so viele Runden wie möglich",
  "straight-sets": "Sätze nacheinander",
  windows: "ein Satz jede Minute",
  intervals: "Intervalle",
  "one-move": "eine Übung",
  superset: "Supersatz",
  triset: "Dreiersatz",
  circuit: "Zirkel",
  sequence: "Folge",
};

export const askFirst: Names["askFirst"] = {
  chest: "Beschwerden oder Druck in Brust, Hals, Kiefer oder Arm, in Ruhe oder bei Anstrengung",
  palpitations: "Ein Herz, das ohne Grund rast, flattert oder aussetzt",
  faint: "Ohnmacht oder Schwindel",
  breath: "Ungewöhnliche Atemnot: in Ruhe, im Liegen, nachts oder bei leichter Anstrengung",
  ankles: "Geschwollene Knöchel",
  legs: "Schmerzen oder Krämpfe in den Beinen beim Gehen, die im Stehen vergehen",
  heart: "Eine bekannte Krankheit des Herzens oder der Gefäße, oder ein Schlaganfall",
  kidney: "Eine bekannte Nierenkrankheit",
  metabolic: "Diabetes oder eine andere bekannte Stoffwechselkrankheit",
  medication: "Medikamente für das Herz oder gegen hohen Blutdruck",
  surgery: "Eine Operation vor nicht langer Zeit",
  birth: "Eine Geburt vor nicht langer Zeit",
  told: "Ärztlich wurde dir gesagt, keinen Sport zu treiben, oder nur unter Aufsicht",
};
export const adapt: Names["adapt"] = {
  joint: "Ein schmerzendes Gelenk oder ein schmerzender Rücken",
  pregnancy: "Schwangerschaft",
  balance: "Unsicheres Gleichgewicht, oder Stürze",
  insulin: "Insulin, oder Tabletten, die den Blutzucker senken können",
  epilepsy: "Epilepsie",
  bones: "Brüchige Knochen, oder ein Knochen, der an wenig brach",
  eyes: "Eine Augenoperation vor nicht langer Zeit, oder ein Auge, das geschont werden muss",
  hernia: "Ein Bruch (Hernie)",
};
export const activity: Names["activity"] = {
  regular: "Mindestens eine halbe Stunde an drei Tagen in der Woche, seit drei Monaten",
  "not-regular": "Weniger als das, oder gar nicht",
};
export const intended: Names["intended"] = {
  moderate: "So, dass ich noch reden kann",
  hard: "Stärker als das",
};
export const advice: Names["advice"] = {
  "ask-first": "Sprich mit einer Ärztin, einem Arzt oder einer Fachperson, bevor du mitmachst.",
  "before-hard": "Frag auch, wie stark du dich anstrengen darfst.",
  "start-gently": "Fang leichter an, als du vorhast, und nimm dir Wochen dafür: wähle den leichteren Weg.",
  pregnancy:
    "Frag deine Hebamme oder ärztlich, was dir guttut. Hör auf und ruf dort an bei Blutung, Abgang von Flüssigkeit, regelmäßigen schmerzhaften Wehen, Schmerzen im Bauch oder in der Wade, geschwollener Wade, Kopfschmerz, Schwindel, Brustschmerz, schwachen Muskeln oder Atemnot, bevor du begonnen hast.",
  insulin:
    "Halte dich an das, was dein Behandlungsteam für Sport gesagt hat, und hab in Reichweite, was du bei Unterzucker brauchst.",
  unsure: "Wenn du unsicher bist, welche Grenzen zu dir passen, frag eine Fachperson.",
};
export const effort: Names["effort"] = {
  0: "Ruhe",
  1: "sehr leicht",
  2: "leicht",
  3: "mäßig",
  4: "etwas anstrengend",
  5: "anstrengend",
  6: "anstrengend",
  7: "sehr anstrengend",
  8: "sehr anstrengend",
  9: "sehr anstrengend",
  10: "so anstrengend wie möglich",
};
export const more: Names["more"] = { "0-1": "0–1", "2-3": "2–3", "4-or-more": "4 oder mehr" };
