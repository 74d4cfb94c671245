import Avatar from "@mui/material/Avatar";
import IconButton from "@mui/material/IconButton";
import { lazy, Suspense, useState } from "react";
import { useMe } from "../api/queries";

const AccountChoices = lazy(async () => ({ default: (await import("./AccountChoices")).AccountChoices }));

function initials(name: string): string {
  const words = name.split(/\s+/).filter(Boolean);
  return ((words[0]?.[0] ?? "") + (words.length > 1 ? (words.at(-1)?.[0] ?? "") : "")).toUpperCase();
}

/** Who is signed in; what they may choose comes when it is opened. */
export function AccountMenu() {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [wanted, setWanted] = useState(false);
  const me = useMe().data;
  if (!me) return null;
  const { account } = me;

  return (
    <>
      <IconButton
        onClick={(event) => {
          setAnchor(event.currentTarget);
          setWanted(true);
        }}
        aria-label={`${initials(account.name)}, account of ${account.name}`}
        aria-haspopup="menu"
        sx={{ m: 1 }}
      >
        <Avatar
          sx={{
            width: 32,
            height: 32,
            fontSize: "0.8rem",
            fontWeight: 600,
            bgcolor: "primary.main",
            color: "primary.contrastText",
          }}
        >
          {initials(account.name)}
        </Avatar>
      </IconButton>
      {wanted && (
        <Suspense fallback={null}>
          <AccountChoices me={me} anchor={anchor} close={() => setAnchor(null)} />
        </Suspense>
      )}
    </>
  );
}
