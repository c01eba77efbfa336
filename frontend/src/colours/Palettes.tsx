/** Other palettes for the piece, of the paints on the shelf and mixes of two of them, each drawn on the piece itself. */
import { Button } from "@mantine/core";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { client, need, readOff } from "../api/client";
import type { Idea, Piece, Plan, Shelf } from "../api/types";
import type { Session } from "../piece/session";
import { PICTURES } from "../stock/PhotoColour";
import { useStockLedger } from "../stock/useLedger";
import { MiniStone } from "../stone/MiniStone";
import { FileChooser } from "../studio/FileChooser";

const SIZE_PX = 132;
const MOST_KEPT = 8;

interface Props {
  session: Session;
  piece: Piece;
  plan: Plan;
}

export function Palettes({ session, piece, plan }: Props) {
  const { document: shelf } = useStockLedger<Shelf>("shelf");
  const [keep, setKeep] = useState<string[]>([]);
  const [aims, setAims] = useState<string[]>([]);
  const ideas = useMutation({
    mutationFn: async (picture: File | null) => {
      const colours = picture ? await readOff<string[]>("/api/photo/palette", picture) : [];
      setAims(colours);
      const body = { piece, shelf: shelf!, keep, aims: colours };
      return { of: piece, plan, found: await need(client.POST("/api/palettes", { body })) };
    },
  });
  const shown = ideas.data?.of.blank === piece.blank ? ideas.data : null;
  const toggle = (id: string) =>
    setKeep((now) => (now.includes(id) ? now.filter((one) => one !== id) : [...now, id].slice(-MOST_KEPT)));
  return (
    <section aria-label="Palettes">
      <h2>Palettes that would suit this piece</h2>
      <p className="small quiet">
        Only of what stands on the shelf, and mixes of two. Rows side by side and the base stay apart, light rows stay
        light. Choose paints that have to be in it, or none.
      </p>
      <div className="chips palettes-kept" role="group" aria-label="Has to be in it">
        {shelf?.paints.map((paint) => (
          <button
            key={paint.id}
            type="button"
            className="chip"
            aria-pressed={keep.includes(paint.id)}
            onClick={() => toggle(paint.id)}
          >
            <span className="swatch" style={{ background: paint.colour }} /> {paint.name}
          </button>
        ))}
      </div>
      <div className="chips palettes-acts">
        <Button size="xs" disabled={!shelf} loading={ideas.isPending} onClick={() => ideas.mutate(null)}>
          Suggest palettes
        </Button>
        <FileChooser accept={PICTURES} onFile={async (file) => ideas.mutate(file)}>
          {(open) => (
            <Button size="xs" variant="light" disabled={!shelf || ideas.isPending} onClick={open}>
              From the colours of a picture…
            </Button>
          )}
        </FileChooser>
      </div>
      {ideas.error && <p className="blank-wrong">{ideas.error.message}</p>}
      {shown && aims.length > 0 && (
        <p className="small mixing-seen" role="status">
          The picture’s main colours:
          {aims.map((colour) => (
            <span key={colour} className="swatch" style={{ background: colour }} title={colour} />
          ))}
        </p>
      )}
      {shown && (
        <ul className="palettes">
          {shown.found.map((idea) => (
            <Palette
              key={idea.name}
              idea={idea}
              plan={shown.plan}
              onTake={() => session.edit(`Take a palette: ${idea.name}`, () => idea.piece)}
            />
          ))}
        </ul>
      )}
    </section>
  );
}

function Palette({ idea, plan, onTake }: { idea: Idea; plan: Plan; onTake: () => void }) {
  const drawn = {
    ...plan,
    shades: plan.shades.map((shade, k) => ({ ...shade, colour: idea.shades[k] ?? shade.colour })),
  };
  const paints = idea.paints.filter((one, k) => idea.paints.findIndex((other) => other.name === one.name) === k);
  return (
    <li className="palette">
      <MiniStone plan={drawn} base={idea.piece.blank.base.colour} size={SIZE_PX} name={`The piece in ${idea.name}`} />
      <div className="palette-words">
        <strong>{idea.name}</strong>
        <span className="small quiet">{idea.about}</span>
        <span className="small palette-paints">
          {paints.map((paint) => (
            <span key={paint.name}>
              <span className="swatch" style={{ background: paint.colour }} /> {paint.name}
              {paint.mixed && " (mixed)"}
            </span>
          ))}
        </span>
        <span className="small quiet">
          {idea.between < 100 && `Rows stand ${idea.between.toFixed(0)} apart at least, `}
          {idea.from_base.toFixed(0)} from the base.
        </span>
        <Button size="compact-sm" variant="light" onClick={onTake} aria-label={`Take ${idea.name}`}>
          Take this palette
        </Button>
      </div>
    </li>
  );
}
