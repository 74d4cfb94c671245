import Box from "@mui/material/Box";
import type { ReactNode } from "react";
import type { SxProps } from "@mui/material/styles";
import { FieldReadingsProvider, useFieldReadings } from "./fieldReadings";

interface Props {
  /** Is called once every field is read; what was read last is in `useLatest`, drawn or not. */
  onKeep: () => void;
  sx?: SxProps;
  children: ReactNode;
}

function Waiting({ onKeep, sx = {}, children }: Props) {
  const readings = useFieldReadings();
  return (
    <Box
      component="form"
      noValidate
      sx={sx}
      onSubmit={(event) => {
        event.preventDefault();
        void readings?.settled().then((good) => good && onKeep());
      }}
    >
      {children}
    </Box>
  );
}

/** A form that waits for lengths still being read, and stays as it is while a field says what cannot be read. */
export function SettledForm(props: Props) {
  return (
    <FieldReadingsProvider>
      <Waiting {...props} />
    </FieldReadingsProvider>
  );
}
