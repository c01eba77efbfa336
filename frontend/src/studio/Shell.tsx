/** What every screen shares: the strip at the top with the places to go, units and light. */
import { ActionIcon, Tooltip, useMantineColorScheme } from "@mantine/core";
import { IconMoon, IconSun } from "@tabler/icons-react";
import type { ReactNode } from "react";
import { Link, useLocation } from "wouter";
import { SetAside } from "../keeping/SetAside";
import { Choice } from "./Choice";
import { DryNotices } from "./DryNotices";
import { useChangeSettings, useSettings } from "./settings";
import { type Units, useUnits } from "./units";

const PLACES = [
  ["/", "Bench"],
  ["/kit", "Kit"],
  ["/shelf", "Shelf"],
] as const;

const UNITS = [
  ["mm", "mm"],
  ["cm", "cm"],
  ["inch", "inch"],
] as const;

interface Props {
  children: ReactNode;
  /** What the screen adds to the strip. */
  strip?: ReactNode;
  title: string;
}

export function Shell({ children, strip, title }: Props) {
  const [here] = useLocation();
  return (
    <div className="shell">
      <title>{`${title} · Fern Ring`}</title>
      <header className="top">
        <Link href="/" className="mark" aria-label="Fern Ring, to the Bench">
          <img src="/ring.svg" alt="" width="26" height="26" />
          {!strip && "Fern Ring"}
        </Link>
        {strip ?? (
          <>
            <nav aria-label="Places">
              {PLACES.map(([href, name]) => (
                <Link key={href} href={href} aria-current={here === href ? "page" : undefined}>
                  {name}
                </Link>
              ))}
            </nav>
            <span className="grow" />
          </>
        )}
        <DryNotices />
        <SetAside />
        <StudioSettings />
      </header>
      {children}
    </div>
  );
}

function StudioSettings() {
  useSettings(); // once they are known, the units are shown by them
  const change = useChangeSettings();
  const units = useUnits((state) => state.units);
  const { colorScheme, setColorScheme } = useMantineColorScheme();
  const dark = colorScheme === "dark";
  const measure = (next: Units) => {
    useUnits.getState().set(next);
    change.mutate({ units: next });
  };
  const turn = () => {
    const scheme = dark ? "light" : "dark";
    setColorScheme(scheme);
    change.mutate({ scheme });
  };
  const words = dark ? "Light look" : "Dark look";
  return (
    <>
      <span style={{ width: 74 }}>
        <Choice name="Units" value={units} options={UNITS} onChange={measure} />
      </span>
      <Tooltip label={words}>
        <ActionIcon variant="subtle" color="gray" aria-label={words} onClick={turn}>
          {dark ? <IconSun size={18} /> : <IconMoon size={18} />}
        </ActionIcon>
      </Tooltip>
    </>
  );
}
