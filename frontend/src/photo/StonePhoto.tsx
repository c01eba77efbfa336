/** A stone's outline from a photograph: taken, read, corrected, made the outline of the blank. */
import { Button, Modal } from "@mantine/core";
import { useState } from "react";
import type { Outline } from "../api/types";
import { PICTURES } from "../stock/PhotoColour";
import { FileChooser } from "../studio/FileChooser";
import { tellProblem } from "../studio/notice";
import { stonePicture } from "./benchCamera";
import { StoneDesk } from "./StoneDesk";
import "./photo.css";

interface Props {
  onOutline: (outline: Outline, dome: number | null) => void;
}

export function StonePhoto({ onOutline }: Props) {
  const [opened, setOpened] = useState(false);
  const [file, setFile] = useState<File | null>(null);
  const close = () => {
    setOpened(false);
    setFile(null);
  };
  return (
    <>
      <Button size="xs" variant="light" className="infield" onClick={() => setOpened(true)}>
        From a photograph…
      </Button>
      <Modal
        opened={opened}
        onClose={close}
        title="The outline of a stone, from a photograph"
        size={1180}
        yOffset="3vh"
        closeButtonProps={{ "aria-label": "Close the photograph" }}
      >
        {file ? (
          <StoneDesk
            file={file}
            onAnother={() => setFile(null)}
            onOutline={(...found) => {
              onOutline(...found);
              close();
            }}
          />
        ) : (
          <Beginning onFile={setFile} />
        )}
      </Modal>
    </>
  );
}

function Beginning({ onFile }: { onFile: (file: File) => void }) {
  const [taking, setTaking] = useState(false);
  const take = async () => {
    setTaking(true);
    try {
      onFile(await stonePicture());
    } catch (cause) {
      tellProblem(cause);
    } finally {
      setTaking(false);
    }
  };
  return (
    <div className="photo-begin">
      <ol>
        <li>Print the scale card (Print, Scale card), glue it to something stiff, and lay it flat beside the stone.</li>
        <li>Measure how high the widest line of the stone stands above the table.</li>
        <li>Photograph both from straight above, about half a metre away, with nothing over an edge of the picture.</li>
      </ol>
      <div className="photo-acts">
        <FileChooser accept={PICTURES} onFile={async (chosen) => onFile(chosen)}>
          {(open) => <Button onClick={open}>Choose a photograph…</Button>}
        </FileChooser>
        <Button variant="light" loading={taking} onClick={() => void take()}>
          Take one with the bench camera
        </Button>
      </div>
      <p className="small quiet">
        The bench camera is simulated: it photographs made-up stones, to try this with. A photograph is read on this
        machine, and not kept.
      </p>
    </div>
  );
}
