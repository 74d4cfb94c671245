import Add from "@mui/icons-material/Add";
import DownloadOutlined from "@mui/icons-material/DownloadOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { ask, client } from "../../api/client";
import { queryClient, useHome, useMe } from "../../api/queries";
import { DeleteDialog } from "../../parts/DeleteDialog";
import { commonScale } from "../../drawing/shared/PortraitRow";
import { Failed } from "../../parts/Failed";
import { Gently } from "../../parts/Gently";
import { InTurn } from "../../parts/InTurn";
import { Loading } from "../../parts/Loading";
import { MoreMenu } from "../../parts/MoreMenu";
import { Notice } from "../../parts/Notice";
import { deletedTold } from "../../parts/frees";
import { useUndo } from "../../parts/undo";
import { useUnits } from "../../units/useUnits";
import { Strip } from "../../shell/Strip";
import { AnchorsCard } from "./AnchorsCard";
import { HomeDialog } from "./HomeDialog";
import { Household } from "./Household";
import { PORTRAIT } from "./PieceRow";
import { Reading } from "./Reading";
import { RoomCard } from "./RoomCard";

/** A home: who lives there, its rooms, and in each the pieces to be dressed. */
export function Home() {
  const { homeId = "" } = useParams();
  const home = useHome(homeId);
  const me = useMe().data;
  const [editing, setEditing] = useState(false);
  const [asking, setAsking] = useState(false);
  const navigate = useNavigate();
  const { say } = useUndo();
  const units = useUnits();

  async function remove(name: string) {
    const path = { params: { path: { id: homeId } } };
    const { frees } = await ask(client.DELETE("/api/homes/{id}", path));
    await navigate("/");
    say(deletedTold(name, frees, units), async () => {
      await ask(client.POST("/api/homes/{id}/restore", path));
      await queryClient.invalidateQueries();
    });
  }

  if (home.isPending) return <Loading what="the home" />;
  if (home.isError) return <Failed error={home.error} retry={() => void home.refetch()} />;
  const told = home.data;
  const portraits = told.rooms.flatMap((room) => room.pieces.flatMap((piece) => piece.portrait ?? []));
  const scale = commonScale(portraits, PORTRAIT.width, PORTRAIT.height);
  return (
    <Gently what="the home">
      <Strip crumbs={[{ label: `Season ${me?.season.season ?? ""}`, to: "/" }, { label: told.name }]}>
        <Button
          startIcon={<DownloadOutlined />}
          href={`/api/homes/${told.id}/plan.json`}
          sx={{ display: { xs: "none", sm: "inline-flex" } }}
        >
          Take the plan out
        </Button>
        <Button variant="contained" startIcon={<Add />} component={Link} to={`/homes/${told.id}/rooms/new`}>
          Measure a room
        </Button>
        <MoreMenu
          label="More for this home"
          entries={[
            { label: "Proposal for the client", run: () => void navigate(`/homes/${told.id}/proposal`) },
            { label: "Before and after", run: () => void navigate(`/homes/${told.id}/book`) },
            { label: "What is kept of them", run: () => void navigate(`/homes/${told.id}/kept`) },
            { label: "Season’s end", run: () => void navigate(`/homes/${told.id}/season-end`) },
            ...(me?.account.role === "owner" ? [{ label: "Delete this home", run: () => setAsking(true) }] : []),
          ]}
        />
        {asking && (
          <DeleteDialog
            goes="Its rooms and everything in them go with it."
            name={told.name}
            onDelete={() => remove(told.name)}
            onClose={() => setAsking(false)}
          />
        )}
      </Strip>
      <Box sx={{ flex: 1, overflow: "auto", p: { xs: 1.5, sm: 3 } }}>
        <Box sx={{ maxWidth: 1160 }}>
          <InTurn>
            <Household home={told} edit={() => setEditing(true)} />
            {told.rooms.length === 0 && (
              <Notice
                title="No room measured yet"
                action={
                  <Button component={Link} to={`/homes/${told.id}/rooms/new`} variant="contained">
                    Measure the first room
                  </Button>
                }
              >
                Take a tape: width, depth, ceiling, and the places a tree could stand.
              </Notice>
            )}
            {told.reading && <Reading reading={told.reading} />}
            {told.rooms.map((room) => (
              <RoomCard key={room.id} room={room} home={told} scale={scale} />
            ))}
            <AnchorsCard home={told} year={me?.today.slice(0, 4) ?? ""} />
          </InTurn>
        </Box>
      </Box>
      {editing && <HomeDialog home={told} onClose={() => setEditing(false)} />}
    </Gently>
  );
}
