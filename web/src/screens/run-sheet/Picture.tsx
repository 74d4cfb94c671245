import { PlaceDrawing } from "./PlaceDrawing";
import { nextTurn, sameThing, type Progress, type RunStep, type Sheet } from "./progress";
import { StepPicture } from "./StepPicture";
import { TreeAtWork } from "./TreeAtWork";
import { colourIn, hungOn } from "./treeFrame";

/** The drawing of what is done now, with what hangs already. */
export function Picture({ sheet, step, progress }: { sheet: Sheet; step: RunStep; progress: Progress }) {
  const turn = nextTurn(step, progress);
  const piece = sheet.pieces.find(({ id }) => id === step.piece);
  if (!piece?.portrait || piece.tiers.length === 0) {
    const thing = turn?.check ? undefined : step.things.find(({ key }) => key === turn?.thing);
    return <StepPicture sheet={sheet} step={step} thing={thing} />;
  }
  const hung = hungOn(sheet, piece.id, progress);
  if (!turn?.place) return <TreeAtWork piece={piece} hung={hung} beside={() => 40} />;
  const more = turn.check ? [] : sameThing(step, turn).filter((one) => one !== turn && !progress.isUp(step, one));
  return (
    <PlaceDrawing
      piece={piece}
      place={turn.place}
      colour={colourIn(step, turn.thing)}
      hung={hung}
      same={more.flatMap(({ place }) => (place ? [place] : []))}
    />
  );
}
