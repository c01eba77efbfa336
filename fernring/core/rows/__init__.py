"""From a row's rule to its dots: counts, starts, fits, nesting and the order of the hand."""
