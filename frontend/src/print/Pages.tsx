/** The guide with the pages it will be printed on. */
import { useEffect, useMemo } from "react";
import type { GuidePreview } from "../api/types";

const MARGIN = 10;
const FOOT = 30;

export function Pages({ guide, paper }: { guide: GuidePreview; paper: string }) {
  const picture = useMemo(() => URL.createObjectURL(new Blob([guide.svg], { type: "image/svg+xml" })), [guide.svg]);
  useEffect(() => () => URL.revokeObjectURL(picture), [picture]);
  const side = Number(/width="([\d.]+)mm"/.exec(guide.svg)?.[1] ?? 0);
  const left = Math.min(...guide.pages.map((page) => page.left), -side / 2) - MARGIN - 4;
  const top = Math.min(...guide.pages.map((page) => page.top), -side / 2) - MARGIN - 4;
  const right = Math.max(...guide.pages.map((page) => page.left + guide.window_width), side / 2) + MARGIN + 4;
  const low = Math.max(...guide.pages.map((page) => page.top + guide.window_height), side / 2) + MARGIN + FOOT + 4;
  const many = guide.pages.length > 1;
  return (
    <figure className="pages">
      <svg
        viewBox={`${left} ${top} ${right - left} ${low - top}`}
        role="img"
        aria-label={`Guide on ${guide.pages.length} pages`}
      >
        {guide.pages.map((page) => (
          <rect
            key={page.place}
            className="pages-sheet"
            x={page.left - MARGIN}
            y={page.top - MARGIN}
            width={guide.paper_width}
            height={guide.paper_height}
          />
        ))}
        <image href={picture} x={-side / 2} y={-side / 2} width={side} height={side} />
        {many &&
          guide.pages.map((page) => (
            <g key={page.place}>
              <rect
                className="pages-window"
                x={page.left}
                y={page.top}
                width={guide.window_width}
                height={guide.window_height}
              />
              <text className="pages-place" x={page.left + 5} y={page.top + 14} fontSize={10}>
                {page.place}
              </text>
            </g>
          ))}
      </svg>
      <figcaption className="quiet figures">
        {many ? `${guide.pages.length} pages of ${paper}, overlapping by 10 mm` : `One page of ${paper}`}
      </figcaption>
    </figure>
  );
}
