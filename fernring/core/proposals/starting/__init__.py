"""Starting patterns: a complete first design, reckoned for the blank, the segments and the kit at hand."""
