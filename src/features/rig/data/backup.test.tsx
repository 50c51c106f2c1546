/** @jest-environment jsdom */
import { beforeEach, expect, test } from "@jest/globals";
import { act, fireEvent, render, screen, within } from "@testing-library/react";
import { failure, success, type Result } from "@/core/result";
import { Session, useShownNotice } from "@/session";
import { fakeBrowser, response, startWith } from "@/session/testing";
import { BackupSection } from "./BackupSection";

fakeBrowser();

let answer: Result<unknown> | null = null;
const asked: string[] = [];
beforeEach(() => {
  asked.length = 0;
  const server = async (path: string) => {
    if (!path.startsWith("/data/")) return Promise.resolve(response({}));
    asked.push(path);
    return answer ? Promise.resolve(response(answer)) : Promise.reject(new Error("away"));
  };
  Object.assign(globalThis, { fetch: server });
});

function Notice() {
  return <p data-testid="notice">{useShownNotice().notice?.text ?? ""}</p>;
}
async function choose() {
  render(
    <Session start={startWith()}>
      <BackupSection />
      <Notice />
    </Session>,
  );
  const file = new File(["zip"], "tenon.zip");
  await act(async () => {
    fireEvent.change(screen.getByLabelText("A backup to restore"), { target: { files: [file] } });
    return Promise.resolve();
  });
}

test("a backup shows what would change; left alone, nothing is", async () => {
  answer = success({
    madeAt: "2026-11-01T10:00:00.000Z",
    counts: { guitars: 3, songs: 5 },
    current: { guitars: 1, songs: 7 },
  });
  await choose();
  const dialog = await screen.findByRole("dialog");
  const rows = within(dialog)
    .getAllByRole("row")
    .map(({ textContent }) => textContent);
  expect(rows).toEqual(["WhatNowIn the backup", "guitars13", "songs75"]);
  fireEvent.click(screen.getByRole("button", { name: "Leave everything as it is" }));
  expect(asked).toEqual(["/data/backup"]);
  expect(screen.queryByRole("table")).toBeNull();
});

test("restored on the player's word; what is wrong with it is said", async () => {
  const checked = {
    madeAt: "2026-11-01T10:00:00.000Z",
    counts: { songs: 5 },
    current: { songs: 7 },
  };
  answer = success(checked);
  await choose();
  await screen.findByRole("dialog");
  answer = failure("in", "Another Tenon has this data open; close it first.");
  await act(async () => {
    fireEvent.click(screen.getByRole("button", { name: "Restore it" }));
    return Promise.resolve();
  });
  expect(asked).toEqual(["/data/backup", "/data/backup?restore=1"]);
  expect(screen.getByTestId("notice").textContent).toMatch(/^Another Tenon/);
});

test("no whole backup, and no answer", async () => {
  answer = failure("in", "No whole backup: the zip is cut off.");
  await choose();
  expect(screen.getByTestId("notice").textContent).toBe("No whole backup: the zip is cut off.");
  document.body.innerHTML = "";
  answer = null;
  await choose();
  expect(screen.getByTestId("notice").textContent).toMatch(/Is it still running/);
});
