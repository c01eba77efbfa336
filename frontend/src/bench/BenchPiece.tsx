/** One piece on the Bench, with what can be done to it. Its picture is made when it comes in sight. */
import { ActionIcon, Menu } from "@mantine/core";
import { useIntersection } from "@mantine/hooks";
import { IconDots } from "@tabler/icons-react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link } from "wouter";
import { client, need } from "../api/client";
import type { Listed } from "../api/types";
import { MiniStone } from "../stone/MiniStone";
import { tellProblem } from "../studio/notice";
import { spokenText, useUnits } from "../studio/units";
import { useDeleted } from "./BroughtBack";
import { Progress } from "./Progress";

const NEAR = "320px"; // pictures are made so far before they come in sight

export function BenchPiece({ listed, pxPerMm }: { listed: Listed; pxPerMm: number }) {
  const units = useUnits((state) => state.units);
  const { id, name } = listed;
  const { ref, entry } = useIntersection({ rootMargin: NEAR });
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    if (entry?.isIntersecting) setSeen(true);
  }, [entry]);
  const picture = usePicture(listed.head, seen);
  return (
    <li className="bench-piece" ref={ref}>
      <Link href={`/piece/${id}`} className="bench-stone" aria-label={`Open ${name}`}>
        <MiniStone
          plan={picture}
          base={listed.base}
          size={2 * (listed.span ?? 0) * pxPerMm}
          name={name}
          poles={listed.poles ?? undefined}
        />
      </Link>
      <div className="bench-words">
        <span>
          <strong>{name}</strong>
          <br />
          <span className="small quiet figures">
            {spokenText(listed.words, units, "distance")}, {listed.material}
            <br />
            {listed.segments} segments<span className="bench-dots">{picture && `, ${picture.count} dots`}</span>
          </span>
          <br />
          <Progress listed={listed} />
        </span>
        <PieceMenu listed={listed} />
      </div>
    </li>
  );
}

/** The small picture of a piece after this edit: it never changes. */
function usePicture(edit: string, wanted: boolean) {
  return useQuery({
    queryKey: ["picture", edit],
    queryFn: ({ signal }) =>
      need(client.GET("/api/pictures/{look}/{edit}", { params: { path: { edit, look: "4" } }, signal })),
    enabled: wanted,
    staleTime: Number.POSITIVE_INFINITY,
  }).data;
}

function PieceMenu({ listed }: { listed: Listed }) {
  const queries = useQueryClient();
  const deleted = useDeleted();
  const { id, name } = listed;
  const again = () => queries.invalidateQueries({ queryKey: ["pieces"] });
  const path = { params: { path: { ident: id } } };
  const copy = async () => {
    await need(client.POST("/api/pieces/{ident}/copy", path));
    await again();
  };
  const remove = async () => {
    await need(client.DELETE("/api/pieces/{ident}", path));
    deleted.set({ id, name });
    await again();
  };
  const act = (what: () => Promise<void>) => () => void what().catch(tellProblem);
  return (
    <Menu position="bottom-end" withinPortal>
      <Menu.Target>
        <ActionIcon variant="subtle" color="gray" aria-label={`More for ${name}`}>
          <IconDots size={18} />
        </ActionIcon>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Item component={Link} href={`/piece/${id}/table`}>
          At the table
        </Menu.Item>
        <Menu.Item component={Link} href={`/piece/${id}/print`}>
          Print
        </Menu.Item>
        <Menu.Item component={Link} href={`/piece/${id}/history`}>
          History
        </Menu.Item>
        <Menu.Item onClick={act(copy)}>Duplicate</Menu.Item>
        <Menu.Item onClick={act(remove)}>Delete</Menu.Item>
      </Menu.Dropdown>
    </Menu>
  );
}
