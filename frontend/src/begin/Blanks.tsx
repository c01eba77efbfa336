/** Blanks by their everyday names, each with a picture. */
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { client, need } from "../api/client";
import type { Blank, Everyday, Sketch } from "../api/types";
import { withOutline } from "../blank/begun";
import { MiniStone } from "../stone/MiniStone";
import { FileChooser, SVG_FILES } from "../studio/FileChooser";
import { tellProblem } from "../studio/notice";
import { spokenText, useUnits } from "../studio/units";

const SIZE_PX = 38;
const FROM_FILE = "from-file";

interface Props {
  blank: Blank;
  onChange: (part: Partial<Blank>) => void;
}

export function Blanks({ blank, onChange }: Props) {
  const units = useUnits((state) => state.units);
  const kinds = useQuery({ queryKey: ["blanks"], queryFn: () => need(client.GET("/api/begin/blanks")) }).data ?? [];
  const [chosen, setChosen] = useState("stone");
  const choose = ({ id, blank: { outline, relief, material, border } }: Everyday) => {
    setChosen(id);
    onChange({ outline, relief, material, border, reduced: null, centre: { kind: "middle" } });
  };
  const read = async (file: File) => {
    try {
      const outline = await need(client.POST("/api/outline/svg", { body: { text: await file.text() } }));
      onChange(withOutline(blank, outline));
      setChosen(FROM_FILE);
    } catch (cause) {
      tellProblem(cause);
    }
  };
  return (
    <fieldset className="begin-blanks">
      <legend>What do you paint on?</legend>
      {kinds.map((one) => (
        <button
          key={one.id}
          type="button"
          className="begin-blank"
          aria-pressed={one.id === chosen}
          title={spokenText(one.words, units, "distance")}
          onClick={() => choose(one)}
        >
          <MiniStone plan={one.picture as Sketch} base={one.blank.base.colour} size={SIZE_PX} name="" />
          {one.name}
        </button>
      ))}
      <FileChooser accept={SVG_FILES} onFile={read}>
        {(open) => (
          <button type="button" className="begin-blank" aria-pressed={chosen === FROM_FILE} onClick={open}>
            <span className="begin-file" aria-hidden="true">
              …
            </span>
            Outline from a file
          </button>
        )}
      </FileChooser>
    </fieldset>
  );
}
