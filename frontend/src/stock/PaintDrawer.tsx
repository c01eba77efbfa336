/** A pot opened: everything that is known of a paint. */
import { Button, Drawer } from "@mantine/core";
import { fieldsOf } from "../api/facts";
import type { Paint } from "../api/types";
import { RuleField } from "../fields/RuleField";
import { ColourField } from "../parts/ColourField";
import { Choice } from "../studio/Choice";
import { TextField } from "../studio/TextField";
import { PhotoColour } from "./PhotoColour";
import { SwabsField } from "./SwabsField";
import { brushed } from "./swatch";
import { UsedIn } from "./UsedIn";

const FACTS = fieldsOf("Paint");
const CHOICES = ["body", "finish", "cover", "binder", "medium"] as const;
const NUMBERS = ["coats", "darker", "left", "price"] as const;
/** What a choice does to dots; common practice. */
const EFFECTS: Partial<Record<Paint["medium"] | Paint["body"], string>> = {
  fluid: "Fluid paint spreads further and dries flatter.",
  heavy: "Heavy paint stands highest, and peaks unless it is thinned.",
  pouring: "Pouring medium makes it level out: rounder, flatter dots that dry slowly.",
  gel: "Gel or pearl medium keeps dots high and dries more slowly.",
  retarder: "Retarder keeps it wet longer: good for swipes, slow between layers.",
};

interface Props {
  paint: Paint | null;
  change: (label: string, part: Partial<Paint>) => void;
  remove: () => void;
  onClose: () => void;
}

export function PaintDrawer({ paint, change, remove, onClose }: Props) {
  return (
    <Drawer
      opened={paint !== null}
      onClose={onClose}
      position="right"
      size={430}
      title={paint?.name}
      classNames={{ title: "pot-title" }}
      closeButtonProps={{ "aria-label": "Close the pot" }}
      overlayProps={{ backgroundOpacity: 0.12 }}
    >
      {paint && <Opened {...{ paint, change, remove }} />}
    </Drawer>
  );
}

function Opened({ paint, change, remove }: Omit<Props, "paint" | "onClose"> & { paint: Paint }) {
  const effects = [EFFECTS[paint.body], EFFECTS[paint.medium as "gel"]].filter(Boolean);
  return (
    <div className="pot-open">
      <span className="pot-ground wide" aria-hidden="true">
        <span className="pot-stroke" style={brushed(paint)} />
      </span>
      <ColourField
        name={paint.name}
        colour={paint.colour}
        label={paint.name}
        titled
        onChange={(value) => change("Change a paint", value)}
      />
      <PhotoColour name={paint.name} onColour={(colour) => change("Take a colour from a photograph", { colour })} />
      <div className="pot-fields">
        {CHOICES.map((field) => (
          <Choice
            key={field}
            name={FACTS[field]!.name!}
            titled
            value={paint[field]}
            options={(FACTS[field]!.words ?? []) as [typeof paint.body, string][]}
            onChange={(value) => change(`Set the ${FACTS[field]!.name!.toLowerCase()}`, { [field]: value })}
          />
        ))}
        {NUMBERS.map((field) => (
          <RuleField
            key={field}
            fact={FACTS[field]!}
            value={paint[field]}
            set={(value) => change(`Set “${FACTS[field]!.name}”`, { [field]: value })}
          />
        ))}
      </div>
      {effects.length > 0 && <p className="small quiet">{effects.join(" ")}</p>}
      <section aria-label={`How ${paint.name} mixes`}>
        <h3>How it mixes</h3>
        <p className="small quiet">
          {paint.swabs.length > 0
            ? "Recipes with this paint are calibrated by its swabs with white."
            : "Recipes with this paint are estimates by its colour and cover; two swabs with white make them much better."}
        </p>
        <SwabsField paint={paint} onChange={(swabs) => change("Change the swabs", { swabs })} />
      </section>
      <UsedIn of="paints" id={paint.id} name={paint.name} />
      <TextField
        name={`Note on ${paint.name}`}
        titled
        value={paint.note}
        mayBeEmpty
        most={FACTS.note?.longest}
        onChange={(note) => change("Note on a paint", { note })}
      />
      <Button variant="subtle" color="red" onClick={remove}>
        Remove {paint.name}
      </Button>
    </div>
  );
}
