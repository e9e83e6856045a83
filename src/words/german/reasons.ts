/** Warum jemand tut, was er tut, und was angesagt wird. Reasons in German that participants meet. */
import type { Reasons } from "../reasons";

export const whyNot: Reasons["whyNot"] = {
  ceiling: "die Decke ist zu niedrig dafür",
  length: "es ist nicht genug Platz dafür",
  jumping: "zu Hause geht Springen nicht",
  limit: "gewünscht: {limit}",
  "home-unknown": "noch nicht gesagt, was zu Hause ist, also wird mit nichts gerechnet",
  "no-kit": "zu Hause {needsNone}",
  "kit-too-heavy": "zu schwer dafür: {needs}, wie es zu Hause ist",
  "kit-too-light": "zu leicht dafür: {needs}, wie es zu Hause ist",
  "not-at-once": "{needs}: nicht alles zugleich",
  "not-here": "hier nicht möglich",
  "too-hard": "mit dem, was da ist, noch zu schwer",
  effort: "näher an der gewünschten Anstrengung",
  "saves-changing": "spart das Wechseln von Material oder Lage zwischen Übungen",
};
export const why: Reasons["why"] = {
  "as-set": "Wie gesetzt{heldAny, select, no {; braucht nichts} other { mit: {held}}}.",
  less: "Die gesetzte Übung, weniger davon{heldAny, select, no {} other { mit: {held}}}: damit so viel in Reserve bleibt wie gemeint.",
  "as-set-level": "Wie für {mark} gesetzt{heldAny, select, no {} other { mit: {held}}}.",
  chosen: "{move}{heldAny, select, no {} other { mit: {held}}}: deine Wahl.",
  instead: "{move}{heldAny, select, no {} other { mit: {held}}} statt {setInside}: {because}.",
  own: "{move}{heldAny, select, no {} other { mit: {held}}}: der eigene Weg dieser Stunde, wo {setInside} nicht geht: {because}.",
  choice: "{move}{heldAny, select, no {} other { mit: {held}}}: einer der Wege zur Wahl.",
  unmet: "Kein Weg gefunden: {because}.{helpAny, select, no {} other { Es bräuchte: {help}.}}",
  "chosen-unknown": "Du hast {id} gewählt, was die Bibliothek nicht hat.",
  "chosen-unmet": "Du hast {moveInside} gewählt: {because}.",
  written: "{text}",
};
export const load: Reasons["load"] = {
  "from-sets":
    "Nach {moveInside} am {day}: wahrscheinlich {open, select, yes {{low} oder mehr} other {{low}–{high}}} Wdh. mit {rir} in Reserve.",
  "from-sets-undated":
    "Nach bekannten Sätzen von {moveInside}: wahrscheinlich {open, select, yes {{low} oder mehr} other {{low}–{high}}} Wdh. mit {rir} in Reserve.",
  "from-level":
    "Nur nach der üblichen Stufe ({mark}): wahrscheinlich {open, select, yes {{low} oder mehr} other {{low}–{high}}} Wdh. mit {rir} in Reserve.",
  "start-light":
    "Fang leicht an: die letzten zwei Wiederholungen sollen langsam sein, nicht wackelig; dann sag, wie es war.",
  unpredicted: "Zu leicht oder zu lang, um aus {known} × {reps} Wiederholungen vorherzusagen.",
  predicted:
    "{rough, select, yes {Grob} other {Etwa}} {reps} Wdh. mit {rir} in Reserve, nach {known} × {knownReps}.",
};
export const adjust: Reasons["adjust"] = {
  "two-at-once": "Zwei auf einmal.",
  "one-limb": "Eine Seite statt zwei: {moveInside}.",
  "fits-time": "Weniger, damit es in {seconds} s passt.",
  slower: "Zwei Schläge langsamer senken.",
  pause: "Zwei Schläge an der schwersten Stelle halten.",
  "one-and-a-half": "Je eineinhalb Wiederholungen.",
  "more-reps": "Mehr Wiederholungen: bis {reps}.",
  harder: "Ein schwererer Weg: {moveInside}.",
  "both-hands": "Beide Hände an ein Gewicht: {moveInside}.",
  lever: "Ein kürzerer Hebel: {moveInside}.",
  "smaller-range": "Kleinerer Weg.",
  easier: "Ein leichterer Weg: {moveInside}.",
  "hold-at-most": "Höchstens {seconds} s halten, dabei atmen.",
  "keep-reserve": "Mit {reps} in Reserve aufhören, bei der Anstrengung ausatmen.",
  written: "{text}",
};
export const call: Reasons["call"] = {
  own: "{text}",
  title: "{block}.",
  have: "Leg bereit, was du davon hast: {kit}.",
  name: "{move}.",
  cue: "{text}",
  caution:
    "{of, select, furniture {Möbel fest und an der Wand, nie die Mitte eines Tisches, nichts auf Rollen.} anchors {Türen zu und eingerastet, nur in die Richtung gezogen, die sie schließt; zweimal rucken, bevor du dich lehnst.} bands {Bänder ohne Risse, Augen aus der Zugrichtung, Füße flach darauf.} sliders {Kein Anlauf auf glattem Boden, eine Hand nah an einer Stütze.} other {Lampe, Decke, Kinder und Haustiere aus dem Bereich von allem über Kopf.}}",
  side: "Andere Seite: {side, select, left {links} other {rechts}}.",
  next: "Als Nächstes: {moveInside}{side, select, left {, links} right {, rechts} other {}}{doseAny, select, no {} other {, {dose}}}.",
  fetch: "Hol: {kitOne}{others, select, yes { oder was du hast} other {}}.",
  easier: "Leichter: {moveInside}.",
  "easier-note": "Leichter: {noteInside}.",
  harder: "Schwerer: {moveInside}.",
  "harder-note": "Schwerer: {noteInside}.",
  "who-cant": "Wenn du nicht kannst: {moveInside}.",
  "who-cant-note": "{note}: {moveInside}.",
  choose: "Oder, wenn es dir lieber ist: {moveInside}.",
  "half-way": "Hälfte.",
  "last-ten": "Letzte zehn.",
  water: "Wasser, {seconds} Sekunden.",
};
