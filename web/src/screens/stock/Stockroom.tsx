import Add from "@mui/icons-material/Add";
import SearchOutlined from "@mui/icons-material/SearchOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Chip from "@mui/material/Chip";
import InputAdornment from "@mui/material/InputAdornment";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import useMediaQuery from "@mui/material/useMediaQuery";
import { useCallback, useDeferredValue, useState } from "react";
import type { Schemas } from "../../api/client";
import { useMe } from "../../api/queries";
import { StyleDialog } from "../../bench/StyleDialog";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { Notice } from "../../parts/Notice";
import { SideDrawer } from "../../parts/SideDrawer";
import { Strip } from "../../shell/Strip";
import { counted } from "../../units/format";
import { StockList } from "./StockList";
import { ThingPane } from "./ThingPane";
import { useStock } from "./useStock";
import { KINDS } from "./words";

type Kind = Schemas["Style"]["kind"];

/** All that is owned: found as one types, each with how many there are and how that came about. */
export function Stockroom() {
  const year = useMe().data?.today.slice(0, 4) ?? "";
  const [typed, setTyped] = useState("");
  const [kind, setKind] = useState<Kind | null>(null);
  const [chosen, setChosen] = useState(0);
  const [opened, setOpened] = useState(false);
  const [pages, setPages] = useState<number[]>([]);
  const [menu, setMenu] = useState<HTMLElement | null>(null);
  const [adding, setAdding] = useState<Kind | null>(null);
  const words = useDeferredValue(typed);
  const { first, total, at } = useStock({ words, kind }, pages);
  const wide = useMediaQuery("(min-width: 900px)");
  const seen = useCallback((numbers: number[]) => setPages(numbers), []);
  const thing = at(Math.min(chosen, Math.max(total - 1, 0)));
  const searching = words !== "" || kind !== null;

  if (first.isPending) return <Loading what="the stockroom" />;
  if (first.isError) return <Failed error={first.error} retry={() => void first.refetch()} />;
  return (
    <>
      <Strip crumbs={[{ label: `Season ${year}`, to: "/" }, { label: "Stockroom" }]}>
        <Button variant="contained" startIcon={<Add />} onClick={(event) => setMenu(event.currentTarget)}>
          Add a thing
        </Button>
        <Menu open={menu !== null} anchorEl={menu} onClose={() => setMenu(null)}>
          {(Object.keys(KINDS) as Kind[]).map((one) => (
            <MenuItem
              key={one}
              onClick={() => {
                setMenu(null);
                setAdding(one);
              }}
            >
              {KINDS[one]}
            </MenuItem>
          ))}
        </Menu>
      </Strip>
      <Box sx={{ display: "flex", flex: 1, minHeight: 0 }}>
        <Box sx={{ flex: 1, minWidth: 0, display: "flex", flexDirection: "column" }}>
          <Box sx={{ p: 2, pb: 1 }}>
            <TextField
              fullWidth
              label="Search the stockroom"
              value={typed}
              placeholder="name, kind, material, what it belongs with"
              onChange={(event) => {
                setTyped(event.target.value);
                setChosen(0);
              }}
              slotProps={{
                inputLabel: { shrink: true },
                htmlInput: { maxLength: 200 },
                input: {
                  startAdornment: (
                    <InputAdornment position="start">
                      <SearchOutlined />
                    </InputAdornment>
                  ),
                },
              }}
            />
            <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.75, mt: 1 }} role="group" aria-label="Kinds of things">
              {(Object.keys(KINDS) as Kind[]).map((one) => (
                <Chip
                  key={one}
                  label={KINDS[one]}
                  variant={kind === one ? "filled" : "outlined"}
                  aria-pressed={kind === one}
                  onClick={() => {
                    setKind(kind === one ? null : one);
                    setChosen(0);
                  }}
                />
              ))}
            </Box>
          </Box>
          {total === 0 ? (
            <Notice
              title={searching ? "Nothing is called that" : "The stockroom is empty"}
              action={
                searching ? (
                  <Button
                    variant="contained"
                    onClick={() => {
                      setTyped("");
                      setKind(null);
                    }}
                  >
                    Show all there is
                  </Button>
                ) : (
                  <Button variant="contained" onClick={() => setAdding("ornament")}>
                    Add the first ornament
                  </Button>
                )
              }
            >
              {searching
                ? "Fewer words find more; each may be a part of a name, a kind or a material."
                : "What is put in here is what the benches count with."}
            </Notice>
          ) : (
            <StockList
              total={total}
              at={at}
              chosen={chosen}
              onChoose={(index) => {
                setChosen(index);
                setOpened(true);
              }}
              onPages={seen}
            />
          )}
          <Typography role="status" variant="body2" color="textSecondary" sx={{ px: 2, py: 1 }}>
            {counted(total, "thing")}
            {searching ? " found" : ""}
          </Typography>
        </Box>
        {wide && thing && (
          <Box
            component="aside"
            aria-label="The thing itself"
            sx={{
              width: 360,
              borderLeft: 1,
              borderColor: "divider",
              bgcolor: "background.paper",
              display: "flex",
              minHeight: 0,
            }}
          >
            <ThingPane key={thing.id} thing={thing} place={chosen} />
          </Box>
        )}
        {!wide && opened && thing && (
          <SideDrawer title={thing.name} closes="Close the thing" onClose={() => setOpened(false)}>
            <ThingPane key={thing.id} thing={thing} place={chosen} titled={false} />
          </SideDrawer>
        )}
      </Box>
      {adding && (
        <StyleDialog style={undefined} kind={adding} onClaims={() => undefined} onClose={() => setAdding(null)} />
      )}
    </>
  );
}
