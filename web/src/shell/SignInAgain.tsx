import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Typography from "@mui/material/Typography";
import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { SIGNED_IN, SIGNED_OUT } from "../api/client";
import { SignInForm } from "../screens/sign-in/SignInForm";

/** When a session ends in the middle of work: sign in over the screen, so that nothing typed is lost. */
export function SignInAgain({ email }: { email: string }) {
  const [needed, setNeeded] = useState(false);
  const cache = useQueryClient();

  useEffect(() => {
    const need = () => setNeeded(true);
    window.addEventListener(SIGNED_OUT, need);
    return () => window.removeEventListener(SIGNED_OUT, need);
  }, []);

  function enter() {
    setNeeded(false);
    window.dispatchEvent(new Event(SIGNED_IN));
    void cache.invalidateQueries();
  }

  return (
    <Dialog open={needed} maxWidth="xs" fullWidth aria-labelledby="again-title">
      <DialogTitle id="again-title">Sign in again</DialogTitle>
      <DialogContent>
        <Typography variant="body2" color="textSecondary">
          Your session has ended. What you typed is still here and is kept once you are back.
        </Typography>
        {needed && <SignInForm email={email} onSignedIn={enter} />}
      </DialogContent>
    </Dialog>
  );
}
