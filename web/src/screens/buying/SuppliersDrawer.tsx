import Add from "@mui/icons-material/Add";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ask, asProblem, client, type Schemas } from "../../api/client";
import { keys } from "../../api/queries";
import { MoreMenu } from "../../parts/MoreMenu";
import { SideDrawer } from "../../parts/SideDrawer";
import { useUndo } from "../../parts/undo";
import { counted } from "../../units/format";
import { SupplierDialog } from "./SupplierDialog";
import { reread } from "./useBuying";
import { supplierWords } from "./words";

type Supplier = Schemas["Supplier"];

/** Who sells: days, coupons, and what their desk answers. */
export function SuppliersDrawer({ onClose }: { onClose: () => void }) {
  const { say } = useUndo();
  const found = useQuery({ queryKey: keys.suppliers, queryFn: () => ask(client.GET("/api/suppliers")) });
  const [changing, setChanging] = useState<Supplier | "new" | null>(null);
  const [asking, setAsking] = useState<string | null>(null);
  const items = found.data?.items ?? [];

  async function askDesk({ id, name }: Supplier) {
    if (asking) return;
    setAsking(id);
    try {
      const { asked } = await ask(client.POST("/api/suppliers/{id}/questions", { params: { path: { id } }, body: {} }));
      await reread();
      say(`${name} answered for ${counted(asked, "thing")}.`);
    } catch (error) {
      say(asProblem(error).message);
    }
    setAsking(null);
  }

  async function remove({ id, name }: Supplier) {
    const params = { path: { id } };
    try {
      await ask(client.DELETE("/api/suppliers/{id}", { params }));
      await reread();
      say(`${name} was deleted.`, async () => {
        await ask(client.POST("/api/suppliers/{id}/restore", { params, body: {} }));
        await reread();
      });
    } catch (error) {
      say(asProblem(error).message);
    }
  }

  return (
    <SideDrawer title="Suppliers" closes="Close the suppliers" onClose={onClose}>
      {found.isPending && <Typography role="status">Looking it up …</Typography>}
      {found.isError && <Typography role="status">{found.error.message}</Typography>}
      {found.data && items.length === 0 && (
        <Typography color="textSecondary" gutterBottom>
          Nobody sells yet. A supplier says how many days things take and when nobody is there.
        </Typography>
      )}
      {items.map((supplier) => (
        <Box
          key={supplier.id}
          component="section"
          aria-label={supplier.name}
          sx={(theme) => ({ py: 1.25, borderBottom: `1px solid ${theme.palette.divider}` })}
        >
          <Box sx={{ display: "flex", alignItems: "center" }}>
            <Typography variant="h3" sx={{ flex: 1 }}>
              {supplier.name}
            </Typography>
            <MoreMenu
              label={`More about ${supplier.name}`}
              entries={[
                { label: "Change it", run: () => setChanging(supplier) },
                { label: "Delete it", run: () => void remove(supplier) },
              ]}
            />
          </Box>
          <Typography variant="body2" color="textSecondary">
            {supplier.not_from_here ? "Not from here." : `${supplierWords(supplier)}.`}
            {supplier.coupons.length > 0 && ` ${counted(supplier.coupons.length, "coupon")}.`}
          </Typography>
          {supplier.note && <Typography variant="body2">{supplier.note}</Typography>}
          {!supplier.not_from_here && (
            <Button size="small" sx={{ ml: -0.5 }} disabled={asking !== null} onClick={() => void askDesk(supplier)}>
              Ask for prices and stock
            </Button>
          )}
        </Box>
      ))}
      <Button variant="contained" startIcon={<Add />} sx={{ mt: 2 }} onClick={() => setChanging("new")}>
        Add a supplier
      </Button>
      {changing && (
        <SupplierDialog supplier={changing === "new" ? undefined : changing} onClose={() => setChanging(null)} />
      )}
    </SideDrawer>
  );
}
