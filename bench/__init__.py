"""Side-by-side measurements: ours and general-purpose peers on the same input, in the same run."""
