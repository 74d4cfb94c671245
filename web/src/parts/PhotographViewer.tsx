import Close from "@mui/icons-material/Close";
import NavigateBefore from "@mui/icons-material/NavigateBefore";
import NavigateNext from "@mui/icons-material/NavigateNext";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogTitle from "@mui/material/DialogTitle";
import IconButton from "@mui/material/IconButton";
import Typography from "@mui/material/Typography";
import { ask, asProblem, client } from "../api/client";
import { photograph } from "../api/photographs";
import { keys, queryClient } from "../api/queries";
import { useUndo } from "./undo";

interface Props {
  name: string;
  photographs: string[];
  seen: string;
  onSee: (id: string) => void;
  onClose: () => void;
}

/** One photograph, large: the next one, let it stand for the thing, or take it away. */
export function PhotographViewer({ name, photographs, seen, onSee, onClose }: Props) {
  const { say } = useUndo();
  const at = photographs.indexOf(seen);
  const turn = (by: number) => {
    const next = photographs[(at + by + photographs.length) % photographs.length];
    if (next) onSee(next);
  };
  const again = async () => {
    await queryClient.invalidateQueries({ queryKey: keys.styles });
    await queryClient.invalidateQueries({ queryKey: keys.sightings });
    await queryClient.invalidateQueries({ queryKey: keys.runStates });
    await queryClient.invalidateQueries({ queryKey: keys.days });
    await queryClient.invalidateQueries({ queryKey: keys.ideas });
  };

  async function lead() {
    try {
      await ask(client.POST("/api/photographs/{id}/lead", { params: { path: { id: seen } }, body: {} }));
      say("It stands for it from now on.");
    } catch (error) {
      say(asProblem(error).message);
    }
    await again();
  }

  async function takeAway() {
    try {
      await ask(client.DELETE("/api/photographs/{id}", { params: { path: { id: seen } } }));
      onClose();
      say("The photograph was taken away.", async () => {
        await ask(client.POST("/api/photographs/{id}/restore", { params: { path: { id: seen } }, body: {} }));
        await again();
      });
    } catch (error) {
      say(asProblem(error).message);
    }
    await again();
  }

  return (
    <Dialog
      open
      onClose={onClose}
      maxWidth="md"
      fullWidth
      onKeyDown={(event) => {
        if (event.key === "ArrowRight") turn(1);
        if (event.key === "ArrowLeft") turn(-1);
      }}
    >
      <Box sx={{ display: "flex", alignItems: "center", pr: 2 }}>
        <DialogTitle sx={{ flex: 1 }}>{name}</DialogTitle>
        <IconButton onClick={onClose} aria-label="Close the photograph">
          <Close />
        </IconButton>
      </Box>
      <Box sx={{ display: "flex", justifyContent: "center", bgcolor: "background.default" }}>
        <Box
          component="img"
          key={seen}
          src={photograph(seen, "large")}
          alt={`Photograph ${at + 1} of ${name}`}
          sx={{ maxWidth: "100%", maxHeight: "62vh", minHeight: 160, objectFit: "contain" }}
        />
      </Box>
      <Box sx={{ display: "flex", alignItems: "center", gap: 1, p: 2, flexWrap: "wrap" }}>
        {photographs.length > 1 && (
          <>
            <IconButton onClick={() => turn(-1)} aria-label="The one before">
              <NavigateBefore />
            </IconButton>
            <Typography>
              {at + 1} of {photographs.length}
            </Typography>
            <IconButton onClick={() => turn(1)} aria-label="The next one">
              <NavigateNext />
            </IconButton>
          </>
        )}
        <Box sx={{ flex: 1 }} />
        {at > 0 && <Button onClick={() => void lead()}>Show this one first</Button>}
        <Button onClick={() => void takeAway()}>Take it away</Button>
      </Box>
    </Dialog>
  );
}
