import { describe, expect, test } from "@jest/globals";
import { bothJumps, NO_JUMPS, readJumps } from "./jumps";
import { readXml } from "./tree";

function jumpsIn(content: string) {
  const tree = readXml(`<measure>${content}</measure>`);
  if (!tree.ok) throw new Error(tree.problem.message);
  return readJumps(tree.value);
}
const words = (text: string, more = "") =>
  `<direction><direction-type><words>${text}</words></direction-type>${more}</direction>`;
const sign = (name: string, more = "") =>
  `<direction><direction-type><${name}/></direction-type>${more}</direction>`;

describe("what a measure says of jumps (attributes of sound as in the W3C's schema, kept in testing/schema)", () => {
  test.each([
    ['<sound dacapo="yes"/>', { dacapo: true }],
    ['<sound dalsegno="a"/>', { dalsegno: "a" }],
    ['<sound tocoda="b"/>', { tocoda: "b" }],
    ['<sound fine="yes"/>', { fine: true }],
    ['<sound fine="2"/>', { fine: true }],
    [sign("segno", '<sound segno="a"/>'), { segno: "a" }],
    [sign("segno"), { segno: "" }],
    [sign("coda"), { coda: "" }],
    // The sign of a coda beside the words is where one leaves for it.
    [sign("coda", '<sound tocoda="b"/>'), { tocoda: "b" }],
    ['<barline segno="a"><segno/></barline>', { segno: "a" }],
    ["<barline><coda/></barline>", { coda: "" }],
  ])("%s", (content, said) => {
    expect(jumpsIn(content)).toEqual({ ...NO_JUMPS, ...said });
  });

  test.each([
    ["D.C.", { dacapo: true }],
    ["D.C. al Fine", { dacapo: true }],
    ["da capo al coda", { dacapo: true }],
    ["D. S. al Coda", { dalsegno: "" }],
    ["dal segno", { dalsegno: "" }],
    ["To Coda", { tocoda: "" }],
    ["Fine", { fine: true }],
    ["fine vibrato", {}],
    ["dc current", {}],
    ["let ring", {}],
  ])("the words %s", (text, said) => {
    expect(jumpsIn(words(text))).toEqual({ ...NO_JUMPS, ...said });
  });

  test("how it should sound goes before its words", () => {
    expect(jumpsIn(words("D.C. al Coda", '<sound dalsegno="a"/>'))).toEqual({
      ...NO_JUMPS,
      dalsegno: "a",
    });
  });

  test("two parts say together what each says, the first where they differ", () => {
    const [upper, lower] = [
      jumpsIn('<sound segno="a"/>'),
      jumpsIn('<sound segno="b" fine="yes"/>'),
    ];
    expect(bothJumps(upper, lower)).toEqual({ ...NO_JUMPS, segno: "a", fine: true });
  });
});
