/** Until the document of a screen is read. */
export function Opening() {
  return <main className="page quiet">Opening the piece…</main>;
}
