/** Undo and redo by key, anywhere on the screen but inside a field being typed in. */
import { useHotkeys } from "@mantine/hooks";

interface Steps {
  undo: () => Promise<void>;
  redo: () => Promise<void>;
}

export function useUndoKeys({ undo, redo }: Steps): void {
  const unlessTyping = (act: () => Promise<void>) => (event: KeyboardEvent) => {
    if (typing(event.target)) return;
    event.preventDefault();
    void act();
  };
  const given = { preventDefault: false };
  useHotkeys(
    [
      ["mod+Z", unlessTyping(undo), given],
      ["mod+shift+Z", unlessTyping(redo), given],
      ["mod+Y", unlessTyping(redo), given],
    ],
    [],
  );
}

function typing(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLInputElement &&
    target.type !== "checkbox" &&
    target.type !== "range" &&
    target.value !== target.defaultValue
  );
}
