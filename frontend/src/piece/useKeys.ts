/** Undo and redo by key, anywhere on the screen but inside a field being typed in. */
import { useEffect } from "react";

interface Steps {
  undo: () => Promise<void>;
  redo: () => Promise<void>;
}

export function useUndoKeys({ undo, redo }: Steps): void {
  useEffect(() => {
    const key = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || typing(event.target)) return;
      const pressed = event.key.toLowerCase();
      const again = pressed === "y" || (pressed === "z" && event.shiftKey);
      if (!again && pressed !== "z") return;
      event.preventDefault();
      void (again ? redo() : undo());
    };
    window.addEventListener("keydown", key);
    return () => window.removeEventListener("keydown", key);
  }, [undo, redo]);
}

function typing(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLInputElement &&
    target.type !== "checkbox" &&
    target.type !== "range" &&
    target.value !== target.defaultValue
  );
}
