/** Short notices at the corner of the page; the newest is always seen, the oldest makes way. */
import { notifications } from "@mantine/notifications";

const MOST = 3;
const closeButtonProps = { "aria-label": "Close this notice" };
const shown: string[] = [];

export function tell(message: string): void {
  show({ message, color: "ink", role: "status" });
}

export function tellProblem(cause: unknown): void {
  const message = cause instanceof Error ? cause.message : "Something went wrong.";
  show({ message, color: "red", autoClose: 9000, role: "alert" });
}

function show(notice: { message: string; color: string; role: "status" | "alert"; autoClose?: number }): void {
  const oldest = shown.length >= MOST ? shown.shift() : undefined;
  if (oldest) notifications.hide(oldest);
  shown.push(notifications.show({ ...notice, closeButtonProps }));
}

/**
 * A notice of something long, which closing it stops; what it answers says how far it is, and takes the notice away when
 * all is done.
 */
export function telling(what: string, stop: () => void): (done: number, of: number) => void {
  const closing = { closeButtonProps: { "aria-label": "Stop" }, onClose: stop };
  const still = { color: "ink", role: "status", autoClose: false, ...closing };
  const id = notifications.show({ message: `${what}…`, ...still });
  return (done, of) => {
    if (done >= of) notifications.hide(id);
    else notifications.update({ id, message: `${what}: ${done} of ${of}`, ...still });
  };
}
