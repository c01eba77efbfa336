/** Every sheet that suits the blank; one is looked at. */
import type { SheetKind } from "../api/types";

interface Props {
  sheets: SheetKind[];
  value: string;
  onChange: (id: string) => void;
}

export function SheetList({ sheets, value, onChange }: Props) {
  return (
    <section aria-label="Sheets">
      <h1>Sheets</h1>
      <ul className="print-sheets">
        {sheets.map((sheet) => (
          <li key={sheet.id}>
            <button
              type="button"
              className="print-sheet"
              aria-pressed={sheet.id === value}
              onClick={() => onChange(sheet.id)}
            >
              {sheet.title}
              {sheet.cutter && <span className="quiet small"> · cutter</span>}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
