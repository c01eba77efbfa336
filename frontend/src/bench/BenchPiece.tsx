/** One piece on the Bench, with what can be done to it. */
import { ActionIcon, Menu } from "@mantine/core";
import { IconDots } from "@tabler/icons-react";
import { useQueryClient } from "@tanstack/react-query";
import { Link } from "wouter";
import { client, need } from "../api/client";
import type { Listed } from "../api/types";
import { MiniStone } from "../stone/MiniStone";
import { tellProblem } from "../studio/notice";
import { spokenText, useUnits } from "../studio/units";
import { useDeleted } from "./BroughtBack";
import { usePlan } from "./usePlan";

export function BenchPiece({ listed, pxPerMm }: { listed: Listed; pxPerMm: number }) {
  const units = useUnits((state) => state.units);
  const { piece, id } = listed;
  const plan = usePlan(piece, listed.head).data;
  const { relief } = piece.blank;
  return (
    <li className="bench-piece">
      <Link href={`/piece/${id}`} className="bench-stone" aria-label={`Open ${piece.name}`}>
        <MiniStone
          plan={plan}
          base={piece.blank.base.colour}
          size={2 * (listed.span ?? 0) * pxPerMm}
          name={piece.name}
          poles={"poles" in relief ? relief.poles : undefined}
        />
      </Link>
      <div className="bench-words">
        <span>
          <strong>{piece.name}</strong>
          <br />
          <span className="small quiet figures">
            {spokenText(listed.words, units, "distance")}, {piece.blank.material}
            <br />
            {piece.segments} segments<span className="bench-dots">{plan && `, ${plan.totals.dots} dots`}</span>
          </span>
        </span>
        <PieceMenu listed={listed} />
      </div>
    </li>
  );
}

function PieceMenu({ listed }: { listed: Listed }) {
  const queries = useQueryClient();
  const deleted = useDeleted();
  const { piece, id } = listed;
  const again = () => queries.invalidateQueries({ queryKey: ["pieces"] });
  const copy = async () => {
    const named = { ...piece, name: `${piece.name}, copy`.slice(0, 120) };
    await need(client.POST("/api/pieces", { body: { piece: named, label: "Copy a piece" } }));
    await again();
  };
  const remove = async () => {
    await need(client.DELETE("/api/pieces/{ident}", { params: { path: { ident: id } } }));
    deleted.set({ id, name: piece.name });
    await again();
  };
  const act = (what: () => Promise<void>) => () => void what().catch(tellProblem);
  return (
    <Menu position="bottom-end" withinPortal>
      <Menu.Target>
        <ActionIcon variant="subtle" color="gray" aria-label={`More for ${piece.name}`}>
          <IconDots size={18} />
        </ActionIcon>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Item component={Link} href={`/piece/${id}/print`}>
          Print
        </Menu.Item>
        <Menu.Item component={Link} href={`/piece/${id}/past`}>
          Past
        </Menu.Item>
        <Menu.Item onClick={act(copy)}>Duplicate</Menu.Item>
        <Menu.Item onClick={act(remove)}>Delete</Menu.Item>
      </Menu.Dropdown>
    </Menu>
  );
}
