import Box from "@mui/material/Box";
import Divider from "@mui/material/Divider";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import Typography from "@mui/material/Typography";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { ask, client, type Schemas } from "../api/client";
import { keys } from "../api/queries";
import { useLight } from "../app/light";
import { useUndo } from "../parts/undo";
import { forgetStudio } from "../waiting/withoutNetwork";
import { PeopleDialog } from "./PeopleDialog";
import { PasswordDialog } from "./PasswordDialog";

interface AccountChoicesProps {
  me: Schemas["Me"];
  anchor: HTMLElement | null;
  close: () => void;
}

/** What somebody signed in may choose: how the studio measures, people, light, password, the way out. */
export function AccountChoices({ me, anchor, close }: AccountChoicesProps) {
  const [opened, setOpened] = useState<"password" | "people" | null>(null);
  const light = useLight();
  const cache = useQueryClient();
  const navigate = useNavigate();
  const { say } = useUndo();
  const { account, studio } = me;
  const other = studio.units === "metric" ? "imperial" : "metric";

  async function changeUnits() {
    close();
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
    await forgetStudio();
    await navigate("/sign-in");
  }

  return (
    <>
      <Menu anchorEl={anchor} open={Boolean(anchor)} onClose={close}>
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
            close();
            setOpened("people");
          }}
        >
          People
        </MenuItem>
        <MenuItem onClick={light.toggleScreen}>{light.screen === "day" ? "Evening screen" : "Day screen"}</MenuItem>
        <MenuItem
          onClick={() => {
            close();
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
