import { spawnSync } from "node:child_process";
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { afterAll, describe, expect, test } from "vitest";

const root = new URL("../../", import.meta.url).pathname;
const folder = mkdtempSync(`${tmpdir()}/brontle-cli-`);
afterAll(() => rmSync(folder, { recursive: true, force: true }));

function brontle(args: string[], cwd = root) {
  return spawnSync(`${root}brontle`, args, { cwd, encoding: "utf8", maxBuffer: 1e9 });
}
const file = (name: string, text: string) => {
  writeFileSync(`${folder}/${name}`, text);
  return `${folder}/${name}`;
};
const worked = `${root}tests/cases/lap-mixed.json`;

describe("brontle time", () => {
  test("prints one object a line and file, from any folder", () => {
    const cases = readdirSync(`${root}tests/cases`).filter((name) => !name.includes("expected"));
    const { status, stdout, stderr } = brontle(
      ["time", ...cases.map((name) => `${root}tests/cases/${name}`)],
      folder,
    );
    expect(stderr.replace(/^npm warn.*\n/gm, "")).toBe("");
    expect(status).toBe(0);
    const lines = stdout.trimEnd().split("\n");
    expect(lines).toHaveLength(cases.length);
    lines.forEach((line, i) => {
      const expected = readFileSync(
        `${root}tests/cases/${cases[i]?.replace(".json", ".expected.json")}`,
        "utf8",
      );
      expect(JSON.parse(line)).toEqual(JSON.parse(expected));
    });
  });

  test("tells every fault as a line, goes on with the other files, and exits 1", () => {
    const bad = file(
      "bad.json",
      JSON.stringify({ format: "brontle.class", version: 1, title: "", stance: "x", blocks: [] }),
    );
    const text = file("text.json", "{ not json");
    const { status, stdout, stderr } = brontle(["time", bad, text, `${folder}/none.json`, worked]);
    expect(status).toBe(1);
    expect(stdout.trimEnd().split("\n")).toHaveLength(1);
    expect(stderr).toContain(`${bad}: title: must have 1 to 120 characters\n`);
    expect(stderr).toContain(`${bad}: stance: must be one of form, strength, density\n`);
    expect(stderr).toContain(`${bad}: blocks: must have 1 to 60 blocks\n`);
    expect(stderr).toMatch(new RegExp(`${text}: \\$: is not JSON`));
    expect(stderr).toContain(`${folder}/none.json: $: can't be read (no such file)`);
    for (const line of stderr.trimEnd().split("\n")) expect(line).toMatch(/^[^:]+\.json: [\w$.[\]]+: .+$/);
  });

  test("takes hundreds of files in one call", () => {
    const { status, stdout } = brontle(["time", ...Array.from({ length: 400 }, () => worked)]);
    expect(status).toBe(0);
    expect(stdout.trimEnd().split("\n")).toHaveLength(400);
  });

  test("wants a file", () => expect(brontle(["time"]).status).toBe(1));
});

test("brontle strength prints what is believed of everybody", () => {
  const { status, stdout } = brontle([
    "strength",
    "--roster",
    `${root}demo/roster.json`,
    "--move",
    "bent-row",
  ]);
  expect(status).toBe(0);
  expect(stdout.trimEnd().split("\n")).toHaveLength(24);
  expect(brontle(["strength"]).stderr).toContain("use it as brontle strength --roster R");
});

test("brontle moves prints the library with its closed lists, and the table of costs", () => {
  const all = JSON.parse(brontle(["moves"]).stdout);
  expect(all.moves.length).toBeGreaterThanOrEqual(160);
  expect(all.patterns).toContain("squat");
  expect(all.moves[0]).toMatchObject({
    id: expect.any(String),
    needs: expect.any(Array),
    links: expect.any(Array),
  });
  const costs = JSON.parse(brontle(["moves", "--costs"]).stdout);
  for (const value of Object.values(costs)) expect(Number.isInteger(value)).toBe(true);
  const changes = JSON.parse(brontle(["moves", "--change-over"]).stdout);
  expect(changes.position.standing.supine).toBeGreaterThan(0);
  expect(brontle(["moves", "--nonsense"]).status).toBe(1);
});

test("brontle parts prints a line for each person, in the order of the roster", () => {
  const roster = `${root}demo/roster.json`;
  const { status, stdout } = brontle([
    "parts",
    `${root}demo/classes/1-gale-warning.json`,
    "--roster",
    roster,
  ]);
  expect(status).toBe(0);
  const people = stdout
    .trimEnd()
    .split("\n")
    .map((line) => JSON.parse(line));
  expect(people.map((part) => part.person)).toEqual(
    JSON.parse(readFileSync(roster, "utf8")).people.map((person: { id: string }) => person.id),
  );
  for (const part of people) for (const slot of part.slots) expect(slot.why).toMatch(/\.$/);
  expect(brontle(["parts", worked]).status).toBe(1);
  const bad = file(
    "roster.json",
    JSON.stringify({ format: "brontle.roster", version: 1, people: [{ id: "a" }] }),
  );
  expect(brontle(["parts", worked, "--roster", bad]).stderr).toContain(`${bad}: people[0].name: is missing`);
});

test("an unknown command and help say what there is", () => {
  const unknown = brontle(["dance"]);
  expect(unknown.status).toBe(1);
  expect(unknown.stderr).toContain("dance");
  expect(brontle(["help"]).stdout).toContain("./brontle demo");
});

const GALE = `${root}demo/classes/1-gale-warning.json`;
const ROSTER = `${root}demo/roster.json`;
const lines = (text: string) =>
  text
    .trim()
    .split("\n")
    .map((line) => JSON.parse(line));

describe("brontle check", () => {
  test("prints a finding a line and gives 0 where none is a stop", () => {
    const session = brontle(["check", GALE, "--roster", ROSTER]);
    expect(session.status).toBe(0);
    const found = lines(session.stdout);
    expect(found.map((finding) => finding.code)).toContain("length-over");
    for (const finding of found) {
      expect(finding).toMatchObject({
        code: expect.any(String),
        severity: expect.stringMatching(/^(stop|fix|consider)$/),
        where: expect.any(Object),
        sentence: expect.any(String),
        fixes: expect.any(Array),
      });
    }
  });

  test("gives 2 where somebody who is coming can't do a move", () => {
    const roster = JSON.parse(readFileSync(ROSTER, "utf8"));
    for (const person of roster.people) person.coming = true;
    const file = `${folder}/coming.json`;
    writeFileSync(file, JSON.stringify(roster));
    const gale = JSON.parse(readFileSync(GALE, "utf8"));
    const rope = { name: "Rope climb", needs: [[{ as: "bar" }]] };
    gale.blocks[1].slots.push({ id: "rope", move: rope, dose: { seconds: 30 } });
    const climbing = `${folder}/climbing.json`;
    writeFileSync(climbing, JSON.stringify(gale));
    expect(brontle(["check", GALE, "--roster", file]).status).toBe(0);
    expect(brontle(["check", climbing, "--roster", file]).status).toBe(2);
  });

  test("reads a season, and tells its faults by path", () => {
    const season = `${folder}/season.json`;
    const other = JSON.parse(readFileSync(GALE, "utf8"));
    const at = "2026-11-24T18:00:00Z";
    const classes = [{ at: "2026-11-23T18:00:00Z", class: other }];
    writeFileSync(season, JSON.stringify({ format: "brontle.season", version: 1, at, classes }));
    const session = brontle(["check", GALE, "--season", season]);
    expect(lines(session.stdout).map((finding) => finding.code)).toContain("too-soon");
    writeFileSync(
      season,
      JSON.stringify({ format: "brontle.season", at: "soon", classes: [{ at, class: {} }] }),
    );
    const bad = brontle(["check", GALE, "--season", season]);
    expect(bad.status).toBe(1);
    expect(bad.stderr).toContain("at: must be an instant");
    expect(bad.stderr).toContain("classes[0].class.title");
  });
});

test("brontle fit prints up to five options whose changes lead to their totals, or how near it gets", () => {
  const session = brontle(["fit", GALE, "--minutes", "40", "--within", "45"]);
  expect(session.status).toBe(0);
  const options = lines(session.stdout);
  expect(options.length).toBeGreaterThan(1);
  expect(options.length).toBeLessThanOrEqual(5);
  for (const { total, changes, why, cost, loses } of options) {
    expect(Math.abs(total - 2400)).toBeLessThanOrEqual(45);
    for (const change of changes as Record<string, unknown>[]) {
      if (change.remove === true)
        expect(change).toMatchObject({ block: expect.any(String), slot: expect.any(String) });
      else expect(change).toMatchObject({ block: expect.any(String), key: expect.any(String) });
    }
    expect(why).toMatch(/instead of|without/i);
    expect(loses.length).toBeGreaterThan(0);
    expect(Number.isInteger(cost)).toBe(true);
  }
  const far = brontle(["fit", GALE, "--minutes", "500"]);
  expect(far.status).toBe(1);
  expect(far.stderr).toContain("out of reach; the nearest is");
  expect(brontle(["fit", GALE]).status).toBe(1);
});

test("brontle order prints an order of all stations, its cost and the pairs it comes from", () => {
  const session = brontle(["order", GALE, "--block", "b2", "--roster", ROSTER]);
  const [result] = lines(session.stdout);
  expect([...result.order].sort()).toEqual(["c1", "c2", "c3", "c4", "c5"]);
  expect(result.exact).toBe(true);
  expect(result.cost).toBeLessThanOrEqual(result.was);
  expect(result.pairs).toHaveLength(5);
  const none = brontle(["order", GALE, "--block", "nope"]);
  expect(none.status).toBe(1);
  expect(none.stderr).toContain("--block wants one of b1");
});

test("brontle shape prints effort and balance, as set and for each person", () => {
  const [shape] = lines(brontle(["shape", GALE, "--roster", ROSTER]).stdout);
  expect(shape.people).toHaveLength(24);
  expect(shape.asSet.effort.natural.effort.length).toBeGreaterThan(100);
  expect(shape.asSet.balance.hardSets.quads).toBeGreaterThan(0);
  expect(shape.spread.landings.most).toBeGreaterThanOrEqual(shape.spread.landings.least);
});

test("brontle shape of a day-long class for the whole room is one JSON that can be read", {
  timeout: 60_000,
}, () => {
  const blocks = Array.from({ length: 12 }, (_, i) => ({
    id: `b${i}`,
    title: "",
    slots: [{ id: `s${i}`, move: "march-on-the-spot", dose: { seconds: 7200 } }],
  }));
  const day = { format: "brontle.class", version: 1, title: "A day", stance: "density", blocks };
  const { status, stdout } = brontle(["shape", file("day.json", JSON.stringify(day)), "--roster", ROSTER]);
  expect(status).toBe(0);
  expect(stdout.length).toBeGreaterThan(5_000_000);
  const shape = JSON.parse(stdout);
  expect(shape.people).toHaveLength(24);
  const longer = { ...day, blocks: [...blocks, { id: "more", title: "", role: "talk", brief: 1 }] };
  const refused = brontle(["shape", file("longer.json", JSON.stringify(longer))]);
  expect([refused.status, refused.stdout]).toEqual([1, ""]);
  expect(refused.stderr).toContain("blocks: make a class of more than 24 hours at the most");
});

test("brontle read makes a class of a typed plan and says what wasn't certain; brontle write prints one that reads back", () => {
  const plan = `${folder}/plan.txt`;
  writeFileSync(plan, "Tuesday\n\n3 rounds 40/20, 60 between: squat, towel row, sqishy wobble\n");
  const session = brontle(["read", plan, "--stance", "density"]);
  expect(session.status).toBe(0);
  const [doc] = lines(session.stdout);
  expect(doc).toMatchObject({ title: "Tuesday", stance: "density" });
  expect(session.stderr).toMatch(/line 3, \d+–\d+: No move is called “sqishy wobble”/);
  const text = brontle(["write", GALE]);
  expect(text.stdout).toContain("## Quay circuit: 4 rounds");
  writeFileSync(plan, text.stdout);
  const [again] = lines(brontle(["read", plan]).stdout);
  const gale = JSON.parse(readFileSync(GALE, "utf8"));
  expect(again.blocks.map(({ title }: { title: string }) => title)).toEqual(
    gale.blocks.map(({ title }: { title: string }) => title),
  );
  writeFileSync(plan, "nothing at all\n");
  expect(brontle(["read", plan]).status).toBe(1);
  expect(brontle(["read", `${folder}/none.txt`]).stderr).toContain("can't be read");
});
