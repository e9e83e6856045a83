/**
 * Local slimming, medical effects and safety for everybody: what no move does, in the words in which it is promised,
 * in each language that classes are written in. Texts are compared without accents.
 */
const CLAIMS: readonly RegExp[] = [
  // English
  /\b(slim|slimm|shrink|trim|shape up|sculpt|tone|tighten|flatten)\w*\b.{0,24}\b(belly|tummy|waist|thigh|arm|hip|bum|butt|leg|wing)s?\b/i,
  /\b(burn|lose|melt|blast|shed|torch)\w*\b.{0,24}\b(fat|belly|inches|love handles|bingo wings|kilos|pounds)\b/i,
  /\b(belly|tummy|waist|thigh|hip|bum|butt|arm) ?(fat|fix|slimmer|shrinker|burner)\b/i,
  /\b(cure|heal|treat|detox|rehabilitat|fixe?s?)\w*\b.{0,24}\b(pain|back|knees?|arthritis|injur\w*|diabetes|blood pressure|disease|toxins?|anxiety|depression)\b/i,
  /\b(fix|correct|repair|reset|boost|restart|fire up)\w*\b.{0,24}\b(posture|metabolism|hormones?|immune system)\b/i,
  /\b(nobody|no ?one)\b.{0,12}\b(gets?|is) (hurt|injured)\b|\b(injury|risk)[- ]?free\b|\b(100 ?%|completely|totally|absolutely) safe\b/i,
  /\bdetox\b/i,
  // Spanish
  /\b(adelgaz|afina|modela|esculp|tonific|reafirm)\w*\b.{0,24}\b(barriga|vientre|tripa|cintura|muslos?|brazos?|caderas?|gluteos?|culo|piernas?)\b/i,
  /\b(quem|pierd|perder|elimin|derrit|derret)\w*\b.{0,24}\b(grasa|barriga|michelines|kilos|centimetros)\b/i,
  /\b(cura|curar|curas|curan|sana|sanar|trata(r|n)? (el|la|los|las|tus?)|rehabilita\w*|arregla\w*)\b.{0,24}\b(dolor\w*|espalda|rodillas?|artritis|artrosis|lesion\w*|diabetes|tension|enfermedad\w*|toxinas?|ansiedad|depresion)\b/i,
  /\b(corrige|corregir|arregla|repara)\w*\b.{0,24}\bpostura\b|\b(acelera|activa|estimula|refuerza|reinicia)\w*\b.{0,24}\b(metabolismo|hormonas?|sistema inmun\w*|defensas)\b/i,
  /\bnadie\b.{0,12}\b(lesiona|hace dano)\b|\bsin riesgos?\b|\b(100 ?%|completamente|totalmente|absolutamente) segur[oa]s?\b/i,
  /\bdesintox\w*/i,
  // German
  /\b(straff|schlank)\w*\b.{0,24}\b(bauch|taille|oberschenkel|arme?n?|hufte\w*|po|hintern|beine?n?)\b/i,
  /\b(bauch|po|beine|huft\w*|speck)[- ]?(weg|killer|straffer)\b|\bfett(verbrenn|kill|weg)\w*/i,
  /\b(verbrenn|verlier|schmelz)\w*\b.{0,24}\b(\w*fett|bauch|pfunde|kilos?|zentimeter)\b|\b(\w*fett|pfunde|kilos?)\b.{0,24}\b(verbrenn|verlier|schmelz|loswerd)\w*/i,
  /\b(heilt?|heilen|kuriert?|behandelt|repariert|hilft gegen)\b.{0,24}\b(\w*schmerz\w*|rucken|knie\w*|arthrose|arthritis|verletzung\w*|diabetes|\w*blutdruck|krankheit\w*|angst|depression\w*)\b/i,
  /\b(korrigier|reparier)\w*\b.{0,24}\b\w*haltung\b|\b(kurbel|boost|aktivier|beschleunig|starkt)\w*\b.{0,24}\b(stoffwechsel|hormone?|immunsystem)\b/i,
  /\bniemand\b.{0,16}\bverletzt\b|\b(verletzungs|risiko)frei\b|\b(100 ?%|vollig|absolut|vollkommen) sicher\b/i,
  /\bentgift\w*/i,
  // French
  /\b(affin|aminci|sculpt|tonifi|raffermi|galb)\w*\b.{0,24}\b(ventre|taille|cuisses?|bras|hanches?|fesses|fessiers?|jambes?)\b/i,
  /\b(brul|perdre|perdez|perds|elimin|fondre)\w*\b.{0,24}\b(graisses?|ventre|kilos|centimetres|poignees d.amour)\b/i,
  /\b(gueri|soign|reeduqu)\w*\b.{0,24}\b(douleurs?|dos|genoux?|arthrite|arthrose|blessures?|diabete|tension|maladies?|toxines?|anxiete|depression)\b/i,
  /\b(corrig|repar)\w*\b.{0,24}\bposture\b|\b(boost|accelere|active|stimule|renforce)\w*\b.{0,24}\b(metabolisme|hormones?|systeme immunitaire)\b/i,
  /\bpersonne\b.{0,16}\bse blesse\b|\bsans (aucun )?risques?\b|\b(100 ?%|totalement|completement|absolument) (sur|sans danger)\b/i,
  // Portuguese
  /\b(afina|emagre|esculp|tonific|modela)\w*\b.{0,24}\b(barriga|cintura|coxas?|bracos?|ancas?|gluteos?|rabo|pernas?)\b/i,
  /\b(queim|perca|perde|elimin|derret)\w*\b.{0,24}\b(gordura|barriga|quilos|centimetros|pneus)\b/i,
  /\b(cura|curar|curam|trata(r|m)? (a|o|as|os)|reabilita\w*)\b.{0,24}\b(dor|dores|costas|joelhos?|artrite|artrose|lesao|lesoes|diabetes|tensao|doencas?|toxinas?|ansiedade|depressao)\b/i,
  /\b(corrig|repar)\w*\b.{0,24}\bpostura\b|\b(acelera|ativa|estimula|reforca)\w*\b.{0,24}\b(metabolismo|hormonas?|sistema imun\w*|defesas)\b/i,
  /\bninguem\b.{0,12}\b(magoa|lesiona)\b|\bsem riscos?\b/i,
];

/** Whether a text promises what no move does. */
export function isClaim(text: string): boolean {
  const plain = text.normalize("NFKD").replace(/[\u0300-\u036f]/g, "");
  return CLAIMS.some((claim) => claim.test(plain));
}
