import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { ColourDot } from "../../parts/ColourDot";
import { useUnits } from "../../units/useUnits";
import { Asked, large } from "./Asked";
import type { Progress, Sheet } from "./progress";
import {
  hasOthers,
  likelyThere,
  offersFor,
  ornamentsRanOut,
  ribbonRanOut,
  sharesAgain,
  usedBefore,
  wellAsItIs,
  type Over,
  type RanOut,
  type Saying,
} from "./ranOut";
import { UsedDial } from "./UsedDial";
import { amountOf } from "./words";

interface Props {
  sheet: Sheet;
  progress: Progress;
  ranOut: RanOut;
  /** How many places of it are still empty. */
  left: number;
  onClose: () => void;
  onSay: (acts: Saying[]) => void;
  onWait: () => void;
}

/** There is no more of it: the rest is planned again, something else goes on with it, it waits, or it is well as it is. */
export function RanOutDialog({ sheet, progress, ranOut, left, onClose, onSay, onWait }: Props) {
  const units = useUnits();
  const { thing } = ranOut;
  const [there, setThere] = useState(() => likelyThere(progress, ranOut));
  const ribbon = sharesAgain(sheet, ranOut);
  const before = usedBefore(progress, ranOut);
  const offers = ribbon || left > 0 ? offersFor(sheet, ranOut) : [];
  const goOn = (instead: Over | null) =>
    onSay(ribbon ? ribbonRanOut(ranOut, there, before, instead) : ornamentsRanOut(ranOut, instead));
  return (
    <Asked title={`${thing.label} ran out`} onClose={onClose}>
      {ribbon && (
        <UsedDial
          label="On the tree so far"
          less="Less of it is on the tree"
          more="More of it is on the tree"
          used={there}
          onUsed={setThere}
        />
      )}
      {left > 0 && (
        <Button variant="outlined" sx={large} onClick={() => goOn(null)}>
          Spread what is left over the tree: {left === 1 ? "one place" : `${left} places`} less, the others are planned
          again
        </Button>
      )}
      {ribbon && hasOthers(sheet, ranOut) && (
        <Button variant="outlined" sx={large} onClick={() => goOn(null)}>
          The other ribbons of the tree fill in between
        </Button>
      )}
      {offers.length > 0 && (
        <Typography sx={{ fontWeight: 700, mt: 0.5 }}>Make do with what lies on the table</Typography>
      )}
      {offers.map((one) => (
        <Button key={one.style} variant="outlined" sx={{ ...large, gap: 1 }} onClick={() => goOn(one)}>
          <ColourDot colour={one.colour} square={one.unit === "m"} />
          <span>
            {one.label}, {amountOf(one.count, one, units)} over
            {!ribbon && one.count < left && `: it fills ${one.count} of ${left} places`}
          </span>
        </Button>
      ))}
      {left === 0 && (
        <Button variant="outlined" sx={large} onClick={() => onSay(wellAsItIs(ranOut))}>
          It is well with what is up
        </Button>
      )}
      <Button variant="outlined" sx={large} onClick={onWait}>
        It waits for more of it
      </Button>
    </Asked>
  );
}
