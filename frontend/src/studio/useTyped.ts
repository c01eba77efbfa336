/** Text that is taken on Enter or on leaving the field, and left alone while it is wrong. */
import { useEffect, useLayoutEffect, useRef, useState } from "react";

/** What is shown, why it was refused, and what an input needs. `take` answers why a text cannot be taken, or null. */
export function useTyped(shown: string, take: (typed: string) => string | null) {
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const field = useRef<HTMLInputElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new value in the field being entered stays ready to be typed over
  useLayoutEffect(() => {
    if (typed === null && document.activeElement === field.current) field.current?.select();
  }, [shown]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new value clears what was refused, not what is being typed
  useEffect(() => {
    if (wrong === null) return;
    setTyped(null);
    setWrong(null);
  }, [shown]);
  const drop = () => {
    setTyped(null);
    setWrong(null);
  };
  const finish = () => {
    if (typed === null || typed === shown) return drop();
    const message = take(typed);
    setWrong(message);
    if (message === null) setTyped(null);
  };
  const input = {
    ref: field,
    "data-mantine-stop-propagation": typed !== null, // Escape takes back what was typed, and closes nothing yet
    onBlur: finish,
    onFocus: (event: React.FocusEvent<HTMLInputElement>) => event.target.select(),
    onKeyDown: (event: React.KeyboardEvent<HTMLInputElement>) => {
      if (event.key === "Enter") finish();
      if (event.key === "Escape") drop();
    },
  };
  return { text: typed ?? shown, wrong, setTyped, input };
}
