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
import { Link as RouterLink, useNavigate } from "react-router";
import type { Schemas } from "../../api/client";
import { useSeasonYear } from "../../api/queries";
import { StyleDialog } from "../../bench/StyleDialog";
import { Failed } from "../../parts/Failed";
import { Loading } from "../../parts/Loading";
import { MoreMenu } from "../../parts/MoreMenu";
import { Notice } from "../../parts/Notice";
import { SideDrawer } from "../../parts/SideDrawer";
import { Strip } from "../../shell/Strip";
import { counted } from "../../units/format";
import { ImportDialog } from "./ImportDialog";
import { Keepsakes } from "./Keepsakes";
import { Narrowing } from "./Narrowing";
import { PutDialog } from "./PutDialog";
import { SeveralDialog } from "./SeveralDialog";
import { BeginWithSet, SetLeft } from "./StarterSet";
import { StockList } from "./StockList";
import { ThingPane } from "./ThingPane";
import { useStock, type Narrowed } from "./useStock";
import { KINDS } from "./words";

type Kind = Schemas["Style"]["kind"];

/** All that is owned: found as one types, each with how many there are and how that came about. */
export function Stockroom() {
  const navigate = useNavigate();
  const year = useSeasonYear();
  const [typed, setTyped] = useState("");
  const [narrowed, setNarrowed] = useState<Narrowed>({});
  const [picked, setPicked] = useState<Map<string, Schemas["StockThing"]> | null>(null);
  const [doing, setDoing] = useState<"put" | "change" | "read" | "keepsakes" | null>(null);
  const [chosen, setChosen] = useState(0);
  const [opened, setOpened] = useState(false);
  const [pages, setPages] = useState<number[]>([]);
  const [menu, setMenu] = useState<HTMLElement | null>(null);
  const [adding, setAdding] = useState<Kind | null>(null);
  const words = useDeferredValue(typed);
  const search = { words, ...narrowed };
  const { first, total, at } = useStock(search, pages);
  const kind = narrowed.kind;
  const look = (next: Narrowed) => {
    setNarrowed(next);
    setChosen(0);
  };
  const wide = useMediaQuery("(min-width: 900px)");
  const seen = useCallback((numbers: number[]) => setPages(numbers), []);
  const thing = at(Math.min(chosen, Math.max(total - 1, 0)));
  const searching = words !== "" || Object.keys(narrowed).length > 0;
  const done = () => {
    setDoing(null);
    setPicked(null);
  };
  const pick = (one: Schemas["StockThing"]) =>
    setPicked((before) => {
      const next = new Map(before);
      if (!next.delete(one.id)) next.set(one.id, one);
      return next;
    });

  if (first.isPending) return <Loading what="the stockroom" />;
  if (first.isError) return <Failed error={first.error} retry={() => void first.refetch()} />;
  return (
    <>
      <Strip crumbs={[{ label: `Season ${year}`, to: "/" }, { label: "Stockroom" }]}>
        <Button component={RouterLink} to="/looks" sx={{ display: { xs: "none", sm: "inline-flex" } }}>
          Looks
        </Button>
        <Button component={RouterLink} to="/boxes">
          Boxes
        </Button>
        <Button component={RouterLink} to="/recipes" sx={{ display: { xs: "none", sm: "inline-flex" } }}>
          Made by hand
        </Button>
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
        <MoreMenu
          label="More about the stockroom"
          entries={[
            { label: "Read a table in", run: () => setDoing("read") },
            { label: "Looks", run: () => void navigate("/looks") },
            { label: "Made by hand", run: () => void navigate("/recipes") },
            { label: "Keepsakes by year", run: () => setDoing("keepsakes") },
            { label: "All of it as CSV", href: "/api/stock/table.csv" },
            { label: "All of it as a workbook", href: "/api/stock/table.xlsx" },
          ]}
        />
      </Strip>
      <Box sx={{ display: "flex", flex: 1, minHeight: 0 }}>
        <Box sx={{ flex: 1, minWidth: 0, display: "flex", flexDirection: "column" }}>
          <Box sx={{ p: 2, pb: 1 }}>
            <TextField
              fullWidth
              label="Search the stockroom"
              value={typed}
              placeholder="name, material, box, shelf, whose keepsake"
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
                    const { kind: before, ...rest } = narrowed;
                    look(before === one ? rest : { ...rest, kind: one });
                  }}
                />
              ))}
              <Narrowing narrowed={narrowed} onChange={look} />
              <Button size="small" onClick={() => setPicked(picked ? null : new Map())} aria-pressed={picked !== null}>
                {picked ? "Pick no more" : "Pick several"}
              </Button>
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
                      look({});
                    }}
                  >
                    Show all there is
                  </Button>
                ) : (
                  <Box sx={{ display: "flex", gap: 1, justifyContent: "center", flexWrap: "wrap" }}>
                    <Button variant="contained" onClick={() => setAdding("ornament")}>
                      Add the first ornament
                    </Button>
                    <BeginWithSet />
                    <Button onClick={() => setDoing("read")}>Read a table in</Button>
                  </Box>
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
              year={Number(year)}
              picked={picked && new Set(picked.keys())}
              onPick={pick}
              onChoose={(index) => {
                setChosen(index);
                setOpened(true);
              }}
              onPages={seen}
            />
          )}
          <SetLeft />
          <Box
            sx={{ display: "flex", alignItems: "center", gap: 1, px: 2, py: 1, borderTop: 1, borderColor: "divider" }}
          >
            <Typography role="status" variant="body2" color="textSecondary" sx={{ flex: 1 }}>
              {counted(total, "thing")}
              {searching ? " found" : ""}
              {picked && `, ${picked.size} picked`}
            </Typography>
            {picked && (
              <Button size="small" variant="outlined" disabled={picked.size === 0} onClick={() => setDoing("put")}>
                Put them into a box
              </Button>
            )}
            {picked && (
              <Button size="small" variant="outlined" disabled={picked.size === 0} onClick={() => setDoing("change")}>
                Change them
              </Button>
            )}
          </Box>
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
      {doing === "keepsakes" && (
        <Keepsakes
          onClose={() => setDoing(null)}
          onOpen={(name) => {
            setDoing(null);
            setTyped(name);
            look({});
          }}
        />
      )}
      {doing === "read" && <ImportDialog onClose={() => setDoing(null)} />}
      {doing === "put" && picked && <PutDialog things={[...picked.values()]} onClose={done} />}
      {doing === "change" && picked && <SeveralDialog things={[...picked.values()]} onClose={done} />}
      {adding && (
        <StyleDialog style={undefined} kind={adding} onClaims={() => undefined} onClose={() => setAdding(null)} />
      )}
    </>
  );
}
