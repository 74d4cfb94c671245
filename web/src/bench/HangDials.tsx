import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { ReactNode } from "react";
import { MeasuredField } from "../parts/MeasuredField";
import type { Schemas } from "../api/client";
import { Dials } from "./Dials";
import { StyleSelect } from "./StyleSelect";

interface Props<F extends string> {
  /** As it is dialled, else as it is taken for. */
  fixing: F;
  rated_kg: number | null;
  /** As it was chosen from stock. */
  style: string | null;
  styles: Schemas["Style"][];
  /** What may hold them here. */
  holds: { name: F; title: string }[];
  error: string | undefined;
  onChange: (hang: { fixing?: F; rated_kg?: number | null; style?: string | null }) => void;
  /** Figures beside the dials. */
  children: ReactNode;
}

/** What holds each of a row of hanging things, and what that may carry. */
export function HangDials<F extends string>(props: Props<F>) {
  const { fixing, rated_kg, style, styles, holds, error, onChange, children } = props;
  return (
    <Dials>
      <TextField
        select
        label="Each held by"
        value={fixing}
        onChange={(event) => onChange({ fixing: event.target.value as F, rated_kg: null, style: null })}
      >
        {holds.map(({ name, title }) => (
          <MenuItem key={name} value={name}>
            {title}
          </MenuItem>
        ))}
      </TextField>
      <StyleSelect
        label="From stock"
        kinds={["fixing"]}
        styles={styles}
        value={style}
        onChange={(chosen) => onChange({ style: chosen })}
        none="not chosen"
      />
      <MeasuredField
        label="Rated load on its label"
        unit="kg"
        value={rated_kg}
        error={error}
        onChange={(load) => onChange({ rated_kg: load })}
      />
      {children}
    </Dials>
  );
}
