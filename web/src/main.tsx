import "@fontsource-variable/alegreya";
import "@fontsource-variable/hanken-grotesk";
import { StrictMode, startTransition } from "react";
import { createRoot } from "react-dom/client";
import { App } from "./app/App";
import { sayFirstNumber } from "./units/said";

const root = document.getElementById("root");
if (!root) throw new Error("The page has no #root to draw into.");
// Built in slices that let input through.
startTransition(() =>
  createRoot(root).render(
    <StrictMode>
      <App />
    </StrictMode>,
  ),
);

sayFirstNumber();

// What works without network is fetched when the screen stands.
if ("serviceWorker" in navigator && import.meta.env.PROD)
  window.addEventListener("load", () => {
    // A browser that keeps nothing works with network only.
    navigator.serviceWorker.register("/sw.js").catch(() => undefined);
  });
