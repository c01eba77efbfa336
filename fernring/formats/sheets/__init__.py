"""Everything that is printed for a piece: one module a kind of sheet, each a drawing in real millimetres."""
