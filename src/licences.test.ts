import { readFileSync } from "node:fs";
import { expect, test } from "@jest/globals";

/** Licences that ask for no more than their notice; that of the fonts forbids only to sell them alone. */
const FREE = /^(MIT|ISC|0BSD|BSD-[23]-Clause|Apache-2\.0|OFL-1\.1|CC0-1\.0|CC-BY-4\.0|WTFPL)$/;

interface Locked {
  readonly license?: string;
  readonly dev?: boolean;
  readonly optional?: boolean;
  readonly devOptional?: boolean;
}

/** Packages that Tenon loads when it runs; tools of building and testing are left out. */
function runtimePackages(): readonly (readonly [path: string, licence: string])[] {
  const lock = JSON.parse(readFileSync("package-lock.json", "utf8")) as {
    readonly packages: Readonly<Record<string, Locked>>;
  };
  return Object.entries(lock.packages)
    .filter(([path, { dev, optional, devOptional }]) => path && !dev && !optional && !devOptional)
    .map(([path, { license }]) => [path, license ?? licenceIn(`${path}/LICENSE`)] as const);
}

/** Of a package that only has the text of its licence. */
function licenceIn(path: string): string {
  return readFileSync(path, "utf8").startsWith("MIT License") ? "MIT" : "unknown";
}

/** An expression such as "(MIT OR WTFPL)" is free where one of its choices is. */
function isFree(licence: string): boolean {
  return licence
    .replace(/[()]/g, "")
    .split(" OR ")
    .some((choice) => FREE.test(choice));
}

test("nothing that is loaded at run time is under copyleft", () => {
  const packages = runtimePackages();
  expect(packages.length).toBeGreaterThan(100);
  expect(packages.filter(([, licence]) => !isFree(licence))).toEqual([]);
  expect(["GPL-3.0-only", "LGPL-3.0-or-later", "AGPL-3.0", "MPL-2.0"].filter(isFree)).toEqual([]);
});
