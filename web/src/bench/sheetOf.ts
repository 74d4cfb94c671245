/** The sheet of a piece for paper, in the menu of its bench; before it is measured there is nothing on it. */
export function sheetOf(piece: { id: string }, plan: { chosen: boolean }) {
  return { label: "Sheet as PDF", href: `/api/pieces/${piece.id}/sheet.pdf`, disabled: !plan.chosen };
}
