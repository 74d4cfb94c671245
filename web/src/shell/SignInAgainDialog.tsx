import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Typography from "@mui/material/Typography";
import { SignInForm } from "../screens/sign-in/SignInForm";

/** The door, over the screen one was at. */
export function SignInAgainDialog({ email, onSignedIn }: { email: string; onSignedIn: () => void }) {
  return (
    <Dialog open maxWidth="xs" fullWidth aria-labelledby="again-title">
      <DialogTitle id="again-title">Sign in again</DialogTitle>
      <DialogContent>
        <Typography variant="body2" color="textSecondary">
          Your session has ended. What you typed is still here and is kept once you are back.
        </Typography>
        <SignInForm email={email} onSignedIn={onSignedIn} />
      </DialogContent>
    </Dialog>
  );
}
