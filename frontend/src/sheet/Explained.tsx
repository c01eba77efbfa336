/** What a word on the row sheet means: a sentence and a small picture, beside the field on which pointer or focus rests. */
import { type RefObject, useEffect, useState } from "react";
import { PICTURES, TERMS } from "../api/facts";
import { capital } from "./words";

const REST_MS = 700;
const WIDE = 264;
const HIGH = 170;
const APART = 10;

interface Shown {
  name: string;
  left: number;
  top: number;
}

export function Explained({ within }: { within: RefObject<HTMLElement | null> }) {
  const [shown, setShown] = useState<Shown | null>(null);
  useEffect(() => {
    const sheet = within.current;
    if (!sheet) return;
    let timer = 0;
    let field: Element | null = null;
    const hide = () => {
      window.clearTimeout(timer);
      field?.querySelector("input, select")?.removeAttribute("aria-describedby");
      field = null;
      setShown(null);
    };
    const moved = () => setShown(null); // one that is still to come finds its place when it does
    let pressed = false;
    const press = () => {
      hide();
      pressed = true;
    };
    const rest = (event: Event) => {
      const next = fieldOf(event.target);
      const clicked = pressed && event.type === "focusin";
      pressed = false;
      if (next === field) return;
      hide();
      if (clicked) {
        field = next; // whoever clicks into a field looks at the stone next
        return;
      }
      const name = next && termOf(next);
      if (!next || !name) return;
      field = next;
      timer = window.setTimeout(() => {
        setShown({ name, ...beside(sheet, next) });
        next.querySelector("input, select")?.setAttribute("aria-describedby", ID);
      }, REST_MS);
    };
    const key = (event: KeyboardEvent) => event.key === "Escape" && hide();
    const listening = new AbortController();
    const { signal } = listening;
    for (const kind of ["pointerover", "focusin"]) sheet.addEventListener(kind, rest, { signal });
    for (const kind of ["pointerleave", "focusout", "input"]) sheet.addEventListener(kind, hide, { signal });
    sheet.addEventListener("pointerdown", press, { signal });
    sheet.addEventListener("keydown", key, { signal });
    sheet.addEventListener("scroll", moved, { signal, capture: true });
    return () => {
      hide();
      listening.abort();
    };
  }, [within]);
  const term = shown && TERMS[shown.name];
  if (!term) return null;
  return (
    <div id={ID} role="tooltip" className="explained" style={{ left: shown.left, top: shown.top, width: WIDE }}>
      {term.picture && <Picture name={term.picture} />}
      <strong>{capital(shown.name)}</strong>
      <p>{term.words}</p>
    </div>
  );
}

const ID = "explained";

function fieldOf(target: EventTarget | null): Element | null {
  return target instanceof Element ? target.closest(".mantine-InputWrapper-root, .mantine-Checkbox-root") : null;
}

/** The word over the field, as the table has it: numbers of dots and units are left aside. */
function termOf(field: Element): string | null {
  const words = field.querySelector("label")?.textContent?.trim() ?? "";
  const plain = words.replace(/^(Dot|Top dot|Layer|Walked dot) \d+\b/, "$1").replace(/ (made with|share)$/, "");
  return [words, words.replace(/ \d+\b/, ""), plain].find((name) => name in TERMS) ?? null;
}

/** Left of the sheet where there is room, else below the field. */
function beside(sheet: HTMLElement, field: Element): { left: number; top: number } {
  const box = field.getBoundingClientRect();
  const left = sheet.getBoundingClientRect().left - WIDE - APART;
  if (left > 0) return { left, top: Math.min(Math.max(box.top - APART, 0), window.innerHeight - HIGH) };
  return { left: Math.min(box.left, window.innerWidth - WIDE - APART), top: box.bottom + APART };
}

function Picture({ name }: { name: string }) {
  return (
    <svg viewBox="0 0 120 60" aria-hidden="true">
      {PICTURES[name]?.map(([kind, a = 0, b = 0, c = 0, d = 0, e = 0], k) => {
        const style = `term-${kind}`;
        if (kind === "d" || kind === "o" || kind === "c")
          return <circle key={k} className={style} cx={a} cy={b} r={c} />;
        if (kind === "s") return <path key={k} className={style} d={tail(a, b, c, d, e)} />;
        return <line key={k} className={style} x1={a} y1={b} x2={c} y2={d} />;
      })}
    </svg>
  );
}

/** A head of radius r at a, b, drawn out to a point at c, d. */
function tail(a: number, b: number, c: number, d: number, r: number): string {
  const long = Math.hypot(c - a, d - b);
  const [ux, uy] = [((c - a) / long) * r, ((d - b) / long) * r];
  return `M${a - uy} ${b + ux} A${r} ${r} 0 1 1 ${a + uy} ${b - ux} L${c} ${d} Z`;
}
