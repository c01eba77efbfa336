/** How much is mixed beyond the need, kept for this browser. */
import { useLocalStorage } from "@mantine/hooks";
import { fieldsOf } from "../api/facts";

export const MARGIN = fieldsOf("Mixed").margin!;

export function useMargin() {
  return useLocalStorage({ key: "fernring.margin", defaultValue: MARGIN.default as number });
}
