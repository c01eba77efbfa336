/** The whole studio as a file: a copy to keep, and a copy to bring back. */
import { Button, Menu, Modal } from "@mantine/core";
import { IconChevronDown } from "@tabler/icons-react";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { download, downloadTold, readOff } from "../api/client";
import type { BroughtBack, TakenIn } from "../api/types";
import { FileChooser } from "../studio/FileChooser";
import { tell, telling, tellProblem } from "../studio/notice";
import { Devices } from "./Devices";

const today = () => new Date().toISOString().slice(0, 10);

export function StudioMenu() {
  const queries = useQueryClient();
  const [chosen, setChosen] = useState<File | null>(null);
  const [devices, setDevices] = useState(false);
  const copy = async () => {
    try {
      await download("/api/studio/copy", "", `studio ${today()}.sqlite`);
      tell("The copy holds the whole studio. Keep it somewhere else than this machine.");
    } catch (cause) {
      tellProblem(cause);
    }
  };
  const everything = async () => {
    const call = new AbortController();
    const tellDone = telling("Making the files", () => call.abort());
    try {
      await downloadTold("/api/studio/everything", "", `studio ${today()}.zip`, tellDone, call.signal);
    } catch (cause) {
      if (!call.signal.aborted) tellProblem(cause);
    }
    tellDone(1, 1);
  };
  const bringIn = async (file: File) => {
    try {
      const found = await readOff<TakenIn>("/api/studio/bring-in", file);
      await queries.invalidateQueries();
      const stock = [found.kit && "the kit", found.shelf && "the shelf"].filter(Boolean);
      tell(`${[`${found.pieces} pieces`, ...stock].join(", ")} came in.`);
    } catch (cause) {
      tellProblem(cause);
    }
  };
  return (
    <>
      <FileChooser accept=".sqlite" onFile={async (file) => setChosen(file)}>
        {(bringBack) => (
          <FileChooser accept=".zip" onFile={bringIn}>
            {(choose) => (
              <Menu position="bottom-end" withinPortal>
                <Menu.Target>
                  <Button variant="subtle" rightSection={<IconChevronDown size={16} />}>
                    Studio
                  </Button>
                </Menu.Target>
                <Menu.Dropdown>
                  <Menu.Item onClick={() => void copy()}>Save a copy of the studio</Menu.Item>
                  <Menu.Item onClick={bringBack}>Bring back a copy…</Menu.Item>
                  <Menu.Divider />
                  <Menu.Item onClick={() => void everything()}>Save everything as open files</Menu.Item>
                  <Menu.Item onClick={choose}>Bring in pieces from files…</Menu.Item>
                  <Menu.Divider />
                  <Menu.Item onClick={() => setDevices(true)}>Other devices…</Menu.Item>
                </Menu.Dropdown>
              </Menu>
            )}
          </FileChooser>
        )}
      </FileChooser>
      <Devices opened={devices} onClose={() => setDevices(false)} />
      <BringBack file={chosen} done={() => setChosen(null)} />
    </>
  );
}

function BringBack({ file, done }: { file: File | null; done: () => void }) {
  const [busy, setBusy] = useState(false);
  const [missing, setMissing] = useState(0);
  const bring = async () => {
    setBusy(true);
    try {
      const answer = await readOff<BroughtBack>("/api/studio/bring-back", file!);
      if (answer.missing === 0) location.reload(); // everything on the page is of the studio before
      setMissing(answer.missing);
    } catch (cause) {
      tellProblem(cause);
      done();
    }
    setBusy(false);
  };
  if (missing > 0)
    return (
      <Modal opened onClose={() => location.reload()} title="The copy is back">
        <p>Pictures that neither the copy nor anything beside this studio holds: {missing}. Everything else is here.</p>
        <Button onClick={() => location.reload()}>Go on</Button>
      </Modal>
    );
  return (
    <Modal opened={file !== null} onClose={done} title="Bring back a copy">
      <p>
        The studio becomes what <strong>{file?.name}</strong> holds. What it is now is kept as a file beside it, so that
        you can come back to it in the same way.
      </p>
      <div className="aside-acts">
        <Button loading={busy} onClick={() => void bring()}>
          Bring it back
        </Button>
        <Button variant="default" onClick={done}>
          Leave everything as it is
        </Button>
      </div>
    </Modal>
  );
}
