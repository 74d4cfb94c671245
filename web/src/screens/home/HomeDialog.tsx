import type { Schemas } from "../../api/client";
import { FormDialog } from "../../parts/FormDialog";
import { HomeFields } from "./HomeFields";
import { useHomeForm } from "./useHomeForm";

/** Adds a home, or changes who lives there and when it is dressed. */
export function HomeDialog({ home, onClose }: { home?: Schemas["Home"]; onClose: () => void }) {
  const { said, change, objections, form } = useHomeForm(home, onClose);
  return (
    <FormDialog
      title={home ? "Home and household" : "Add a home"}
      keeps={home ? "Keep" : "Add home"}
      {...form}
      onClose={onClose}
    >
      <HomeFields said={said} change={change} objections={objections} />
    </FormDialog>
  );
}
