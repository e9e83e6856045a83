/** Every topic on which the core gives reasons. A topic or a code that is added has no words until each language's catalogue has them: that doesn't compile. */
import type { CallCodes } from "./call-reasons";
import type { FindingCodes, FixCodes, LandingsCodes } from "./finding-reasons";
import type { AdjustCodes, DearerCodes, LoadCodes, WhyCodes, WhyNotCodes } from "./part-reasons";
import type { CautionCodes, SeveralCodes } from "./several-reasons";
import type { StartCodes } from "./start-reasons";
import type { ReasonOf } from "./value";

export interface Topics {
  readonly why: WhyCodes;
  readonly whyNot: WhyNotCodes;
  readonly load: LoadCodes;
  readonly adjust: AdjustCodes;
  readonly dearer: DearerCodes;
  readonly finding: FindingCodes;
  readonly several: SeveralCodes;
  readonly cautions: CautionCodes;
  readonly fix: FixCodes;
  readonly landings: LandingsCodes;
  readonly call: CallCodes;
  readonly start: StartCodes;
}
export type Topic = keyof Topics;
export type Reason<T extends Topic> = ReasonOf<Topics[T]>;
