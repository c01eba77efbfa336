import "@mantine/core/styles.css";
import "@mantine/notifications/styles.css";
import "@fontsource-variable/figtree/wght.css";
import "@fontsource-variable/fraunces/wght.css";
import "./studio/styles.css";
import { MantineProvider } from "@mantine/core";
import { Notifications } from "@mantine/notifications";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { createRoot } from "react-dom/client";
import { App } from "./App";
import { theme } from "./studio/theme";

const queries = new QueryClient({ defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false } } });

createRoot(document.getElementById("root")!).render(
  <MantineProvider theme={theme} defaultColorScheme="auto">
    <QueryClientProvider client={queries}>
      <Notifications position="bottom-left" />
      <App />
    </QueryClientProvider>
  </MantineProvider>,
);
