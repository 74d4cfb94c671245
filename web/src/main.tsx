import "@fontsource/alegreya/600.css";
import "@fontsource-variable/hanken-grotesk";
import { StrictMode, startTransition } from "react";
import { createRoot } from "react-dom/client";
import { App } from "./app/App";
import { openRouter } from "./app/router";

const page = document.getElementById("root");
if (!page) throw new Error("The page has no #root to draw into.");
const root = createRoot(page);

// One after another, in slices that let input through: the scripts, the way to the screen, the screen.
setTimeout(async () => {
  const router = await openRouter();
  setTimeout(() =>
    startTransition(() =>
      root.render(
        <StrictMode>
          <App router={router} />
        </StrictMode>,
      ),
    ),
  );
});

// What works without network is fetched when the screen stands.
if ("serviceWorker" in navigator && import.meta.env.PROD)
  window.addEventListener("load", () => {
    // A browser that keeps nothing works with network only.
    navigator.serviceWorker.register("/sw.js").catch(() => undefined);
  });
