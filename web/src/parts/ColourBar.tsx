import Box from "@mui/material/Box";
import { useId } from "react";
import { percent } from "../units/format";

export interface ColourPart {
  name: string;
  srgb: string;
  share: number;
}

/** Angles of the weaves: colours beside each other are told apart by who does not see them. */
const WEAVES = [0, 90, 45, 135, 20, 110, 65, 155] as const;
const WEAVE = 6;
/** Under this share there is no room for a number. */
const NUMBERED = 0.09;
/** From this share on there is room for a name too. */
const NAMED = 0.2;

/** Whether what is written on a colour is written dark. */
export function darkOn(srgb: string): boolean {
  const [red = 0, green = 0, blue = 0] = (srgb.match(/[0-9a-f]{2}/gi) ?? []).map((part) => parseInt(part, 16));
  return (red * 299 + green * 587 + blue * 114) / 1000 > 140;
}

interface Props {
  parts: ColourPart[];
  height: number;
  /** How it is told to who does not see it. */
  label: string;
  numbered?: boolean;
}

/** Colours side by side, each as wide as its share, each with a weave of its own. */
export function ColourBar({ parts, height, label, numbered = false }: Props) {
  const id = useId();
  const all = parts.reduce((sum, { share }) => sum + share, 0);
  const wide = (share: number) => (all > 0 ? share / all : 0);
  const placed = parts.map((part, i) => ({
    ...part,
    left: parts.slice(0, i).reduce((sum, { share }) => sum + wide(share), 0),
    wide: wide(part.share),
  }));
  return (
    <Box role="img" aria-label={label} sx={{ position: "relative", height }}>
      <svg width="100%" height={height} aria-hidden style={{ display: "block", borderRadius: 2 }}>
        <defs>
          {placed.map(({ srgb }, i) => (
            <pattern
              key={i}
              id={`${id}${i}`}
              width={WEAVE}
              height={WEAVE}
              patternUnits="userSpaceOnUse"
              patternTransform={`rotate(${WEAVES[i % WEAVES.length] ?? 0})`}
            >
              <rect width={WEAVE} height={WEAVE} fill={srgb} />
              <line x1="0" y1="1" x2={WEAVE} y2="1" stroke={darkOn(srgb) ? "#000" : "#fff"} strokeOpacity="0.16" />
            </pattern>
          ))}
        </defs>
        {placed.map(({ left, wide }, i) => (
          <rect
            key={i}
            x={`${left * 100}%`}
            width={`${wide * 100}%`}
            height={height}
            fill={`url(#${CSS.escape(id)}${i})`}
          />
        ))}
      </svg>
      {numbered &&
        placed.map(({ name, srgb, left, wide }) =>
          wide < NUMBERED ? null : (
            <Box
              key={name}
              component="span"
              aria-hidden
              sx={{
                position: "absolute",
                left: `${left * 100}%`,
                width: `${wide * 100}%`,
                top: "50%",
                transform: "translateY(-50%)",
                textAlign: "center",
                overflow: "hidden",
                textOverflow: "ellipsis",
                fontSize: 12,
                fontWeight: 600,
                whiteSpace: "nowrap",
                color: darkOn(srgb) ? "#1d2421" : "#fff",
              }}
            >
              {wide >= NAMED && (
                <Box component="span" sx={{ display: { xs: "none", md: "inline" } }}>
                  {name}{" "}
                </Box>
              )}
              {percent(wide)}
            </Box>
          ),
        )}
    </Box>
  );
}
