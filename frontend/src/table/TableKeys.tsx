/** Which keys or pedals go on and back: press the one that should. */
import { Modal } from "@mantine/core";
import { useState } from "react";
import { type Act, keyName, useTableKeys } from "./useKeys";

const WORDS: Record<Act, string> = { next: "Next", back: "Back" };

export function TableKeys() {
  const [open, setOpen] = useState(false);
  const [hearing, setHearing] = useState<Act | null>(null);
  const { keys, set, reset } = useTableKeys();
  const hear = (event: React.KeyboardEvent) => {
    if (!hearing || event.key === "Escape" || event.key === "Tab") return;
    event.preventDefault();
    event.stopPropagation();
    set(hearing, event.key);
    setHearing(null);
  };
  return (
    <>
      <button type="button" className="table-small" onClick={() => setOpen(true)}>
        Keys
      </button>
      <Modal opened={open} onClose={() => setOpen(false)} title="Keys and pedals" size="lg">
        <div onKeyDownCapture={hear}>
          {(Object.keys(WORDS) as Act[]).map((act) => (
            <p key={act} className="table-answers">
              <strong>{WORDS[act]}</strong>
              <span>{keys[act].map(keyName).join(", ") || "none"}</span>
              <button type="button" className="table-act" onClick={() => setHearing(act)}>
                {hearing === act ? "Press the key or pedal…" : "Add one"}
              </button>
            </p>
          ))}
          <p className="quiet small">A pedal sends a key: add the one it sends. They are kept on this device.</p>
          <button type="button" className="table-act" onClick={reset}>
            The usual ones
          </button>
        </div>
      </Modal>
    </>
  );
}
