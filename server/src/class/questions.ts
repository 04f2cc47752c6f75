/**
 * The numbers of the questions of a sheet, which is text to the relay otherwise: what answers something else is not
 * kept. None where the text is no sheet.
 */
export function questionsIn(sheet: string): ReadonlySet<string> | null {
  try {
    const { sheets } = JSON.parse(sheet) as { sheets: { sections: { questions: { id: string }[] }[] }[] };
    const ids = sheets.flatMap(({ sections }) => sections.flatMap(({ questions }) => questions));
    return new Set(ids.map(({ id }) => id));
  } catch {
    return null;
  }
}
