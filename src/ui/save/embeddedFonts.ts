/** The page's own faces of some families as rules with the fonts inside. */
export async function embeddedFonts(families: RegExp): Promise<string> {
  const rules = [...document.styleSheets]
    .flatMap((sheet) => [...sheet.cssRules])
    .filter((rule) => rule instanceof CSSFontFaceRule)
    .filter(({ style }) => families.test(style.getPropertyValue("font-family")) && isNeeded(style));
  const texts = await Promise.all(
    rules.map(async (rule) => {
      const address = /url\("?([^")]+\.woff2)"?\)/.exec(rule.style.getPropertyValue("src"))?.[1];
      if (!address) return "";
      const base = rule.parentStyleSheet?.href ?? location.href;
      const data = await asDataUrl(new URL(address, base));
      const [family, weight] = ["font-family", "font-weight"].map((name) =>
        rule.style.getPropertyValue(name),
      );
      return `@font-face { font-family: ${family}; font-weight: ${weight}; src: url(${data}) format("woff2"); }`;
    }),
  );
  return texts.join("\n");
}

/** Latin letters and musical signs; the other alphabets stay out. */
function isNeeded(style: CSSStyleDeclaration): boolean {
  const range = style.getPropertyValue("unicode-range");
  return range === "" || /U\+0+-|U\+0-|U\+266|U\+26/i.test(range);
}

async function asDataUrl(address: URL): Promise<string> {
  const blob = await (await fetch(address)).blob();
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result));
    reader.onerror = () => reject(new Error("a font could not be read"));
    reader.readAsDataURL(blob);
  });
}
