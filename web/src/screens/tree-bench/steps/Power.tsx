import { useMe } from "../../../api/queries";
import { FigureValue } from "../../../bench/FigureValue";
import { CountDial } from "../../../parts/CountDial";
import { LengthField } from "../../../parts/LengthField";
import { NumberField } from "../../../parts/NumberField";
import { Tick } from "../../../parts/Tick";
import { percent } from "../../../units/format";
import type { StepProps } from "./StepDials";

const VERDICTS: Record<string, string> = {
  ok: "within what it bears",
  near: "near what it bears",
  over: "more than it bears",
};

/** Sockets and load against the circuit; the label of the string decides, and an electrician where it is too much. */
export function Power({ bench, plan, styles }: StepProps) {
  const { lights } = bench.draft.settings;
  const { figures } = plan;
  const studio = useMe().data?.studio;
  const wrong = (name: string) => bench.problem?.field(`/settings/lights/${name}`);
  const label = styles.find((style) => style.id === lights.style);
  const dial = (part: Partial<typeof lights>) => bench.dial("lights", part);
  const share = figures.load_share ? percent(Number(figures.load_share.value)) : "";
  return (
    <>
      <FigureValue
        label="On the circuit"
        figure={figures.amps}
        note={figures.load ? `${share} of its limit, ${VERDICTS[String(figures.load.value)] ?? ""}` : undefined}
      />
      <FigureValue label="Limit for hours on end" figure={figures.load_limit} size="small" />
      <FigureValue label="Sockets" figure={figures.sockets} after="" size="small" />
      <FigureValue label="Cord to take" figure={figures.cord} size="small" />
      {!label?.watts && (
        <NumberField
          label="Watts of a string"
          value={lights.watts}
          onChange={(watts) => dial({ watts })}
          error={wrong("watts")}
          help="From its label, or test one"
        />
      )}
      {!label?.max_run && (
        <NumberField
          label="Joined end to end, at most"
          value={lights.max_run}
          onChange={(max_run) => dial({ max_run })}
          error={wrong("max_run")}
          help="From its label"
        />
      )}
      <NumberField
        label="Circuit, A"
        value={lights.circuit_amps}
        onChange={(circuit_amps) => dial({ circuit_amps })}
        placeholder={studio && String(studio.circuit_amps)}
        error={wrong("circuit_amps")}
      />
      <NumberField
        label="Mains, V"
        value={lights.volts}
        onChange={(volts) => dial({ volts })}
        placeholder={studio && String(studio.mains_volts)}
        error={wrong("volts")}
      />
      <CountDial
        label="Else on it, W"
        value={Math.round(lights.other_watts)}
        step={50}
        onChange={(other_watts) => dial({ other_watts })}
      />
      <LengthField
        label="Way to the socket"
        value={lights.socket_way_m}
        onChange={(socket_way_m) => dial({ socket_way_m })}
        help="Round the room, along the wall"
        placeholder={2.4}
      />
      <Tick label="Bulbs with a filament" checked={lights.filament} onChange={(filament) => dial({ filament })} />
    </>
  );
}
