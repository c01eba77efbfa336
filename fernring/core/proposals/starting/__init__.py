"""Starting patterns: a complete first design, calculated for the blank, the segments and the kit at hand."""
