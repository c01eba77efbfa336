/** Other devices: a code and a picture to let one in, those that are in, and how to revoke them. */
import { Button, Modal } from "@mantine/core";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { client, need } from "../api/client";
import type { PairingCode } from "../api/types";
import { tellProblem } from "../studio/notice";

const DATE = new Intl.DateTimeFormat(undefined, { dateStyle: "medium", timeStyle: "short" });

export function Devices({ opened, onClose }: { opened: boolean; onClose: () => void }) {
  const queries = useQueryClient();
  const asked = useQuery({
    queryKey: ["devices"],
    queryFn: () => need(client.GET("/api/devices")),
    enabled: opened,
    refetchInterval: opened ? 2000 : false,
  });
  const [code, setCode] = useState<PairingCode | null>(null);
  const fresh = () => void need(client.POST("/api/devices/code")).then(setCode, tellProblem);
  const revoke = async (ident: number) => {
    try {
      await need(client.DELETE("/api/devices/{ident}", { params: { path: { ident } } }));
      await queries.invalidateQueries({ queryKey: ["devices"] });
    } catch (cause) {
      tellProblem(cause);
    }
  };
  const close = () => {
    setCode(null);
    onClose();
  };
  const found = asked.data;
  return (
    <Modal opened={opened} onClose={close} title="Other devices" size="lg">
      {found && !found.here && <p>Devices are paired and revoked on the studio's own machine.</p>}
      {found?.here && !found.lan && (
        <p>
          This studio answers on this machine only. To let a tablet in, end it and start it again with{" "}
          <code>./fern serve --lan</code>. At the start after that it is off again.
        </p>
      )}
      {found?.here && found.lan && (
        <>
          <p>
            <strong>What is sent to other devices is not encrypted.</strong> Use this in a network that you trust. At
            the next start it is off again.
          </p>
          {code ? <Code code={code} /> : null}
          <Button variant={code ? "default" : "filled"} onClick={fresh}>
            {code ? "Another code" : "Show a code"}
          </Button>
        </>
      )}
      {found?.here && (
        <>
          <h2 className="devices-heading">Paired</h2>
          {found.devices.length === 0 && <p className="quiet">None yet.</p>}
          <ul className="devices">
            {found.devices.map((one) => (
              <li key={one.id}>
                <span>
                  <strong>{one.name}</strong>
                  <br />
                  <span className="small quiet">since {DATE.format(new Date(one.paired_at))}</span>
                </span>
                <Button variant="default" aria-label={`Revoke ${one.name}`} onClick={() => void revoke(one.id)}>
                  Revoke
                </Button>
              </li>
            ))}
          </ul>
        </>
      )}
    </Modal>
  );
}

function Code({ code }: { code: PairingCode }) {
  return (
    <div className="devices-code">
      <svg
        viewBox={`0 0 ${code.wide} ${code.wide}`}
        role="img"
        aria-label="The address and the code as a picture to scan"
      >
        <rect width={code.wide} height={code.wide} fill="#fff" />
        <path d={code.qr} fill="#000" shapeRendering="crispEdges" />
      </svg>
      <div>
        <p>On the other device open</p>
        <p>
          <strong>{code.address}</strong>
        </p>
        <p>and type</p>
        <p className="devices-letters">{code.code}</p>
        <p className="quiet small">Valid for {Math.round(code.seconds / 60)} minutes, for one device.</p>
      </div>
    </div>
  );
}
