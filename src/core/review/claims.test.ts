import { describe, expect, test } from "vitest";
import { LIBRARY } from "../moves/library";
import { isClaim } from "./claims";

const PROMISED: Readonly<Record<string, readonly string[]>> = {
  English: [
    "Burn belly fat fast.",
    "Fixes your posture for good.",
    "Nobody gets hurt here.",
    "A detox class.",
  ],
  Spanish: [
    "Quema la grasa de la barriga.",
    "Afina la cintura en diez minutos.",
    "Cura el dolor de espalda.",
    "Corrige tu postura.",
    "Aquí nadie se lesiona.",
    "Circuito desintoxicante.",
  ],
  German: [
    "Strafft den Bauch.",
    "Fettverbrennung am Morgen.",
    "Zwanzig Minuten Bauch-weg.",
    "Hier verlierst du drei Kilos.",
    "Heilt Rückenschmerzen.",
    "Kurbelt den Stoffwechsel an.",
    "Niemand wird verletzt.",
  ],
  French: [
    "Affine la taille.",
    "Brûlez les graisses du ventre.",
    "Soigne le mal de dos.",
    "Corrige la posture.",
    "Accélère le métabolisme.",
    "Sans aucun risque.",
  ],
  Portuguese: [
    "Queima a gordura da barriga.",
    "Tonifica as pernas e os glúteos.",
    "Cura as dores de costas.",
    "Acelera o metabolismo.",
    "Ninguém se magoa.",
  ],
};

const PLAIN: readonly string[] = [
  "Keep the back long and the belly firm.",
  "Trata de mantener la espalda recta.",
  "Curl con la espalda contra la pared.",
  "Activa el abdomen y cuida tu postura.",
  "Pierde altura despacio, la espalda sigue larga.",
  "Leg dich flach auf den Bauch, Arme lang.",
  "Richte die Haltung auf.",
  "Sichere Landung, weiche Knie.",
  "Allongez-vous sur le ventre, bras longs.",
  "Renforce le dos et les jambes.",
  "Deite-se de barriga, braços longos.",
  "Perna esticada, costas direitas.",
];

describe("what no move does", () => {
  for (const [language, texts] of Object.entries(PROMISED))
    test.each(texts)(`${language}: is told of "%s"`, (text) => {
      expect(isClaim(text)).toBe(true);
      expect(isClaim(text.toUpperCase())).toBe(true);
    });

  test.each(PLAIN)('leaves "%s" alone', (text) => expect(isClaim(text)).toBe(false));

  test("the library promises nothing", () => {
    const texts = LIBRARY.flatMap((move) => [move.name, ...move.cues, ...move.faults, ...move.cautions]);
    expect(texts.filter(isClaim)).toEqual([]);
  });
});
