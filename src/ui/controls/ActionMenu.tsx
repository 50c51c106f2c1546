import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import { ChevronDown } from "lucide-react";

/** An entry of a menu. */
export interface Action {
  readonly name: string;
  readonly onDo: () => void;
  readonly isOff?: boolean;
}

interface ActionMenuProps {
  readonly name: string;
  readonly actions: readonly Action[];
  readonly className?: string;
  /** Opens upward, for menus at the bottom of the screen. */
  readonly opensUp?: boolean;
}

/** A button that opens a menu of actions. */
export function ActionMenu({ name, actions, className, opensUp = false }: ActionMenuProps) {
  return (
    <Menu>
      <MenuButton className={`button ${className ?? "px-3"}`}>
        {name}
        <ChevronDown size={18} aria-hidden="true" />
      </MenuButton>
      <MenuItems
        anchor={{ to: opensUp ? "top" : "bottom start", gap: 6, padding: 8 }}
        className="panel z-30 min-w-52 py-1 shadow-xl focus:outline-none"
      >
        {actions.map(({ name: action, onDo, isOff }) => (
          <MenuItem key={action} disabled={isOff ?? false}>
            <button
              type="button"
              className="block min-h-12 w-full px-4 text-left font-medium data-disabled:text-muted data-focus:bg-picked"
              onClick={onDo}
            >
              {action}
            </button>
          </MenuItem>
        ))}
      </MenuItems>
    </Menu>
  );
}
