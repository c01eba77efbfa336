/** While a photograph is read: what is being done now. */
import { Loader } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { client, need } from "../api/client";

const OFTEN_MS = 300;

export function ReadingNow({ reading }: { reading: string }) {
  const told = useQuery({
    queryKey: ["stage", reading],
    queryFn: ({ signal }) => need(client.GET("/api/photo/stage", { params: { query: { reading } }, signal })),
    refetchInterval: OFTEN_MS,
    gcTime: 0,
  });
  return (
    <p className="photo-reading" role="status">
      <Loader size="xs" /> {told.data?.stage || "Reading the photograph"}…
    </p>
  );
}
