import { type Page } from "@playwright/test";

/**
 * Notes what an element reads from now on, "" while it is not there, so that a journey need not look at the right
 * moment to learn what was shown only for one. Answers what was noted so far, each once until it changes.
 */
export async function noteTexts(page: Page, selector: string): Promise<() => Promise<string[]>> {
  const notes = await page.evaluateHandle((watched) => {
    const texts: string[] = [];
    const look = () => {
      const text = document.querySelector(watched)?.textContent ?? "";
      if (text !== texts.at(-1)) texts.push(text);
    };
    look();
    new MutationObserver(look).observe(document.body, {
      subtree: true,
      childList: true,
      characterData: true,
      attributes: true,
    });
    return texts;
  }, selector);
  return () => notes.jsonValue();
}
