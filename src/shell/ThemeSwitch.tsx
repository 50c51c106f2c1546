import { useEffect } from "react";
import { Monitor, Moon, Sun } from "lucide-react";
import { useSettings } from "@/session";
import { THEMES, type Theme } from "@/state";

const ICONS = { system: Monitor, light: Sun, dark: Moon } as const;
const NAMES: Readonly<Record<Theme, string>> = {
  system: "as the system",
  light: "light",
  dark: "dark",
};

/** Steps through the system's own theme, light and dark. */
export function ThemeSwitch() {
  const { settings, set } = useSettings();
  const { theme } = settings;
  const Icon = ICONS[theme];

  useEffect(() => {
    document.documentElement.dataset.theme = theme;
  }, [theme]);

  return (
    <button
      type="button"
      className="button px-3 max-sm:hidden"
      aria-label={`Theme: ${NAMES[theme]}. Change`}
      onClick={() =>
        set({ theme: THEMES[(THEMES.indexOf(theme) + 1) % THEMES.length] ?? "system" })
      }
    >
      <Icon size={20} aria-hidden="true" />
    </button>
  );
}
