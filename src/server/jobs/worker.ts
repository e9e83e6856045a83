/** What the worker threads can do. Bundled into a file of its own by the build (`ops/build.ts`). */
import { workOut } from "../../core/live/work-out";
import { fileAsked } from "../../files/ask";

export const JOBS = { workOut, fileAsked } as const;
export type Jobs = typeof JOBS;

/** One job: its name and its arguments, all plain data. */
export interface Job {
  readonly name: keyof Jobs;
  readonly args: Parameters<Jobs[keyof Jobs]>;
}

/** What a thread is handed. */
export default function run({ name, args }: Job): ReturnType<Jobs[keyof Jobs]> {
  return Reflect.apply(JOBS[name], undefined, args);
}
