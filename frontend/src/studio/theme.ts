/** Ink-green and paper. The mat round a stone stays neutral in both schemes. */
import { createTheme, type MantineColorsTuple } from "@mantine/core";

const ink: MantineColorsTuple = [
  "#eef4f1",
  "#dbe7e1",
  "#b5cec3",
  "#8cb4a3",
  "#6a9d88",
  "#528d76",
  "#3b745f",
  "#2b5c4b",
  "#1f463a",
  "#142f27",
];

export const theme = createTheme({
  primaryColor: "ink",
  primaryShade: { light: 7, dark: 6 },
  colors: { ink },
  fontFamily: "'Figtree Variable', sans-serif",
  headings: { fontFamily: "'Fraunces Variable', serif", fontWeight: "560" },
  defaultRadius: "sm",
  cursorType: "pointer",
  respectReducedMotion: true,
  components: {
    Tooltip: { defaultProps: { openDelay: 350, withArrow: false } },
    Button: { defaultProps: { size: "sm" } },
    TextInput: { defaultProps: { size: "xs" } },
    NumberInput: { defaultProps: { size: "xs" } },
    NativeSelect: { defaultProps: { size: "xs" } },
    ColorInput: { defaultProps: { size: "xs" } },
    Table: { defaultProps: { verticalSpacing: 4, horizontalSpacing: 8 } },
  },
});
