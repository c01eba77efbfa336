/** A divider between two instruments, moved by pointer or by arrow keys. */
interface Props {
  name: string;
  upright: boolean;
  value: number;
  onMove: (by: number) => void;
}

const KEY_PX = 24;

export function Divider({ name, upright, value, onMove }: Props) {
  const key = (event: React.KeyboardEvent) => {
    const back = upright ? "ArrowLeft" : "ArrowUp";
    const on = upright ? "ArrowRight" : "ArrowDown";
    if (event.key !== back && event.key !== on) return;
    event.preventDefault();
    onMove(event.key === back ? -KEY_PX : KEY_PX);
  };
  return (
    <div
      role="separator"
      aria-label={name}
      aria-orientation={upright ? "vertical" : "horizontal"}
      aria-valuenow={Math.round(value)}
      tabIndex={0}
      className={upright ? "divider upright" : "divider"}
      onKeyDown={key}
      onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
      onPointerMove={(event) => {
        if (event.currentTarget.hasPointerCapture(event.pointerId)) onMove(upright ? event.movementX : event.movementY);
      }}
    />
  );
}
