import MoreVert from "@mui/icons-material/MoreVert";
import IconButton from "@mui/material/IconButton";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import { useAsked } from "./useAsked";

export interface MenuEntry {
  label: string;
  run?: () => void;
  href?: string;
  disabled?: boolean;
}

/** What is done seldom, behind one button; built when it is first opened. */
export function MoreMenu({ label, entries }: { label: string; entries: MenuEntry[] }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const asked = useAsked(Boolean(anchor));
  return (
    <>
      <IconButton
        size="small"
        aria-label={label}
        aria-haspopup="menu"
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        <MoreVert fontSize="small" />
      </IconButton>
      {asked && (
        <Menu anchorEl={anchor} open={Boolean(anchor)} onClose={() => setAnchor(null)}>
          {entries.map((entry) => (
            <MenuItem
              key={entry.label}
              disabled={entry.disabled ?? false}
              {...(entry.href ? { component: "a", href: entry.href } : {})}
              onClick={() => {
                setAnchor(null);
                entry.run?.();
              }}
            >
              {entry.label}
            </MenuItem>
          ))}
        </Menu>
      )}
    </>
  );
}
