import { useRef, useState } from "react";
import { ask, client, type Schemas } from "../../api/client";
import { newKey } from "../../api/key";
import { addPhotograph } from "../../api/photographs";
import { queryClient } from "../../api/queries";
import type { Units } from "../../units/format";
import type { Shot } from "./Darkroom";
import { shotsOf } from "./shots";

interface Taking {
  shot: Shot;
  taken: (picture: Blob) => void;
  failed: (error: unknown) => void;
}

/** Sending a proposal: its pictures are made one after the other, then it goes as it is now. */
export function useSending(homeId: string, units: Units, styles: Schemas["Style"][]) {
  const [taking, setTaking] = useState<Taking | null>(null);
  const [told, setTold] = useState<string | null>(null);
  // Pressed again after a failure it is the same act.
  const key = useRef(newKey());
  const busy = useRef(false);

  const take = (shot: Shot) =>
    new Promise<Blob>((taken, failed) => {
      setTaking({ shot, taken, failed });
    });

  async function picturesOf(proposal: Schemas["Proposal"], id: string): Promise<Record<string, string>> {
    const pictures: Record<string, string> = {};
    for (const room of proposal.now.rooms) {
      setTold(`Looking at ${room.name} …`);
      for (const shot of await shotsOf(room, styles, units, queryClient)) {
        setTold(`Drawing ${shot.label} …`);
        const picture = await take(shot);
        const file = new File([picture], "drawing.jpg", { type: picture.type });
        pictures[shot.slot] = (await addPhotograph("proposal", id, file)).id;
      }
    }
    return pictures;
  }

  /** @param kept - what is said in it is kept already, so that it has an id */
  async function send(kept: Schemas["Proposal"], endsOn: string): Promise<Schemas["Proposal"] | null> {
    if (busy.current || kept.id === null) return null;
    busy.current = true;
    try {
      const pictures = await picturesOf(kept, kept.id);
      setTold("Sending it …");
      const sent = await ask(
        client.POST("/api/homes/{id}/proposal/send", {
          params: { path: { id: homeId } },
          body: { key: key.current, ends_on: endsOn, pictures },
        }),
      );
      key.current = newKey();
      return sent;
    } finally {
      busy.current = false;
      setTaking(null);
      setTold(null);
    }
  }

  return { send, taking, told };
}
