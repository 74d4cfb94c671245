import Avatar from "@mui/material/Avatar";
import Box from "@mui/material/Box";
import Divider from "@mui/material/Divider";
import IconButton from "@mui/material/IconButton";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import Typography from "@mui/material/Typography";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { ask, client } from "../api/client";
import { keys, useMe } from "../api/queries";
import { useLight } from "../app/light";
import { useUndo } from "../parts/undo";
import { PeopleDialog } from "./PeopleDialog";
import { PasswordDialog } from "./PasswordDialog";

function initials(name: string): string {
  const words = name.split(/\s+/).filter(Boolean);
  return ((words[0]?.[0] ?? "") + (words.length > 1 ? (words.at(-1)?.[0] ?? "") : "")).toUpperCase();
}

/** Who is signed in; how the studio measures; sign out. */
export function AccountMenu() {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [opened, setOpened] = useState<"password" | "people" | null>(null);
  const me = useMe().data;
  const light = useLight();
  const cache = useQueryClient();
  const navigate = useNavigate();
  const { say } = useUndo();
  if (!me) return null;
  const { account, studio } = me;
  const other = studio.units === "metric" ? "imperial" : "metric";

  async function changeUnits() {
    setAnchor(null);
    try {
      const changed = await ask(client.PATCH("/api/studio", { body: { version: studio.version, units: other } }));
      cache.setQueryData(keys.me, changed);
      await cache.invalidateQueries();
    } catch (error) {
      say(error instanceof Error ? error.message : String(error));
      await cache.invalidateQueries({ queryKey: keys.me });
    }
  }

  async function signOut() {
    await ask(client.POST("/api/logout", { body: {} })).catch(() => undefined);
    cache.clear();
    await navigate("/sign-in");
  }

  return (
    <>
      <IconButton
        onClick={(event) => setAnchor(event.currentTarget)}
        aria-label={`${initials(account.name)}, account of ${account.name}`}
        aria-haspopup="menu"
        sx={{ m: 1 }}
      >
        <Avatar
          sx={{
            width: 32,
            height: 32,
            fontSize: "0.8rem",
            fontWeight: 600,
            bgcolor: "primary.main",
            color: "primary.contrastText",
          }}
        >
          {initials(account.name)}
        </Avatar>
      </IconButton>
      <Menu anchorEl={anchor} open={Boolean(anchor)} onClose={() => setAnchor(null)}>
        <Box sx={{ px: 2, py: 1 }} component="li" role="none">
          <Typography sx={{ fontWeight: 600 }}>{account.name}</Typography>
          <Typography variant="body2" color="textSecondary">
            {account.role} of {studio.name}
          </Typography>
        </Box>
        <Divider component="li" />
        {account.role === "owner" && (
          <MenuItem onClick={() => void changeUnits()}>
            {other === "imperial" ? "Measure in feet and inches" : "Measure in metres"}
          </MenuItem>
        )}
        <MenuItem
          onClick={() => {
            setAnchor(null);
            setOpened("people");
          }}
        >
          People
        </MenuItem>
        <MenuItem onClick={light.toggleScreen}>{light.screen === "day" ? "Evening screen" : "Day screen"}</MenuItem>
        <MenuItem
          onClick={() => {
            setAnchor(null);
            setOpened("password");
          }}
        >
          Change password
        </MenuItem>
        <MenuItem onClick={() => void signOut()}>Sign out</MenuItem>
      </Menu>
      {opened === "password" && <PasswordDialog onClose={() => setOpened(null)} />}
      {opened === "people" && <PeopleDialog owner={account.role === "owner"} onClose={() => setOpened(null)} />}
    </>
  );
}
