/** Short notices at the corner of the page; the newest is always seen, the oldest makes way. */
import { notifications } from "@mantine/notifications";

const MOST = 3;
const closeButtonProps = { "aria-label": "Close this notice" };
const shown: string[] = [];

export function tell(message: string): void {
  show({ message, color: "ink" });
}

export function tellProblem(cause: unknown): void {
  const message = cause instanceof Error ? cause.message : "Something went wrong.";
  show({ message, color: "red", autoClose: 9000 });
}

function show(notice: { message: string; color: string; autoClose?: number }): void {
  const oldest = shown.length >= MOST ? shown.shift() : undefined;
  if (oldest) notifications.hide(oldest);
  shown.push(notifications.show({ ...notice, closeButtonProps }));
}
