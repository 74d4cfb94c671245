import CssBaseline from "@mui/material/CssBaseline";
import { ThemeProvider } from "@mui/material/styles";
import { QueryClientProvider } from "@tanstack/react-query";
import { useMemo, type ComponentProps } from "react";
import { RouterProvider } from "react-router/dom";
import { queryClient } from "../api/queries";
import { buildTheme } from "../theme/theme";
import { LightProvider, useLight } from "./light";

type Routed = Pick<ComponentProps<typeof RouterProvider>, "router">;

function Themed({ router }: Routed) {
  const { screen } = useLight();
  const theme = useMemo(() => buildTheme(screen), [screen]);
  return (
    <ThemeProvider theme={theme}>
      <CssBaseline />
      <RouterProvider router={router} />
    </ThemeProvider>
  );
}

export function App(routed: Routed) {
  return (
    <QueryClientProvider client={queryClient}>
      <LightProvider>
        <Themed {...routed} />
      </LightProvider>
    </QueryClientProvider>
  );
}
