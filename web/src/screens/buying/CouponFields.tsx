import DeleteOutlined from "@mui/icons-material/DeleteOutlined";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import type { Schemas } from "../../api/client";
import type { Objections } from "../../api/useObjections";
import { NumberField } from "../../parts/NumberField";
import { COUPON_ON } from "./words";

type Coupon = Schemas["Supplier"]["coupons"][number];

interface Props {
  coupons: Coupon[];
  objections: Objections;
  onChange: (coupons: Coupon[]) => void;
}

/** What is off at a supplier. */
export function CouponFields({ coupons, objections, onChange }: Props) {
  const setCoupon = (i: number, changes: Partial<Coupon>) =>
    onChange(coupons.map((one, at) => (at === i ? { ...one, ...changes } : one)));
  return (
    <>
      <Typography variant="h3" sx={{ mt: 2, mb: 1 }}>
        Coupons
      </Typography>
      {coupons.map((coupon, i) => (
        <Box key={i} sx={{ display: "flex", gap: 1, alignItems: "flex-start", mb: 1.5, flexWrap: "wrap" }}>
          <Box sx={{ width: 90 }}>
            <NumberField
              label="% off"
              value={coupon.percent}
              error={objections.field(`/coupons/${i}/percent`)}
              onChange={(percent) => setCoupon(i, { percent: percent ?? 0 })}
            />
          </Box>
          <TextField
            select
            label="Off"
            value={coupon.on}
            onChange={(event) => setCoupon(i, { on: event.target.value === "line" ? "line" : "purchase" })}
            sx={{ width: 160 }}
          >
            {Object.entries(COUPON_ON).map(([value, says]) => (
              <MenuItem key={value} value={value}>
                {says}
              </MenuItem>
            ))}
          </TextField>
          <Box sx={{ width: 110 }}>
            <NumberField
              label="From, price"
              value={coupon.least_cents / 100}
              error={objections.field(`/coupons/${i}/least_cents`)}
              onChange={(price) => setCoupon(i, { least_cents: Math.round((price ?? 0) * 100) })}
            />
          </Box>
          <TextField
            type="date"
            label="Until"
            value={coupon.until_on ?? ""}
            onChange={(event) => setCoupon(i, { until_on: event.target.value || null })}
            error={Boolean(objections.field(`/coupons/${i}/until_on`))}
            helperText={objections.field(`/coupons/${i}/until_on`)}
            slotProps={{ inputLabel: { shrink: true } }}
            sx={{ width: 160 }}
          />
          <IconButton
            aria-label={`Without coupon ${i + 1}`}
            onClick={() => onChange(coupons.filter((_, at) => at !== i))}
          >
            <DeleteOutlined fontSize="small" />
          </IconButton>
        </Box>
      ))}
      <Button
        size="small"
        onClick={() => onChange([...coupons, { percent: 10, on: "purchase", least_cents: 0, until_on: null }])}
      >
        Add a coupon
      </Button>
    </>
  );
}
