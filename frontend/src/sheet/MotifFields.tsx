/** A motif, open for editing: its name and symmetry, where it stands, how wide it is. */
import { ActionIcon, Button, Tooltip } from "@mantine/core";
import { IconTrash } from "@tabler/icons-react";
import { fieldsOf, MOST } from "../api/facts";
import type { Motif, MotifAnswer, Piece } from "../api/types";
import { KindFields, type Rule } from "../fields/KindFields";
import { RuleField } from "../fields/RuleField";
import type { Session } from "../piece/session";
import { Choice } from "../studio/Choice";
import { changeMotif, removeMotif, resizeMotif } from "./motifs";

interface Props {
  session: Session;
  piece: Piece;
  motif: Motif;
  planned: MotifAnswer;
}

type Spot = Extract<Motif["places"], { kind: "given" }>["spots"][number];

const PLACES = fieldsOf("Motif").places;
const round = (mm: number) => Math.round(mm * 100) / 100;

export function MotifFields({ session, piece, motif, planned }: Props) {
  const set = (label: string, part: Partial<Motif>) => changeMotif(session, motif.id, label, part);
  const places = motif.places;
  return (
    <fieldset className="row-editor" aria-label={`Edit the motif ${motif.name}`}>
      <div className="row-fields">
        <KindFields
          model="Motif"
          value={motif as unknown as Rule}
          without={["places"]}
          set={(change) => set("Change the motif", change(motif as unknown as Rule) as Partial<Motif>)}
        />
        <RuleField
          fact={fieldsOf("Width").across!}
          value={round(2 * planned.outer)}
          set={(across) => void resizeMotif(session, motif.id, across as number)}
        />
      </div>
      <div className="row-fields">
        <Choice
          width={PLACES?.wide}
          name={PLACES?.name ?? ""}
          titled
          value={places.kind as string}
          options={PLACES?.words ?? []}
          onChange={(kind) => set("Place the motif", { places: elsewhere(kind, planned, piece.turn) })}
        />
        {places.kind === "around" && (
          <KindFields
            model="AroundCentre"
            value={places as unknown as Rule}
            set={(change) =>
              set("Place the motif", { places: change(places as unknown as Rule) as unknown as Motif["places"] })
            }
          />
        )}
      </div>
      {places.kind === "given" && (
        <Spots spots={places.spots} set={(spots) => set("Place the motif", { places: { kind: "given", spots } })} />
      )}
      <div className="row-actions">
        <span className="grow" />
        <Tooltip label="Remove the motif with its rows">
          <ActionIcon
            variant="subtle"
            aria-label={`Remove the motif ${motif.name}`}
            onClick={() => removeMotif(session, motif.id)}
          >
            <IconTrash size={17} />
          </ActionIcon>
        </Tooltip>
      </div>
    </fieldset>
  );
}

/** Other words for where it stands now. */
function elsewhere(kind: string, { places }: MotifAnswer, turn: number): Motif["places"] {
  if (kind === "given")
    return { kind, spots: places.map(({ x, y }) => ({ x: round(x), y: round(y), turn: 0, mirrored: false })) };
  const { x, y } = places[0] ?? { x: 0, y: 0 };
  const first = (((Math.atan2(x, -y) * 180) / Math.PI - turn) % 360) + 360;
  return { kind: "around", count: places.length, walk: round(Math.hypot(x, y)), first: round(first % 360) };
}

function Spots({ spots, set }: { spots: Spot[]; set: (spots: Spot[]) => void }) {
  const last = spots.at(-1);
  return (
    <>
      {spots.map((spot, k) => (
        <fieldset key={k} className="row-fields spot" aria-label={`Place ${k + 1}`}>
          <KindFields
            model="Spot"
            value={spot as unknown as Rule}
            set={(change) =>
              set(spots.map((one, at) => (at === k ? (change(one as unknown as Rule) as unknown as Spot) : one)))
            }
          />
          <ActionIcon
            variant="subtle"
            className="infield"
            aria-label={`Remove place ${k + 1}`}
            disabled={spots.length === 1}
            onClick={() => set(spots.filter((_, at) => at !== k))}
          >
            <IconTrash size={16} />
          </ActionIcon>
        </fieldset>
      ))}
      <div className="chips">
        <Button
          size="compact-xs"
          variant="light"
          disabled={!last || spots.length >= (MOST.spots ?? 1)}
          onClick={() => last && set([...spots, { ...last, x: round(-last.x), mirrored: !last.mirrored }])}
        >
          One more place, mirrored across
        </Button>
      </div>
    </>
  );
}
