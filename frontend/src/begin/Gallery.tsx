/** The starting patterns, each drawn live on the very blank, with the paints and tools chosen. */
import { useQuery } from "@tanstack/react-query";
import { client, need } from "../api/client";
import type { Pattern, Piece } from "../api/types";
import { MiniStone } from "../stone/MiniStone";
import { inTurn } from "./inTurn";

const SIZE_PX = 112;

interface Props {
  patterns: Pattern[];
  bare: Piece;
  value: string;
  onChange: (id: string) => void;
}

export function Gallery({ patterns, bare, value, onChange }: Props) {
  return (
    <fieldset className="begin-gallery">
      <legend>Starting pattern</legend>
      {patterns.map((pattern) => (
        <label key={pattern.id} className="begin-pattern" title={pattern.about}>
          <input
            type="radio"
            name="pattern"
            aria-label={pattern.name}
            checked={pattern.id === value}
            onChange={() => onChange(pattern.id)}
          />
          <Picture pattern={pattern} bare={bare} />
          <span>{pattern.name}</span>
        </label>
      ))}
    </fieldset>
  );
}

function Picture({ pattern, bare }: { pattern: Pattern; bare: Piece }) {
  const { name: _, ...drawn } = bare; // its name changes no picture
  const { data, error } = useQuery({
    queryKey: ["design", drawn, pattern.id],
    queryFn: ({ signal }) =>
      inTurn(signal, () =>
        need(client.POST("/api/compose/sketch", { body: { piece: bare, pattern: pattern.id }, signal })),
      ),
    placeholderData: (before) => before,
    retry: false,
    staleTime: Number.POSITIVE_INFINITY,
  });
  if (error)
    return (
      <span className="begin-unfit small" title={error.message}>
        does not fit
      </span>
    );
  const { base, relief } = bare.blank;
  return (
    <MiniStone
      plan={data}
      base={base.colour}
      size={SIZE_PX}
      name={`${pattern.name} on this blank`}
      poles={"poles" in relief ? relief.poles : undefined}
    />
  );
}
