/** Short notices at the corner of the page. */
import { notifications } from "@mantine/notifications";

const closeButtonProps = { "aria-label": "Close this notice" };

export function tell(message: string): void {
  notifications.show({ message, color: "ink", closeButtonProps });
}

export function tellProblem(cause: unknown): void {
  const message = cause instanceof Error ? cause.message : "Something went wrong.";
  notifications.show({ message, color: "red", autoClose: 9000, closeButtonProps });
}
