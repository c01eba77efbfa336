/** An address that leads nowhere, or a piece that is not there. */
import { Button } from "@mantine/core";
import { Link } from "wouter";
import { Shell } from "./Shell";

export function Lost({ why = "There is nothing at this address." }: { why?: string }) {
  return (
    <Shell title="Nothing here">
      <main className="page">
        <h1>Nothing here</h1>
        <p className="quiet">{why}</p>
        <Button component={Link} href="/">
          To the Bench
        </Button>
      </main>
    </Shell>
  );
}
