import Link from "@mui/material/Link";

/** Past what is between to what the screen is about: shown only to the keyboard, when it comes to it. */
export function SkipLink({ says }: { says: string }) {
  return (
    <Link
      href="#work"
      onClick={(event) => {
        event.preventDefault();
        (document.getElementById("step-dials") ?? document.getElementById("work"))?.focus();
      }}
      sx={(theme) => ({
        position: "fixed",
        zIndex: theme.zIndex.tooltip,
        top: 8,
        left: 8,
        px: 2,
        py: 1,
        bgcolor: "background.paper",
        "&:not(:focus)": { clipPath: "inset(50%)", height: 1, width: 1, overflow: "hidden", p: 0 },
      })}
    >
      {says}
    </Link>
  );
}
