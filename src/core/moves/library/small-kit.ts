/** What a roller and an ankle strap are good for. */
import { CAUTION, LONG_BAND } from "./define";
import { LOW, sheet } from "./sheet";

const ROLLER = { as: "roller" } as const;
const ANKLE_STRAP = { as: "ankle-strap" } as const;
const PULL = `${CAUTION.door} | ${CAUTION.band}`;

export const SMALL_KIT = [
  ...sheet("push-vertical", [
    {
      id: "roller-wall-slide",
      name: "Roller wall slide",
      muscles: "front-shoulders / upper-back side-shoulders",
      repSeconds: 4,
      energy: "lightCalisthenics",
      needs: [[ROLLER, { as: "wall" }]],
      setupSeconds: 4,
      cues: "Forearms on the roller, roller on the wall. | Roll it up, ribs down, and back slowly.",
      faults: "Arching to get higher. | Shrugging.",
      cautions: "As high as is comfortable.",
      links: "easier wall-slide stability; harder standing-press load",
    },
  ]),
  ...sheet("mobility", [
    {
      id: "roller-back-opener",
      name: "Upper back over the roller",
      muscles: "upper-back / chest",
      position: "supine",
      repSeconds: 5,
      energy: "stretching",
      needs: [[ROLLER]],
      setupSeconds: 6,
      cues: "Roller across the shoulder blades, hands hold the head. | Open over it with a breath, come back.",
      faults: "Bending in the low back. | Pulling on the neck.",
      cautions: "Not with brittle bones or a painful back; a folded towel is gentler.",
      links: "easier seated-back-wave position; swap open-book position",
    },
  ]),
  ...sheet("hinge", [
    {
      id: "ankle-strap-pull-back",
      name: "Leg pull-back against a band",
      muscles: "glutes hamstrings / lower-back",
      sides: "inTurn",
      repSeconds: 3,
      energy: "resistance",
      needs: [[LONG_BAND, LOW, ANKLE_STRAP]],
      setupSeconds: 25,
      cues: "Face the anchor, fingertips on the frame, strap at the ankle. | Leg back from the hip, slowly home.",
      faults: "Arching the back. | Swinging.",
      cautions: PULL,
      links: "easier single-leg-bridge position",
    },
  ]),
  ...sheet("hip-abduction", [
    {
      id: "ankle-strap-leg-lift",
      name: "Leg lift with an ankle strap",
      muscles: "abductors glutes / abs",
      sides: "inTurn",
      repSeconds: 3,
      energy: "resistance",
      needs: [[LONG_BAND, LOW, ANKLE_STRAP]],
      setupSeconds: 20,
      cues: "Side on to the anchor, fingertips on the frame. | Out slowly, back slower.",
      faults: "Leaning away. | Letting it snap.",
      cautions: PULL,
      links: "easier held-leg-lift load; swap anchored-band-leg-lift kit",
    },
  ]),
];
