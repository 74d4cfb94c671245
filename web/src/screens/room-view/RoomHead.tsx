import Button from "@mui/material/Button";
import { Link as RouterLink } from "react-router";
import type { Schemas } from "../../api/client";
import { MoreMenu } from "../../parts/MoreMenu";
import { Strip } from "../../shell/Strip";

interface Props {
  room: Schemas["RoomView"];
  year: string;
  /** Nobody steps back where nobody looks from. */
  stepBack: (() => void) | null;
  bare: () => void;
  begin: () => void;
}

/** The top of a room: where one is, and what is done with the room as a whole. */
export function RoomHead({ room, year, stepBack, bare, begin }: Props) {
  return (
    <Strip
      of={room.home.name}
      crumbs={[
        { label: `Season ${year}`, to: "/" },
        { label: room.home.name, to: `/homes/${room.home.id}` },
        { label: room.room.name },
      ]}
    >
      {stepBack && (
        <Button size="small" variant="contained" onClick={stepBack}>
          Step back
        </Button>
      )}
      <Button component={RouterLink} to={`/rooms/${room.room.id}`} size="small">
        Survey
      </Button>
      <MoreMenu
        label="More for this room"
        entries={[
          { label: "What stays bare", run: bare },
          { label: "A place to look from", run: begin },
          { label: "The room as PDF, A4", href: `/api/rooms/${room.room.id}/view.pdf?paper=a4` },
          { label: "The room as PDF, Letter", href: `/api/rooms/${room.room.id}/view.pdf?paper=letter` },
        ]}
      />
    </Strip>
  );
}
