import { expect, test } from "@jest/globals";
import { readChart } from "../index";

// What players call parts, numbered and lettered (common practice), and names of their own.
test.each([
  "Riff",
  "Riff A",
  "Pre",
  "Hook 2",
  "Breakdown",
  "Refrain",
  "Part A",
  "Middle 8",
  "V1",
  "CH",
  "PC 2",
])("%s is a heading", (name) => {
  for (const heading of [name, `[${name}]`, `${name}:`]) {
    const { sections } = readChart(`${heading}\n| Am | G |`);
    expect(sections.map((section) => section.name)).toEqual([name]);
  }
});

test.each([
  ["Gravel Road\nTempo: 112\n| A5 |", "Gravel Road"],
  ["\n  Gravel Road \n\nVerse\n| A5 |", "Gravel Road"],
  ["Gravel Road\nA5   D5\nall night long", "Gravel Road"],
  ["Gravel Road\nTitle: Another\n| A5 |", "Another"],
  ["all night long\nall day long\nA5\nyes", null],
  ["(slowly)\n| A5 |", null],
  ["Verse\n| A5 |", null],
  ["only words", null],
])("the title of %j is %j", (text, title) => {
  expect(readChart(text).title).toBe(title);
});

test.each(["Riff (x2)", "Refrain x2", "CH 2x", "[Stomp] (x2)", "The loud bit: (x2)", "Part B: x2"])(
  "%s is played twice",
  (heading) => {
    const { sections, order } = readChart(`${heading}\n| A5 | D5 |`);
    expect(sections[0]?.name).toBe(/^\[?([A-Za-z ]+?)[\]:]?(?: .?x2.?| 2x)$/.exec(heading)?.[1]);
    expect(order).toHaveLength(4);
  },
);

test.each(["V", "v1", "part of me", "Hooked", "Break it down", "Sing: hush now", "Riffs"])(
  "%s is no heading",
  (words) => {
    const { sections } = readChart(`Key: C\n${words}\n| C | G |`);
    expect(sections.map(({ name }) => name)).not.toContain(words);
  },
);
