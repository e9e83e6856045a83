/**
 * One limit, one kind of home, one move and dose, and what a coach would say to it: the way, how much of it (`8e`:
 * each side; `30s/`: of each side that shares the piece), the status, and why, with what the limit asks of the dose.
 * Each line was read as a coach reads it; one that changes is to be read again, not copied.
 */

import type { KitKind } from "../homes/gaps";
import type { Limit } from "../homes/limits";
import type { Status } from "./part";

export interface LimitCase {
  readonly limit: Limit;
  readonly kit: KitKind | "nothing";
  readonly move: string;
  readonly dose: { readonly [kind in "seconds" | "hold" | "reps"]?: number };
  readonly way: string;
  readonly amount: string;
  readonly status: Status;
  readonly why: string;
  /** What the limit asks of the dose; empty where nothing. */
  readonly asks: string;
}

const TABLE = `
no-jumping         nothing     squat-jump                seconds 40  →  squat-to-toes               40s    swapped   limit
no-jumping         nothing     star-jack                 seconds 20  →  step-jack                   20s    swapped   limit
no-jumping         nothing     skater-hop                seconds 30  →  side-step-reach             30s    swapped   limit
quiet              nothing     fast-feet                 seconds 20  →  wall-knee-drive             20s    swapped   limit
quiet              nothing     line-hop                  seconds 20  →  bent-knee-bounce            20s    swapped   limit
quiet              dumbbell    push-press                reps 8      →  push-press                  8      as-set    as-set
seated-only        band        press-up                  reps 10     →  seated-band-chest-press     8      swapped   limit
seated-only        dumbbell    bent-row                  reps 10     →  seated-bent-row             10     swapped   limit
seated-only        nothing     march-on-the-spot         seconds 60  →  seated-fast-feet            60s    swapped   limit
seated-only        household   goblet-squat              reps 8      →  seated-leg-straighten       4e     swapped   limit
seated-only        nothing     plank                     hold 30     →  seated-lean-back            30s    swapped   limit
no-floor           household   press-up                  reps 8      →  counter-press-up            8      swapped   limit
no-floor           nothing     plank                     hold 30     →  wall-plank                  30s    swapped   limit
no-floor           nothing     bridge                    reps 12     →  good-morning                10     swapped   limit
no-floor           nothing     dead-bug                  reps 8      →  wall-plank                  20s    swapped   limit
no-kneeling        nothing     bird-dog                  reps 8      →  dead-bug                    8      swapped   limit
no-kneeling        nothing     inchworm                  reps 6      →  counter-dog                 6      swapped   limit
no-kneeling        dumbbell    half-kneeling-press       reps 8      →  one-arm-press               8      swapped   limit
no-plank           nothing     press-up                  reps 8      →  wall-press-up               8      swapped   limit
no-plank           nothing     plank-shoulder-tap        seconds 20  →  dead-bug                    20s    swapped   limit
no-plank           nothing     bird-dog                  reps 8      →  bird-dog                    8      as-set    as-set
no-overhead        dumbbell    standing-press            reps 8      →  one-arm-wall-press-up       4e     swapped   limit
no-overhead        band        band-pull-down            reps 10     →  straight-arm-band-pull      5      swapped   limit
no-overhead        nothing     overhead-reach            seconds 30  →  palm-press                  30s    swapped   limit
no-wrist-load      dumbbell    press-up                  reps 10     →  floor-press                 6      swapped   limit
no-wrist-load      nothing     plank-knee-drive          seconds 30  →  step-jog                    30s    swapped   limit
no-wrist-load      household   counter-press-up          reps 10     →  two-hand-floor-press        7      swapped   limit
shallow-knees      dumbbell    goblet-squat              reps 10     →  shallow-squat               10     swapped   limit
shallow-knees      nothing     reverse-lunge             reps 8      →  held-side-step              8      swapped   limit
shallow-knees      household   single-leg-sit-to-stand   reps 6      →  shallow-squat               6      swapped   limit
shallow-knees      nothing     wall-sit                  hold 30     →  shallow-squat               30s    swapped   limit
shallow-knees      nothing     skater-hop                seconds 30  →  side-step-reach             30s    swapped   limit
no-deep-hinge      dumbbell    bent-row                  reps 10     →  prone-pull-back             10     swapped   limit
no-deep-hinge      kettlebell  kettlebell-swing          reps 15     →  hinge-reach                 8      swapped   limit
no-deep-hinge      nothing     good-morning              reps 12     →  hinge-reach                 12     swapped   limit
no-spine-flexion   nothing     curl-up                   reps 12     →  heel-tap                    7e     swapped   limit
no-spine-flexion   nothing     reverse-curl              reps 10     →  heel-tap                    6e     swapped   limit
no-spine-flexion   nothing     back-wave                 seconds 40  →  prone-arch                  40s    swapped   limit
no-twisting        nothing     seated-turn               reps 10     →  palm-brace                  30s/   swapped   limit
no-twisting        nothing     standing-knee-to-elbow    seconds 30  →  held-knee-lift              30s    swapped   limit
not-face-down      nothing     plank                     hold 30     →  wall-plank                  30s    swapped   limit
not-face-down      dumbbell    press-up                  reps 8      →  floor-press                 5      swapped   limit
not-face-down      nothing     prone-sweep               reps 10     →  one-arm-pull-down-reach     6e     swapped   limit
not-on-back        dumbbell    floor-press               reps 10     →  knee-press-up               10     swapped   limit
not-on-back        nothing     dead-bug                  reps 8      →  bird-dog                    6      swapped   limit
not-on-back        nothing     bridge                    reps 12     →  good-morning                10     swapped   limit
no-long-holds      nothing     plank                     hold 45     →  plank                       10s    eased     less hold-at-most
no-long-holds      nothing     wall-sit                  hold 40     →  wall-sit                    10s    eased     less hold-at-most
no-long-holds      nothing     calf-stretch              hold 40     →  calf-stretch                40s    as-set    as-set
balance-support    dumbbell    split-squat               reps 8      →  held-split-squat            8      swapped   limit
balance-support    nothing     single-leg-hinge          reps 8      →  single-leg-bridge           8      swapped   limit
balance-support    household   step-up                   reps 8      →  held-split-squat            8      swapped   limit
no-straining       dumbbell    standing-press            reps 8      →  two-hand-press              8      eased     too-hard keep-reserve
no-straining       nothing     press-up                  reps 12     →  press-up                    6      eased     less keep-reserve
no-straining       nothing     plank                     hold 40     →  plank                       10s    eased     less hold-at-most
no-head-down       nothing     inchworm                  reps 6      →  counter-dog                 6      swapped   limit
no-head-down       nothing     pike-press-up             reps 8      →  wall-slide                  6      swapped   limit
no-head-down       nothing     folded-rest               hold 40     →  knees-to-chest              40s    swapped   limit
no-gripping        kettlebell  kettlebell-swing          reps 12     →  good-morning                6      swapped   limit
no-gripping        household   towel-row                 reps 10     →  prone-pull-back             10     swapped   limit
no-gripping        dumbbell    goblet-squat              reps 10     →  goblet-squat                8      eased     less
no-gripping        kettlebell  goblet-squat              reps 10     →  goblet-squat                6      eased     less
no-quick-turns     nothing     skater-hop                seconds 30  →  side-step-reach             30s    swapped   limit
no-quick-turns     nothing     line-hop                  seconds 20  →  skip-rope                   20s    swapped   limit
no-quick-turns     nothing     shadow-steps              seconds 30  →  step-jog                    30s    swapped   limit
no-single-leg      nothing     split-squat               reps 8      →  split-squat                 8      as-set    as-set
no-single-leg      nothing     single-leg-hinge          reps 8      →  good-morning                8      swapped   limit
no-single-leg      household   single-leg-sit-to-stand   reps 6      →  bodyweight-squat            6      swapped   limit
use-right-only     dumbbell    floor-press               reps 10     →  one-arm-floor-press         10     swapped   limit
use-right-only     nothing     press-up                  reps 8      →  one-arm-wall-press-up       6      swapped   limit
use-left-only      band        band-row                  reps 10     →  one-arm-band-row            10     swapped   limit
use-left-only      dumbbell    curl                      reps 12     →  one-arm-curl                12     swapped   limit
left-leg-only      household   bodyweight-squat          reps 10     →  seated-one-leg-straighten   10     swapped   limit
left-leg-only      nothing     reverse-lunge             reps 8      →  single-leg-sit-to-stand     6      swapped   limit
right-leg-only     nothing     star-jack                 seconds 20  →  single-leg-sit-to-stand     20s    swapped   limit
right-leg-only     nothing     bridge                    reps 10     →  single-leg-bridge           10     swapped   limit
`;

export const LIMIT_CASES: readonly LimitCase[] = TABLE.trim()
  .split("\n")
  .map((line) => {
    const [limit, kit, move, kind = "", n, , way, amount, status, why, asks = ""] = line.trim().split(/\s+/);
    return { limit, kit, move, dose: { [kind]: Number(n) }, way, amount, status, why, asks } as LimitCase;
  });
